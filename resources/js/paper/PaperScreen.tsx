import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router-dom';
import { ulid } from 'ulid';
import { call, Problem, read } from '../api/client';
import type { EarlierState, KindId, PaperSummary, RemovedSource, SavedSource, Source } from '../api/types';
import { useComments } from '../comments/useComments';
import { HeldDialogs } from '../keep/HeldDialogs';
import { outbox, paperPath, sourcePath } from '../keep/outboxOfThisTab';
import { LeadBox } from '../lookup/LeadBox';
import { LookupList } from '../lookup/LookupList';
import { leadOfFile } from '../lookup/files';
import { useLead } from '../lookup/useLead';
import { useLookups } from '../lookup/useLookups';
import { Sheets } from '../page/Sheets';
import { useCompany } from '../share/useCompany';
import { NOWHERE } from '../sources/InTextBar';
import { called } from '../sources/names';
import { missingCount } from '../sources/open';
import { SourceList, type ListActs } from '../sources/SourceList';
import { Dialog } from '../ui/Dialog';
import { focusOn, isTyping } from '../ui/focus';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { copyOut, copyWords, type CopyAs } from './clipboard';
import { downloadSome } from './downloads';
import styles from './PaperScreen.module.css';
import { NotOpened } from './NotOpened';
import { useShortcuts } from './shortcuts';
import { TopBar } from './TopBar';
import { useDropped } from './useDropped';
import { asidesOf } from './asides';
import { stripHeight } from './strip';
import { unsaved, usePaper } from './usePaper';
import { useReference } from './useReference';

const PaperStrip = lazy(() => import('./PaperStrip'));
const PaperComments = lazy(() => import('../comments/PaperComments'));
const BelowSource = lazy(() => import('./BelowSource'));
const ReadSource = lazy(() => import('../sources/ReadSource').then(({ ReadSource }) => ({ default: ReadSource })));
const CourseRules = lazy(() => import('./CourseRules'));
const SourceForm = lazy(() => import('../sources/SourceForm').then(({ SourceForm }) => ({ default: SourceForm })));
const ByHand = lazy(() => import('../sources/ByHand').then(({ ByHand }) => ({ default: ByHand })));
const HelpSheet = lazy(() => import('./HelpSheet'));
const Bin = lazy(() => import('../kept/Bin').then(({ Bin }) => ({ default: Bin })));
const EarlierStates = lazy(() =>
    import('../kept/EarlierStates').then(({ EarlierStates }) => ({ default: EarlierStates })),
);

const say = words.paper;

/** Puts the cursor into the field a part of an entry came from. */
function focusField(path: string): boolean {
    const general = path.replace(/\.\d+$/, '');
    const field =
        document.querySelector<HTMLElement>(`[data-path="${path}"]`) ??
        document.querySelector<HTMLElement>(`[data-path="${general}"], [data-path="${general}.0"]`);
    field?.focus();
    field?.scrollIntoView({ block: 'center' });
    return field !== null;
}

const UNKNOWN = { revision: 0, isShared: false };

/** One paper: what you know at the left, what it becomes at the right. */
export default function PaperScreen() {
    const { paperId = '' } = useParams();
    // Another paper is another screen: nothing of the one before stays.
    return <Paper key={paperId} paperId={paperId} />;
}

/** A source whose kind is chosen and which nobody has typed in: it is on no paper yet. */
interface Draft {
    id: string;
    source: Source;
}

