import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { lazy, Suspense, useEffect, useRef, useState, type FormEvent } from 'react';
import { useNavigate, useSearchParams } from 'react-router-dom';
import { call, token } from '../api/client';
import type { Me, SignIn } from '../api/types';
import { PlaceChoice } from '../keep/PlaceChoice';
import { download } from '../paper/downloads';
import { Alert } from '../ui/Alert';
import { DeskBar } from '../ui/DeskBar';
import { Dialog } from '../ui/Dialog';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { useTried } from '../ui/useTried';
import { words } from '../words/english';
import { more } from '../words/more';
import styles from './People.module.css';
import { signOut } from './signing';
import { useMe } from './useMe';

const SignInDialog = lazy(() => import('./SignInDialog'));

const say = more.people;
const day = (iso: string) => more.day(iso.slice(0, 10));

/** Gives a file as an archive; an error says why it cannot be taken in. */
async function takeIn(file: File): Promise<number> {
    const form = new FormData();
    form.append('file', file);
    const answer = await fetch('/api/archive', {
        method: 'POST',
        credentials: 'same-origin',
        headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token() },
        body: form,
    });
    const told = (await answer.json().catch(() => ({}))) as { papers?: number; detail?: string };
    if (!answer.ok) throw new Error(told.detail ?? words.network.ourFault);
    return told.papers ?? 0;
}

/** Who one is, where one is signed in, and everything one has: out, in again, and away. */
export default function AccountPage() {
    const client = useQueryClient();
    const navigate = useNavigate();
    const tell = useSay();
    const me = useMe();
    const account = me?.account ?? null;
    const [query] = useSearchParams();
    const { problem, tried } = useTried();
    const [name, setName] = useState<string | null>(null);
    const [dialog, setDialog] = useState<'signIn' | 'change' | 'leave' | null>(null);
    const file = useRef<HTMLInputElement>(null);
    const browsers = useQuery<SignIn[]>({
        queryKey: ['sign-ins'],
        queryFn: () => call('GET', 'sign-ins'),
        enabled: account !== null,
    });
    useEffect(() => {
        document.title = say.tab;
    }, []);

    const know = (next: Me) => client.setQueryData(['me'], next);
    const saveName = (event: FormEvent) => {
        event.preventDefault();
        tried(
            call<Me>('PUT', 'me', { name: name ?? me?.name ?? '' }).then((next) => {
                know(next);
                tell(say.nameSaved);
            }),
        );
    };

    return (
        <>
            <DeskBar />
            <main className={styles.page}>
                <h1>{say.account}</h1>
                <Alert>{problem}</Alert>
                {query.get('confirmed') !== null && (
                    <p className={ui.notice} role="status">
                        {query.get('confirmed') === 'yes' ? say.confirmed : say.notConfirmed}
                    </p>
                )}
                {account?.leavesAt != null && (
                    <p className={ui.notice} role="status">
                        {say.leaving(
                            new Date(account.leavesAt).toLocaleString('en-GB', {
                                dateStyle: 'long',
                                timeStyle: 'short',
                            }),
                        )}{' '}
                        <button
                            className={ui.link}
                            type="button"
                            onClick={() =>
                                tried(
                                    call<Me>('POST', 'account/stay').then((next) => {
                                        know(next);
                                        tell(say.stayed);
                                    }),
                                )
                            }
                        >
                            {say.stay}
                        </button>
                    </p>
                )}
                <section>
                    {account === null ? (
                        <>
                            <p>{say.guest}</p>
                            <Button type="primary" onClick={() => setDialog('signIn')}>
                                {say.keep}
                            </Button>
                        </>
                    ) : (
                        <>
                            <p>{say.signedIn(account.email)}</p>
                            {!account.isConfirmed && (
                                <p className={ui.soft}>
                                    {say.confirm}{' '}
                                    <button
                                        className={ui.link}
                                        type="button"
                                        onClick={() =>
                                            tried(
                                                call<{ sentence: string }>('POST', 'account/confirm').then((told) =>
                                                    tell(told.sentence),
                                                ),
                                            )
                                        }
                                    >
                                        {say.confirmAgain}
                                    </button>
                                </p>
                            )}
                            <p className={ui.acts}>
                                <Button
                                    onClick={() =>
                                        tried(
                                            signOut(client).then(async () => {
                                                await navigate('/');
                                                tell(say.signedOut);
                                            }),
                                        )
                                    }
                                    data-sign-out=""
                                >
                                    {say.signOut}
                                </Button>
                                <button className={ui.link} type="button" onClick={() => setDialog('change')}>
                                    {say.change}
                                </button>
                            </p>
                        </>
                    )}
                </section>
                <section>
                    <form className={styles.row} onSubmit={saveName}>
                        <label>
                            {say.name}
                            <input
                                className={ui.box}
                                value={name ?? me?.name ?? ''}
                                maxLength={80}
                                autoComplete="name"
                                onChange={(event) => setName(event.target.value)}
                            />
                        </label>
                        <Button htmlType="submit">{say.saveName}</Button>
                    </form>
                </section>
                {browsers.data !== undefined && (
                    <section>
                        <h2>{say.where}</h2>
                        <ul className={styles.list} data-sign-ins="">
                            {browsers.data.map((one) => (
                                <li key={one.id}>
                                    <b>
                                        {one.browser}
                                        {one.isThis && <span className={ui.soft}> ({say.thisOne})</span>}
                                    </b>
                                    <span className={ui.soft}>
                                        {say.since(day(one.since))}, {say.seen(day(one.seenAt))}
                                    </span>
                                    {!one.isThis && (
                                        <button
                                            className={ui.link}
                                            type="button"
                                            onClick={() =>
                                                tried(
                                                    call('DELETE', `sign-ins/${one.id}`).then(() => {
                                                        tell(say.ended);
                                                        return browsers.refetch();
                                                    }),
                                                )
                                            }
                                        >
                                            {say.endOne}
                                        </button>
                                    )}
                                </li>
                            ))}
                        </ul>
                    </section>
                )}
                <section>
                    <h2>{say.everything}</h2>
                    <p className={ui.soft}>{say.everythingAbout}</p>
                    <p className={ui.acts}>
                        <Button onClick={() => download('/account/archive.zip')} data-archive="">
                            {say.get}
                        </Button>
                        <button className={ui.link} type="button" onClick={() => file.current?.click()}>
                            {say.takeIn}
                        </button>
                        <input
                            ref={file}
                            type="file"
                            accept=".zip"
                            className={ui.hidden}
                            tabIndex={-1}
                            aria-label={say.takeIn}
                            data-archive-file=""
                            onChange={(event) => {
                                const given = event.target.files?.[0];
                                event.target.value = '';
                                if (given === undefined) return;
                                tried(
                                    takeIn(given).then(async (count) => {
                                        await client.invalidateQueries({ queryKey: ['papers'] });
                                        tell(say.tookIn(count));
                                    }),
                                );
                            }}
                        />
                    </p>
                </section>
                <section>
                    <PlaceChoice />
                </section>
                {account !== null && account.leavesAt === null && (
                    <section>
                        <p className={ui.soft}>{say.leaveAbout}</p>
                        <button className={ui.link} type="button" onClick={() => setDialog('leave')}>
                            {say.leave}
                        </button>
                    </section>
                )}
            </main>
            {dialog === 'signIn' && (
                <Suspense fallback={null}>
                    <SignInDialog wanted="open" onClose={() => setDialog(null)} />
                </Suspense>
            )}
            {(dialog === 'change' || dialog === 'leave') && (
                <WithPassword
                    what={dialog}
                    onClose={() => setDialog(null)}
                    onDone={(next) => {
                        know(next);
                        setDialog(null);
                        void browsers.refetch();
                        if (dialog === 'change') tell(say.changed);
                    }}
                />
            )}
        </>
    );
}

