import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router-dom';
import { ulid } from 'ulid';
import { call } from '../api/client';
import type { CourseAsked, PaperSummary, Reference } from '../api/types';
import { useReference } from '../paper/useReference';
import { Alert } from '../ui/Alert';
import { DeskBar } from '../ui/DeskBar';
import { Pick } from '../ui/Pick';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { more } from '../words/more';
import styles from './Courses.module.css';

const say = more.invited;

interface Invited extends CourseAsked {
    teacher: string;
    papers: { id: string; title: string }[];
}

/** What a course asks, for a student who follows its link, and the paper that begins with it. */
export default function CourseInvitation() {
    const { token = '' } = useParams();
    const navigate = useNavigate();
    const reference = useReference();
    const course = useQuery<Invited>({
        queryKey: ['invited', token],
        queryFn: () => call<Invited>('GET', `course/${token}`),
        staleTime: 0,
    });
    const [problem, setProblem] = useState('');
    const next = useRef(ulid());
    const { data } = course;
    useEffect(() => {
        document.title = `${data?.title ?? ''} · Bibrel`;
    }, [data?.title]);
    const papers = useQuery<{ papers: PaperSummary[] }>({ queryKey: ['papers'], queryFn: () => call('GET', 'papers') });
    const others = (papers.data?.papers ?? []).filter(
        (one) => one.may === 'own' && data?.papers.every((other) => other.id !== one.id) === true,
    );
    const use = (id: string) =>
        void call('POST', `papers/${id}/course`, { token })
            .then(() => navigate(`/papers/${id}`))
            .catch((error: Error) => setProblem(error.message));
    const begin = () =>
        void call('POST', `course/${token}`, { id: next.current })
            .then(() => navigate(`/papers/${next.current}`))
            .catch((error: Error) => setProblem(error.message));
    return (
        <>
            <DeskBar />
            <main className={styles.page}>
                {course.error !== null && (
                    <>
                        <h1>{more.shared.gone}</h1>
                        <p className={ui.notice}>{course.error.message}</p>
                        <Link to="/">{more.shared.home}</Link>
                    </>
                )}
                {data !== undefined && reference !== null && (
                    <>
                        <p className={ui.soft}>{say.heading}</p>
                        <h1>{data.title}</h1>
                        {data.dueOn !== null && <p>{more.due(data.dueOn)}</p>}
                        {data.note !== '' && <p className={styles.said}>{data.note}</p>}
                        <p>{say.teacher(data.teacher)}</p>
                        <ul className={styles.askedList} data-course-asks="">
                            {askedIn(data, reference).map((one) => (
                                <li key={one}>{one}</li>
                            ))}
                        </ul>
                        <Alert>{problem}</Alert>
                        <p>
                            <Button type="primary" onClick={begin} data-begin-for-course="">
                                {say.begin}
                            </Button>
                        </p>
                        {others.length > 0 && (
                            <p>
                                <Pick
                                    label={say.useOne}
                                    options={others.map((one): [string, string] => [
                                        one.id,
                                        one.title || words.nameless,
                                    ])}
                                    onPick={use}
                                />
                            </p>
                        )}
                        <p className={ui.soft}>{say.private}</p>
                        {data.papers.length > 0 && (
                            <>
                                <h2>{say.yours}</h2>
                                <ul>
                                    {data.papers.map((one) => (
                                        <li key={one.id}>
                                            <Link to={`/papers/${one.id}`}>{one.title || words.nameless}</Link>
                                        </li>
                                    ))}
                                </ul>
                            </>
                        )}
                    </>
                )}
            </main>
        </>
    );
}

/** What is asked, a line each, as the teacher wrote it down. */
function askedIn({ style, rules, asked }: CourseAsked, reference: Reference): string[] {
    const { told } = more.asked;
    const numbers = (['atLeast', 'atMost', 'scholarly', 'primary', 'printed', 'years'] as const).flatMap((key) =>
        asked[key] > 0 ? [told[key](asked[key])] : [],
    );
    const kind = (id: string) => reference.kinds.find((one) => one.id === id)?.label ?? id;
    return [
        reference.styles.find((one) => one.id === style)?.label ?? style,
        ...numbers,
        ...asked.kinds.map((one) => told.kind(kind(one.kind), one.atLeast)),
        ...(asked.annotated ? [more.asked.annotated] : []),
        ...(rules.addresses === 'auto' ? [] : [say.addresses[rules.addresses]]),
        ...(rules.accessed === 'auto' ? [] : [say.accessed[rules.accessed]]),
    ];
}
