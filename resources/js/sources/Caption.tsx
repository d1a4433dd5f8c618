import { type CSSProperties, useState } from 'react';
import type { CaptionRun, Figure, Rule } from '../api/types';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './Caption.module.css';
import { copied } from './words';

const say = words.caption;

interface Props {
    runs: CaptionRun[];
    figure: Figure;
    rules: Record<string, Rule>;
    onFigure: (figure: Figure) => void;
    onCopy: (html: string, text: string) => void;
}

const LOOKS: Record<number, CSSProperties> = { 1: { fontStyle: 'italic' }, 2: { fontWeight: 600 } };

/** The line under (or above) the picture, where it is set into the paper; each of its pieces says why it is there. */
export function Caption({ runs, figure, rules, onFigure, onCopy }: Props) {
    const [told, setTold] = useState<number | null>(null);
    const set = (part: Partial<Figure>) => onFigure({ ...figure, ...part });
    const { html, text } = copied(runs);
    const rule = told === null ? undefined : rules[runs[told]?.[2] ?? ''];
    const box = (key: 'number' | 'words' | 'rights', label: string, longest: number, hint: string) => (
        <label>
            <span>{label}</span>
            <input
                className={ui.box}
                value={figure[key]}
                maxLength={longest}
                placeholder={hint}
                data-figure={key}
                onChange={(event) => set({ [key]: event.target.value })}
            />
        </label>
    );
    return (
        <section className={styles.caption} aria-label={say.label}>
            <h3>{say.heading}</h3>
            <div className={styles.figure}>
                {box('number', say.figure, 12, '')}
                {box('words', say.yours, 300, say.yoursHint)}
                {box('rights', say.rights, 300, 'CC BY 4.0')}
            </div>
            <label className={styles.check}>
                <input
                    type="checkbox"
                    checked={figure.adapted}
                    onChange={(event) => set({ adapted: event.target.checked })}
                />
                {say.changed}
            </label>
            <p className={styles.line} onMouseLeave={() => setTold(null)}>
                <span className={styles.text} data-caption="">
                    {runs.map(([piece, look], i) => (
                        <span
                            key={i}
                            tabIndex={piece.trim() === '' ? undefined : 0}
                            style={LOOKS[look]}
                            onMouseEnter={() => setTold(i)}
                            onFocus={() => setTold(i)}
                            onBlur={() => setTold(null)}
                        >
                            {piece}
                        </span>
                    ))}
                </span>
                <button className={ui.link} type="button" onClick={() => onCopy(html, text)}>
                    {say.copy}
                </button>
            </p>
            <p className={ui.soft}>{rule === undefined ? say.point : `${rule.sentence} (${rule.place})`}</p>
        </section>
    );
}
