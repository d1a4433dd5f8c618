import { Button } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router-dom';
import { call, Problem } from '../api/client';
import { paperPath } from '../keep/outboxOfThisTab';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './PaperScreen.module.css';

const say = words.paper;

interface Props {
    paperId: string;
    problem: Error;
    onBack: () => void;
}

/** The paper is not to be had: it is in the bin, somebody else's, no longer shared, or cannot be reached. */
export function NotOpened({ paperId, problem, onBack }: Props) {
    const [said, setSaid] = useState('');
    const removed = problem instanceof Problem && problem.status === 410;
    const bringBack = () =>
        void call('POST', `${paperPath(paperId)}/restore`)
            .then(onBack)
            .catch((error: Error) => setSaid(error.message));
    return (
        <main className={styles.notOpened}>
            <h1>{removed ? say.gone : say.cannotOpen}</h1>
            <p className={ui.notice}>{said || problem.message}</p>
            <p className={ui.acts}>
                {removed ? (
                    <Button type="primary" onClick={bringBack}>
                        {say.bringBack}
                    </Button>
                ) : (
                    <Button onClick={onBack}>{words.tryAgain}</Button>
                )}
                <Link to="/">{say.all}</Link>
            </p>
        </main>
    );
}
