import { useRef, useState } from 'react';
import type { HeldName } from '../api/types';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './TitleInput.module.css';
import { marked, marks, pieces, plain, type Mark } from './titleMarks';

interface Props {
    id: string;
    path: string;
    value: string;
    describedBy: string;
    isRequired: boolean;
    /** The words a style holds as names or asks about; none where it leaves the letters alone. */
    held: HeldName[];
    onChange: (value: string) => void;
    /** Turns a held word into a common one, or back. */
    onTurn: (held: HeldName) => void;
}

const say = words.title;

/**
 * A title as one reads it. Words selected in it can be set off as a title inside it, or keep their capitals; words whose
 * letters a style decides by whether they are names are underlined, and turned with one press.
 */
export function TitleInput({ id, path, value, describedBy, isRequired, held, onChange, onTurn }: Props) {
    const box = useRef<HTMLTextAreaElement>(null);
    const [selected, setSelected] = useState('');
    const text = plain(value);
    const set = marks(value);
    const look = () => {
        const area = box.current;
        setSelected(area ? area.value.slice(area.selectionStart, area.selectionEnd).trim() : '');
    };
    const mark = (kind: Mark['kind']) => {
        onChange(marked(text, [...set.filter((one) => one.words !== selected), { kind, words: selected }]));
        setSelected('');
        box.current?.focus();
    };
    const here = held.filter((one) => pieces(text, [one]).length > 1);
    const chips = (asked: boolean) => {
        const some = here.filter((one) => one.isAsked === asked);
        return (
            some.length > 0 && (
                <span className={asked ? styles.asked : undefined}>
                    {asked ? say.asked : say.held}{' '}
                    {some.map((one) => (
                        <button
                            key={one.word}
                            type="button"
                            className={asked ? styles.doubt : styles.name}
                            aria-pressed={one.isName}
                            aria-label={say.turn(one.word, one.isName)}
                            data-held={one.word}
                            onClick={() => onTurn(one)}
                        >
                            {one.word}
                        </button>
                    ))}
                </span>
            )
        );
    };
    return (
        <>
            <div className={styles.box}>
                {here.length > 0 && (
                    <div className={styles.under} aria-hidden="true">
                        {pieces(text, here).map((piece, i) => (
                            <span
                                key={i}
                                className={
                                    piece.held === null ? undefined : piece.held.isAsked ? styles.doubt : styles.name
                                }
                            >
                                {piece.text}
                            </span>
                        ))}
                    </div>
                )}
                <textarea
                    ref={box}
                    id={id}
                    data-path={path}
                    className={ui.box}
                    rows={1}
                    value={text}
                    aria-describedby={describedBy}
                    aria-required={isRequired || undefined}
                    onSelect={look}
                    onChange={(event) => onChange(marked(event.target.value.replace(/[\r\n]+/g, ' '), set))}
                />
            </div>
            {here.length > 0 && (
                <div className={styles.held}>
                    {chips(true)}
                    {chips(false)}
                </div>
            )}
            {(selected !== '' || set.length > 0) && (
                <div className={styles.marks}>
                    {set.map((one) => (
                        <span className={styles.chip} key={one.kind + one.words}>
                            {one.kind === 'inner' ? say.inner : say.kept}: “{one.words}”
                            <button
                                type="button"
                                aria-label={say.takeOff(one.words)}
                                onClick={() => {
                                    onChange(
                                        marked(
                                            text,
                                            set.filter((other) => other !== one),
                                        ),
                                    );
                                    box.current?.focus();
                                }}
                            >
                                ×
                            </button>
                        </span>
                    ))}
                    {selected !== '' &&
                        selected !== text &&
                        (['inner', 'kept'] as const).map((kind) => (
                            <button
                                key={kind}
                                className={ui.link}
                                type="button"
                                onMouseDown={(event) => event.preventDefault()}
                                onClick={() => mark(kind)}
                            >
                                {kind === 'inner' ? say.isInner : say.keepCapitals}
                            </button>
                        ))}
                </div>
            )}
        </>
    );
}
