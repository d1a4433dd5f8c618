import { memo, useState, type ReactNode } from 'react';
import type { NoteData, NoteKind, Reference, SavedNote } from '../api/types';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { more } from '../words/more';
import styles from './Notes.module.css';
import { tagsIn } from './tags';

const say = more.notes;
const KINDS: NoteKind[] = ['quotation', 'paraphrase', 'thought'];

interface Props {
    saved: SavedNote;
    reference: Reference;
    canWrite: boolean;
    /** What is said of it besides: the source, where that is not said above. */
    aside?: ReactNode;
    onChange: (id: string, note: NoteData) => void;
    onCopy: (id: string) => void;
    onRemove: (id: string) => void;
}

/** One note, to be read and written in place. */
export const NoteCard = memo(function NoteCard(props: Props) {
    const { saved, reference, canWrite, aside, onChange, onCopy, onRemove } = props;
    const { note } = saved;
    // What stands between two commas is written before it is a tag.
    const [typed, setTyped] = useState<string | null>(null);
    const set = (part: Partial<NoteData>) => onChange(saved.id, { ...note, ...part });
    const example = reference.locators.find((one) => one.id === note.place.kind)?.example ?? '';
    return (
        <article className={styles.note} data-note={saved.id} data-kind={note.kind}>
            <div className={styles.line}>
                <select
                    className={ui.pick}
                    aria-label={say.kind}
                    value={note.kind}
                    disabled={!canWrite}
                    onChange={(event) => set({ kind: event.target.value as NoteKind })}
                    data-note-kind=""
                >
                    {KINDS.map((kind) => (
                        <option key={kind} value={kind}>
                            {say.kinds[kind]}
                        </option>
                    ))}
                </select>
                {note.source !== null && note.kind !== 'thought' && (
                    <>
                        <select
                            className={ui.pick}
                            aria-label={say.placeKind}
                            value={note.place.kind || 'page'}
                            disabled={!canWrite}
                            onChange={(event) => set({ place: { ...note.place, kind: event.target.value } })}
                        >
                            {reference.locators.map((one) => (
                                <option key={one.id} value={one.id}>
                                    {one.label}
                                </option>
                            ))}
                        </select>
                        <input
                            className={`${ui.box} ${styles.place}`}
                            aria-label={say.place}
                            value={note.place.value}
                            maxLength={80}
                            placeholder={example}
                            readOnly={!canWrite}
                            onChange={(event) =>
                                set({ place: { kind: note.place.kind || 'page', value: event.target.value } })
                            }
                            data-note-place=""
                        />
                    </>
                )}
                {aside}
            </div>
            <textarea
                className={`${ui.box} ${styles.text}`}
                aria-label={say.text}
                rows={2}
                value={note.text}
                maxLength={20_000}
                placeholder={say.textHint[note.kind]}
                readOnly={!canWrite}
                onChange={(event) => set({ text: event.target.value })}
                data-note-text=""
            />
            {saved.departure !== null && (
                <p className={ui.notice} data-departs="">
                    {say.departs(saved.departure)}
                </p>
            )}
            <div className={styles.line}>
                <input
                    className={`${ui.box} ${styles.tags}`}
                    aria-label={say.tags}
                    placeholder={say.tags}
                    value={typed ?? note.tags.join(', ')}
                    readOnly={!canWrite}
                    onChange={(event) => {
                        setTyped(event.target.value);
                        set({ tags: tagsIn(event.target.value) });
                    }}
                    onBlur={() => setTyped(null)}
                    data-note-tags=""
                />
                <span className={ui.acts}>
                    <button className={ui.link} type="button" onClick={() => onCopy(saved.id)} data-note-copy="">
                        {note.kind === 'thought' || note.source === null ? words.copyWord : say.copy}
                    </button>
                    {canWrite && (
                        <button className={ui.link} type="button" onClick={() => onRemove(saved.id)}>
                            {say.remove}
                        </button>
                    )}
                </span>
                {note.on !== '' && <span className={`${ui.soft} ${ui.small}`}>{say.noted(more.day(note.on))}</span>}
            </div>
        </article>
    );
});
