import { useEffect, useRef } from 'react';
import type { NoteKind, Reference } from '../api/types';
import { focusOn } from '../ui/focus';
import ui from '../ui/ui.module.css';
import { more } from '../words/more';
import { NoteCard } from './NoteCard';
import styles from './Notes.module.css';
import { useNoteActs } from './useNoteActs';
import { emptyNote, useNotes } from './useNotes';

const say = more.notes;

interface Props {
    paperId: string;
    revision: number;
    source: string;
    name: string;
    reference: Reference;
    canWrite: boolean;
    /** Words selected on the page copy, to be noted down once. */
    taken: string | null;
    onTaken: () => void;
}

/** The notes on one source, below its form. */
export default function SourceNotes(props: Props) {
    const { paperId, revision, source, name, reference, canWrite, taken, onTaken } = props;
    const handle = useNotes(paperId, revision);
    const { onCopy, onRemove } = useNoteActs(handle);
    const notes = handle.notes.filter((one) => one.note.source === source);
    const add = (kind: NoteKind, text = '') => {
        const id = handle.add(emptyNote(source, kind, text));
        focusOn(text === '' ? `[data-note="${id}"] [data-note-text]` : `[data-note="${id}"] [data-note-place]`);
    };
    const once = useRef<string | null>(null);
    useEffect(() => {
        if (taken === null || once.current === taken || !handle.isKnown) return;
        once.current = taken;
        add('quotation', taken);
        onTaken();
        once.current = null;
    });
    if (notes.length === 0 && !canWrite) return null;
    return (
        <section className={styles.below} aria-label={say.of(name)} data-source-notes="">
            <h3>{say.heading}</h3>
            {notes.map((one) => (
                <NoteCard
                    key={one.id}
                    saved={one}
                    reference={reference}
                    canWrite={canWrite}
                    onChange={handle.write}
                    onCopy={onCopy}
                    onRemove={onRemove}
                />
            ))}
            {canWrite && (
                <p className={ui.acts}>
                    <button className={ui.link} type="button" onClick={() => add('quotation')} data-add-note="">
                        {say.add}
                    </button>
                </p>
            )}
        </section>
    );
}
