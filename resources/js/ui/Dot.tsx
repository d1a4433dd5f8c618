import styles from './Dot.module.css';

export type DotKind = 'stated' | 'likely' | 'guess' | 'own' | 'checked' | 'missing';

/** How sure a value is: filled, half filled, broken; a check mark for what somebody has seen. Always with words elsewhere. */
export function Dot({ kind }: { kind: DotKind }) {
    return <span className={`${styles.dot} ${styles[kind]}`} aria-hidden="true" />;
}
