import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { lazy, Suspense, useEffect, useRef, useState, type FormEvent } from 'react';
import { useNavigate } from 'react-router-dom';
import { ulid } from 'ulid';
import { call, read } from '../api/client';
import type { PaperSummary, RemovedPaper } from '../api/types';
import { PlaceChoice } from '../keep/PlaceChoice';
import { useOutbox } from '../keep/outboxOfThisTab';
import { Bin } from '../kept/Bin';
import { DeskBar } from '../ui/DeskBar';
import { Dialog } from '../ui/Dialog';
import { focusOn } from '../ui/focus';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { useTried } from '../ui/useTried';
import { words } from '../words/english';
import { PaperRow } from './PaperRow';
import styles from './PapersPage.module.css';

const Found = lazy(() => import('./Found'));

interface Listed {
    papers: PaperSummary[];
    styles: { value: string; label: string }[];
}

const say = words.papers;

/** How often it is asked who is with a paper that is shared, in milliseconds. */
const COMPANY = 15_000;

/** All papers somebody has, and the way to begin one. */
export default function PapersPage() {
    const navigate = useNavigate();
    const client = useQueryClient();
    const waiting = useOutbox().progress();
    const list = useQuery<Listed>({
        queryKey: ['papers'],
        queryFn: () => read<Listed>('papers'),
        staleTime: 0,
        refetchInterval: (query) =>
            query.state.data?.papers.some((one) => one.with.length > 0 || one.may !== 'own') === true ? COMPANY : false,
    });
    const bin = useQuery<RemovedPaper[]>({
        queryKey: ['bin'],
        queryFn: () => call<RemovedPaper[]>('GET', 'bin'),
        staleTime: 0,
    });
    const { problem, tried } = useTried();
    const [title, setTitle] = useState('');
    const [style, setStyle] = useState('mla-9');
    const [busy, setBusy] = useState(false);
    const [inBin, setInBin] = useState(false);
    const [search, setSearch] = useState('');
    const tell = useSay();
    // One paper however often the button is pressed.
    const next = useRef(ulid());
    const choices = list.data?.styles ?? [{ value: 'mla-9', label: 'MLA, 9th edition' }];
    const papers = list.data?.papers;
    const mine = papers?.filter((one) => one.may === 'own');
    const shared = papers?.filter((one) => one.may !== 'own') ?? [];
    const gone = bin.data ?? [];

    useEffect(() => {
        document.title = say.tab;
    }, []);

    const fresh = () =>
        Promise.all([
            client.invalidateQueries({ queryKey: ['papers'] }),
            client.invalidateQueries({ queryKey: ['bin'] }),
        ]);

    const begin = (event: FormEvent) => {
        event.preventDefault();
        if (busy) return;
        setBusy(true);
        tried(
            call('PUT', `papers/${next.current}`, { version: 0, title: title.trim(), style })
                .then(() => navigate(`/papers/${next.current}`))
                .finally(() => setBusy(false)),
        );
    };
    const restore = async (id: string) => {
        await call('POST', `papers/${id}/restore`);
        setInBin(false);
        await fresh();
    };
    const remove = async (paper: PaperSummary) => {
        await call('DELETE', `papers/${paper.id}`);
        tell(say.removed(paper.title || words.nameless), () => tried(restore(paper.id)));
        await fresh();
        focusOn('[data-papers] a', '[data-name]');
    };
    const leave = async (paper: PaperSummary) => {
        await call('POST', `papers/${paper.id}/leave`);
        tell(say.left(paper.title || words.nameless), () =>
            tried(call('POST', `papers/${paper.id}/come-back`).then(fresh)),
        );
        await fresh();
        focusOn('[data-papers] a', '[data-name]');
    };
    const copy = async (paper: PaperSummary) => {
        const id = ulid();
        await call('POST', `papers/${paper.id}/copy`, { id });
        await fresh();
        tell(say.copied(paper.title || words.nameless), () => tried(call('DELETE', `papers/${id}`).then(fresh)));
        focusOn(`[data-paper="${id}"] a`);
    };
    const told = problem || waiting.sentence || list.error?.message;
    const labelled = (id: string) => choices.find((one) => one.value === id)?.label ?? '';
    const rows = (some: PaperSummary[]) =>
        some.map((paper) => (
            <PaperRow
                key={paper.id}
                paper={paper}
                style={labelled(paper.style)}
                onCopy={() => tried(copy(paper))}
                onRemove={() => tried(paper.may === 'own' ? remove(paper) : leave(paper))}
            />
        ));

    return (
        <>
            <DeskBar />
            <main className={styles.papers}>
                <h1>{say.heading}</h1>
                <p className={ui.soft}>{say.about}</p>
                {told && (
                    <p className={ui.notice} role="alert">
                        {told}
                    </p>
                )}
                <form className={styles.begin} data-begin-paper="" onSubmit={begin}>
                    <label className={styles.grow}>
                        {say.called}
                        <input
                            className={ui.box}
                            data-name=""
                            value={title}
                            maxLength={300}
                            onChange={(event) => setTitle(event.target.value)}
                            placeholder={say.later}
                        />
                    </label>
                    <label>
                        {say.style}
                        <select
                            className={`${ui.box} ${styles.style}`}
                            value={style}
                            onChange={(event) => setStyle(event.target.value)}
                        >
                            {choices.map((one) => (
                                <option key={one.value} value={one.value}>
                                    {one.label}
                                </option>
                            ))}
                        </select>
                    </label>
                    <Button type="primary" htmlType="submit" disabled={busy}>
                        {say.begin}
                    </Button>
                </form>
                {list.isPending && <p className={ui.soft}>{say.fetching}</p>}
                {papers?.length === 0 && <p className={ui.soft}>{say.none}</p>}
                {(papers?.length ?? 0) > 0 && (
                    <input
                        className={`${ui.box} ${styles.search}`}
                        type="search"
                        aria-label={say.search}
                        placeholder={say.search}
                        value={search}
                        onChange={(event) => setSearch(event.target.value)}
                        data-search=""
                    />
                )}
                {search.trim() !== '' ? (
                    <Suspense fallback={null}>
                        <Found asked={search.trim()} />
                    </Suspense>
                ) : (
                    <>
                        {shared.length > 0 && (mine?.length ?? 0) > 0 && <h2>{say.mine}</h2>}
                        <ul className={styles.list} aria-label={say.list} data-papers="">
                            {rows(mine ?? [])}
                        </ul>
                        {shared.length > 0 && (
                            <>
                                <h2>{say.shared}</h2>
                                <ul className={styles.list} aria-label={say.shared} data-shared-papers="">
                                    {rows(shared)}
                                </ul>
                            </>
                        )}
                    </>
                )}
                {gone.length > 0 && (
                    <p>
                        <button className={ui.link} type="button" onClick={() => setInBin(true)}>
                            {say.bin(gone.length)}
                        </button>
                    </p>
                )}
                <PlaceChoice />
            </main>
            <Dialog title={say.binTitle} open={inBin} onClose={() => setInBin(false)}>
                <Bin
                    label={say.binTitle}
                    removed={gone.map((one) => ({
                        id: one.id,
                        name: one.title || words.nameless,
                        removedAt: one.removedAt,
                        aside: say.sources(one.count),
                    }))}
                    onBringBack={(id) => tried(restore(id))}
                />
            </Dialog>
        </>
    );
}
