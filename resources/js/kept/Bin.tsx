import { when } from './when';
import './kept.css';

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
            <p className="soft">What was removed stays here for 60 days.</p>
            <ul className="kept" aria-label={label}>
                {removed.map((one) => (
                    <li key={one.id}>
                        <b className="shown">{one.name}</b>
                        <button
                            className="link"
                            type="button"
                            onClick={() => onBringBack(one.id)}
                            aria-label={`Bring it back: ${one.name}`}
                        >
                            Bring it back
                        </button>
                        <span className="when">
                            {one.aside} · removed {when(one.removedAt)}
                        </span>
                    </li>
                ))}
            </ul>
        </>
    );
}
