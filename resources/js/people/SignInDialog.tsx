import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState, type FormEvent } from 'react';
import { call } from '../api/client';
import { Alert } from '../ui/Alert';
import { Dialog } from '../ui/Dialog';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { more } from '../words/more';
import styles from './People.module.css';
import { openAccount, signIn } from './signing';

const say = more.people;

type Wanted = 'open' | 'signIn' | 'forgot';

interface Props {
    wanted: Wanted;
    onClose: () => void;
}

/** The way into an account: a new one, one that is there, or one whose password is forgotten. */
export default function SignInDialog({ wanted, onClose }: Props) {
    const client = useQueryClient();
    const tell = useSay();
    const [way, setWay] = useState(wanted);
    const [email, setEmail] = useState('');
    const [password, setPassword] = useState('');
    const [name, setName] = useState('');
    const [notMine, setNotMine] = useState(false);
    const [take, setTake] = useState(true);
    const [problem, setProblem] = useState('');
    const [isBusy, setBusy] = useState(false);
    const here = useQuery<{ papers: { id: string; title: string }[] }>({
        queryKey: ['here'],
        queryFn: () => call('GET', 'sign-in'),
        enabled: way === 'signIn',
    });
    const papers = here.data?.papers ?? [];

    const go = async () => {
        if (way === 'forgot') {
            tell((await call<{ sentence: string }>('POST', 'password/forgotten', { email })).sentence);
            setWay('signIn');
            return;
        }
        const me =
            way === 'open'
                ? await openAccount(client, { email, password, name, notMine })
                : await signIn(client, { email, password, notMine, take });
        onClose();
        tell(say.welcome(me.account?.email ?? ''));
    };
    const submit = (event: FormEvent) => {
        event.preventDefault();
        if (isBusy) return;
        setBusy(true);
        setProblem('');
        void go()
            .catch((error: Error) => setProblem(error.message))
            .finally(() => setBusy(false));
    };
    const turn = (next: Wanted, label: string) => (
        <button
            className={ui.link}
            type="button"
            onClick={() => {
                setWay(next);
                setProblem('');
            }}
            data-way={next}
        >
            {label}
        </button>
    );
    const heading = { open: say.open, signIn: say.signIn, forgot: say.forgot }[way];
    const about = { open: say.openAbout, signIn: say.signInAbout, forgot: say.forgotAbout }[way];

    return (
        <Dialog title={heading} open onClose={onClose}>
            <form className={styles.form} onSubmit={submit} data-sign-in={way} noValidate>
                <p className={ui.soft}>{about}</p>
                <label>
                    <span>{say.email}</span>
                    <input
                        className={ui.box}
                        type="email"
                        autoComplete="username"
                        autoFocus
                        value={email}
                        onChange={(event) => setEmail(event.target.value)}
                        data-email=""
                    />
                </label>
                {way !== 'forgot' && (
                    <label>
                        <span>{say.password}</span>
                        <input
                            className={ui.box}
                            type="password"
                            autoComplete={way === 'open' ? 'new-password' : 'current-password'}
                            value={password}
                            onChange={(event) => setPassword(event.target.value)}
                            data-password=""
                        />
                        {way === 'open' && <small>{say.passwordHint}</small>}
                    </label>
                )}
                {way === 'open' && (
                    <label>
                        <span>{say.name}</span>
                        <input
                            className={ui.box}
                            autoComplete="name"
                            value={name}
                            maxLength={80}
                            placeholder={say.nameHint}
                            onChange={(event) => setName(event.target.value)}
                        />
                    </label>
                )}
                {way === 'signIn' && papers.length > 0 && (
                    <>
                        <label className={styles.check}>
                            <input
                                type="checkbox"
                                checked={take}
                                onChange={(event) => setTake(event.target.checked)}
                                data-take=""
                            />
                            <span>{say.takes(papers.length)}</span>
                        </label>
                        <ul className={styles.along}>
                            {papers.slice(0, 5).map((one) => (
                                <li key={one.id}>{one.title || '…'}</li>
                            ))}
                        </ul>
                    </>
                )}
                {way !== 'forgot' && (
                    <label className={styles.check}>
                        <input
                            type="checkbox"
                            checked={notMine}
                            onChange={(event) => setNotMine(event.target.checked)}
                            data-not-mine=""
                        />
                        <span>
                            {say.notMine}
                            <small>{say.notMineAbout}</small>
                        </span>
                    </label>
                )}
                <Alert>{problem}</Alert>
                <p className={ui.acts}>
                    <Button type="primary" htmlType="submit" disabled={isBusy}>
                        {way === 'forgot' ? say.send : heading}
                    </Button>
                    {way === 'open' && turn('signIn', say.haveOne)}
                    {way !== 'open' && turn('open', say.haveNone)}
                    {way === 'signIn' && turn('forgot', say.forgot)}
                </p>
            </form>
        </Dialog>
    );
}
