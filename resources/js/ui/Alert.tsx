import ui from './ui.module.css';

/** What did not work, and what to do; nothing where all is well. */
export function Alert({ children }: { children: string }) {
    return children === '' ? null : (
        <p className={ui.notice} role="alert">
            {children}
        </p>
    );
}
