import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useRef, useState, type FormEvent } from 'react';
import { Link, useNavigate } from 'react-router-dom';
import { ulid } from 'ulid';
import { call, read } from '../api/client';
import type { PaperSummary } from '../api/types';
import { PlaceChoice } from '../keep/PlaceChoice';
import { useOutbox } from '../keep/outboxOfThisTab';
import { Bin } from '../kept/Bin';
import { Dialog } from '../ui/Dialog';
import { Home } from '../ui/Home';
import { focusOn } from '../ui/focus';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './PapersPage.module.css';

interface Listed {
    papers: PaperSummary[];
    styles: { value: string; label: string }[];
}

const say = words.papers;

/** The papers of this browser, and the way to begin one. */
export default function PapersPage() {
    const navigate = useNavigate();
    const client = useQueryClient();
    const waiting = useOutbox().progress();
    const list = useQuery<Listed>({ queryKey: ['papers'], queryFn: () => read<Listed>('papers'), staleTime: 0 });
    const bin = useQuery<PaperSummary[]>({
        queryKey: ['bin'],
        queryFn: () => call<PaperSummary[]>('GET', 'bin'),
        staleTime: 0,
    });
    const [problem, setProblem] = useState('');
    const [title, setTitle] = useState('');
    const [style, setStyle] = useState('mla-9');
    const [busy, setBusy] = useState(false);
    const [inBin, setInBin] = useState(false);
    const tell = useSay();
    // One paper however often the button is pressed.
    const next = useRef(ulid());
    const choices = list.data?.styles ?? [{ value: 'mla-9', label: 'MLA, 9th edition' }];
    const papers = list.data?.papers;
    const gone = bin.data ?? [];

    useEffect(() => {
        document.title = say.tab;
    }, []);

    const fresh = () =>
        Promise.all([
            client.invalidateQueries({ queryKey: ['papers'] }),
            client.invalidateQueries({ queryKey: ['bin'] }),
        ]);
    const tried = (work: Promise<unknown>) =>
        work.then(() => setProblem('')).catch((error: Error) => setProblem(error.message));

    const begin = async (event: FormEvent) => {
        event.preventDefault();
        if (busy) return;
        setBusy(true);
        await tried(
            (async () => {
                await call('PUT', `papers/${next.current}`, { version: 0, title: title.trim(), style });
                await navigate(`/papers/${next.current}`);
            })(),
        );
        setBusy(false);
    };
    const remove = async (paper: PaperSummary) => {
        await call('DELETE', `papers/${paper.id}`);
        tell(say.removed(paper.title || words.nameless), () => void tried(restore(paper.id)));
        await fresh();
        focusOn('[data-papers] a', '[data-name]');
    };
    const restore = async (id: string) => {
        await call('POST', `papers/${id}/restore`);
        setInBin(false);
        await fresh();
    };
    const told = problem || waiting.sentence || list.error?.message;

    return (
        <>
            <header className={styles.bar}>
                <Home />
            </header>
            <main className={styles.papers}>
                <h1>{say.heading}</h1>
                <p className={ui.soft}>{say.about}</p>
                {told && (
                    <p className={ui.notice} role="alert">
                        {told}
                    </p>
                )}
                <form className={styles.begin} data-begin-paper="" onSubmit={(event) => void begin(event)}>
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
                <ul className={styles.list} aria-label={say.list} data-papers="">
                    {papers?.map((paper) => (
                        <li key={paper.id}>
                            <Link to={`/papers/${paper.id}`}>
                                <b>{paper.title || words.nameless}</b>
                                <span className={ui.soft}>
                                    {choices.find((one) => one.value === paper.style)?.label} · {sourcesOf(paper)} ·
                                    changed{' '}
                                    {new Date(paper.updatedAt).toLocaleDateString('en-GB', {
                                        day: 'numeric',
                                        month: 'long',
                                        year: 'numeric',
                                    })}
                                </span>
                            </Link>
                            <button
                                className={ui.link}
                                type="button"
                                onClick={() => void tried(remove(paper))}
                                aria-label={`Remove ${paper.title || 'the paper without a title'}`}
                            >
                                Remove
                            </button>
                        </li>
                    ))}
                </ul>
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
                        removedAt: one.removedAt ?? one.updatedAt,
                        aside: sourcesOf(one),
                    }))}
                    onBringBack={(id) => void tried(restore(id))}
                />
            </Dialog>
        </>
    );
}

function sourcesOf(paper: PaperSummary): string {
    return paper.sources === 1 ? '1 source' : `${paper.sources} sources`;
}
