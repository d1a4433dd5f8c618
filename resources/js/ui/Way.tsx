import type { ReactNode } from 'react';
import { Link } from 'react-router-dom';
import { words } from '../words/english';
import { Home } from './Home';
import styles from './Way.module.css';

interface Props {
    paperId: string;
    title: string;
    here: string;
    children?: ReactNode;
}

/** The way to a screen that belongs to a paper, and back. */
export function Way({ paperId, title, here, children }: Props) {
    return (
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
            {children}
        </header>
    );
}
