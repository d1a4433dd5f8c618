import { Button } from 'antd';
import { useState, type FormEvent } from 'react';
import type { Comment } from '../api/types';
import { when } from '../kept/when';
import { Alert } from '../ui/Alert';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { useTried } from '../ui/useTried';
import { more } from '../words/more';
import styles from './Comments.module.css';
import type { Said } from './useComments';

const say = more.comments;

export interface CommentActs {
    say: (said: Said) => Promise<void>;
    /** Not there where somebody may only take back what they said themselves. */
    resolve?: (id: string) => Promise<void>;
    reopen?: (id: string) => Promise<void>;
    remove: (id: string) => Promise<void>;
    bringBack?: (id: string) => Promise<void>;
}

interface Props {
    comments: Comment[];
    /** Who reads them, and whether they may say something and take back what others said. */
    me: string;
    canSay: boolean;
    isOwn: boolean;
    /** The entry it is about; null for the paper. */
    source: string | null;
    /** Fields one may speak of, by their paths. */
    fields?: { path: string; label: string }[];
    acts: CommentActs;
    onField?: (path: string) => void;
    /** Below which heading it stands. */
    below?: 1 | 2;
}

/** What is said of an entry and its fields, each with its answers; what is settled stands apart. */
export function Comments({ comments, me, canSay, isOwn, source, fields = [], acts, onField, below = 2 }: Props) {
    const tell = useSay();
    const [text, setText] = useState('');
    const [field, setField] = useState('');
    const [answering, setAnswering] = useState<string | null>(null);
    const [showsSettled, setShowsSettled] = useState(false);
    const { problem, tried } = useTried();
    const about = comments.filter((one) => one.source === source);
    const begun = about.filter((one) => one.answers === null);
    const settled = begun.filter((one) => one.isResolved);
    const shown = showsSettled ? begun : begun.filter((one) => !one.isResolved);
    const label = (path: string) => fields.find((one) => one.path === path)?.label ?? path;

    const send = (event: FormEvent, said: Said, then: () => void) => {
        event.preventDefault();
        tried(acts.say(said), then);
    };
    const remove = (one: Comment) => {
        const { bringBack } = acts;
        tried(acts.remove(one.id), () =>
            tell(say.removed, bringBack === undefined ? undefined : () => tried(bringBack(one.id))),
        );
    };
    const shownOne = (one: Comment) => (
        <div key={one.id} className={styles.comment} data-comment={one.id} data-settled={one.isResolved || undefined}>
            <p>
                <b>{one.name}</b>{' '}
                <span className={ui.soft}>
                    {when(one.at)}
                    {one.ofHandIn && `, ${say.teacher}`}
                </span>
                {one.field !== '' && one.answers === null && (
                    <>
                        {' '}
                        <button className={ui.link} type="button" onClick={() => onField?.(one.field)}>
                            {say.on(label(one.field))}
                        </button>
                    </>
                )}
            </p>
            <p className={styles.text}>{one.text}</p>
            <p className={ui.acts}>
                {one.answers === null && canSay && (
                    <button
                        className={ui.link}
                        type="button"
                        onClick={() => setAnswering(answering === one.id ? null : one.id)}
                    >
                        {say.answer}
                    </button>
                )}
                {one.answers === null && canSay && acts.resolve !== undefined && acts.reopen !== undefined && (
                    <button
                        className={ui.link}
                        type="button"
                        onClick={() => tried((one.isResolved ? acts.reopen! : acts.resolve!)(one.id))}
                    >
                        {one.isResolved ? say.reopen : say.resolve}
                    </button>
                )}
                {(one.by === me || isOwn) && (
                    <button className={ui.link} type="button" onClick={() => remove(one)}>
                        {say.remove}
                    </button>
                )}
            </p>
        </div>
    );

    return (
        <section className={styles.comments} aria-label={say.title} data-comments="">
            {below === 1 ? <h2>{say.title}</h2> : <h3>{say.title}</h3>}
            {begun.length === 0 && <p className={ui.soft}>{say.none}</p>}
            {shown.map((one) => (
                <div key={one.id} className={styles.thread}>
                    {shownOne(one)}
                    {about.filter((answer) => answer.answers === one.id).map(shownOne)}
                    {answering === one.id && (
                        <Answer
                            onSend={(event, said) =>
                                send(event, { answers: one.id, text: said }, () => setAnswering(null))
                            }
                        />
                    )}
                </div>
            ))}
            {settled.length > 0 && (
                <button
                    className={ui.link}
                    type="button"
                    aria-expanded={showsSettled}
                    onClick={() => setShowsSettled(!showsSettled)}
                >
                    {say.resolved(settled.length)}
                </button>
            )}
            <Alert>{problem}</Alert>
            {canSay && (
                <form
                    className={styles.say}
                    onSubmit={(event) => send(event, { source, field, text }, () => setText(''))}
                    data-say=""
                >
                    <textarea
                        className={ui.box}
                        rows={2}
                        aria-label={say.say}
                        placeholder={say.say}
                        value={text}
                        maxLength={4000}
                        onChange={(event) => setText(event.target.value)}
                    />
                    <span className={ui.acts}>
                        {fields.length > 0 && (
                            <label className={ui.small}>
                                {say.about}{' '}
                                <select
                                    className={ui.pick}
                                    value={field}
                                    onChange={(event) => setField(event.target.value)}
                                >
                                    <option value="">{say.entry}</option>
                                    {fields.map((one) => (
                                        <option key={one.path} value={one.path}>
                                            {one.label}
                                        </option>
                                    ))}
                                </select>
                            </label>
                        )}
                        <Button htmlType="submit" size="small" disabled={text.trim() === ''}>
                            {say.send}
                        </Button>
                    </span>
                </form>
            )}
        </section>
    );
}

function Answer({ onSend }: { onSend: (event: FormEvent, text: string) => void }) {
    const [text, setText] = useState('');
    return (
        <form className={styles.say} onSubmit={(event) => onSend(event, text)} data-answer="">
            <textarea
                className={ui.box}
                rows={2}
                aria-label={say.answer}
                autoFocus
                value={text}
                maxLength={4000}
                onChange={(event) => setText(event.target.value)}
            />
            <span>
                <Button htmlType="submit" size="small" disabled={text.trim() === ''}>
                    {say.answer}
                </Button>
            </span>
        </form>
    );
}
