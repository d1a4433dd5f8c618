import { closestCenter, DndContext, PointerSensor, useSensor, useSensors, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useRef, useState, type ClipboardEvent, type KeyboardEvent, type ReactNode } from 'react';
import { call } from '../api/client';
import type { Contributor, Name, Reference, Role } from '../api/types';
import { announce } from '../ui/announce';
import { focusOn } from '../ui/focus';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { shown } from './names';
import { formOf, moved, nobody, pastedInto, turned, type NameForm } from './people';
import styles from './People.module.css';

interface Props {
    id: string;
    path: string;
    describedBy: string;
    people: Contributor[];
    roles: Role[];
    reference: Reference;
    /** The places of those whose kind of name is in question. */
    inQuestion: number[];
    onChange: (people: Contributor[]) => void;
}

const say = words.people;

/** As many roles as are offered by name where nobody is named yet. */
const OFFERED = 4;

/** The rarer parts of a name, by its form: what is asked, and an example. */
const RARER: Record<NameForm, [keyof Name, string, string][]> = {
    person: [['suffix', say.suffix, 'Jr.']],
    group: [
        ['parent', say.partOf, 'Northmere Ministry of Coasts'],
        ['abbreviation', say.short, 'NHT'],
    ],
    screen: [
        ['given', say.realGiven, 'Dov'],
        ['family', say.realFamily, 'Karsten'],
    ],
};

/** The people and groups of a source, one row each, in the order of the entry. */
export function People({ id, path, describedBy, people, roles, reference, inQuestion, onChange }: Props) {
    const first = useRef(nobody(roles[0] ?? 'author'));
    const tell = useSay();
    // A drag begins once the pointer has moved, so that a press stays a press.
    const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
    const rows: Contributor[] = people.length > 0 ? people : [first.current];
    const keyOf = (row: Contributor, place: number) => row.id ?? String(place);
    const at = (place: number) => `[data-path="${path}.${place}"]`;
    const label = (role: Role) => reference.roles.find((one) => one.id === role)?.label ?? role;

    const set = (place: number, part: Partial<Contributor>) =>
        onChange(rows.map((row, i) => (i === place ? { ...row, ...part } : row)));
    const move = (from: number, to: number) => {
        const next = moved(rows, from, to);
        if (next === rows) return;
        onChange(next);
        announce(say.moved(shown(rows[from]!.name) || say.someone, to + 1, rows.length));
        // Whoever moves a row stays where they are in it.
        const at = document.activeElement;
        requestAnimationFrame(() => {
            if (at instanceof HTMLElement && at.isConnected && document.activeElement !== at) at.focus();
        });
    };
    const remove = (place: number) => {
        const before = rows;
        onChange(rows.filter((_, i) => i !== place));
        const name = shown(before[place]!.name);
        if (name !== '') tell(say.removed(name), () => onChange(before));
        focusOn(at(Math.max(0, place - 1)), `[data-add="${path}"]`);
    };
    const add = (role: Role) => {
        const isFirst = people.length === 0 && shown(first.current.name) === '';
        onChange([...(isFirst ? [] : rows), nobody(role)]);
        focusOn(at(isFirst ? 0 : rows.length));
    };
    /** Several names pasted at once are taken apart by the server; one name stays where it was pasted. */
    const paste = async (place: number, event: ClipboardEvent<HTMLElement>) => {
        const text = event.clipboardData.getData('text/plain').trim();
        if (!/[,;&\n]|\band\b|^by\b|\bet al/i.test(text)) return;
        event.preventDefault();
        const found = await call<{ contributors: Contributor[] }>('POST', 'bylines', { text: text.slice(0, 4000) });
        const before = rows;
        onChange(pastedInto(rows, place, found.contributors));
        tell(say.pasted(found.contributors.length), () => onChange(before));
        focusOn(at(place + found.contributors.length - 1));
    };
    const dropped = ({ active, over }: DragEndEvent) => {
        if (over === null) return;
        const place = (wanted: unknown) => rows.findIndex((row, i) => keyOf(row, i) === wanted);
        move(place(active.id), place(over.id));
    };

    return (
        <div className={styles.people}>
            <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
                <SortableContext items={rows.map(keyOf)} strategy={verticalListSortingStrategy}>
                    {rows.map((row, i) => (
                        <Person
                            key={keyOf(row, i)}
                            sortId={keyOf(row, i)}
                            inputId={i === 0 ? id : undefined}
                            path={`${path}.${i}`}
                            describedBy={describedBy}
                            row={row}
                            place={i}
                            count={rows.length}
                            isAsked={inQuestion.includes(i)}
                            role={
                                (roles.length > 1 || !roles.includes(row.role)) && (
                                    <select
                                        className={`${ui.pick} ${styles.role}`}
                                        aria-label={say.role(i + 1)}
                                        value={row.role}
                                        onChange={(event) => set(i, { role: event.target.value as Role })}
                                    >
                                        {reference.roles
                                            .filter((role) => roles.includes(role.id) || role.id === row.role)
                                            .map((role) => (
                                                <option key={role.id} value={role.id}>
                                                    {role.label}
                                                </option>
                                            ))}
                                    </select>
                                )
                            }
                            onName={(name) => set(i, { name })}
                            onMove={(by) => move(i, i + by)}
                            onRemove={people.length === 0 ? null : () => remove(i)}
                            onPaste={(event) => void paste(i, event)}
                        />
                    ))}
                </SortableContext>
            </DndContext>
            <div className={styles.add}>
                {roles[0] === 'author' || roles.length === 1 ? (
                    <button
                        className={ui.link}
                        type="button"
                        data-add={path}
                        onClick={() => add(rows[rows.length - 1]?.role ?? roles[0] ?? 'author')}
                    >
                        {say.add}
                    </button>
                ) : (
                    <>
                        <span className={ui.soft}>{say.addAs}</span>
                        {roles.slice(0, OFFERED).map((role, i) => (
                            <button
                                key={role}
                                className={ui.link}
                                type="button"
                                aria-label={say.addRole(label(role))}
                                data-add={i === 0 ? path : undefined}
                                onClick={() => add(role)}
                            >
                                {label(role).toLowerCase()}
                            </button>
                        ))}
                    </>
                )}
            </div>
        </div>
    );
}

