import { Link } from 'react-router-dom';
import type { PaperSummary } from '../api/types';
import { MixBar } from '../mix/MixBar';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './PapersPage.module.css';

const say = words.papers;

interface Props {
    paper: PaperSummary;
    style: string;
    onCopy: () => void;
    onRemove: () => void;
}

/** A paper on the list: what it is, of what it is made, what is missing, who is with it. */
export function PaperRow({ paper, style, onCopy, onRemove }: Props) {
    const title = paper.title || words.nameless;
    const isOwn = paper.may === 'own';
    const missing = paper.asked.filter((one) => !one.isMet);
    const number = paper.asked.find((one) => one.id === 'at-least');
    const about = [
        style,
        [paper.className, paper.dueOn === null ? '' : say.due(paper.dueOn)].filter((one) => one !== '').join(', '),
        isOwn ? '' : `${say.of(paper.owner)}, ${say.may[paper.may]}`,
        paper.with.length === 0 ? '' : say.with(paper.with.join(', ')),
        paper.here.length === 0 ? '' : say.hereNow(paper.here.join(', ')),
    ].filter((one) => one !== '');
    return (
        <li data-paper={paper.id}>
            <Link to={`/papers/${paper.id}`}>
                <b>{title}</b>
                <span className={ui.soft}>{about.join(' · ')}</span>
            </Link>
            <MixBar kinds={paper.kinds} count={paper.count} />
            <span className={styles.state}>
                <span className={missing.length > 0 ? styles.wants : undefined}>
                    {number?.sentence ?? missing[0]?.sentence ?? say.sources(paper.count)}
                </span>
                {paper.open > 0 ? (
                    <span>{words.list.wants(paper.open)}</span>
                ) : (
                    paper.count > 0 && <span>{say.checked}</span>
                )}
            </span>
            <span className={styles.acts}>
                <button className={ui.link} type="button" onClick={onCopy} aria-label={say.copyOne(title)}>
                    {say.copy}
                </button>
                <button
                    className={ui.link}
                    type="button"
                    onClick={onRemove}
                    aria-label={isOwn ? say.removeOne(paper.title || 'the paper without a title') : say.leaveOne(title)}
                >
                    {words.remove}
                </button>
            </span>
        </li>
    );
}
