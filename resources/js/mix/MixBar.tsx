import type { KindCount } from '../api/types';
import styles from './MixBar.module.css';

/** As many kinds as are told apart; the others stand together. */
const TOLD = 3;

/** The kinds of a paper's sources as one bar, with the same in words below it. */
export function MixBar({ kinds, count }: { kinds: KindCount[]; count: number }) {
    if (count === 0) return null;
    const told = kinds.length <= TOLD + 1 ? kinds : kinds.slice(0, TOLD);
    const others = count - told.reduce((sum, one) => sum + one.count, 0);
    const parts = [...told.map((one) => one.count), ...(others > 0 ? [others] : [])];
    const said = [...told.map((one) => one.words), ...(others > 0 ? [`${others} of other kinds`] : [])];
    return (
        <span className={styles.mix} data-mix-bar="">
            <span className={styles.bar} aria-hidden="true">
                {parts.map((part, i) => (
                    <i key={i} className={styles[`sort${i}`]} style={{ flexGrow: part }} />
                ))}
            </span>
            <span>{said.join(', ')}</span>
        </span>
    );
}
