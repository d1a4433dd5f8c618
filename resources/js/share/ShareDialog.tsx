import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useState, type FormEvent } from 'react';
import { ulid } from 'ulid';
import { call } from '../api/client';
import type { PaperShare, Right } from '../api/types';
import { paperPath } from '../keep/outboxOfThisTab';
import { useMe } from '../people/useMe';
import { Alert } from '../ui/Alert';
import { Dialog } from '../ui/Dialog';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { more } from '../words/more';
import styles from './Share.module.css';

const say = more.share;
const RIGHTS: Right[] = ['edit', 'comment', 'read', 'page'];

/** The ways others come to a paper: links and invitations, each with what it gives and until when. */
export default function ShareDialog({ paperId, onClose }: { paperId: string; onClose: () => void }) {
    const tell = useSay();
    const me = useMe();
    const path = `${paperPath(paperId)}/shares`;
    const given = useQuery<PaperShare[]>({ queryKey: ['shares', paperId], queryFn: () => call('GET', path) });
    const [by, setBy] = useState<'link' | 'mail'>('link');
    const [may, setMay] = useState<Right>('edit');
    const [email, setEmail] = useState('');
    const [until, setUntil] = useState('');
    const [name, setName] = useState<string | null>(null);
    const [problem, setProblem] = useState('');

    const tried = (work: Promise<unknown>) =>
        void work
            .then(() => {
                setProblem('');
                return given.refetch();
            })
            .catch((error: Error) => setProblem(error.message));
    const copy = (address: string) =>
        navigator.clipboard.writeText(location.origin + address).then(() => tell(say.copied));
    const make = (event: FormEvent) => {
        event.preventDefault();
        tried(
            (async () => {
                if (name !== null && name.trim() !== me?.name) await call('PUT', 'me', { name: name.trim() });
                const share = await call<PaperShare>('PUT', `${path}/${ulid()}`, {
                    may,
                    ...(by === 'mail' ? { email } : {}),
                    ...(until === '' ? {} : { endsOn: until }),
                });
                if (by === 'mail') tell(say.invited(email));
                else await copy(share.address).catch(() => undefined);
                setEmail('');
            })(),
        );
    };
    const turn = (share: PaperShare, on: boolean) =>
        tried(
            call(on ? 'POST' : 'DELETE', on ? `${path}/${share.id}/restore` : `${path}/${share.id}`).then(() => {
                if (!on) tell(say.revoked, () => turn(share, true));
            }),
        );

    return (
        <Dialog title={say.title} open onClose={onClose}>
            <form className={styles.make} onSubmit={make} data-make-share="" noValidate>
                <p className={ui.soft}>{say.about}</p>
                <div className={styles.by} role="radiogroup" aria-label={say.title}>
                    {(['link', 'mail'] as const).map((one) => (
                        <label key={one}>
                            <input type="radio" name="by" checked={by === one} onChange={() => setBy(one)} />
                            {one === 'link' ? say.link : say.mail}
                        </label>
                    ))}
                </div>
                {by === 'mail' && (
                    <label>
                        <span>{say.email}</span>
                        <input
                            className={ui.box}
                            type="email"
                            value={email}
                            onChange={(event) => setEmail(event.target.value)}
                        />
                    </label>
                )}
                <div className={styles.pair}>
                    <label>
                        <span>{say.may}</span>
                        <select
                            className={ui.box}
                            value={may}
                            onChange={(event) => setMay(event.target.value as Right)}
                            data-may=""
                        >
                            {RIGHTS.filter((one) => by === 'link' || one !== 'page').map((one) => (
                                <option key={one} value={one}>
                                    {say.rights[one]}
                                </option>
                            ))}
                        </select>
                    </label>
                    <label>
                        <span>{say.until}</span>
                        <input
                            className={ui.box}
                            type="date"
                            value={until}
                            onChange={(event) => setUntil(event.target.value)}
                        />
                    </label>
                </div>
                <label>
                    <span>{say.call}</span>
                    <input
                        className={ui.box}
                        value={name ?? me?.name ?? ''}
                        maxLength={80}
                        autoComplete="name"
                        onChange={(event) => setName(event.target.value)}
                        data-my-name=""
                    />
                </label>
                <Alert>{problem}</Alert>
                <p>
                    <Button type="primary" htmlType="submit">
                        {by === 'link' ? say.make : say.invite}
                    </Button>
                </p>
            </form>
            <h3 className={styles.given}>{say.given}</h3>
            {given.data?.length === 0 && <p className={ui.soft}>{say.none}</p>}
            <ul className={styles.list} data-shares="">
                {given.data?.map((one) => (
                    <li key={one.id} data-live={one.isLive || undefined}>
                        <span>
                            <b>{one.email ?? say.rights[one.may]}</b>
                            <span className={ui.soft}>
                                {[
                                    one.email === null ? '' : say.rights[one.may],
                                    one.endsOn === null ? '' : say.ends(more.day(one.endsOn)),
                                    one.isRevoked ? say.isRevoked : one.isLive ? '' : say.isOver,
                                    one.may === 'page'
                                        ? ''
                                        : one.people.length === 0
                                          ? say.nobody
                                          : say.who(one.people.join(', ')),
                                ]
                                    .filter((part) => part !== '')
                                    .join(' · ')}
                            </span>
                        </span>
                        <span className={ui.acts}>
                            {one.isLive && (
                                <button
                                    className={ui.link}
                                    type="button"
                                    onClick={() => void copy(one.address)}
                                    data-address={location.origin + one.address}
                                >
                                    {say.copy}
                                </button>
                            )}
                            <button className={ui.link} type="button" onClick={() => turn(one, one.isRevoked)}>
                                {one.isRevoked ? say.give : say.revoke}
                            </button>
                        </span>
                    </li>
                ))}
            </ul>
        </Dialog>
    );
}
