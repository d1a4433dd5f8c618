import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { call } from '../api/client';
import type { Places } from '../papers/Found';
import { Alert } from '../ui/Alert';
import { Dialog } from '../ui/Dialog';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { more } from '../words/more';
import styles from './About.module.css';

const say = more.fromPapers;

interface Props {
    paperId: string;
    onReload: () => void;
    onClose: () => void;
}

/** Finds a source of another paper, and puts a copy of it on this one, with its evidence and its notes. */
export default function FromPapers({ paperId, onReload, onClose }: Props) {
    const client = useQueryClient();
    const tell = useSay();
    const [asked, setAsked] = useState('');
    const [problem, setProblem] = useState('');
    const [added, setAdded] = useState<ReadonlySet<string>>(new Set());
    const wanted = useDeferredValue(asked.trim());
    const { data } = useQuery<Places>({
        queryKey: ['search', wanted],
        queryFn: () => call<Places>('GET', `search?for=${encodeURIComponent(wanted)}`),
        enabled: wanted !== '',
        placeholderData: (before) => before,
    });
    const found = wanted === '' ? [] : (data?.sources.filter((one) => one.paper.id !== paperId) ?? []);
    const add = (from: string, id: string, name: string) =>
        void call<{ ids: string[] }>('POST', `papers/${from}/sources/copy`, { ids: [id], to: paperId })
            .then(({ ids }) => {
                setAdded((before) => new Set([...before, id]));
                onReload();
                tell(
                    say.added(name),
                    () =>
                        void call('POST', `papers/${paperId}/sources/remove`, { ids }).then(() => {
                            onReload();
                            return client.invalidateQueries({ queryKey: ['bin', paperId] });
                        }),
                );
            })
            .catch((error: Error) => setProblem(error.message));
    return (
        <Dialog title={say.title} open onClose={onClose}>
            <div className={styles.about}>
                <input
                    className={ui.box}
                    type="search"
                    aria-label={say.find}
                    placeholder={say.find}
                    autoFocus
                    value={asked}
                    onChange={(event) => setAsked(event.target.value)}
                    data-find-source=""
                />
                <Alert>{problem}</Alert>
                {wanted !== '' && data !== undefined && found.length === 0 && <p className={ui.soft}>{say.nothing}</p>}
                <ul className={styles.found}>
                    {found.map((one) => (
                        <li key={one.id}>
                            <span>
                                <b>{one.name}</b>
                                <span className={ui.soft}>
                                    {[one.kind, one.people, more.papers.inPaper(one.paper.title || words.nameless)]
                                        .filter((part) => part !== '')
                                        .join(' · ')}
                                </span>
                            </span>
                            <button
                                className={ui.link}
                                type="button"
                                disabled={added.has(one.id)}
                                onClick={() => add(one.paper.id, one.id, one.name)}
                                data-take-source={one.id}
                            >
                                {added.has(one.id) ? say.isAdded : say.add}
                            </button>
                        </li>
                    ))}
                </ul>
            </div>
        </Dialog>
    );
}
