import { useEffect, useRef, type ReactNode } from 'react';
import { words } from '../words/english';
import styles from './Dialog.module.css';
import ui from './ui.module.css';

interface Props {
    title: string;
    open: boolean;
    /** Closes the dialog; without it a button inside must be chosen. */
    onClose?: () => void;
    children: ReactNode;
}

/**
 * The browser's own modal dialog, instead of antd's: it holds the focus and gives it back where it was, closes on Escape, and
 * costs nothing before the first key is typed.
 */
export function Dialog({ title, open, onClose, children }: Props) {
    const dialog = useRef<HTMLDialogElement>(null);
    useEffect(() => {
        if (!open) return;
        const before = document.activeElement;
        const box = dialog.current;
        box?.showModal();
        return () => {
            box?.close();
            // The focus goes back also where the dialog is gone before it was closed.
            if (before instanceof HTMLElement && before.isConnected) before.focus();
        };
    }, [open]);

    return (
        <dialog
            ref={dialog}
            className={styles.dialog}
            aria-label={title}
            onCancel={(event) => {
                event.preventDefault();
                onClose?.();
            }}
        >
            {open && (
                <>
                    <header>
                        <h2>{title}</h2>
                        {onClose !== undefined && (
                            <button className={ui.link} type="button" onClick={onClose}>
                                {words.close}
                            </button>
                        )}
                    </header>
                    {children}
                </>
            )}
        </dialog>
    );
}
