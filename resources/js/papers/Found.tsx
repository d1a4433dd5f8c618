import { useQuery } from '@tanstack/react-query';
import { useDeferredValue } from 'react';
import { Link } from 'react-router-dom';
import { call } from '../api/client';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { more } from '../words/more';
import styles from './PapersPage.module.css';

interface Place {
    id: string;
    title: string;
}

export interface Places {
    sources: { id: string; name: string; kind: string; people: string; paper: Place }[];
    notes: { id: string; source: string | null; text: string; paper: Place }[];
}

const say = more.papers;

/** Where words stand in any paper: sources and notes. */
export default function Found({ asked }: { asked: string }) {
    const wanted = useDeferredValue(asked);
    const { data } = useQuery<Places>({
        queryKey: ['search', wanted],
        queryFn: () => call<Places>('GET', `search?for=${encodeURIComponent(wanted)}`),
        placeholderData: (before) => before,
        staleTime: 0,
    });
    if (data === undefined) return null;
    const count = data.sources.length + data.notes.length;
    return (
        <div data-found="">
            <p className={ui.soft} role="status">
                {count === 0 ? say.nothing : say.found(count)}
            </p>
            <ul className={styles.found}>
                {data.sources.map((one) => (
                    <li key={one.id}>
                        <Link to={`/papers/${one.paper.id}/sources/${one.id}`}>
                            <b>{one.name}</b>
                            <span className={ui.soft}>
                                {[one.kind, one.people, say.inPaper(one.paper.title || words.nameless)]
                                    .filter((part) => part !== '')
                                    .join(' · ')}
                            </span>
                        </Link>
                    </li>
                ))}
                {data.notes.map((one) => (
                    <li key={one.id}>
                        <Link to={`/papers/${one.paper.id}/notes`}>
                            <b>{one.text}</b>
                            <span className={ui.soft}>
                                {say.note} · {say.inPaper(one.paper.title || words.nameless)}
                            </span>
                        </Link>
                    </li>
                ))}
            </ul>
        </div>
    );
}
