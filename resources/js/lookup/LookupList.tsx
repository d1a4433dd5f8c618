import { useState } from 'react';
import type { Problem } from '../api/client';
import { isOpen, type Lookup } from './found';
import { Choice, Comparison } from './Outcomes';
import type { LookupsHandle } from './useLookups';
import './lookups.css';

const STATES: Record<Lookup['state'], string> = {
    waiting: 'Waiting its turn',
    queued: 'Looking …',
    working: 'Looking …',
    added: 'Added',
    choice: 'Wants a choice',
    compared: 'Compared',
    failed: 'Did not work',
};

const DOTS: Record<Lookup['state'], string> = {
    waiting: 'own',
    queued: 'own',
    working: 'own',
    added: 'stated',
    choice: 'likely',
    compared: 'likely',
    failed: 'guess',
};

/** As many rows as are shown before the rest folds up. */
const SHOWN = 6;

interface Props {
    handle: LookupsHandle;
    /** Whether something is being edited, so that nothing may unfold by itself. */
    quiet: boolean;
    /** Whether a source is open below, which several look-ups leave the room to. */
    compact: boolean;
    onOpen: (source: string) => void;
    onSaid: (sentence: string, undo?: () => void) => void;
}

/** What is being looked up: each lead with its state, until somebody has seen what became of it. */
export function LookupList({ handle, quiet, compact, onOpen, onSaid }: Props) {
    const { lookups, started } = handle;
    const [unfolded, setUnfolded] = useState<Record<string, boolean>>({});
    const [all, setAll] = useState(false);
    const [unrolled, setUnrolled] = useState(false);
    if (lookups.length === 0) return null;

    const done = lookups.filter((one) => !isOpen(one));
    const tried = (work: Promise<void>) => void work.catch((problem: Problem) => onSaid(problem.message));
    const stop = (one: Lookup) => {
        tried(handle.dismiss(one));
        onSaid(`Looking up “${short(one.lead)}” was stopped.`, () => tried(handle.retry(one)));
    };
    const rolled = compact && lookups.length > 1 && !unrolled;
    const shown = rolled ? [] : all || lookups.length <= SHOWN ? lookups : lookups.slice(0, SHOWN);
    const open = done.filter((one) => one.state !== 'added').length;

    return (
        <section className="lookups" aria-label="Look-ups">
            {lookups.length > 1 && (
                <div className="sum">
                    <span role="status">
                        {done.length} of {lookups.length} looked up
                    </span>
                    <progress max={lookups.length} value={done.length} aria-label="Looked up" />
                    {compact && (
                        <button
                            className="link"
                            type="button"
                            aria-expanded={!rolled}
                            onClick={() => setUnrolled(!unrolled)}
                        >
                            {rolled ? (open > 0 ? `Show, ${open} want a look` : 'Show') : 'Roll up'}
                        </button>
                    )}
                    {done.length === lookups.length && !rolled && (
                        <button className="link" type="button" onClick={() => tried(handle.dismissEnded())}>
                            Put the list away
                        </button>
                    )}
                </div>
            )}
            <ul>
                {shown.map((one) => {
                    const open = unfolded[one.id] ?? (!quiet && started.has(one.id));
                    const wants = one.state === 'choice' || one.state === 'compared';
                    return (
                        <li key={one.id} data-lookup={one.id} data-state={one.state}>
                            <div className="row">
                                <span className={`dot ${DOTS[one.state]}`} aria-hidden="true" />
                                <span className="what">
                                    <b role="status">
                                        {one.again && one.state === 'added' ? 'Looked up again' : STATES[one.state]}
                                    </b>{' '}
                                    <span className="cut">{short(one.lead)}</span>
                                </span>
                                <span className="acts">
                                    {isOpen(one) && (
                                        <button
                                            className="link"
                                            type="button"
                                            onClick={() => stop(one)}
                                            aria-label={`Stop looking up ${short(one.lead)}`}
                                        >
                                            Stop
                                        </button>
                                    )}
                                    {one.state === 'added' && one.source !== null && (
                                        <button
                                            className="link strong"
                                            type="button"
                                            onClick={() => {
                                                onOpen(one.source!);
                                                tried(handle.dismiss(one));
                                            }}
                                        >
                                            Open it
                                        </button>
                                    )}
                                    {wants && (
                                        <button
                                            className="link strong"
                                            type="button"
                                            aria-expanded={open}
                                            onClick={() => setUnfolded({ ...unfolded, [one.id]: !open })}
                                        >
                                            {open ? 'Fold up' : one.state === 'choice' ? 'Choose' : 'See it'}
                                        </button>
                                    )}
                                    {one.state === 'failed' && (
                                        <button
                                            className="link strong"
                                            type="button"
                                            onClick={() => tried(handle.retry(one))}
                                        >
                                            Try again
                                        </button>
                                    )}
                                    {!isOpen(one) && (
                                        <button
                                            className="link"
                                            type="button"
                                            aria-label={`Put away ${short(one.lead)}`}
                                            title="Put it away"
                                            onClick={() => tried(handle.dismiss(one))}
                                        >
                                            ×
                                        </button>
                                    )}
                                </span>
                            </div>
                            {one.sentence !== '' && one.state !== 'waiting' && (
                                <p className="soft said">{one.sentence}</p>
                            )}
                            {wants && open && (
                                <div className="unfolded">
                                    {one.choice !== null && (
                                        <Choice
                                            candidates={one.choice}
                                            onChoose={(lead, part) =>
                                                tried(handle.choose(one, lead, part ? 'part' : 'whole'))
                                            }
                                        />
                                    )}
                                    {one.compared !== null && (
                                        <Comparison
                                            compared={one.compared}
                                            onTake={() => tried(handle.choose(one, null, 'citation'))}
                                        />
                                    )}
                                    <button className="link" type="button" onClick={() => tried(handle.dismiss(one))}>
                                        {one.state === 'choice' ? 'None of these' : 'Leave it'}
                                    </button>
                                </div>
                            )}
                        </li>
                    );
                })}
            </ul>
            {lookups.length > SHOWN && !rolled && (
                <button className="link" type="button" aria-expanded={all} onClick={() => setAll(!all)}>
                    {all ? 'Show fewer' : `Show all ${lookups.length}`}
                </button>
            )}
        </section>
    );
}

function short(lead: string): string {
    const line = lead.trim().replace(/\s+/g, ' ');
    return line.length > 90 ? `${line.slice(0, 89)}…` : line;
}
