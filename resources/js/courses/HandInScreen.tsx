import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router-dom';
import { ulid } from 'ulid';
import { call } from '../api/client';
import type { Answer, Comment, ReadPage } from '../api/types';
import { Comments } from '../comments/Comments';
import { when } from '../kept/when';
import { ReadSheets } from '../page/ReadSheets';
import { useReference } from '../paper/useReference';
import { useMe } from '../people/useMe';
import share from '../share/Share.module.css';
import { DeskBar } from '../ui/DeskBar';
import { Dot } from '../ui/Dot';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { more } from '../words/more';
import styles from './Courses.module.css';

const say = more.courses;

interface HandedIn extends ReadPage {
    id: string;
    name: string;
    at: string;
    question: string;
    states: { id: string; at: string }[];
    answers: Answer[];
    comments: Comment[];
}

/** What somebody handed in, for the teacher: the page as it was, what is asked, and what there is to say of it. */
export default function HandInScreen() {
    const { courseId = '', handInId = '' } = useParams();
    const reference = useReference();
    const me = useMe();
    const path = `courses/${courseId}/hand-ins/${handInId}`;
    const read = useQuery<HandedIn>({ queryKey: ['hand-in', handInId], queryFn: () => call<HandedIn>('GET', path) });
    const [source, setSource] = useState<string | null>(null);
    const { data } = read;
    useEffect(() => {
        document.title = `${data?.name ?? ''} · ${data?.title ?? ''}`;
    }, [data?.name, data?.title]);
    if (data === undefined || reference === null)
        return (
            <>
                <DeskBar />
                <main className={styles.page}>
                    {read.error !== null && <p className={ui.notice}>{read.error.message}</p>}
                </main>
            </>
        );
    const fresh = async () => {
        await read.refetch();
    };
    const entry = data.page.entries.find((one) => one.id === source);
    return (
        <div className={share.screen} data-handed-in="">
            <DeskBar />
            <main className={share.halves}>
                <section className={share.left} tabIndex={0} aria-label={say.handIn}>
                    <p>
                        <Link to={`/courses/${courseId}`}>{say.papers}</Link>
                    </p>
                    <h1>{data.title || words.nameless}</h1>
                    <p className={ui.soft}>{say.of(data.name, when(data.at))}</p>
                    {data.states.length > 1 && (
                        <p className={ui.soft}>
                            {say.states}{' '}
                            {data.states.map((one) => (
                                <span key={one.id}>
                                    {one.id === handInId ? (
                                        <b>{when(one.at)}</b>
                                    ) : (
                                        <Link to={`/courses/${courseId}/hand-ins/${one.id}`}>{when(one.at)}</Link>
                                    )}{' '}
                                </span>
                            ))}
                        </p>
                    )}
                    {data.question !== '' && <p>{data.question}</p>}
                    <ul className={styles.answers}>
                        {data.answers.map((one) => (
                            <li key={one.id}>
                                <Dot kind={one.isMet ? 'stated' : 'guess'} /> {one.sentence}
                            </li>
                        ))}
                    </ul>
                    {source !== null && (
                        <p>
                            <button className={ui.link} type="button" onClick={() => setSource(null)}>
                                {more.comments.paper}
                            </button>{' '}
                            /{' '}
                            <b>
                                {entry?.runs
                                    .map((run) => run[0])
                                    .join('')
                                    .slice(0, 80)}
                            </b>
                        </p>
                    )}
                    {source === null && <p className={`${ui.soft} ${ui.small}`}>{say.pressEntry}</p>}
                    {me !== undefined && (
                        <Comments
                            key={source ?? ''}
                            comments={data.comments}
                            me={me.id}
                            canSay
                            isOwn={false}
                            source={source}
                            below={1}
                            acts={{
                                say: (said) => call('PUT', `${path}/comments/${ulid()}`, said).then(fresh),
                                remove: (id) => call('DELETE', `${path}/comments/${id}`).then(fresh),
                            }}
                        />
                    )}
                </section>
                <ReadSheets shown={data} reference={reference} openSource={source} onPick={setSource} />
            </main>
        </div>
    );
}
