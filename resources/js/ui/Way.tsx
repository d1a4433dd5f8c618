import { useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { Link } from 'react-router-dom';
import { HeldDialogs } from '../keep/HeldDialogs';
import { useOutbox } from '../keep/outboxOfThisTab';
import { useReference } from '../paper/useReference';
import { words } from '../words/english';
import { Alert } from './Alert';
import { Home } from './Home';
import styles from './Way.module.css';

interface Props {
    paperId: string;
    title: string;
    here: string;
    children?: ReactNode;
}

/** The way to a screen that belongs to a paper, and back; whether what is typed there is saved, and what asks for a word. */
export function Way({ paperId, title, here, children }: Props) {
    const client = useQueryClient();
    const reference = useReference();
    const outbox = useOutbox();
    const { state, sentence } = outbox.progress();
    return (
        <>
            <header className={styles.bar}>
                <Home />
                <nav aria-label={words.desk.nav}>
                    <Link to="/">{words.bar.papers}</Link>
                    <span aria-hidden="true">/</span>
                    <Link to={`/papers/${paperId}`} data-back="">
                        {title || words.nameless}
                    </Link>
                    <span aria-hidden="true">/</span>
                    <h1>{here}</h1>
                </nav>
                <span className={styles.saved} data-saved={state}>
                    {words.bar.states[state]}
                </span>
                {children}
            </header>
            <Alert>{sentence}</Alert>
            {reference !== null && (
                <HeldDialogs
                    paperId={paperId}
                    reference={reference}
                    held={outbox.held()}
                    onChanged={() => void client.invalidateQueries()}
                />
            )}
        </>
    );
}
