import { Button } from 'antd';
import ui from '../ui/ui.module.css';
import styles from './Lookups.module.css';
import type { Candidate, Compared } from './found';

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
            <h3>{candidates.length === 1 ? 'Is this the one?' : 'Which one did you use?'}</h3>
            <ul className={styles.candidates}>
                {candidates.map((one) => (
                    <li key={one.lead}>
                        <b>{one.title}</b>
                        <span>{one.people}</span>
                        <span className={ui.soft}>{one.particulars}</span>
                        <span className={ui.acts}>
                            <Button size="small" onClick={() => onChoose(one.lead, false)}>
                                {one.isBook ? 'The whole of it' : 'This one'}
                            </Button>
                            {one.isBook && (
                                <Button size="small" onClick={() => onChoose(one.lead, true)}>
                                    One part of it
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
            <h3>
                {differing.length === 0
                    ? `${compared.doubts.length === 0 ? 'This is right' : 'This is written'} as ${compared.style} has it`
                    : `${differing.length === 1 ? 'One place differs' : `${differing.length} places differ`} from ${compared.style}`}
            </h3>
            <p className={ui.soft}>
                Read as: {compared.kind}. Bibrel can check how an entry is written, not whether what it says is true:
                hold it against the source.
            </p>
            <dl className={styles.beside}>
                <dt>Yours</dt>
                <dd>
                    {compared.stretches.map((one, i) => (
                        <span key={i}>
                            {one.why === ''
                                ? `${one.theirs} `
                                : one.theirs !== '' && <mark className={styles.theirs}>{one.theirs}</mark>}{' '}
                        </span>
                    ))}
                </dd>
                <dt>By the rules</dt>
                <dd>{compared.ours.map(([text, italic], i) => (italic ? <i key={i}>{text}</i> : text))}</dd>
            </dl>
            {differing.length > 0 && (
                <ol className={styles.differences}>
                    {differing.map((one, i) => (
                        <li key={i}>
                            {one.theirs === '' ? (
                                <>
                                    <b>{one.ours}</b> is missing.
                                </>
                            ) : one.ours === '' ? (
                                <>
                                    <b>{one.theirs}</b> does not belong there.
                                </>
                            ) : (
                                <>
                                    <b>{one.theirs}</b> becomes <b>{one.ours}</b>
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
                Add it to the paper
            </Button>
        </>
    );
}
