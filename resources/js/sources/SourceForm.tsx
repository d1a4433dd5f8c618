import { Button, Input, Select } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { call } from '../api/client';
import type { Contributor, Field, PageEntry, Reference, Remark, SavedSource, Source } from '../api/types';
import { EvidenceLine } from './EvidenceLine';
import { FieldRow } from './FieldRow';
import { PageCopy } from './PageCopy';
import { People } from './People';
import { fieldOf, textAt, withAt } from './paths';

interface Props {
    paperId: string;
    saved: SavedSource;
    entry: PageEntry | undefined;
    family: string;
    reference: Reference;
    onEdit: (source: Source, settled?: string[]) => void;
    onField: (path: string | null) => void;
}

/** A field that is still empty, or a remark that changes nothing, is said without colour. */
function isQuiet(point: Remark): boolean {
    return point.soft === true || point.id === 'missing-required';
}

const DATES = ['containers.0.date', 'accessed', 'original.date'];

function hasValue(source: Source, path: string): boolean {
    if (!path.endsWith('contributors')) return textAt(source, path) !== '';
    const people = path === 'contributors' ? source.contributors : source.containers?.[0]?.contributors;
    return (people ?? []).length > 0;
}

/** The day it is where the student sits, as one would write it. */
function today(): string {
    return new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}

