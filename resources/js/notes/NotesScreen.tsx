import { closestCenter, DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { Button } from 'antd';
import { useEffect, useState, type ReactNode } from 'react';
import { useParams } from 'react-router-dom';
import type { SavedNote } from '../api/types';
import { paperPath } from '../keep/outboxOfThisTab';
import { download } from '../paper/downloads';
import { usePaper } from '../paper/usePaper';
import { useReference } from '../paper/useReference';
import { called } from '../sources/names';
import { focusOn } from '../ui/focus';
import { Way } from '../ui/Way';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { more } from '../words/more';
import { NoteCard } from './NoteCard';
import styles from './Notes.module.css';
import { arranged, hasWords } from './tags';
import { useNoteActs } from './useNoteActs';
import { emptyNote, useNotes } from './useNotes';

const say = more.notes;

type Order = 'source' | 'tag' | 'arranged';
const ORDERS: [Order, string][] = [
    ['source', say.bySource],
    ['tag', say.byTag],
    ['arranged', say.arranged],
];

interface Group {
    key: string;
    heading: string;
    notes: SavedNote[];
}

/** All notes of a paper: by source, by tag, or in the order they will have in the text. */
export default function NotesScreen() {
    const { paperId = '' } = useParams();
    const reference = useReference();
    const paper = usePaper(paperId);
    const { settings, sources, company } = paper;
    const handle = useNotes(paperId);
    const { tried, onCopy, onRemove } = useNoteActs(handle);
    const [order, setOrder] = useState<Order>('source');
    const [asked, setAsked] = useState('');
    const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
    const canWrite = company?.may === 'own' || company?.may === 'edit';
    useEffect(() => {
        document.title = say.tab(settings?.title ?? '');
    }, [settings?.title]);

    const nameOf = (id: string | null) => {
        const source = id === null ? undefined : sources[id];
        return source === undefined ? say.onPaper : called(source.source);
    };
    const all = handle.notes;
    const shown = all.filter(
        ({ note }) =>
            asked.trim() === '' || hasWords([note.text, ...note.tags, nameOf(note.source)].join(' '), asked.trim()),
    );
    const groups = grouped(order, shown, nameOf);
    const ids = all.map((one) => one.id);
    const move = (from: string, to: string) => tried(handle.arrange(arranged(ids, from, to)));
    const step = (id: string, by: number) => {
        const to = ids[ids.indexOf(id) + by];
        if (to === undefined) return;
        move(id, to);
        focusOn(`[data-note="${id}"] ~ [data-steps] button, [data-moving="${id}"] [data-steps] button`);
    };
    const add = () => {
        const id = handle.add(emptyNote(null, 'thought'));
        setAsked('');
        focusOn(`[data-note="${id}"] [data-note-text]`);
    };
    const card = (one: SavedNote) => (
        <NoteCard
            key={one.id}
            saved={one}
            reference={reference!}
            canWrite={canWrite}
            aside={order === 'source' ? undefined : <span className={ui.soft}>{nameOf(one.note.source)}</span>}
            onChange={handle.write}
            onCopy={onCopy}
            onRemove={onRemove}
        />
    );

    return (
        <>
            <Way paperId={paperId} title={settings?.title ?? ''} here={say.heading} />
            <main className={styles.screen}>
                {paper.problem !== null && <p className={ui.notice}>{paper.problem.message}</p>}
                <div className={styles.tools}>
                    <input
                        className={ui.box}
                        type="search"
                        aria-label={say.find}
                        placeholder={say.find}
                        value={asked}
                        onChange={(event) => setAsked(event.target.value)}
                        data-find-note=""
                    />
                    <select
                        className={`${ui.box} ${styles.order}`}
                        aria-label={say.bySource}
                        value={order}
                        onChange={(event) => setOrder(event.target.value as Order)}
                        data-note-order=""
                    >
                        {ORDERS.map(([id, label]) => (
                            <option key={id} value={id}>
                                {label}
                            </option>
                        ))}
                    </select>
                    {canWrite && (
                        <Button onClick={add} data-add-note="">
                            {say.addThought}
                        </Button>
                    )}
                    <button
                        className={ui.link}
                        type="button"
                        onClick={() => download(`/${paperPath(paperId)}/notes.md`)}
                    >
                        {say.file}
                    </button>
                    <button className={ui.link} type="button" onClick={() => window.print()}>
                        {say.print}
                    </button>
                </div>
                {handle.isKnown && all.length === 0 && <p className={ui.soft}>{say.none}</p>}
                {all.length > 0 && shown.length === 0 && <p className={ui.soft}>{say.nothing}</p>}
                {order === 'arranged' && shown.length > 1 && canWrite && (
                    <p className={`${ui.soft} ${ui.small}`}>{say.arrangeAbout}</p>
                )}
                {reference !== null &&
                    groups.map((group) => (
                        <section key={group.key} aria-label={group.heading || say.heading} data-note-group="">
                            {group.heading !== '' && <h2>{group.heading}</h2>}
                            {order === 'arranged' && canWrite ? (
                                <DndContext
                                    sensors={sensors}
                                    collisionDetection={closestCenter}
                                    onDragEnd={({ active, over }: DragEndEvent) =>
                                        over !== null &&
                                        active.id !== over.id &&
                                        move(String(active.id), String(over.id))
                                    }
                                >
                                    <SortableContext
                                        items={group.notes.map((one) => one.id)}
                                        strategy={verticalListSortingStrategy}
                                    >
                                        {group.notes.map((one) => (
                                            <Movable
                                                key={one.id}
                                                saved={one}
                                                onUp={() => step(one.id, -1)}
                                                onDown={() => step(one.id, 1)}
                                            >
                                                {card(one)}
                                            </Movable>
                                        ))}
                                    </SortableContext>
                                </DndContext>
                            ) : (
                                group.notes.map(card)
                            )}
                        </section>
                    ))}
            </main>
        </>
    );
}

function grouped(order: Order, notes: SavedNote[], nameOf: (id: string | null) => string): Group[] {
    if (order === 'arranged') return notes.length === 0 ? [] : [{ key: 'all', heading: '', notes }];
    const groups = new Map<string, Group>();
    const put = (key: string, heading: string, note: SavedNote) => {
        const group = groups.get(key) ?? { key, heading, notes: [] };
        group.notes.push(note);
        groups.set(key, group);
    };
    for (const one of notes) {
        if (order === 'source') put(one.note.source ?? '', nameOf(one.note.source), one);
        else if (one.note.tags.length === 0) put('', say.untagged, one);
        else for (const tag of one.note.tags) put(tag.toLowerCase(), tag, one);
    }
    return [...groups.values()].sort((a, b) =>
        a.key === '' ? 1 : b.key === '' ? -1 : a.heading.localeCompare(b.heading),
    );
}

interface MovableProps {
    saved: SavedNote;
    onUp: () => void;
    onDown: () => void;
    children: ReactNode;
}

function Movable({ saved, onUp, onDown, children }: MovableProps) {
    const { attributes, listeners, setNodeRef, transform, transition } = useSortable({ id: saved.id });
    const text = saved.note.text.slice(0, 40) || words.untitled;
    return (
        <div
            ref={setNodeRef}
            className={styles.movable}
            style={{ transform: CSS.Translate.toString(transform), transition }}
            data-moving={saved.id}
        >
            {children}
            <span className={styles.steps} data-steps="">
                <button type="button" aria-label={`${say.up}: ${text}`} onClick={onUp}>
                    ↑
                </button>
                <button type="button" aria-label={`${say.down}: ${text}`} onClick={onDown}>
                    ↓
                </button>
                <button type="button" {...attributes} {...listeners} aria-label={say.drag(text)} tabIndex={-1}>
                    ⠿
                </button>
            </span>
        </div>
    );
}
