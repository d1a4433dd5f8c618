import { memo, useEffect, useMemo, useRef, useState, type ReactNode } from 'react';
import { call } from '../api/client';
import type {
    Cited,
    Contributor,
    FormField,
    Mention,
    OpenIssue,
    PageEntry,
    Reference,
    SavedSource,
    Source,
    Style,
} from '../api/types';
import type { CopyAs } from '../paper/clipboard';
import { afterPress } from '../ui/afterPress';
import { announce } from '../ui/announce';
import { Dot } from '../ui/Dot';
import { focusOn } from '../ui/focus';
import { Pick } from '../ui/Pick';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { Caption } from './Caption';
import { EntryByHand } from './EntryByHand';
import { evidenceOf, type Evidence, type Value } from './evidence';
import { FieldRow } from './FieldRow';
import { IssueActs, type FormActs } from './FormActs';
import { InTextBar } from './InTextBar';
import { called } from './names';
import { PageCopy } from './PageCopy';
import { fieldOf, hasValue, peopleAt, textAt, withAt } from './paths';
import { People } from './People';
import styles from './SourceForm.module.css';
import { TitleInput } from './TitleInput';

interface Props {
    paperId: string;
    saved: SavedSource;
    /** Whether it is being begun, so that empty fields need not be spoken of yet. */
    isNew: boolean;
    /** Whether it is on no paper yet. */
    isDraft: boolean;
    cited: Cited | null;
    /** Its entry on the page; null where it has none. */
    entry: PageEntry | null;
    style: Style;
    reference: Reference;
    /** How many sources the paper has. */
    count: number;
    onBack: () => void;
    onKind: () => void;
    onEdit: (source: Source, dismissed?: string[]) => void;
    onField: (path: string | null) => void;
    /** One part of the book was used. */
    onPart: () => void;
    onLookUpAgain: () => void;
    onOpen: (source: string) => void;
    mention: Mention;
    onMention: (mention: Mention) => void;
    onCopyText: (html: string, text: string) => void;
    onCopyEntry: (as: CopyAs) => void;
    onStates: () => void;
    onRemove: () => void;
    /** Notes down words of the page copy; null while the source is on no paper yet. */
    onNote: ((words: string) => void) | null;
    /** What belongs to the source below its form. */
    below: ReactNode;
}

type Blocks = { tag: string; text: string }[];

const say = words.form;

/** The day it is where the student sits, as one would write it. */
function today(): string {
    return new Date().toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
}

function valueAt(source: Source, path: string): Value {
    return path.endsWith('contributors') ? peopleAt(source, path) : textAt(source, path);
}

