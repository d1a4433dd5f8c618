import { Button, Input, Select } from 'antd';
import { useRef, useState, type ClipboardEvent } from 'react';
import { call } from '../api/client';
import type { Contributor, Name, Reference, Role } from '../api/types';
import { memberId } from './members';

interface Props {
    id: string;
    path: string;
    people: Contributor[];
    roles: Role[];
    reference: Reference;
    onChange: (people: Contributor[]) => void;
    onFocus: () => void;
}

type Form = 'person' | 'group' | 'screen';

/** The rarer parts of a name, by its form: what is asked, and an example. */
const RARER: Record<Form, [keyof Name, string, string][]> = {
    person: [['suffix', 'After the name', 'Jr.']],
    group: [
        ['parent', 'Part of', 'Northmere Ministry of Coasts'],
        ['abbreviation', 'Short form for your text', 'NHT'],
    ],
    screen: [
        ['given', 'Real given names, if known', 'Dov'],
        ['family', 'Real family name', 'Karsten'],
    ],
};

function formOf(name: Name): Form {
    return name.screen !== undefined ? 'screen' : name.group !== undefined ? 'group' : 'person';
}

/** A name keeps its words when it turns from a person's into an organisation's and back. */
function turned(name: Name, form: Form): Name {
    const whole =
        name.screen ?? name.group ?? [name.given, name.particle, name.family, name.suffix].filter(Boolean).join(' ');
    if (form === 'group') return { group: whole };
    if (form === 'screen') return { screen: whole };
    const parts = whole.split(' ');
    return { given: parts.slice(0, -1).join(' '), family: parts[parts.length - 1] ?? '' };
}

/** The people and organisations after a source, one line each. */
export function People({ id, path, people, roles, reference, onChange, onFocus }: Props) {
    const [more, setMore] = useState<number | null>(null);
    const first = useRef(memberId());
    const rows: Contributor[] =
        people.length > 0 ? people : [{ id: first.current, role: roles[0] ?? 'author', name: {} }];
    const set = (place: number, part: Partial<Contributor>) =>
        onChange(rows.map((row, i) => (i === place ? { ...row, ...part } : row)));
    /** Several names pasted at once are taken apart by the server; one name stays where it was pasted. */
    const paste = async (place: number, event: ClipboardEvent<HTMLElement>) => {
        const text = event.clipboardData.getData('text/plain').trim();
        if (!/[,;&\n]|\band\b|^by\b/i.test(text)) return;
        event.preventDefault();
        const found = await call<{ contributors: Contributor[] }>('POST', 'bylines', { text: text.slice(0, 4000) });
        const role = rows[place]?.role ?? 'author';
        onChange([
            ...rows.slice(0, place),
            ...found.contributors.map((one) => ({ ...one, id: memberId(), role })),
            ...rows.slice(place + 1),
        ]);
    };
    const name = (place: number, part: Name) => set(place, { name: { ...rows[place]!.name, ...part } });
    const move = (place: number) =>
        onChange(rows.map((row, i) => (i === place - 1 ? rows[place]! : i === place ? rows[place - 1]! : row)));

    return (
        <div className="people">
            {rows.map((row, i) => {
                const form = formOf(row.name);
                const known = {
                    onFocus,
                    'data-path': `${path}.${i}`,
                    onPaste: (event: ClipboardEvent<HTMLElement>) => void paste(i, event),
                };
                return (
                    <div className={form === 'person' ? 'person' : 'person whole'} key={row.id ?? i}>
                        {form === 'person' ? (
                            <>
                                <Input
                                    {...known}
                                    id={i === 0 ? id : undefined}
                                    value={row.name.given ?? ''}
                                    placeholder="Given names"
                                    aria-label={`Given names, ${i + 1}`}
                                    onChange={(event) => name(i, { given: event.target.value })}
                                />
                                <Input
                                    onFocus={onFocus}
                                    value={[row.name.particle, row.name.family].filter(Boolean).join(' ')}
                                    placeholder="Family name"
                                    aria-label={`Family name, ${i + 1}`}
                                    onChange={(event) => name(i, { family: event.target.value, particle: undefined })}
                                />
                            </>
                        ) : (
                            <Input
                                {...known}
                                id={i === 0 ? id : undefined}
                                value={row.name.group ?? row.name.screen ?? ''}
                                placeholder={form === 'group' ? 'Name of the organisation' : 'Screen name'}
                                aria-label={`${form === 'group' ? 'Organisation' : 'Screen name'}, ${i + 1}`}
                                onChange={(event) =>
                                    name(
                                        i,
                                        form === 'group'
                                            ? { group: event.target.value }
                                            : { screen: event.target.value },
                                    )
                                }
                            />
                        )}
                        <Button
                            aria-label={`Remove contributor ${i + 1}`}
                            onClick={() => onChange(rows.filter((_, at) => at !== i))}
                            disabled={people.length === 0}
                        >
                            ×
                        </Button>
                        <div className="what">
                            <Select
                                size="small"
                                variant="borderless"
                                aria-label={`Kind of name, ${i + 1}`}
                                value={form}
                                popupMatchSelectWidth={150}
                                options={[
                                    { value: 'person', label: 'Person' },
                                    { value: 'group', label: 'Organisation' },
                                    { value: 'screen', label: 'Screen name' },
                                ]}
                                onChange={(wanted: Form) => set(i, { name: turned(row.name, wanted) })}
                            />
                            {(roles.length > 1 || !roles.includes(row.role)) && (
                                <Select
                                    size="small"
                                    variant="borderless"
                                    aria-label={`Role, ${i + 1}`}
                                    value={row.role}
                                    popupMatchSelectWidth={190}
                                    options={reference.roles
                                        .filter((role) => roles.includes(role.id) || role.id === row.role)
                                        .map((role) => ({ value: role.id, label: role.label }))}
                                    onChange={(role: Role) => set(i, { role })}
                                />
                            )}
                            {i > 0 && (
                                <button
                                    className="link"
                                    type="button"
                                    onClick={() => move(i)}
                                    aria-label={`Move contributor ${i + 1} up`}
                                >
                                    Move up
                                </button>
                            )}
                            <button
                                className="link"
                                type="button"
                                aria-expanded={more === i}
                                aria-label={`More about contributor ${i + 1}`}
                                onClick={() => setMore(more === i ? null : i)}
                            >
                                {more === i ? 'Less' : 'More'}
                            </button>
                        </div>
                        {more === i && (
                            <div className="rarer">
                                {RARER[form].map(([key, asked, example]) => (
                                    <label key={key}>
                                        <span className="soft">{asked}</span>
                                        <Input
                                            value={String(row.name[key] ?? '')}
                                            placeholder={example}
                                            onFocus={onFocus}
                                            onChange={(event) => name(i, { [key]: event.target.value })}
                                        />
                                    </label>
                                ))}
                                {form === 'person' && (
                                    <label className="check">
                                        <input
                                            type="checkbox"
                                            checked={row.name.familyFirst === true}
                                            onChange={(event) => name(i, { familyFirst: event.target.checked })}
                                        />
                                        <span>The family name is said first, so it is not inverted</span>
                                    </label>
                                )}
                            </div>
                        )}
                    </div>
                );
            })}
            <div>
                <button
                    className="link"
                    type="button"
                    onClick={() =>
                        onChange([...rows, { id: memberId(), role: rows[rows.length - 1]?.role ?? 'author', name: {} }])
                    }
                >
                    Add another
                </button>{' '}
                <span className="soft">or paste a whole line of names.</span>
            </div>
        </div>
    );
}
