import { Checkbox, Input } from 'antd';
import { type CSSProperties, useState } from 'react';
import type { CaptionRun, Figure, Rule } from '../api/types';
import { copied } from './words';

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
    return (
        <section className="cite" aria-label="Under the picture">
            <h3>The picture’s caption</h3>
            <div className="where figure">
                <label>
                    <span>Figure</span>
                    <Input
                        value={figure.number}
                        maxLength={12}
                        data-figure="number"
                        onChange={(event) => set({ number: event.target.value })}
                    />
                </label>
                <label>
                    <span>Your words on it</span>
                    <Input
                        value={figure.words}
                        maxLength={300}
                        placeholder="A wheel at dusk"
                        data-figure="words"
                        onChange={(event) => set({ words: event.target.value })}
                    />
                </label>
                <label>
                    <span>Rights or licence</span>
                    <Input
                        value={figure.rights}
                        maxLength={300}
                        placeholder="CC BY 4.0"
                        data-figure="rights"
                        onChange={(event) => set({ rights: event.target.value })}
                    />
                </label>
            </div>
            <Checkbox checked={figure.adapted} onChange={(event) => set({ adapted: event.target.checked })}>
                I changed the picture
            </Checkbox>
            <p className="caption" onMouseLeave={() => setTold(null)}>
                <code data-caption="">
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
                </code>
                <button className="link" type="button" onClick={() => onCopy(html, text)}>
                    Copy the caption
                </button>
            </p>
            <p className="soft" role="status">
                {rule === undefined
                    ? 'Point at a piece of it to see why it is there.'
                    : `${rule.sentence} (${rule.place})`}
            </p>
        </section>
    );
}