/** One source's fields in the order of the style: quiet where all is well, in words where something wants a look. */
export const SourceForm = memo(function SourceForm(props: Props) {
    const { paperId, saved, isNew, cited, style, reference, mention, onMention, onField } = props;
    const { source, reading, issues } = saved;
    const kind = reference.kinds.find((one) => one.id === source.kind) ?? reference.kinds[reference.kinds.length - 1]!;
    const [all, setAll] = useState(false);
    const [copy, setCopy] = useState<{ blocks: Blocks; mark: string } | null>(null);
    const [visited, setVisited] = useState<ReadonlySet<string>>(new Set());
    const [focused, setFocused] = useState<string | null>(null);
    const dismissed = useMemo(() => reading?.dismissed ?? [], [reading?.dismissed]);
    const isChecked = (path: string) => dismissed.includes(`checked:${path}`);

    const fields = useMemo(
        () => (kind.orders[style.family] ?? []).map((path) => kind.fields.find((field) => field.path === path)!),
        [kind, style.family],
    );
    const reach = kind.accessMethods.find((one) => one.id === source.reached);
    /** How much a field matters, given how the source was reached; null where it is out of place. */
    const need = (field: FormField) =>
        reach !== undefined && field.path in reach.needs ? reach.needs[field.path] : field.need;
    const filled = (field: FormField) => hasValue(source, field.path) || reading?.findings[field.path] !== undefined;
    const possible = fields.filter((field) => filled(field) || need(field) !== null);
    const isFirst = (field: FormField) => need(field) !== 'optional' || (field.isFirst && field.need === 'optional');
    const shown = possible.filter(
        (field) =>
            all ||
            filled(field) ||
            isFirst(field) ||
            visited.has(field.path) ||
            field.askedWith.some((path) => hasValue(source, path)),
    );
    const rest = issues.filter(
        (issue) => issue.severity === 'open' && !shown.some((field) => field.path === fieldOf(issue.field)),
    );
    const hasCopy = reading !== null && reading.url !== '' && !issues.some((issue) => issue.id === 'lookup-failed');

    const setLeftOut = (leftOut: boolean) => {
        props.onEdit({ ...source, leftOut });
        focusOn(leftOut ? '[data-put-back]' : '[data-leave-out]');
    };
    const seeIn = async (mark: string) => {
        const answer = await call<{ blocks: Blocks }>('GET', `papers/${paperId}/sources/${saved.id}/page-copy`);
        setCopy({ blocks: answer.blocks, mark });
        focusOn('[data-page-copy]');
    };
    /** Words selected in the page copy, tidied for the field they go into. */
    const take = async (path: string, text: string) => {
        const tidied = await call<{ value: string | Contributor[] }>('POST', 'tidied', {
            field: path,
            text: text.slice(0, 2000),
            site: textAt(source, 'containers.0.title'),
        });
        acts.set(path, tidied.value);
    };

    // Rows keep the same actions for as long as the form is open; what they act on is always the latest.
    const now = useRef({ source, dismissed, props, seeIn });
    useEffect(() => {
        now.current = { source, dismissed, props, seeIn };
    });
    const [acts] = useState<FormActs>(() => {
        const edit = (next: Source, aside?: string[]) => now.current.props.onEdit(next, aside);
        const set = (path: string, value: unknown) => edit(withAt(now.current.source, path, value));
        const put = (id: string) => [...now.current.dismissed.filter((one) => one !== id), id];
        return {
            set,
            use: (path, value) => {
                set(path, value);
                focusOn(`[data-path="${path}"]`, `[data-path="${path}.0"]`);
            },
            check: (path, on) => {
                const id = `checked:${path}`;
                edit(now.current.source, on ? put(id) : now.current.dismissed.filter((one) => one !== id));
            },
            fix: (issue, which) => {
                const fix = issue[which];
                if (fix === null) return;
                const path = fix.field ?? fieldOf(issue.field);
                const fixed = withAt(now.current.source, path, fix.value);
                const settles = issue.ofReading && issue.dismissal !== null;
                edit(fix.reached ? { ...fixed, reached: fix.reached } : fixed, settles ? put(issue.id) : undefined);
                focusOn(
                    `[data-path="${fieldOf(issue.field)}"]`,
                    `[data-path="${fieldOf(issue.field)}.0"]`,
                    '[data-form]',
                );
            },
            dismiss: (issue) => {
                edit(now.current.source, put(issue.id));
                focusOn(
                    `[data-path="${fieldOf(issue.field)}"]`,
                    `[data-path="${fieldOf(issue.field)}.0"]`,
                    '[data-form]',
                );
            },
            see: (text) => void now.current.seeIn(text),
            focus: (path) => {
                afterPress(() => setFocused(path));
                now.current.props.onField(path);
            },
            visit: (path) =>
                afterPress(() => setVisited((before) => (before.has(path) ? before : new Set([...before, path])))),
            part: () => now.current.props.onPart(),
            lookUpAgain: () => now.current.props.onLookUpAgain(),
            openOther: (other) => now.current.props.onOpen(other),
        };
    });

    const evidence = (field: FormField) =>
        evidenceOf(reading?.findings[field.path], valueAt(source, field.path), isChecked(field.path));
    const found = shown.filter((field) => evidence(field)?.canBeChecked === true);
    const unchecked = found.filter((field) => !isChecked(field.path));
    const wants = issues.filter((issue) => issue.severity !== 'hint' && (issue.severity === 'open' || !isNew)).length;
    const checkRest = () => {
        const ids = unchecked.map((field) => `checked:${field.path}`);
        props.onEdit(source, [...dismissed, ...ids]);
        announce(say.restSaid);
        focusOn('[data-form] [data-path]');
    };

    const control = (field: FormField, id: string, describedBy: string) => {
        if (field.form === 'people') {
            const inQuestion = issues
                .map((issue) => new RegExp(`^${field.path.replaceAll('.', '\\.')}\\.(\\d+)$`).exec(issue.field)?.[1])
                .flatMap((place) => (place === undefined ? [] : [Number(place)]));
            return (
                <People
                    id={id}
                    path={field.path}
                    describedBy={describedBy}
                    people={peopleAt(source, field.path)}
                    roles={field.roles ?? []}
                    reference={reference}
                    inQuestion={inQuestion}
                    onChange={(next) => acts.set(field.path, next)}
                />
            );
        }
        const value = textAt(source, field.path);
        const common = {
            id,
            value,
            className: ui.box,
            'data-path': field.path,
            'aria-describedby': describedBy,
            'aria-required': need(field) === 'required' || undefined,
        };
        if (field.form === 'title') {
            return (
                <>
                    <TitleInput
                        id={id}
                        path={field.path}
                        value={value}
                        describedBy={describedBy}
                        isRequired={need(field) === 'required'}
                        held={cited?.names ?? []}
                        onChange={(next) => acts.set(field.path, next)}
                        onTurn={(held) => acts.set('title.names', held.names)}
                    />
                    {field.path === 'title.main' && kind.describable && value !== '' && (
                        <label className={styles.check}>
                            <input
                                type="checkbox"
                                checked={source.title?.described === true}
                                onChange={(event) => acts.set('title.described', event.target.checked)}
                            />
                            {say.described}
                        </label>
                    )}
                </>
            );
        }
        if (field.form === 'long')
            return <textarea {...common} rows={3} onChange={(event) => acts.set(field.path, event.target.value)} />;
        const input = (
            <input
                {...common}
                autoComplete="off"
                placeholder={field.form === 'date' ? say.dateHint : undefined}
                onChange={(event) => acts.set(field.path, event.target.value)}
            />
        );
        return field.path === 'accessed' ? (
            <div className={styles.within}>
                {input}
                <button className={ui.link} type="button" onClick={() => acts.set('accessed', today())}>
                    {say.today}
                </button>
            </div>
        ) : (
            input
        );
    };

    const foot =
        focused === null
            ? null
            : quietWords(
                  shown.find((field) => field.path === focused),
                  evidence,
              );
    const kindFinding = reading?.findings['kind'];
    let [titled, grouped] = [false, false];

    return (
        <section
            className={styles.form}
            aria-label={say.label(called(source))}
            onBlur={(event) => {
                if (!event.currentTarget.contains(event.relatedTarget)) onField(null);
            }}
        >
            <div className={styles.scroll} data-scroll="">
                <div className={styles.head}>
                    <button className={`${ui.link} ${ui.strong}`} type="button" data-back="" onClick={props.onBack}>
                        <span aria-hidden="true">‹ </span>
                        {say.back(props.count)}
                    </button>
                    <span className={styles.what}>
                        <button
                            className={styles.kind}
                            type="button"
                            data-kind-button=""
                            aria-label={words.kinds.changeLabel(kind.label)}
                            title={kindFinding?.value === source.kind ? kindFinding.evidence.where : undefined}
                            onClick={props.onKind}
                        >
                            {kind.label}
                        </button>
                        {kind.accessMethods.length > 1 && (
                            <select
                                className={ui.pick}
                                aria-label={words.kinds.reached}
                                value={source.reached ?? ''}
                                data-reached=""
                                onChange={(event) => props.onEdit({ ...source, reached: event.target.value })}
                            >
                                {source.reached === undefined && <option value="">{words.kinds.reachedUnsaid}</option>}
                                {kind.accessMethods.map((one) => (
                                    <option key={one.id} value={one.id}>
                                        {one.label.charAt(0).toLowerCase() + one.label.slice(1)}
                                    </option>
                                ))}
                            </select>
                        )}
                    </span>
                </div>
                {(found.length > 0 || wants > 0 || hasCopy) && (
                    <div className={styles.summary}>
                        <span>
                            {found.length > 0 && say.found(found.length)}
                            {found.length > 0 && wants > 0 && ', '}
                            {wants > 0 && <b data-wants={wants}>{say.look(wants)}</b>}
                        </span>
                        <span className={ui.acts}>
                            {hasCopy && (
                                <>
                                    <button
                                        className={ui.link}
                                        type="button"
                                        data-show-page=""
                                        onClick={() => acts.see('')}
                                    >
                                        {say.show}
                                    </button>
                                    <button className={ui.link} type="button" onClick={props.onLookUpAgain}>
                                        {say.again}
                                    </button>
                                </>
                            )}
                            {unchecked.length > 0 && (
                                <button className={ui.link} type="button" onClick={checkRest}>
                                    {say.rest}
                                </button>
                            )}
                        </span>
                    </div>
                )}
                {rest.length > 0 && (
                    <ul className={ui.notice} data-notice="">
                        {rest.map((issue: OpenIssue) => (
                            <li key={issue.id + issue.sentence} data-issue={issue.id}>
                                {issue.sentence} <IssueActs issue={issue} acts={acts} canSee={hasCopy} />
                            </li>
                        ))}
                    </ul>
                )}
                {copy !== null && (
                    <PageCopy
                        blocks={copy.blocks}
                        mark={copy.mark}
                        places={Object.values(reading?.findings ?? {})
                            .filter((finding) => finding.evidence.visible)
                            .map((finding) => finding.evidence.text)}
                        fields={shown.filter((field) => field.isOnSource).map(({ path, label }) => ({ path, label }))}
                        onTake={(path, text) => void take(path, text)}
                        onNote={props.onNote}
                        onClose={() => {
                            setCopy(null);
                            focusOn('[data-show-page]', '[data-form] [data-path]');
                        }}
                    />
                )}
                {props.isDraft && <p className={`${ui.soft} ${ui.small}`}>{say.nothingYet}</p>}
                <div className={styles.fields} data-form="" tabIndex={-1}>
                    {shown.map((field) => {
                        const id = `field-${field.path.replaceAll('.', '-')}`;
                        titled ||= field.path.startsWith('title.');
                        const begins = !grouped && titled && field.path.startsWith('containers.');
                        grouped ||= begins;
                        const isTitle = field.form === 'title';
                        return (
                            <div key={field.path}>
                                {begins && <h3 className={styles.group}>{say.appeared}</h3>}
                                <FieldRow
                                    field={field}
                                    inputId={id}
                                    isEmpty={!hasValue(source, field.path)}
                                    isRequired={need(field) === 'required'}
                                    speaks={!isNew || visited.has(field.path)}
                                    evidence={evidence(field)}
                                    isChecked={isChecked(field.path)}
                                    issues={issues.filter(
                                        (issue) =>
                                            fieldOf(issue.field) === field.path && !issue.id.startsWith('title-name:'),
                                    )}
                                    acts={acts}
                                    canSee={hasCopy}
                                    depends={[
                                        valueOf(source, field),
                                        kind,
                                        reach,
                                        isTitle ? source.title?.described : null,
                                        isTitle ? cited?.names : null,
                                        field.form === 'people' ? issues : null,
                                    ]}
                                >
                                    {(describedBy) => control(field, id, describedBy)}
                                </FieldRow>
                            </div>
                        );
                    })}
                </div>
                {(all || shown.length < possible.length) && (
                    <div className={styles.more}>
                        <button className={ui.link} type="button" aria-expanded={all} onClick={() => setAll(!all)}>
                            {all ? say.fewerFields : say.moreFields(possible.length - shown.length)}
                        </button>
                    </div>
                )}
                {cited?.caption !== undefined && (
                    <Caption
                        runs={cited.caption}
                        figure={mention.figure}
                        rules={reference.rules[style.id] ?? {}}
                        onFigure={(figure) => onMention({ ...mention, figure })}
                        onCopy={props.onCopyText}
                    />
                )}
                {!props.isDraft && source.leftOut === true && (
                    <div className={styles.more}>
                        <p className={ui.notice}>
                            {say.leftOut}{' '}
                            <button
                                className={ui.link}
                                type="button"
                                data-put-back=""
                                onClick={() => setLeftOut(false)}
                            >
                                {say.putBack}
                            </button>
                        </p>
                    </div>
                )}
                {!props.isDraft && (
                    <EntryByHand source={source} style={style} entry={props.entry} onEdit={props.onEdit} />
                )}
                {!props.isDraft && (
                    <div className={`${styles.more} ${ui.acts}`}>
                        {props.entry !== null && (
                            <>
                                <button
                                    className={ui.link}
                                    type="button"
                                    onClick={() => props.onCopyEntry('formatted')}
                                >
                                    {say.copyEntry}
                                </button>
                                <Pick
                                    label={words.copy.as}
                                    options={[
                                        ['plain', words.copy.plain],
                                        ['markdown', words.copy.markdown],
                                    ]}
                                    onPick={(as) => props.onCopyEntry(as as CopyAs)}
                                />
                            </>
                        )}
                        <button className={ui.link} type="button" onClick={props.onStates}>
                            {say.states}
                        </button>
                        {source.leftOut !== true && (
                            <button
                                className={ui.link}
                                type="button"
                                data-leave-out=""
                                onClick={() => setLeftOut(true)}
                            >
                                {say.leaveOut}
                            </button>
                        )}
                        <button className={ui.link} type="button" onClick={props.onRemove}>
                            {say.removeThis}
                        </button>
                    </div>
                )}
                {props.below}
            </div>
            {foot !== null && (
                <div className={styles.foot} data-foot="">
                    <Dot kind={foot.evidence.dot} />
                    <span>
                        <b>{foot.field.label}:</b> {foot.evidence.text}{' '}
                        {hasCopy && foot.evidence.seen !== '' && (
                            <button className={ui.link} type="button" onClick={() => acts.see(foot.evidence.seen)}>
                                {say.showIt}
                            </button>
                        )}
                        {foot.evidence.offers.map((offer) => (
                            <span key={offer.text}>
                                {offer.text}{' '}
                                <button
                                    className={ui.link}
                                    type="button"
                                    onClick={() => acts.use(foot.field.path, offer.value)}
                                >
                                    {offer.label}
                                </button>{' '}
                            </span>
                        ))}
                    </span>
                </div>
            )}
            {cited !== null && (
                <InTextBar
                    cited={cited}
                    mention={mention}
                    isAbbreviated={(source.contributors ?? []).some((one) => one.name.abbreviation)}
                    reference={reference}
                    onMention={onMention}
                    onCopy={props.onCopyText}
                />
            )}
        </section>
    );
});

/** What a field holds, the same as long as it is the same: lists of people are kept as they are until somebody changes them. */
function valueOf(source: Source, field: FormField): unknown {
    if (field.form !== 'people') return textAt(source, field.path);
    return field.path === 'contributors' ? source.contributors : source.containers?.[0]?.contributors;
}

/** The words on a field that stand nowhere else, for while one is in it. */
function quietWords(
    field: FormField | undefined,
    of: (field: FormField) => Evidence | null,
): { field: FormField; evidence: Evidence } | null {
    const evidence = field === undefined ? null : of(field);
    return field === undefined ||
        evidence === null ||
        evidence.isLoud ||
        (evidence.text === '' && evidence.offers.length === 0)
        ? null
        : { field, evidence };
}