interface PersonProps {
    sortId: string;
    inputId: string | undefined;
    path: string;
    describedBy: string;
    row: Contributor;
    place: number;
    count: number;
    isAsked: boolean;
    role: ReactNode;
    onName: (name: Name) => void;
    onMove: (by: number) => void;
    onRemove: (() => void) | null;
    onPaste: (event: ClipboardEvent<HTMLElement>) => void;
}

function Person(props: PersonProps) {
    const { row, place, count, path, onName } = props;
    const [more, setMore] = useState(false);
    const sortable = useSortable({ id: props.sortId });
    const form = formOf(row.name);
    const name = (part: Name) => onName({ ...row.name, ...part });
    const box = (known: {
        value: string;
        hint: string;
        label: string;
        isFirst: boolean;
        on: (value: string) => void;
    }) => (
        <input
            className={ui.box}
            {...(known.isFirst ? { id: props.inputId, 'data-path': path } : {})}
            value={known.value}
            placeholder={known.hint}
            aria-label={known.label}
            aria-describedby={known.isFirst ? props.describedBy : undefined}
            autoComplete="off"
            onPaste={props.onPaste}
            onChange={(event) => known.on(event.target.value)}
        />
    );
    const forms = (
        <select
            className={ui.pick}
            aria-label={say.form(place + 1)}
            value={form}
            onChange={(event) => onName(turned(row.name, event.target.value as NameForm))}
        >
            {(['person', 'group', 'screen'] as const).map((one) => (
                <option key={one} value={one}>
                    {say.forms[one]}
                </option>
            ))}
        </select>
    );
    const onKey = (event: KeyboardEvent) => {
        if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
        event.preventDefault();
        props.onMove(event.key === 'ArrowUp' ? -1 : 1);
    };
    return (
        <div
            className={styles.person}
            ref={sortable.setNodeRef}
            style={{ transform: CSS.Translate.toString(sortable.transform), transition: sortable.transition }}
            data-dragged={sortable.isDragging || undefined}
            data-person={path}
            onKeyDown={onKey}
        >
            <div className={styles.names}>
                {form === 'person' ? (
                    <>
                        {box({
                            value: row.name.given ?? '',
                            hint: say.given,
                            label: say.givenOf(place + 1),
                            isFirst: true,
                            on: (given) => name({ given }),
                        })}
                        {box({
                            value: [row.name.particle, row.name.family].filter(Boolean).join(' '),
                            hint: say.family,
                            label: say.familyOf(place + 1),
                            isFirst: false,
                            on: (family) => name({ family, particle: undefined }),
                        })}
                    </>
                ) : (
                    box({
                        value: row.name.group ?? row.name.screen ?? '',
                        hint: form === 'group' ? say.group : say.screen,
                        label: form === 'group' ? say.groupOf(place + 1) : say.screenOf(place + 1),
                        isFirst: true,
                        on: (value) => name(form === 'group' ? { group: value } : { screen: value }),
                    })
                )}
            </div>
            {props.role}
            {count > 1 && (
                <button
                    ref={sortable.setActivatorNodeRef}
                    {...sortable.listeners}
                    className={styles.small}
                    type="button"
                    data-handle={path}
                    aria-label={say.drag(place + 1)}
                >
                    <span aria-hidden="true">⠿</span>
                </button>
            )}
            <button
                className={styles.small}
                type="button"
                aria-expanded={more}
                aria-label={say.more(place + 1)}
                onClick={() => setMore(!more)}
            >
                <span aria-hidden="true">⋯</span>
            </button>
            {(more || props.isAsked) && (
                <div className={styles.more}>
                    {forms}
                    {more && (
                        <>
                            {RARER[form].map(([key, asked, example]) => (
                                <label key={key}>
                                    <span className={ui.soft}>{asked}</span>
                                    <input
                                        className={ui.box}
                                        value={String(row.name[key] ?? '')}
                                        placeholder={example}
                                        onChange={(event) => name({ [key]: event.target.value })}
                                    />
                                </label>
                            ))}
                            {form === 'person' && (
                                <label className={styles.check}>
                                    <input
                                        type="checkbox"
                                        checked={row.name.familyFirst === true}
                                        onChange={(event) => name({ familyFirst: event.target.checked })}
                                    />
                                    <span>{say.familyFirst}</span>
                                </label>
                            )}
                            <span className={ui.acts}>
                                {place > 0 && (
                                    <button className={ui.link} type="button" onClick={() => props.onMove(-1)}>
                                        {say.up}
                                    </button>
                                )}
                                {place < count - 1 && (
                                    <button className={ui.link} type="button" onClick={() => props.onMove(1)}>
                                        {say.down}
                                    </button>
                                )}
                                {props.onRemove !== null && (
                                    <button
                                        className={ui.link}
                                        type="button"
                                        aria-label={say.removeOf(place + 1)}
                                        onClick={props.onRemove}
                                    >
                                        {say.remove}
                                    </button>
                                )}
                            </span>
                        </>
                    )}
                </div>
            )}
        </div>
    );
}