interface WithPasswordProps {
    what: 'change' | 'leave';
    onClose: () => void;
    onDone: (me: Me) => void;
}

/** What only whoever knows the password may do. */
function WithPassword({ what, onClose, onDone }: WithPasswordProps) {
    const [values, setValues] = useState({ email: '', next: '', password: '' });
    const [problem, setProblem] = useState('');
    const box = (key: keyof typeof values, label: string, type: string, autoComplete: string) => (
        <label>
            <span>{label}</span>
            <input
                className={ui.box}
                type={type}
                autoComplete={autoComplete}
                value={values[key]}
                onChange={(event) => setValues({ ...values, [key]: event.target.value })}
            />
        </label>
    );
    const submit = (event: FormEvent) => {
        event.preventDefault();
        void call<Me>(what === 'change' ? 'PUT' : 'DELETE', 'account', values)
            .then(onDone)
            .catch((error: Error) => setProblem(error.message));
    };
    return (
        <Dialog title={what === 'change' ? say.change : say.leave} open onClose={onClose}>
            <form className={styles.form} onSubmit={submit} noValidate>
                {what === 'leave' && <p>{say.leaveAbout}</p>}
                {what === 'change' && box('email', say.newEmail, 'email', 'email')}
                {what === 'change' && box('next', say.newPassword, 'password', 'new-password')}
                {box('password', say.now, 'password', 'current-password')}
                <Alert>{problem}</Alert>
                <p>
                    <Button type="primary" htmlType="submit">
                        {what === 'change' ? say.save : say.leave}
                    </Button>
                </p>
            </form>
        </Dialog>
    );
}
