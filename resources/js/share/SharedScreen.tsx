import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useEffect, useState, type FormEvent } from 'react';
import { Link, Navigate, useNavigate, useParams } from 'react-router-dom';
import { call } from '../api/client';
import type { ReadPage, Right } from '../api/types';
import { ReadSheets } from '../page/ReadSheets';
import { useReference } from '../paper/useReference';
import { useMe } from '../people/useMe';
import { Alert } from '../ui/Alert';
import { DeskBar } from '../ui/DeskBar';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { more } from '../words/more';
import styles from './Share.module.css';

const say = more.shared;

interface Given extends Partial<ReadPage> {
    may: Right;
    title: string;
    owner: string;
    /** As much of an address as its owner knows it by; '' for whoever has the link. */
    isFor: string;
    endsOn: string | null;
    /** The paper itself, where it is one's own. */
    paper?: string | null;
    sources?: { id: string; name: string; kind: string; url: string }[];
}

/** What somebody finds who follows a link to a paper: the page, or the door to the paper. */
export default function SharedScreen() {
    const { token = '' } = useParams();
    const navigate = useNavigate();
    const me = useMe();
    const reference = useReference();
    const [name, setName] = useState<string | null>(null);
    const [problem, setProblem] = useState('');
    const given = useQuery<Given>({
        queryKey: ['shared', token, me?.id],
        queryFn: () => call<Given>('GET', `shared/${token}`),
        enabled: me !== undefined,
    });
    const { data } = given;
    useEffect(() => {
        document.title = say.tab(data?.title || words.nameless);
    }, [data?.title]);

    const join = (event: FormEvent) => {
        event.preventDefault();
        void (async () => {
            if (name !== null && name.trim() !== me?.name) await call('PUT', 'me', { name: name.trim() });
            const { paper } = await call<{ paper: string }>('POST', `shared/${token}`);
            await navigate(`/papers/${paper}`);
        })().catch((error: Error) => setProblem(error.message));
    };

    if (data?.paper != null) return <Navigate to={`/papers/${data.paper}`} replace />;
    if (data?.page !== undefined && reference !== null)
        return (
            <div className={styles.screen} data-shared-page="">
                <DeskBar />
                <main className={styles.halves}>
                    <section className={styles.left} tabIndex={0} aria-label={say.sources}>
                        <h1>{data.title || words.nameless}</h1>
                        <p className={ui.soft}>
                            {say.by(data.owner)} {say.style(data.style ?? '')}.
                        </p>
                        <h2>{say.sources}</h2>
                        <ul className={styles.sources}>
                            {data.sources?.map((one) => (
                                <li key={one.id}>
                                    <b>{one.name}</b>
                                    <span className={ui.soft}>
                                        {one.kind}
                                        {/^https?:/.test(one.url) && (
                                            <>
                                                {' · '}
                                                <a href={one.url} rel="noreferrer">
                                                    {new URL(one.url).host}
                                                </a>
                                            </>
                                        )}
                                    </span>
                                </li>
                            ))}
                        </ul>
                    </section>
                    <ReadSheets shown={data as ReadPage} reference={reference} />
                </main>
            </div>
        );
    return (
        <>
            <DeskBar />
            <main className={styles.page}>
                {given.error !== null ? (
                    <>
                        <h1>{say.gone}</h1>
                        <p className={ui.notice}>{given.error.message}</p>
                        <Link to="/">{say.home}</Link>
                    </>
                ) : data === undefined ? (
                    <p className={ui.soft}>{say.opening}</p>
                ) : (
                    <form className={styles.join} onSubmit={join} data-join="">
                        <h1>{data.title || words.nameless}</h1>
                        <p>
                            {say.by(data.owner)} {say.is[data.may as 'read' | 'comment' | 'edit']}
                        </p>
                        {data.isFor !== '' && me?.account == null && (
                            <p className={ui.notice}>{say.isFor(data.isFor)}</p>
                        )}
                        <label>
                            {say.name}
                            <input
                                className={ui.box}
                                value={name ?? me?.name ?? ''}
                                maxLength={80}
                                autoComplete="name"
                                autoFocus
                                onChange={(event) => setName(event.target.value)}
                                data-my-name=""
                            />
                        </label>
                        <Alert>{problem}</Alert>
                        <p>
                            <Button type="primary" htmlType="submit">
                                {say.join}
                            </Button>
                        </p>
                    </form>
                )}
            </main>
        </>
    );
}
