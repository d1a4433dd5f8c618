import ui from './ui.module.css';

interface Props {
    label: string;
    options: [string, string][];
    none?: string;
    onPick: (id: string) => void;
}

/** A choice that acts at once, and is a choice again. */
export function Pick({ label, options, none, onPick }: Props) {
    return (
        <select className={ui.pick} aria-label={label} value="" onChange={(event) => onPick(event.target.value)}>
            <option value="" disabled>
                {label}
            </option>
            {options.length === 0 && <option disabled>{none}</option>}
            {options.map(([id, text]) => (
                <option key={id} value={id}>
                    {text}
                </option>
            ))}
        </select>
    );
}
