import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useRef, useState, type FormEvent } from 'react';
import { Link, useNavigate } from 'react-router-dom';
import { ulid } from 'ulid';
import { call } from '../api/client';
import type { Course } from '../api/types';
import { Bin } from '../kept/Bin';
import { Alert } from '../ui/Alert';
import { DeskBar } from '../ui/DeskBar';
import { Dialog } from '../ui/Dialog';
import ui from '../ui/ui.module.css';
import { more } from '../words/more';
import styles from './Courses.module.css';

const say = more.courses;

interface Listed {
    courses: Course[];
    removed: Course[];
}

/** A teacher's courses, and the way to begin one. */
export default function CoursesPage() {
    const navigate = useNavigate();
    const list = useQuery<Listed>({
        queryKey: ['courses'],
        queryFn: () => call<Listed>('GET', 'courses'),
        staleTime: 0,
    });
    const [title, setTitle] = useState('');
    const [problem, setProblem] = useState('');
    const [inBin, setInBin] = useState(false);
    const next = useRef(ulid());
    const removed = list.data?.removed ?? [];
    useEffect(() => {
        document.title = say.tab;
    }, []);
    const begin = (event: FormEvent) => {
        event.preventDefault();
        void call('PUT', `courses/${next.current}`, { version: 0, title, style: 'mla-9' })
            .then(() => navigate(`/courses/${next.current}`))
            .catch((error: Error) => setProblem(error.message));
    };
    const bringBack = (id: string) =>
        void call('POST', `courses/${id}/restore`)
            .then(() => {
                setInBin(false);
                return list.refetch();
            })
            .catch((error: Error) => setProblem(error.message));
    return (
        <>
            <DeskBar />
            <main className={styles.page}>
                <h1>{say.heading}</h1>
                <p className={ui.soft}>{say.about}</p>
                <Alert>{problem}</Alert>
                <form className={styles.begin} onSubmit={begin} data-begin-course="">
                    <label>
                        {say.called}
                        <input
                            className={ui.box}
                            value={title}
                            maxLength={200}
                            placeholder={say.calledHint}
                            onChange={(event) => setTitle(event.target.value)}
                        />
                    </label>
                    <Button type="primary" htmlType="submit">
                        {say.begin}
                    </Button>
                </form>
                {list.data?.courses.length === 0 && <p className={ui.soft}>{say.none}</p>}
                <ul className={styles.list} data-courses="">
                    {list.data?.courses.map((one) => (
                        <li key={one.id}>
                            <Link to={`/courses/${one.id}`}>
                                <b>{one.title}</b>
                                <span className={ui.soft}>
                                    {[
                                        one.dueOn === null ? '' : more.due(one.dueOn),
                                        say.counts(one.papers, one.handedIn),
                                    ]
                                        .filter((part) => part !== '')
                                        .join(' · ')}
                                </span>
                            </Link>
                        </li>
                    ))}
                </ul>
                {removed.length > 0 && (
                    <p>
                        <button className={ui.link} type="button" onClick={() => setInBin(true)}>
                            {say.bin(removed.length)}
                        </button>
                    </p>
                )}
            </main>
            <Dialog title={say.bin(removed.length)} open={inBin} onClose={() => setInBin(false)}>
                <Bin
                    label={say.bin(removed.length)}
                    removed={removed.map((one) => ({
                        id: one.id,
                        name: one.title,
                        removedAt: one.removedAt ?? '',
                        aside: say.counts(one.papers, one.handedIn),
                    }))}
                    onBringBack={bringBack}
                />
            </Dialog>
        </>
    );
}