function Paper({ paperId }: { paperId: string }) {
    const { sourceId = null } = useParams();
    const navigate = useNavigate();
    const reference = useReference();
    const paper = usePaper(paperId);
    const { settings, sources, page, cited, look, edit, change, several, makePart, reload } = paper;
    const tell = useSay();
    const [lead, setLead] = useLead(paperId);
    const [problem, setProblem] = useState('');
    const [isBusy, setBusy] = useState(false);
    const onNew = useCallback(() => void reload(), [reload]);
    const lookups = useLookups(paperId, paper.revision, onNew);
    const { company } = paper;
    const [gone, setGone] = useState<Problem | null>(null);
    const [taken, setTaken] = useState<string | null>(null);
    /** Whether notes are wanted here; until then they are not fetched where there are none. */
    const [notes, setNotes] = useState(false);
    const note = useCallback((text: string) => {
        setNotes(true);
        setTaken(text);
    }, []);
    const here = useCompany(paperId, company ?? UNKNOWN, sourceId, onNew, setGone);
    const comments = useComments(
        paperId,
        paper.revision,
        company !== null && (company.isShared || company.comments > 0),
    );
    const canWrite = company === null || company.may === 'own' || company.may === 'edit';
    const [litField, setLitField] = useState<string | null>(null);
    const [dialog, setDialog] = useState<'rules' | 'bin' | 'states' | 'settings' | 'help' | null>(null);
    const [asking, setAsking] = useState<'new' | 'change' | null>(null);
    const [draft, setDraft] = useState<Draft | null>(null);
    const [shown, setShown] = useState<'left' | 'page'>('left');
    const [wantsPapers, setWantsPapers] = useState(false);
    const wantedField = useRef<string | null>(null);
    /** What was begun in this visit, so that its empty fields keep quiet until it is left. */
    const begun = useRef(new Set<string>());
    const listTop = useRef(0);
    const openId = draft?.id ?? sourceId;
    const saved = openId === null ? undefined : sources[openId];
    const open: SavedSource | undefined = useMemo(
        () => saved ?? (draft === null ? undefined : unsaved(draft.id, draft.source)),
        [saved, draft],
    );
    // Once it is on the paper it is a source like any other; the form stays as it is.
    useEffect(() => {
        if (draft !== null && draft.id === sourceId && saved !== undefined) setDraft(null);
    }, [draft, sourceId, saved]);
    const style = reference?.styles.find((one) => one.id === settings?.style) ?? reference?.styles[0];

    const openName = open === undefined || saved === undefined ? '' : called(open.source);
    useEffect(() => {
        document.title = say.tab(settings?.title ?? '', openName);
    }, [settings?.title, openName]);

    useEffect(() => {
        if (wantedField.current !== null && open !== undefined && focusField(wantedField.current))
            wantedField.current = null;
    }, [open]);

    // A place belongs to the source it was typed for; another one begins without.
    const [pointed, setPointed] = useState({ id: openId, mention: NOWHERE });
    const mention = pointed.id === openId ? pointed.mention : NOWHERE;
    // What is opened is asked about once, and again where style or course rules changed; after that every key asks.
    const asked = useRef('');
    const settingsVersion = settings?.version;
    useEffect(() => {
        if (saved === undefined || settingsVersion === undefined) return;
        const wanted = `${saved.id}|${settingsVersion}`;
        if (asked.current === wanted) return;
        asked.current = wanted;
        look({ ...saved.source, id: saved.id }, saved.reading?.dismissed ?? [], mention);
    }, [saved, settingsVersion, look, mention]);

    const go = useCallback(
        (id: string | null, replace = false) => {
            setDraft(null);
            setAsking(null);
            void navigate(id === null ? `/papers/${paperId}` : `/papers/${paperId}/sources/${id}`, { replace });
        },
        [navigate, paperId],
    );
    const openSource = useCallback(
        (id: string) => {
            listTop.current = document.querySelector('[data-list-scroll]')?.scrollTop ?? 0;
            setShown('left');
            go(id);
            focusOn('[data-form] [data-path]', '[data-form]');
        },
        [go],
    );
    /** Back to the list, which is where it was: to the row, or to the box for the next source after a new one. */
    const back = useCallback(() => {
        const wasNew = openId === null || begun.current.has(openId);
        if (openId !== null) begun.current.delete(openId);
        go(null);
        focusOn(...(wasNew ? ['[data-lead]'] : [`[data-source="${openId}"] [data-stop]`, '[data-lead]']));
        requestAnimationFrame(() => document.querySelector('[data-list-scroll]')?.scrollTo({ top: listTop.current }));
    }, [go, openId]);

    const isEmpty = page !== null && page.entries.length === 0 && page.leftOut.length === 0;
    useEffect(() => {
        if (isEmpty && sourceId === null) focusOn('[data-lead]');
        // Only when the paper is opened.
    }, [settings === null]); // eslint-disable-line react-hooks/exhaustive-deps

    // What was looked up here opens by itself only where it pulls nobody away from anything.
    const quiet = openId !== null || asking !== null || lead !== '';
    const { lookups: rows, started, dismiss } = lookups;
    useEffect(() => {
        const done = rows.find(
            (one) =>
                started.has(one.id) &&
                one.state === 'added' &&
                one.batch === null &&
                one.added === null &&
                one.source !== null,
        );
        if (done === undefined || quiet || isTyping() || sources[done.source!] === undefined) return;
        begun.current.add(done.source!);
        openSource(done.source!);
        void dismiss(done);
    }, [rows, started, dismiss, quiet, sources, openSource]);

    const bin = useQuery<RemovedSource[]>({
        queryKey: ['bin', paperId],
        queryFn: () => call<RemovedSource[]>('GET', `${paperPath(paperId)}/bin`),
    });
    const papers = useQuery<{ papers: PaperSummary[] }>({
        queryKey: ['papers'],
        queryFn: () => read<{ papers: PaperSummary[] }>('papers'),
        enabled: wantsPapers,
    });
    const otherPapers = useMemo(
        () =>
            (papers.data?.papers ?? []).filter(
                (one) => one.id !== paperId && (one.may === 'own' || one.may === 'edit'),
            ),
        [papers.data, paperId],
    );

    const pick = useCallback(
        (id: string, field: string) => {
            setShown('left');
            if (id === openId) {
                requestAnimationFrame(() => focusField(field));
            } else {
                wantedField.current = field;
                listTop.current = document.querySelector('[data-list-scroll]')?.scrollTop ?? 0;
                go(id);
            }
        },
        [openId, go],
    );
    const tried = useCallback(
        (work: Promise<unknown>) => void work.catch((error: Error) => tell(error.message)),
        [tell],
    );

    const lookUp = useCallback(
        (text: string) => {
            setBusy(true);
            setProblem('');
            void lookups
                .start(text)
                // What was typed or pasted meanwhile stays.
                .then(() => setLead((now) => (now === text ? '' : now)))
                .catch((error: Problem) => setProblem(error.message))
                .finally(() => setBusy(false));
        },
        [lookups.start, setLead], // eslint-disable-line react-hooks/exhaustive-deps
    );
    const takeFile = useCallback(
        (file: File) =>
            void leadOfFile(file)
                .then(lookUp)
                .catch((error: Error) => setProblem(error.message)),
        [lookUp],
    );
    const isOver = useDropped((dropped) => (typeof dropped === 'string' ? lookUp(dropped) : takeFile(dropped)));

    const byHand = useCallback(() => {
        setShown('left');
        setDraft(null);
        setAsking('new');
    }, []);
    const chooseKind = (kind: KindId) => {
        const isChange = asking === 'change' && open !== undefined;
        setAsking(null);
        if (isChange && draft === null) {
            edit(open.id, { ...open.source, kind });
            focusOn('[data-kind-button]');
            return;
        }
        const said = /^https?:|^www\./i.test(lead.trim()) ? '' : lead.trim().slice(0, 2000);
        const title = said === '' ? {} : { title: { main: said } };
        const id = draft?.id ?? ulid();
        if (said !== '') setLead('');
        begun.current.add(id);
        const source = { ...(draft?.source ?? title), kind } as Source;
        setDraft({ id, source });
        if (said !== '') {
            // What stood in the box is something typed.
            edit(id, source);
            void navigate(`/papers/${paperId}/sources/${id}`);
        }
        focusOn('[data-form] [data-path]');
    };
    /** The first thing that is typed puts the source on the paper. */
    const type = useCallback(
        (id: string, source: Source, aside?: string[]) => {
            edit(id, source, aside ?? null);
            if (draft?.id !== id) return;
            void navigate(`/papers/${paperId}/sources/${id}`, { replace: true });
        },
        [edit, draft, navigate, paperId],
    );
    const onEdit = useCallback(
        (source: Source, aside?: string[]) => openId !== null && type(openId, source, aside),
        [openId, type],
    );

    const copy = useCallback(
        (ids: string[], as: CopyAs) =>
            tried(
                copyOut(paperId, ids, as).then(() =>
                    tell(
                        ids.length === 0
                            ? words.copy.page
                            : ids.length === 1
                              ? words.copy.entry
                              : words.copy.entries(ids.length),
                    ),
                ),
            ),
        [paperId, tell, tried],
    );
    const latestSources = useRef(sources);
    useEffect(() => {
        latestSources.current = sources;
    });
    const remove = useCallback(
        async (ids: string[]) => {
            const known = latestSources.current;
            const name = ids.length === 1 ? called(known[ids[0]!]!.source) : '';
            const listed = [...document.querySelectorAll<HTMLElement>('[data-source]')].map(
                (one) => one.dataset.source!,
            );
            const next = listed.slice(listed.indexOf(ids[0]!)).find((id) => !ids.includes(id));
            if (openId !== null && ids.includes(openId)) go(null);
            await several('remove', ids);
            tell(name === '' ? words.list.removedSeveral(ids.length) : words.list.removed(name), () =>
                tried(several('bring-back', ids)),
            );
            focusOn(...(next === undefined ? [] : [`[data-source="${next}"] [data-stop]`]), '[data-lead]');
        },
        [openId, go, several, tell, tried],
    );
    const listActs: ListActs = useMemo(
        () => ({
            open: openSource,
            copy,
            remove: (ids) => tried(remove(ids)),
            exportAs: (format, ids) => tried(downloadSome(`/papers/${paperId}/sources.${format.id}`, ids)),
            move: (ids, to) =>
                tried(
                    several('move', ids, paperId, to.id).then(() => {
                        tell(words.list.moved(ids.length, to.title || words.nameless), () =>
                            tried(several('move', ids, to.id, paperId)),
                        );
                        focusOn('[data-sources] [data-stop]', '[data-lead]');
                    }),
                ),
            copyTo: (ids, to) =>
                tried(
                    several('copy', ids, paperId, to.id).then(() =>
                        tell(words.list.copied(ids.length, to.title || words.nameless)),
                    ),
                ),
            needPapers: () => setWantsPapers(true),
        }),
        [openSource, copy, tried, remove, several, tell, paperId],
    );

    const missing = useMemo(() => {
        const counts: Record<string, number> = {};
        for (const one of Object.values(sources)) {
            const count = begun.current.has(one.id) && one.id === openId ? 0 : missingCount(one);
            if (count > 0) counts[one.id] = count;
        }
        return counts;
    }, [sources, openId]);
    const unfinished = useMemo(
        () =>
            Object.entries(missing).map(([id, count]) => ({
                id,
                count,
                name: called(sources[id]!.source).slice(0, 48),
            })),
        [missing, sources],
    );

    useShortcuts({
        'alt+l': () => focusOn('[data-lead]'),
        'alt+n': byHand,
        'alt+s': () => (openId === null ? focusOn('[data-sources] [data-stop]', '[data-lead]') : back()),
        'alt+p': () => {
            setShown('page');
            focusOn('[data-desk] [data-stop][tabindex="0"]', '[data-desk]');
        },
        'alt+g': () => document.querySelector<HTMLElement>('[data-get]')?.click(),
        '?': () => setDialog('help'),
        Escape: () => {
            if (asking !== null) setAsking(null);
            else if (openId !== null) back();
        },
    });

    /** Who added or changed a source last, and how much is said of it, where the paper has company. */
    const asides = useMemo(() => asidesOf(company, comments.comments), [company, comments.comments]);
    const onTaken = useCallback(() => setTaken(null), []);
    const onMention = useCallback(
        (next: typeof NOWHERE) => {
            setPointed({ id: openId, mention: next });
            if (open !== undefined) look({ ...open.source, id: open.id }, open.reading?.dismissed ?? [], next);
        },
        [openId, open, look],
    );
    const onCopyText = useCallback(
        (html: string, text: string) => {
            copyWords(html, text);
            tell(words.copy.citation);
        },
        [tell],
    );
    const onPart = useCallback(() => openId !== null && tried(makePart(openId)), [openId, makePart, tried]);
    const { again } = lookups;
    const onAgain = useCallback(() => openId !== null && tried(again(openId)), [openId, again, tried]);
    const onCopyPage = useCallback((as: CopyAs) => copy([], as), [copy]);
    const onCopyEntry = useCallback((as: CopyAs) => openId !== null && copy([openId], as), [openId, copy]);
    const onRemove = useCallback(() => openId !== null && tried(remove([openId])), [openId, remove, tried]);
    const onRules = useCallback(() => setDialog('rules'), []);
    const onHelp = useCallback(() => setDialog('help'), []);
    const onStates = useCallback(() => setDialog('states'), []);
    const onKind = useCallback(() => setAsking('change'), []);
    const openSourceData = open?.source;
    const onTurn = useCallback(
        (held: { names: string }) => {
            if (openSourceData === undefined) return;
            onEdit({ ...openSourceData, title: { ...openSourceData.title, names: held.names } });
        },
        [openSourceData, onEdit],
    );

    if (settings === null || page === null || reference === null || style === undefined || gone !== null) {
        const problem = gone ?? paper.problem;
        return problem === null ? (
            <main>
                <p className={styles.opening}>{say.opening}</p>
            </main>
        ) : (
            <NotOpened
                paperId={paperId}
                problem={problem}
                onBack={() => {
                    setGone(null);
                    onNew();
                }}
            />
        );
    }

    const hasMore = notes || (company !== null && (company.isShared || company.notes > 0 || company.comments > 0));
    const below = (one: SavedSource) =>
        company === null ? null : !hasMore ? (
            canWrite && (
                <p>
                    <button className={ui.link} type="button" onClick={() => note('')} data-add-note="">
                        {words.form.note}
                    </button>
                </p>
            )
        ) : (
            <Suspense fallback={null}>
                <BelowSource
                    paper={company}
                    saved={one}
                    style={style}
                    reference={reference}
                    comments={comments}
                    taken={taken}
                    onTaken={onTaken}
                    onField={focusField}
                />
            </Suspense>
        );
    const progress = outbox.progress();
    const goBack = async (path: string, state: EarlierState) => {
        await outbox.delivered(path);
        await call('POST', `${path}/states/${state.id}/restore`);
        setDialog(null);
        await reload();
        tell(say.wentBack);
    };
    const removed = bin.data ?? [];
    const count = page.entries.length + page.leftOut.length;
    // Nothing is known of it yet but where it is.
    const isBare = page.leftOut.some((one) => one.id === openId);
    const isUnknown = sourceId !== null && open === undefined && draft === null;
    const head = style.choices.includes('surname') ? { text: settings.surname, atLeft: false } : settings.head;

    return (
        <div className={styles.screen} data-shown={shown} data-form-open={open !== undefined || undefined}>
            <nav className={styles.skips} aria-label={words.bar.help}>
                {(
                    [
                        ['[data-lead]', words.skip.lead],
                        ['[data-sources] [data-stop], [data-form] [data-path]', words.skip.sources],
                        ['[data-desk] [data-stop][tabindex="0"]', words.skip.page],
                    ] as const
                ).map(([place, label]) => (
                    <a
                        key={label}
                        href="#app"
                        onClick={(event) => {
                            event.preventDefault();
                            focusOn(place);
                        }}
                    >
                        {label}
                    </a>
                ))}
            </nav>
            <TopBar
                settings={settings}
                reference={reference}
                save={progress.state}
                saveSentence={progress.sentence}
                unfinished={unfinished}
                shown={shown}
                onShow={setShown}
                canWrite={canWrite}
                hasNotes={(company?.notes ?? 0) > 0}
                onChange={change}
                onRules={onRules}
                onHelp={onHelp}
                onCopy={onCopyPage}
                onOpen={openSource}
            />
            <main className={styles.halves}>
                <h1 className={ui.hidden}>{settings.title || words.nameless}</h1>
                <section className={styles.left} aria-label={say.sources} data-over={isOver || undefined}>
                    <h2 className={ui.hidden}>{say.sources}</h2>
                    {isOver && <p className={styles.over}>{say.dropHere}</p>}
                    {canWrite && (
                        <LeadBox
                            lead={lead}
                            problem={problem}
                            isBusy={isBusy}
                            onLead={setLead}
                            onLookUp={lookUp}
                            onFile={takeFile}
                            onByHand={byHand}
                        />
                    )}
                    {open === undefined && asking === null && company !== null && (
                        <Suspense
                            fallback={
                                <div className={styles.strip} style={{ height: stripHeight(company, settings) }} />
                            }
                        >
                            <PaperStrip
                                paper={company}
                                settings={settings}
                                sources={sources}
                                here={here}
                                onChange={change}
                                onReload={onNew}
                            />
                        </Suspense>
                    )}
                    {(progress.sentence !== '' || paper.isCopy || rows.length > 0) && (
                        <div className={styles.news}>
                            {progress.sentence !== '' && (
                                <p className={ui.notice} role="alert">
                                    {progress.sentence}
                                </p>
                            )}
                            {paper.isCopy && progress.sentence === '' && (
                                <p className={ui.notice} role="status">
                                    {say.offline}
                                </p>
                            )}
                            <LookupList
                                handle={lookups}
                                quiet={quiet}
                                compact={open !== undefined || asking !== null}
                                onOpen={openSource}
                            />
                        </div>
                    )}
                    <Suspense fallback={<div className={styles.scroll} />}>
                        {asking !== null ? (
                            <div className={styles.scroll}>
                                <ByHand
                                    reference={reference}
                                    now={asking === 'change' ? (open?.source.kind ?? null) : null}
                                    onChoose={chooseKind}
                                    onClose={() => {
                                        setAsking(null);
                                        focusOn(open === undefined ? '[data-begin]' : '[data-kind-button]');
                                    }}
                                />
                            </div>
                        ) : open !== undefined && !canWrite ? (
                            <ReadSource
                                saved={open}
                                entry={page.entries.find((one) => one.id === openId) ?? null}
                                style={style}
                                reference={reference}
                                count={count}
                                onBack={back}
                            >
                                {below(open)}
                            </ReadSource>
                        ) : open !== undefined ? (
                            <SourceForm
                                key={open.id}
                                paperId={paperId}
                                saved={open}
                                isNew={
                                    saved === undefined ||
                                    (begun.current.has(open.id) && (open.reading === null || isBare))
                                }
                                isDraft={saved === undefined}
                                cited={cited?.id === open.id ? cited : null}
                                style={style}
                                reference={reference}
                                count={count}
                                onBack={back}
                                onKind={onKind}
                                onEdit={onEdit}
                                onField={setLitField}
                                onPart={onPart}
                                onLookUpAgain={onAgain}
                                onOpen={openSource}
                                mention={mention}
                                onMention={onMention}
                                onCopyText={onCopyText}
                                entry={page.entries.find((one) => one.id === openId) ?? null}
                                onCopyEntry={onCopyEntry}
                                onStates={onStates}
                                onRemove={onRemove}
                                onNote={saved === undefined ? null : note}
                                below={saved === undefined ? null : below(open)}
                            />
                        ) : (
                            <div
                                className={styles.scroll}
                                data-list-scroll=""
                                role="group"
                                aria-label={say.sources}
                                tabIndex={count === 0 ? 0 : undefined}
                            >
                                {isUnknown && (
                                    <p className={ui.notice} role="alert">
                                        {say.noSource}
                                    </p>
                                )}
                                <SourceList
                                    page={page}
                                    sources={sources}
                                    reference={reference}
                                    papers={otherPapers}
                                    acts={listActs}
                                    canWrite={canWrite}
                                    aside={asides}
                                />
                                {removed.length > 0 && (
                                    <p className={ui.soft}>
                                        <button className={ui.link} type="button" onClick={() => setDialog('bin')}>
                                            {words.list.bin(removed.length)}
                                        </button>
                                    </p>
                                )}
                                {company !== null && (company.isShared || company.comments > 0) && (
                                    <Suspense fallback={null}>
                                        <PaperComments paper={company} comments={comments} />
                                    </Suspense>
                                )}
                            </div>
                        )}
                    </Suspense>
                </section>
                <Sheets
                    page={page}
                    reference={reference}
                    style={style.id}
                    head={head}
                    course={settings.course}
                    openSource={openId}
                    litField={litField}
                    missing={missing}
                    held={cited !== null && cited.id === openId ? cited.names : NO_NAMES}
                    onPick={pick}
                    onTurn={onTurn}
                />
            </main>
            <Suspense fallback={null}>
                {dialog === 'rules' && (
                    <CourseRules
                        settings={settings}
                        style={style}
                        onClose={() => {
                            setDialog(null);
                            focusOn('[data-rules]');
                        }}
                        onChange={change}
                    >
                        <button className={ui.link} type="button" onClick={() => setDialog('settings')}>
                            {words.kept.settings}
                        </button>
                    </CourseRules>
                )}
                {dialog === 'help' && <HelpSheet onClose={() => setDialog(null)} />}
                {dialog === 'settings' && (
                    <EarlierStates
                        title={words.kept.settings}
                        path={`${paperPath(paperId)}/states`}
                        onClose={() => setDialog(null)}
                        onBack={(state) => tried(goBack(paperPath(paperId), state))}
                    />
                )}
                {dialog === 'states' && open !== undefined && (
                    <EarlierStates
                        title={words.form.states}
                        path={`${sourcePath(paperId, open.id)}/states`}
                        onClose={() => setDialog(null)}
                        onBack={(state) => tried(goBack(sourcePath(paperId, open.id), state))}
                    />
                )}
                {dialog === 'bin' && (
                    <Dialog title={words.list.binTitle} open onClose={() => setDialog(null)}>
                        <Bin
                            label={words.list.binTitle}
                            removed={removed.map((one) => ({ ...one, aside: one.kind }))}
                            onBringBack={(id) => {
                                if (removed.length === 1) setDialog(null);
                                tried(several('bring-back', [id]));
                                focusOn(`[data-source="${id}"] [data-stop]`, '[data-lead]');
                            }}
                        />
                    </Dialog>
                )}
            </Suspense>
            <HeldDialogs paperId={paperId} reference={reference} held={outbox.held()} onChanged={onNew} />
        </div>
    );
}

const NO_NAMES: never[] = [];
