import { Button } from 'antd';
import ui from '../ui/ui.module.css';
import styles from './Lookups.module.css';
import type { Candidate, Compared } from './found';
import { words } from '../words/english';

const say = words.outcomes;

/** Editions and articles to choose from. */
export function Choice({
    candidates,
    onChoose,
}: {
    candidates: Candidate[];
    onChoose: (lead: string, part: boolean) => void;
}) {
    return (
        <>
            <h3>{candidates.length === 1 ? say.isThisIt : say.whichOne}</h3>
            <ul className={styles.candidates}>
                {candidates.map((one) => (
                    <li key={one.lead}>
                        <b>{one.title}</b>
                        <span>{one.people}</span>
                        <span className={ui.soft}>{one.particulars}</span>
                        <span className={ui.acts}>
                            <Button size="small" onClick={() => onChoose(one.lead, false)}>
                                {one.isBook ? say.whole : say.thisOne}
                            </Button>
                            {one.isBook && (
                                <Button size="small" onClick={() => onChoose(one.lead, true)}>
                                    {words.form.part}
                                </Button>
                            )}
                        </span>
                    </li>
                ))}
            </ul>
        </>
    );
}

/** A finished citation next to ours. */
export function Comparison({ compared, onTake }: { compared: Compared; onTake: () => void }) {
    const differing = compared.stretches.filter((one) => one.why !== '');
    return (
        <>
            <h3>{say.verdict(differing.length, compared.style, compared.doubts.length > 0)}</h3>
            <p className={ui.soft}>{say.readAs(compared.kind)}</p>
            <dl className={styles.beside}>
                <dt>{say.yours}</dt>
                <dd>
                    {compared.stretches.map((one, i) => (
                        <span key={i}>
                            {one.why === ''
                                ? `${one.theirs} `
                                : one.theirs !== '' && <mark className={styles.theirs}>{one.theirs}</mark>}{' '}
                        </span>
                    ))}
                </dd>
                <dt>{say.byRules}</dt>
                <dd>{compared.ours.map(([text, italic], i) => (italic ? <i key={i}>{text}</i> : text))}</dd>
            </dl>
            {differing.length > 0 && (
                <ol className={styles.differences}>
                    {differing.map((one, i) => (
                        <li key={i}>
                            {one.theirs === '' ? (
                                <>
                                    <b>{one.ours}</b> {say.missing}
                                </>
                            ) : one.ours === '' ? (
                                <>
                                    <b>{one.theirs}</b> {say.tooMuch}
                                </>
                            ) : (
                                <>
                                    <b>{one.theirs}</b> {say.becomes} <b>{one.ours}</b>
                                </>
                            )}
                            <span className={`${ui.soft} ${styles.why}`}>{one.why}</span>
                        </li>
                    ))}
                </ol>
            )}
            {compared.doubts.map((one) => (
                <p className={ui.notice} key={one.sentence}>
                    {one.sentence}
                </p>
            ))}
            <Button type="primary" onClick={onTake}>
                {say.add}
            </Button>
        </>
    );
}
