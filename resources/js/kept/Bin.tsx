import { when } from './when';
import ui from '../ui/ui.module.css';
import styles from './Kept.module.css';
import { words } from '../words/english';

const say = words.kept;

export interface Removed {
    id: string;
    name: string;
    removedAt: string;
    aside: string;
}

interface Props {
    label: string;
    removed: Removed[];
    onBringBack: (id: string) => void;
}

/** What was removed and can be brought back, for 60 days. */
export function Bin({ label, removed, onBringBack }: Props) {
    return (
        <>
            <p className={ui.soft}>{say.stays}</p>
            <ul className={styles.kept} data-kept="" aria-label={label}>
                {removed.map((one) => (
                    <li key={one.id}>
                        <b className={styles.shown}>{one.name}</b>
                        <button
                            className={ui.link}
                            type="button"
                            onClick={() => onBringBack(one.id)}
                            aria-label={say.bringBackOne(one.name)}
                        >
                            {words.paper.bringBack}
                        </button>
                        <span className={styles.when}>
                            {one.aside} · {say.removed} {when(one.removedAt)}
                        </span>
                    </li>
                ))}
            </ul>
        </>
    );
}
