import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState, type FormEvent } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router-dom';
import { call } from '../api/client';
import type { Me } from '../api/types';
import { Alert } from '../ui/Alert';
import { DeskBar } from '../ui/DeskBar';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { more } from '../words/more';
import styles from './People.module.css';
import { everythingAnew } from './signing';

const say = more.people;

/** Where the mail about a forgotten password leads. */
export default function NewPasswordPage() {
    const { token = '' } = useParams();
    const email = useSearchParams()[0].get('email') ?? '';
    const client = useQueryClient();
    const navigate = useNavigate();
    const tell = useSay();
    const [password, setPassword] = useState('');
    const [problem, setProblem] = useState('');
    const submit = (event: FormEvent) => {
        event.preventDefault();
        void call<Me>('POST', 'password', { token, email, password })
            .then(async () => {
                await everythingAnew(client);
                await navigate('/');
                tell(say.welcome(email));
            })
            .catch((error: Error) => setProblem(error.message));
    };
    return (
        <>
            <DeskBar />
            <main className={styles.page}>
                <h1>{say.newPasswordFor(email)}</h1>
                <form className={styles.form} onSubmit={submit} noValidate>
                    <label>
                        <span>{say.newPassword}</span>
                        <input
                            className={ui.box}
                            type="password"
                            autoComplete="new-password"
                            autoFocus
                            value={password}
                            onChange={(event) => setPassword(event.target.value)}
                            data-password=""
                        />
                        <small>{say.passwordHint}</small>
                    </label>
                    <Alert>{problem}</Alert>
                    <p>
                        <Button type="primary" htmlType="submit">
                            {say.setPassword}
                        </Button>
                    </p>
                </form>
            </main>
        </>
    );
}
