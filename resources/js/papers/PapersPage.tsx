import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, Select } from 'antd';
import { useEffect, useRef, useState, type FormEvent } from 'react';
import { Link, useNavigate } from 'react-router-dom';
import { ulid } from 'ulid';
import { call, read } from '../api/client';
import type { PaperSummary } from '../api/types';
import { PlaceChoice } from '../keep/PlaceChoice';
import { useOutbox } from '../keep/outboxOfThisTab';
import { Bin } from '../kept/Bin';
import { Dialog } from '../ui/Dialog';
import { Mark } from '../ui/Mark';
import { UndoBar } from '../ui/UndoBar';

interface Listed {
    papers: PaperSummary[];
    styles: { value: string; label: string }[];
}

const NAMELESS = 'Paper without a title';

/** The papers of this browser, and the way to begin one. */
export function PapersPage() {
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
    const [removed, setRemoved] = useState<PaperSummary | null>(null);
    // One paper however often the button is pressed.
    const next = useRef(ulid());
    const styles = list.data?.styles ?? [{ value: 'mla-9', label: 'MLA, 9th edition' }];
    const papers = list.data?.papers;
    const gone = bin.data ?? [];

    useEffect(() => {
        document.title = 'Your papers · Bibrel';
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
        setRemoved(paper);
        await fresh();
    };
    const restore = async (id: string) => {
        await call('POST', `papers/${id}/restore`);
        setInBin(false);
        setRemoved(null);
        await fresh();
    };
    const told = problem || waiting.sentence || list.error?.message;

    return (
        <>
            <header className="bar">
                <Link className="mark" to="/">
                    <Mark />
                    Bibrel
                </Link>
            </header>
            <main className="papers">
                <h1>Your papers</h1>
                <p className="soft">
                    Each paper keeps its sources and turns them into a finished page. Everything is saved for this
                    browser as you go; there is nothing to sign up for.
                </p>
                {told && (
                    <p className="notice" role="alert">
                        {told}
                    </p>
                )}
                <form className="begin" onSubmit={(event) => void begin(event)}>
                    <label className="grow">
                        What is the paper called?
                        <Input
                            value={title}
                            maxLength={300}
                            onChange={(event) => setTitle(event.target.value)}
                            placeholder="You can also name it later"
                        />
                    </label>
                    <label>
                        Style
                        <Select
                            value={style}
                            onChange={setStyle}
                            options={styles}
                            style={{ width: 170 }}
                            aria-label="Style"
                        />
                    </label>
                    <Button type="primary" htmlType="submit" disabled={busy}>
                        Begin the paper
                    </Button>
                </form>
                {list.isPending && <p className="soft">Fetching your papers …</p>}
                {papers?.length === 0 && (
                    <p className="soft">
                        No paper yet. Name your first one above, choose the style your teacher asks for, and begin.
                    </p>
                )}
                <ul className="list-of-papers" aria-label="Papers">
                    {papers?.map((paper) => (
                        <li key={paper.id}>
                            <Link to={`/papers/${paper.id}`}>
                                <b>{paper.title || NAMELESS}</b>
                                <span className="soft">
                                    {styles.find((one) => one.value === paper.style)?.label} · {sourcesOf(paper)} ·
                                    changed{' '}
                                    {new Date(paper.updatedAt).toLocaleDateString('en-GB', {
                                        day: 'numeric',
                                        month: 'long',
                                        year: 'numeric',
                                    })}
                                </span>
                            </Link>
                            <button
                                className="link"
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
                        <button className="link" type="button" onClick={() => setInBin(true)}>
                            {gone.length === 1 ? 'One removed paper' : `${gone.length} removed papers`}
                        </button>
                    </p>
                )}
                <PlaceChoice />
            </main>
            <Dialog title="Removed papers" open={inBin} onClose={() => setInBin(false)}>
                <Bin
                    label="Removed papers"
                    removed={gone.map((one) => ({
                        id: one.id,
                        name: one.title || NAMELESS,
                        removedAt: one.removedAt ?? one.updatedAt,
                        aside: sourcesOf(one),
                    }))}
                    onBringBack={(id) => void tried(restore(id))}
                />
            </Dialog>
            {removed !== null && (
                <UndoBar
                    text={`“${removed.title || NAMELESS}” was removed.`}
                    onUndo={() => void tried(restore(removed.id))}
                    onClose={() => setRemoved(null)}
                />
            )}
        </>
    );
}

function sourcesOf(paper: PaperSummary): string {
    return paper.sources === 1 ? '1 source' : `${paper.sources} sources`;
}
