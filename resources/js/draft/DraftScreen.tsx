import { Button } from 'antd';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router-dom';
import type { SavedSource } from '../api/types';
import { outbox, paperPath, sourcePath, useArrivals } from '../keep/outboxOfThisTab';
import { useLead } from '../lookup/useLead';
import { useLookups } from '../lookup/useLookups';
import { copyWords } from '../paper/clipboard';
import { download } from '../paper/downloads';
import { usePaper } from '../paper/usePaper';
import { useDropped } from '../paper/useDropped';
import { called } from '../sources/names';
import { focusOn } from '../ui/focus';
import { Home } from '../ui/Home';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { DraftSheets } from './DraftSheets';
import styles from './Draft.module.css';
import { FirstDraft } from './FirstDraft';
import { GiveBack, type Wanted } from './GiveBack';
import { PointList, type PointActs } from './PointList';
import { entryOf, pieces, pointsOf, type Point } from './points';
import { useDraft } from './useDraft';

const say = words.draft;

/** The student's own draft: as a sheet with its citations marked, and next to it what is to be put right. */
export default function DraftScreen() {
    const { paperId = '' } = useParams();
    return <Draft key={paperId} paperId={paperId} />;
}

function Draft({ paperId }: { paperId: string }) {
    const navigate = useNavigate();
    const tell = useSay();
    const paper = usePaper(paperId);
    const { settings, sources, edit, revision } = paper;
    const { draft, isKnown, problem, progress, give, answer, throwAway, bringBack, reload } = useDraft(paperId);
    const [, setLead] = useLead(paperId);
    const { reload: reloadPaper } = paper;
    const onNew = useCallback(() => void reloadPaper(), [reloadPaper]);
    const lookups = useLookups(paperId, revision, onNew);
    const [refusal, setRefusal] = useState('');
    const [lit, setLit] = useState<string | null>(null);
    const [isGiving, setGiving] = useState(false);
    const file = useRef<HTMLInputElement>(null);
    const points = useMemo(() => (draft === null ? null : pointsOf(draft)), [draft]);

    useEffect(() => {
        document.title = say.tab(settings?.title ?? '');
    }, [settings?.title]);

    // What is saved of a source changes what the draft is held against.
    useArrivals(
        useCallback(
            (path: string) => {
                if (path.startsWith(paperPath(paperId))) void reload();
            },
            [paperId, reload],
        ),
    );
    useEffect(() => {
        if (revision > 0) void reload();
    }, [revision, reload]);

    const tried = useCallback(
        (work: Promise<unknown>) => void work.catch((error: Error) => tell(error.message)),
        [tell],
    );
    const take = useCallback(
        (given: File | string) => {
            setRefusal('');
            void give(given)
                .then(() => focusOn('[data-points]'))
                .catch((error: Error) => setRefusal(error.message));
        },
        [give],
    );
    const isOver = useDropped((dropped) => take(dropped));

    const leaveOut = useCallback(
        async (some: SavedSource[], leftOut: boolean) => {
            for (const one of some) edit(one.id, { ...one.source, leftOut });
            for (const one of some) await outbox.delivered(sourcePath(paperId, one.id));
            await reloadPaper();
            await reload();
        },
        [edit, reloadPaper, paperId, reload],
    );
    const settle = useCallback(
        (point: Point) => {
            if (draft === null) return;
            const before = draft.settled;
            tried(answer({ settled: [...before, point.key] }));
            tell(say.settledOne, () => tried(answer({ settled: before })));
            focusOn('[data-points]');
        },
        [draft, answer, tell, tried],
    );

    const acts: PointActs = {
        show: (point) => {
            setLit(point.key);
            const mark = point.citation === null ? null : document.querySelector(`[data-citation="${point.citation}"]`);
            const target = mark ?? document.querySelector(`[data-paragraph="${point.paragraphs[0] ?? -1}"]`);
            target?.scrollIntoView({ block: 'center' });
        },
        settle,
        unsettle: (point) =>
            draft !== null && tried(answer({ settled: draft.settled.filter((key) => key !== point.key) })),
        copy: (text) => {
            copyWords(
                text,
                pieces(text)
                    .map(([piece]) => piece)
                    .join(''),
            );
            tell(words.copy.citation);
        },
        add: (who) => {
            if (draft === null) return;
            const entry = entryOf(draft, who);
            setLead(entry || who);
            void navigate(`/papers/${paperId}`);
            focusOn('[data-lead]');
        },
        means: (who, source) => draft !== null && tried(answer({ meant: { ...draft.meant, [who]: source } })),
        leaveOut: (ids) => {
            const some = ids.flatMap((id) => sources[id] ?? []);
            if (some.length === 0) return;
            tried(leaveOut(some, true));
            const told = some.length === 1 ? say.leftOut(called(some[0]!.source)) : say.allLeftOut(some.length);
            tell(told, () => tried(leaveOut(some, false)));
        },
    };
    const readList = () => {
        if (draft?.list == null) return;
        tried(
            lookups.start(draft.list.entries.join('\n')).then(() => {
                void navigate(`/papers/${paperId}`);
                tell(say.listRead(draft.list!.entries.length));
            }),
        );
    };
    const giveBack = (wanted: Wanted) => {
        setGiving(false);
        const query = new URLSearchParams();
        if (wanted.replaces) query.set('replace', '1');
        if (wanted.onlyCited) query.set('only', 'cited');
        if (wanted.mends.length > 0) query.set('mend', wanted.mends.join(','));
        download(`/papers/${paperId}/draft.file?${query.toString()}`);
        tell(say.givenBack);
    };
    const toss = () => {
        setGiving(false);
        tried(throwAway().then(() => tell(say.thrownAway, () => tried(bringBack()))));
        focusOn('[data-choose-draft]');
    };

    return (
        <div className={styles.screen}>
            <header className={styles.bar}>
                <Home />
                <nav className={styles.path} aria-label={say.way}>
                    <Link to="/">{words.bar.papers}</Link>
                    <span aria-hidden="true">/</span>
                    <Link to={`/papers/${paperId}`} data-back="">
                        {settings?.title || words.nameless}
                    </Link>
                    <span aria-hidden="true">/</span>
                    <h1>{say.heading}</h1>
                </nav>
                {draft !== null && <span className={styles.name}>{draft.name || say.pasted}</span>}
                <span className={styles.acts}>
                    {draft !== null && (
                        <>
                            <button className={ui.link} type="button" onClick={toss} data-toss="">
                                {say.toss}
                            </button>
                            <Button onClick={() => file.current?.click()} data-again="">
                                {say.again}
                            </Button>
                            <Button
                                type="primary"
                                disabled={draft.isText}
                                title={draft.isText ? say.onlyFiles : undefined}
                                onClick={() => setGiving(true)}
                                data-give-back=""
                            >
                                {say.giveBack}
                            </Button>
                        </>
                    )}
                </span>
                <input
                    ref={file}
                    type="file"
                    className={ui.hidden}
                    tabIndex={-1}
                    aria-label={say.choose}
                    accept=".docx,.odt,.txt"
                    data-draft-file=""
                    onChange={(event) => {
                        const given = event.target.files?.[0];
                        // The same file chosen again is given again.
                        event.target.value = '';
                        if (given !== undefined) take(given);
                    }}
                />
            </header>
            {refusal !== '' && draft !== null && (
                <p className={`${ui.notice} ${styles.refusal}`} role="alert" data-refusal="">
                    {refusal}
                </p>
            )}
            {progress !== null && (
                <div className={styles.progress} role="status">
                    {progress < 1 ? say.sending : say.reading} <progress value={progress < 1 ? progress : undefined} />
                </div>
            )}
            {draft !== null && points !== null ? (
                <main className={styles.halves}>
                    <DraftSheets
                        draft={draft}
                        points={points.open}
                        lit={lit}
                        onPick={(citation) => {
                            const point = points.open.find((one) => one.citation === citation);
                            setLit(point?.key ?? null);
                            if (point === undefined) return;
                            const row = document.querySelector<HTMLElement>(`[data-point="${CSS.escape(point.key)}"]`);
                            row?.scrollIntoView({ block: 'center' });
                            row?.querySelector('button')?.focus({ preventScroll: true });
                        }}
                    />
                    <PointList
                        draft={draft}
                        points={points}
                        sources={sources}
                        lit={lit}
                        acts={acts}
                        onReadList={readList}
                    />
                </main>
            ) : (
                <main className={styles.first}>
                    {isKnown && progress === null && (
                        <FirstDraft problem={refusal} onChoose={() => file.current?.click()} onText={take} />
                    )}
                    {problem !== null && <p className={ui.notice}>{problem.message}</p>}
                </main>
            )}
            {isOver && <p className={styles.over}>{say.drop}</p>}
            {draft !== null && (
                <GiveBack
                    draft={draft}
                    mends={points?.open.filter((one) => one.mend !== '') ?? []}
                    open={isGiving}
                    onClose={() => setGiving(false)}
                    onGive={giveBack}
                />
            )}
        </div>
    );
}
