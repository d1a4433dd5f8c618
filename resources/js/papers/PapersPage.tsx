import { Button, Input, Select } from 'antd';
import { useEffect, useState, type FormEvent } from 'react';
import { Link, useNavigate } from 'react-router-dom';
import { ulid } from 'ulid';
import { call, Problem } from '../api/client';
import type { PaperSummary } from '../api/types';
import { Mark } from '../ui/Mark';
import { UndoBar } from '../ui/UndoBar';

/** The papers of this browser, and the way to begin one. */
export function PapersPage() {
    const navigate = useNavigate();
    const [papers, setPapers] = useState<PaperSummary[] | null>(null);
    const [styles, setStyles] = useState<{ value: string; label: string }[]>([{ value: 'mla-9', label: 'MLA, 9th edition' }]);
    const [problem, setProblem] = useState('');
    const [title, setTitle] = useState('');
    const [style, setStyle] = useState('mla-9');
    const [removed, setRemoved] = useState<PaperSummary | null>(null);

    const load = () =>
        call<{ papers: PaperSummary[]; styles: { value: string; label: string }[] }>('GET', 'papers')
            .then((answer) => {
                setPapers(answer.papers);
                setStyles(answer.styles);
            })
            .catch((error: Problem) => setProblem(error.message));

    useEffect(() => {
        document.title = 'Your papers · Bibrel';
        void load();
    }, []);

    const begin = async (event: FormEvent) => {
        event.preventDefault();
        const id = ulid();
        try {
            await call('PUT', `papers/${id}`, { version: 0, title: title.trim(), style });
            await navigate(`/papers/${id}`);
        } catch (error) {
            setProblem((error as Problem).message);
        }
    };

    const remove = async (paper: PaperSummary) => {
        try {
            await call('DELETE', `papers/${paper.id}`);
            setRemoved(paper);
            await load();
        } catch (error) {
            setProblem((error as Problem).message);
        }
    };

    const restore = async () => {
        if (removed === null) return;
        await call('POST', `papers/${removed.id}/restore`);
        setRemoved(null);
        await load();
    };

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
                    Each paper keeps its sources and turns them into a finished page. Everything is saved for this browser as you go; there is nothing to sign up for.
                </p>
                {problem !== '' && (
                    <p className="notice" role="alert">
                        {problem}
                    </p>
                )}
                <form className="begin" onSubmit={(event) => void begin(event)}>
                    <label className="grow">
                        What is the paper called?
                        <Input value={title} maxLength={300} onChange={(event) => setTitle(event.target.value)} placeholder="You can also name it later" />
                    </label>
                    <label>
                        Style
                        <Select value={style} onChange={setStyle} options={styles} style={{ width: 170 }} aria-label="Style" />
                    </label>
                    <Button type="primary" htmlType="submit">
                        Begin the paper
                    </Button>
                </form>
                {papers === null && problem === '' && <p className="soft">Fetching your papers …</p>}
                {papers?.length === 0 && <p className="soft">No paper yet. Name your first one above, choose the style your teacher asks for, and begin.</p>}
                <ul aria-label="Papers">
                    {papers?.map((paper) => (
                        <li key={paper.id}>
                            <Link to={`/papers/${paper.id}`}>
                                <b>{paper.title || 'Paper without a title'}</b>
                                <span className="soft">
                                    {styles.find((one) => one.value === paper.style)?.label} · {paper.sources === 1 ? '1 source' : `${paper.sources} sources`} · changed{' '}
                                    {new Date(paper.updatedAt).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' })}
                                </span>
                            </Link>
                            <button className="link" type="button" onClick={() => void remove(paper)} aria-label={`Remove ${paper.title || 'the paper without a title'}`}>
                                Remove
                            </button>
                        </li>
                    ))}
                </ul>
            </main>
            {removed !== null && <UndoBar text={`“${removed.title || 'Paper without a title'}” was removed.`} onUndo={() => void restore()} onClose={() => setRemoved(null)} />}
        </>
    );
}
