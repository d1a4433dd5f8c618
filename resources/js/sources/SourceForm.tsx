import { Button, Checkbox, Input } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { call } from '../api/client';
import type { Contributor, Field, Issue, Mention, PageEntry, Reference, Role, SavedSource, Source } from '../api/types';
import { Caption } from './Caption';
import { EvidenceLine } from './EvidenceLine';
import { FieldRow } from './FieldRow';
import { InText } from './InText';
import { PageCopy } from './PageCopy';
import { People } from './People';
import { isQuiet, openIssues } from './issues';
import { fieldOf, hasValue, peopleAt, textAt, withAt } from './paths';
import { ReachChoice } from './ReachChoice';
import { TitleInput } from './TitleInput';

interface Props {
    paperId: string;
    saved: SavedSource;
    entry: PageEntry | undefined;
    style: string;
    family: string;
    reference: Reference;
    onEdit: (source: Source, dismissed?: string[]) => void;
    onField: (path: string | null) => void;
    /** One part of the book was used. */
    onPart: () => void;
    onLookUpAgain: () => void;
    mention: Mention;
    onMention: (mention: Mention) => void;
    onCopyText: (html: string, text: string) => void;
}

const DATES = ['containers.0.date', 'accessed', 'original.date'];

/** Whether it has an address, so that the day it was read may count. */
function isOnline(source: Source): boolean {
    return (source.containers ?? []).some((container) => Boolean(container.url));
}

/** The day it is where the student sits, as one would write it. */
function today(): string {
    return new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}