/** One source's fields in the order of the style, with what was found, what is open, and help in place. */
export function SourceForm({ paperId, saved, entry, family, reference, onEdit, onField }: Props) {
    const { source, reading } = saved;
    const kind = reference.kinds.find((one) => one.id === source.kind) ?? reference.kinds[reference.kinds.length - 1]!;
    const [all, setAll] = useState(false);
    const [copy, setCopy] = useState<{ blocks: { tag: string; text: string }[]; mark: string } | null>(null);

    const fields = useMemo(() => {
        const order = family === 'apa' ? kind.orders.apa : kind.fields.map((field) => field.path);
        return order.map((path) => kind.fields.find((field) => field.path === path)!);
    }, [kind, family]);
    const wanted = (field: Field) => field.need !== 'optional' || hasValue(source, field.path) || reading?.findings[field.path] !== undefined || field.path === 'accessed';
    const shown = fields.filter((field) => all || wanted(field));
    const settled = reading?.settled ?? [];
    const open: Remark[] = [...(reading?.remarks ?? []).filter((remark) => !settled.includes(remark.id) && stillOpen(remark)), ...saved.points.filter((point) => !isQuiet(point))];

    function stillOpen(remark: Remark): boolean {
        return remark.id === 'lookup-failed' || !hasValue(source, fieldOf(remark.field));
    }

    const set = (path: string, value: unknown) => onEdit(withAt(source, path, value));
    const mendButton = (point: Remark) =>
        point.mend ? (
            <button className="link" type="button" onClick={() => set(fieldOf(point.field), point.to)}>
                {point.mend}
            </button>
        ) : null;
    const settle = (remark: Remark) => onEdit(source, [...settled, remark.id]);

    const seeIn = async (mark: string) => {
        const answer = await call<{ blocks: { tag: string; text: string }[] }>('GET', `papers/${paperId}/sources/${saved.id}/page-copy`);
        setCopy({ blocks: answer.blocks, mark });
    };

    useEffect(() => setCopy(null), [saved.id]);

    const under = (field: Field, current: string | Contributor[]) => {
        const finding = reading?.findings[field.path];
        const points = saved.points.filter((point) => fieldOf(point.field) === field.path && point.id !== 'too-little');
        const offered = open.filter((remark) => remark.id === 'copyright-year' && remark.field === field.path);
        return (
            <>
                {finding !== undefined && <EvidenceLine finding={finding} current={current} onUse={(value) => set(field.path, value)} onSee={(text) => void seeIn(text)} />}
                {offered.map((remark) => (
                    <div className="ev wants" key={remark.id}>
                        <span className="dot guess" aria-hidden="true" />
                        <span>
                            {remark.value}? Only a copyright year.{' '}
                            <button className="link" type="button" onClick={() => set(field.path, remark.value)}>
                                Use it anyway
                            </button>
                        </span>
                    </div>
                ))}
                {points.map((point) => (
                    <div className={isQuiet(point) ? 'ev' : 'ev wants'} key={point.id + point.sentence}>
                        <span className={isQuiet(point) ? 'dot own' : 'dot guess'} aria-hidden="true" />
                        <span>
                            {point.sentence} {mendButton(point)}
                        </span>
                    </div>
                ))}
            </>
        );
    };

    const control = (field: Field, id: string) => {
        const focus = () => onField(field.path);
        if (field.path.endsWith('contributors')) {
            const people = (field.path === 'contributors' ? source.contributors : source.containers?.[0]?.contributors) ?? [];
            const roles = field.path === 'contributors' ? kind.roles : ['editor', 'author', 'translator'];
            return {
                input: <People id={id} path={field.path} people={people} roles={roles} reference={reference} onChange={(next) => set(field.path, next)} onFocus={focus} />,
                value: people,
            };
        }
        const value = textAt(source, field.path);
        const common = { id, value, onFocus: focus, 'data-path': field.path };
        const long = field.path === 'annotation' || (field.path === 'title.main' && value.length > 58);
        const input = long ? (
            <Input.TextArea {...common} className="growing" rows={field.path === 'annotation' ? 3 : 2} onChange={(event) => set(field.path, event.target.value)} />
        ) : (
            <Input {...common} placeholder={DATES.includes(field.path) ? 'Year, or day month year' : undefined} onChange={(event) => set(field.path, event.target.value)} />
        );
        return {
            input:
                field.path === 'accessed' ? (
                    <div className="inline">
                        {input}
                        <Button onClick={() => set('accessed', today())}>Today</Button>
                    </div>
                ) : (
                    input
                ),
            value,
        };
    };

    let grouped = false;

    return (
        <div onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && onField(null)}>
            {open.length > 0 && (
                <div className="notice" role="status">
                    <b>{open.length === 1 ? 'One thing to look at' : `${open.length} things to look at`}</b>
                    <ul>
                        {open.map((remark) => (
                            <li key={remark.id + remark.field + remark.sentence}>
                                {remark.sentence}
                                <span className="acts">
                                    {mendButton(remark)}
                                    {remark.id !== 'lookup-failed' && reading !== null && reading.remarks.includes(remark) && (
                                        <button className="link" type="button" onClick={() => void seeIn(remark.value)}>
                                            Show the page copy
                                        </button>
                                    )}
                                    {reading?.remarks.includes(remark) && (
                                        <button className="link" type="button" onClick={() => settle(remark)}>
                                            {remark.id === 'lookup-failed' ? 'All right' : 'It has none'}
                                        </button>
                                    )}
                                </span>
                            </li>
                        ))}
                    </ul>
                </div>
            )}
            {copy !== null && <PageCopy blocks={copy.blocks} mark={copy.mark} onClose={() => setCopy(null)} />}
            <div className="fields">
                {shown.map((field) => {
                    const id = `field-${field.path.replaceAll('.', '-')}`;
                    const { input, value } = control(field, id);
                    const begins = !grouped && family !== 'apa' && field.path.startsWith('containers.');
                    grouped ||= begins;
                    return (
                        <div key={field.path}>
                            {begins && <div className="group">Where it appeared</div>}
                            <FieldRow field={field} inputId={id} under={under(field, value)}>
                                {input}
                            </FieldRow>
                        </div>
                    );
                })}
            </div>
            {(all || shown.length < fields.length) && (
                <div className="more">
                    <button className="link" type="button" onClick={() => setAll(!all)}>
                        {all ? 'Show fewer fields' : `Show ${fields.length - shown.length} more fields`}
                    </button>
                </div>
            )}
            {entry?.citation !== undefined && (
                <div className="cite">
                    <span className="soft">In your text</span>
                    <span>
                        <code>{entry.citation}</code> or, with the name in your sentence, <code>{entry.narrative}</code>
                    </span>
                </div>
            )}
        </div>
    );
}

interface KindProps {
    source: Source;
    reference: Reference;
    onEdit: (source: Source) => void;
}

/** What the source really is; found by any everyday word. */
export function KindChoice({ source, reference, onEdit }: KindProps) {
    const groups = [...new Set(reference.kinds.map((kind) => kind.group))];
    return (
        <Select
            showSearch={{
                filterOption: (typed, option) =>
                    `${String(option?.label)} ${String((option as { words?: string } | undefined)?.words ?? '')}`.toLowerCase().includes(typed.trim().toLowerCase()),
            }}
            aria-label="Kind of source"
            value={source.kind}
            style={{ width: 250 }}
            popupMatchSelectWidth={320}
            onChange={(kind: string) => onEdit({ ...source, kind })}
            options={groups.map((group) => ({
                label: group,
                options: reference.kinds.filter((kind) => kind.group === group).map((kind) => ({ value: kind.id, label: kind.label, words: kind.words })),
            }))}
        />
    );
}
