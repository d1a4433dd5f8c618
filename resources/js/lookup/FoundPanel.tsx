import { Button } from 'antd';
import { useEffect, useState } from 'react';
import { call, type Problem } from '../api/client';
import type { Batch, BatchLead, Candidate, Compared, Found } from './found';

interface Props {
    paperId: string;
    found: Found;
    onChoose: (lead: string, part: boolean) => Promise<void>;
    onTake: (lead: string) => Promise<void>;
    onOpen: (source: string) => void;
    onLookUp: (lead: string) => Promise<void>;
    onChanged: () => void;
    onClose: () => void;
}

/** What was found by a lead that wants a choice: editions, a citation beside ours, or the lines of a batch. */
export function FoundPanel(props: Props) {
    const { found, onClose } = props;
    const [problem, setProblem] = useState('');
    const tried = (work: Promise<void>) => void work.then(() => setProblem('')).catch((error: Problem) => setProblem(error.message));
    return (
        <section className="found" aria-label="What was found">
            {problem !== '' && (
                <p className="notice" role="alert">
                    {problem}
                </p>
            )}
            {found.kind === 'choice' && <Choice candidates={found.candidates} onChoose={(lead, part) => tried(props.onChoose(lead, part))} />}
            {found.kind === 'compared' && <Comparison compared={found.compared} onTake={() => tried(props.onTake(found.lead))} />}
            {found.kind === 'batch' && (
                <Lines
                    key={found.batch.id}
                    paperId={props.paperId}
                    first={found.batch}
                    onOpen={props.onOpen}
                    onLookUp={(lead) => tried(props.onLookUp(lead))}
                    onChanged={props.onChanged}
                />
            )}
            <button className="link" type="button" onClick={onClose}>
                {{ choice: 'None of these', compared: 'Leave it', batch: 'Close this list' }[found.kind]}
            </button>
        </section>
    );
}

function Choice({ candidates, onChoose }: { candidates: Candidate[]; onChoose: (lead: string, part: boolean) => void }) {
    return (
        <>
            <h2>{candidates.length === 1 ? 'Is this the one?' : 'Which one did you use?'}</h2>
            <ul className="candidates">
                {candidates.map((one) => (
                    <li key={one.lead}>
                        <b>{one.title}</b>
                        <span>{one.people}</span>
                        <span className="soft">{one.particulars}</span>
                        <span className="inline">
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

function Comparison({ compared, onTake }: { compared: Compared; onTake: () => void }) {
    const differing = compared.stretches.filter((one) => one.why !== '');
    return (
        <>
            <h2>
                {differing.length === 0
                    ? `${compared.doubts.length === 0 ? 'This is right' : 'This is written'} as ${compared.style} has it`
                    : `${differing.length === 1 ? 'One place differs' : `${differing.length} places differ`} from ${compared.style}`}
            </h2>
            <p className="soft">Read as: {compared.kind}. Bibrel can check how an entry is written, not whether what it says is true: hold it against the source.</p>
            <dl className="beside">
                <dt>Yours</dt>
                <dd>
                    {compared.stretches.map((one, i) => (
                        <span key={i}>{one.why === '' ? `${one.theirs} ` : one.theirs !== '' && <mark className="theirs">{one.theirs}</mark>} </span>
                    ))}
                </dd>
                <dt>By the rules</dt>
                <dd>{compared.ours.map(([text, italic], i) => (italic ? <i key={i}>{text}</i> : text))}</dd>
            </dl>
            {differing.length > 0 && (
                <ol className="differences">
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
                            <span className="soft why">{one.why}</span>
                        </li>
                    ))}
                </ol>
            )}
            {compared.doubts.map((one) => (
                <p className="notice" key={one.sentence}>
                    {one.sentence}
                </p>
            ))}
            <Button type="primary" onClick={onTake}>
                Add it to the paper
            </Button>
        </>
    );
}

const STATES: Record<BatchLead['state'], string> = { waiting: 'Waiting', working: 'Looking', added: 'Added', look: 'Wants a look', failed: 'Failed' };

interface LinesProps {
    paperId: string;
    first: Batch;
    onOpen: (source: string) => void;
    onLookUp: (lead: string) => void;
    onChanged: () => void;
}

/** The lines of a batch while they are looked up; asks again until the last one has ended. */
function Lines({ paperId, first, onOpen, onLookUp, onChanged }: LinesProps) {
    const [batch, setBatch] = useState(first);
    const done = batch.leads.filter((one) => !['waiting', 'working'].includes(one.state)).length;
    const all = batch.leads.length;
    const open = done < all;
    useEffect(() => {
        if (!open) {
            onChanged();
            return;
        }
        const timer = setInterval(() => {
            void call<Batch>('GET', `papers/${paperId}/batches/${batch.id}`)
                .then(setBatch)
                .catch(() => undefined);
        }, 700);
        return () => clearInterval(timer);
    }, [open, batch.id, paperId, onChanged]);
    const retry = async (place: number) => setBatch(await call<Batch>('POST', `papers/${paperId}/batches/${batch.id}/leads/${place}/retry`));

    return (
        <>
            <h2>{open ? `Looking up ${all} leads` : `${all} leads looked up`}</h2>
            <progress max={all} value={done} aria-label="Leads looked up" />
            <p className="soft" role="status">
                {done} of {all} done
            </p>
            <ul className="candidates">
                {batch.leads.map((one) => (
                    <li key={one.place}>
                        <span>
                            <span className={`dot ${one.state === 'added' ? 'stated' : one.state === 'failed' || one.state === 'look' ? 'guess' : 'own'}`} aria-hidden="true" />{' '}
                            <b>{STATES[one.state]}</b> <span className="cut">{one.lead}</span>
                        </span>
                        {one.sentence !== '' && <span className="soft">{one.sentence}</span>}
                        <span className="inline">
                            {one.source !== null && (
                                <button className="link" type="button" onClick={() => onOpen(one.source!)}>
                                    Open it
                                </button>
                            )}
                            {one.state === 'look' && one.source === null && (
                                <button className="link" type="button" onClick={() => onLookUp(one.lead)}>
                                    Choose
                                </button>
                            )}
                            {one.state === 'failed' && (
                                <button className="link" type="button" onClick={() => void retry(one.place)}>
                                    Try again
                                </button>
                            )}
                        </span>
                    </li>
                ))}
            </ul>
        </>
    );
}