/** One source's fields in the order of the style, with what was found, what is open, and help in place. */
export function SourceForm({
    paperId,
    saved,
    entry,
    style,
    family,
    reference,
    onEdit,
    onField,
    onPart,
    onLookUpAgain,
    mention,
    onMention,
    onCopyText,
}: Props) {
    const { source, reading } = saved;
    const kind = reference.kinds.find((one) => one.id === source.kind) ?? reference.kinds[reference.kinds.length - 1]!;
    const [all, setAll] = useState(false);
    const [copy, setCopy] = useState<{ blocks: { tag: string; text: string }[]; mark: string } | null>(null);

    const fields = useMemo(() => {
        const order = kind.orders[family] ?? [];
        return order.map((path) => kind.fields.find((field) => field.path === path)!);
    }, [kind, family]);
    const reach = kind.accessMethods.find((one) => one.id === source.reached);
    /** How much a field matters, given how the source was reached; null where it is out of place. */
    const need = (field: Field) =>
        reach !== undefined && field.path in reach.needs ? reach.needs[field.path] : field.need;
    const filled = (field: Field) => hasValue(source, field.path) || reading?.findings[field.path] !== undefined;
    const possible = fields.filter((field) => filled(field) || need(field) !== null);
    const shown = possible.filter(
        (field) =>
            all || filled(field) || need(field) !== 'optional' || (field.path === 'accessed' && isOnline(source)),
    );
    const dismissed = reading?.dismissed ?? [];
    const open = openIssues(saved, 'form');

    const set = (path: string, value: unknown) => onEdit(withAt(source, path, value));
    const fixButtons = (issue: Issue) =>
        [issue.fix, issue.otherFix].map((fix) => {
            // What was stored with an older reading has no second answer.
            if (!fix) return null;
            // The page that tells of a work is also where it was read: its address belongs into the entry.
            const isAddress = issue.id === 'listed-only';
            const press = () =>
                isAddress
                    ? onEdit({ ...withAt(source, issue.field, fix.value), reached: 'web' }, [...dismissed, issue.id])
                    : set(fix.field ?? fieldOf(issue.field), fix.value);
            return (
                <button className="link" type="button" onClick={press} key={fix.label}>
                    {fix.label}
                </button>
            );
        });
    const dismiss = (issue: Issue) => onEdit(source, [...dismissed, issue.id]);
    const checked = (path: string) => dismissed.includes(`checked:${path}`);
    const check = (path: string, on: boolean) =>
        onEdit(source, on ? [...dismissed, `checked:${path}`] : dismissed.filter((one) => one !== `checked:${path}`));
    /** What the style does without a field the student says the source does not have. */
    const without = (path: string) =>
        (reading?.issues ?? []).some(
            (issue) => issue.dismissal === 'has-none' && dismissed.includes(issue.id) && fieldOf(issue.field) === path,
        );

    const seeIn = async (mark: string) => {
        const answer = await call<{ blocks: { tag: string; text: string }[] }>(
            'GET',
            `papers/${paperId}/sources/${saved.id}/page-copy`,
        );
        setCopy({ blocks: answer.blocks, mark });
    };

    /** Words selected in the page copy, tidied for the field they go into. */
    const take = async (path: string, text: string) => {
        const tidied = await call<{ value: string | Contributor[] }>('POST', 'tidied', {
            field: path,
            text: text.slice(0, 2000),
            site: textAt(source, 'containers.0.title'),
        });
        set(path, tidied.value);
    };

    useEffect(() => setCopy(null), [saved.id]);
    const copied =
        reading !== null && reading.url !== '' && !reading.issues.some((issue) => issue.id === 'lookup-failed');
    const places = Object.values(reading?.findings ?? {})
        .filter((finding) => finding.evidence.visible)
        .map((finding) => finding.evidence.text);
    const kindFinding = reading?.findings['kind'];

    const under = (field: Field, current: string | Contributor[]) => {
        const finding = reading?.findings[field.path];
        const said = saved.issues.filter((issue) => fieldOf(issue.field) === field.path && issue.id !== 'too-little');
        const offered = open.filter((issue) => issue.id === 'copyright-year' && issue.field === field.path);
        return (
            <>
                {finding !== undefined && (
                    <EvidenceLine
                        finding={finding}
                        current={current}
                        checked={checked(field.path)}
                        onCheck={(on) => check(field.path, on)}
                        onUse={(value) => set(field.path, value)}
                        onSee={copied ? (text) => void seeIn(text) : null}
                    />
                )}
                {offered.map((issue) => (
                    <div className="ev wants" key={issue.id}>
                        <span className="dot guess" aria-hidden="true" />
                        <span>
                            {issue.about}? Only a copyright year.{' '}
                            <button className="link" type="button" onClick={() => set(field.path, issue.about)}>
                                Use it anyway
                            </button>
                        </span>
                    </div>
                ))}
                {said.map((issue) => (
                    <div className={isQuiet(issue) ? 'ev' : 'ev wants'} key={issue.id + issue.sentence}>
                        <span className={isQuiet(issue) ? 'dot own' : 'dot guess'} aria-hidden="true" />
                        <span>
                            {without(field.path) ? `You said the source has none. ${issue.without}` : issue.sentence}{' '}
                            {fixButtons(issue)}
                        </span>
                    </div>
                ))}
            </>
        );
    };

    const control = (field: Field, id: string) => {
        const focus = () => onField(field.path);
        if (field.path.endsWith('contributors')) {
            const people = peopleAt(source, field.path);
            const roles: Role[] = field.path === 'contributors' ? kind.roles : ['editor', 'author', 'translator'];
            return {
                input: (
                    <People
                        id={id}
                        path={field.path}
                        people={people}
                        roles={roles}
                        reference={reference}
                        onChange={(next) => set(field.path, next)}
                        onFocus={focus}
                    />
                ),
                value: people,
            };
        }
        const value = textAt(source, field.path);
        const common = { id, value, onFocus: focus, 'data-path': field.path };
        if (field.path === 'title.main' || field.path === 'title.subtitle') {
            const describes = field.path === 'title.main' && kind.describable;
            return {
                input: (
                    <>
                        <TitleInput
                            id={id}
                            path={field.path}
                            value={value}
                            onChange={(next) => set(field.path, next)}
                            onFocus={focus}
                        />
                        {describes && value !== '' && (
                            <Checkbox
                                checked={source.title?.described === true}
                                onChange={(event) => set('title.described', event.target.checked)}
                            >
                                It has no title; these words describe it
                            </Checkbox>
                        )}
                    </>
                ),
                value,
            };
        }
        const input =
            field.path === 'annotation' ? (
                <Input.TextArea
                    {...common}
                    className="growing"
                    rows={3}
                    onChange={(event) => set(field.path, event.target.value)}
                />
            ) : (
                <Input
                    {...common}
                    placeholder={DATES.includes(field.path) ? 'Year, or day month year' : undefined}
                    onChange={(event) => set(field.path, event.target.value)}
                />
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

    let [titled, grouped] = [false, false];

    return (
        <div onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && onField(null)}>
            {open.length > 0 && (
                <div className="notice" role="status">
                    <b>{open.length === 1 ? 'One thing to look at' : `${open.length} things to look at`}</b>
                    <ul>
                        {open.map((issue) => (
                            <li key={issue.id + issue.field + issue.sentence}>
                                {issue.sentence}
                                <span className="acts">
                                    {fixButtons(issue)}
                                    {issue.id === 'whole-or-part' && (
                                        <button className="link" type="button" onClick={onPart}>
                                            One part of it
                                        </button>
                                    )}
                                    {issue.id === 'lookup-failed' && (
                                        <button className="link" type="button" onClick={onLookUpAgain}>
                                            Try again
                                        </button>
                                    )}
                                    {copied && !issue.waits && reading.issues.includes(issue) && (
                                        <button className="link" type="button" onClick={() => void seeIn(issue.about)}>
                                            Show the page copy
                                        </button>
                                    )}
                                    {issue.dismissal !== null && (
                                        <button className="link" type="button" onClick={() => dismiss(issue)}>
                                            {issue.answer}
                                        </button>
                                    )}
                                </span>
                            </li>
                        ))}
                    </ul>
                </div>
            )}
            {(copied || kindFinding !== undefined) && (
                <p className="kind-ev">
                    {kindFinding !== undefined && kindFinding.value === source.kind && (
                        <span>
                            <span className={`dot ${kindFinding.confidence}`} aria-hidden="true" /> {kind.label}.{' '}
                            {kindFinding.evidence.where}
                        </span>
                    )}
                    {copied && (
                        <>
                            <button className="link" type="button" onClick={() => void seeIn('')}>
                                Page copy
                            </button>
                            <button className="link" type="button" onClick={onLookUpAgain}>
                                Look it up again
                            </button>
                        </>
                    )}
                </p>
            )}
            {copy !== null && (
                <PageCopy
                    blocks={copy.blocks}
                    mark={copy.mark}
                    places={places}
                    fields={shown
                        .filter(
                            (field) => !['accessed', 'annotation', 'language', 'containers.0.url'].includes(field.path),
                        )
                        .map(({ path, label }) => ({ path, label }))}
                    onTake={(path, text) => void take(path, text)}
                    onClose={() => setCopy(null)}
                />
            )}
            <ReachChoice kind={kind} source={source} onEdit={(next) => onEdit(next)} />
            <div className="fields">
                {shown.map((field) => {
                    const id = `field-${field.path.replaceAll('.', '-')}`;
                    const { input, value } = control(field, id);
                    titled ||= field.path.startsWith('title.');
                    const begins = !grouped && titled && field.path.startsWith('containers.');
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
            {(all || shown.length < possible.length) && (
                <div className="more">
                    <button className="link" type="button" onClick={() => setAll(!all)}>
                        {all ? 'Show fewer fields' : `Show ${possible.length - shown.length} more fields`}
                    </button>
                </div>
            )}
            {entry?.caption !== undefined && (
                <Caption
                    runs={entry.caption}
                    figure={mention.figure}
                    rules={reference.rules[style] ?? {}}
                    onFigure={(figure) => onMention({ ...mention, figure })}
                    onCopy={onCopyText}
                />
            )}
            {entry?.citation !== undefined && (
                <InText
                    entry={entry}
                    mention={mention}
                    abbreviated={(source.contributors ?? []).some((one) => one.name.abbreviation)}
                    locators={reference.locators}
                    onMention={onMention}
                    onCopy={onCopyText}
                />
            )}
        </div>
    );
}
