import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './PageCopy.module.css';

const say = words.pageCopy;

interface Props {
    blocks: { tag: string; text: string }[];
    /** The place to show first. */
    mark: string;
    /** Every place a value came from. */
    places: string[];
    fields: { path: string; label: string }[];
    onTake: (path: string, text: string) => void;
    /** Notes the words down as a quotation. */
    onNote: ((words: string) => void) | null;
    onClose: () => void;
}

/** The pieces of a text, those among the marked places told apart. */
function pieces(text: string, places: string[]): { text: string; place: string | null }[] {
    const found = places
        .map((place) => ({ place, at: text.indexOf(place) }))
        .filter(({ place, at }) => at >= 0 && place.length > 2)
        .sort((a, b) => a.at - b.at || b.place.length - a.place.length);
    const cut: { text: string; place: string | null }[] = [];
    let from = 0;
    for (const { place, at } of found) {
        if (at < from) continue;
        cut.push({ text: text.slice(from, at), place: null }, { text: place, place });
        from = at + place.length;
    }
    return [...cut, { text: text.slice(from), place: null }];
}

/**
 * The words of the looked-up page, with the places values came from marked; any words of it can be put into a field. Text
 * only: nothing of the page runs here.
 */
export function PageCopy({ blocks, mark, places, fields, onTake, onNote, onClose }: Props) {
    const box = useRef<HTMLElement>(null);
    const [selected, setSelected] = useState('');
    useEffect(() => box.current?.querySelector(`.${styles.now}`)?.scrollIntoView({ block: 'center' }), [mark]);
    useEffect(() => {
        const look = () => {
            const selection = document.getSelection();
            const inside =
                selection !== null && selection.rangeCount > 0 && box.current?.contains(selection.anchorNode);
            // Choosing a button below empties the selection; the words stay until others are selected.
            if (inside && selection.toString().trim() !== '')
                setSelected(selection.toString().replace(/\s+/g, ' ').trim());
        };
        document.addEventListener('selectionchange', look);
        return () => document.removeEventListener('selectionchange', look);
    }, []);

    return (
        <section className={styles.copy} aria-label={say.label} data-copy="">
            <header>
                <h3>{say.label}</h3>
                <span className={ui.soft}>{say.about}</span>
                <button className={ui.link} type="button" onClick={onClose}>
                    {words.close}
                </button>
            </header>
            <article ref={box} tabIndex={0} aria-label={say.text} data-page-copy="">
                {blocks.length === 0 && <p className={ui.soft}>{say.none}</p>}
                {blocks.map((block, i) => {
                    const text = pieces(block.text, [mark, ...places.filter((place) => place !== mark)]).map(
                        (piece, n) =>
                            piece.place === null ? (
                                piece.text
                            ) : (
                                <mark key={n} className={piece.place === mark ? styles.now : undefined}>
                                    {piece.text}
                                </mark>
                            ),
                    );
                    return /^h[1-6]$/.test(block.tag) ? <h4 key={i}>{text}</h4> : <p key={i}>{text}</p>;
                })}
            </article>
            {selected !== '' && (
                <footer>
                    <span>Put “{selected.length > 60 ? `${selected.slice(0, 60)} …` : selected}” into</span>
                    {onNote !== null && (
                        <Button
                            size="small"
                            data-note-words=""
                            onClick={() => {
                                onNote(selected);
                                setSelected('');
                            }}
                        >
                            {say.note}
                        </Button>
                    )}
                    {fields.map((field) => (
                        <Button
                            key={field.path}
                            size="small"
                            onClick={() => {
                                onTake(field.path, selected);
                                setSelected('');
                            }}
                        >
                            {field.label}
                        </Button>
                    ))}
                </footer>
            )}
        </section>
    );
}
