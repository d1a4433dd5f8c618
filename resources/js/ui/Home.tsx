import { Link } from 'react-router-dom';
import { words } from '../words/english';
import styles from './Home.module.css';
import { Mark } from './Mark';

/** The mark, which leads to all papers; its name goes where there is no room. */
export function Home() {
    return (
        <Link className={styles.home} to="/" aria-label={words.bar.home}>
            <Mark />
            <span>Bibrel</span>
        </Link>
    );
}
