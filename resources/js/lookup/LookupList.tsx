import { useEffect, useRef, useState } from 'react';
import type { Problem } from '../api/client';
import { announce } from '../ui/announce';
import { Dot, type DotKind } from '../ui/Dot';
import { focusOn } from '../ui/focus';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { isOpen, type Lookup } from './found';
import { Choice, Comparison } from './Outcomes';
import type { LookupsHandle } from './useLookups';
import styles from './Lookups.module.css';

const say = words.lookups;

const DOTS: Record<Lookup['state'], DotKind> = {
    waiting: 'own',
    queued: 'own',
    working: 'own',
    double: 'likely',
    added: 'checked',
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
}

/** What is being looked up: each lead with its state, until somebody has seen what became of it. */
export function LookupList({ handle, quiet, compact, onOpen }: Props) {
    const tell = useSay();
    const { lookups, started } = handle;
    const [unfolded, setUnfolded] = useState<Record<string, boolean>>({});
    const [all, setAll] = useState(false);
    const [unrolled, setUnrolled] = useState(false);
    // What begins and what ends is said once, whatever is drawn anew meanwhile.
    const told = useRef(new Map<string, Lookup['state']>());
    useEffect(() => {
        for (const one of lookups) {
            const before = told.current.get(one.id);
            told.current.set(one.id, one.state);
            const isMine = started.has(one.id);
            if (before === undefined && isOpen(one) && isMine && one.batch === null)
                announce(say.started(short(one.lead)));
            if (isMine && !isOpen(one) && (before === undefined || before !== one.state))
                announce(say.ended(short(one.lead), say.states[one.state], one.sentence));
        }
    }, [lookups, started]);
    if (lookups.length === 0) return null;

    const done = lookups.filter((one) => !isOpen(one));
    const tried = (work: Promise<void>) => void work.catch((problem: Problem) => tell(problem.message));
    const stop = (one: Lookup) => {
        tried(handle.dismiss(one));
        tell(say.stopped(short(one.lead)), () => tried(handle.retry(one)));
        focusOn('[data-lead]');
    };
    const compared = lookups.filter((one) => one.state === 'compared');
    const failed = lookups.filter((one) => one.state === 'failed');
    const seesAll = compared.length > 0 && compared.every((one) => unfolded[one.id] ?? (!quiet && started.has(one.id)));
    const takeAll = async (some: Lookup[]) => {
        await each(some, (one) => handle.choose(one, null, 'citation'));
        focusOn('[data-lead]');
    };
    const rolled = compact && lookups.length > 1 && !unrolled;
    const shown = rolled ? [] : all || lookups.length <= SHOWN ? lookups : lookups.slice(0, SHOWN);
    const open = done.filter((one) => one.state !== 'added').length;

    const link = (
        label: string,
        press: () => void,
        more: { strong?: boolean; name?: string; expanded?: boolean } = {},
    ) => (
        <button
            className={more.strong ? `${ui.link} ${ui.strong}` : ui.link}
            type="button"
            aria-label={more.name}
            aria-expanded={more.expanded}
            onClick={press}
        >
            {label}
        </button>
    );
    const leave = (one: Lookup) => {
        tried(handle.dismiss(one));
        focusOn('[data-lead]');
    };
    return (
        <section className={styles.lookups} aria-label={say.label}>
            {lookups.length > 1 && (
                <div className={styles.sum}>
                    <span>{say.done(done.length, lookups.length)}</span>
                    <progress max={lookups.length} value={done.length} aria-label={say.progress} />
                    {compact &&
                        link(rolled ? say.show(open) : say.rollUp, () => setUnrolled(!unrolled), { expanded: !rolled })}
                    {compared.length > 1 &&
                        !rolled &&
                        link(
                            seesAll ? say.foldAll : say.seeAll(compared.length),
                            () => {
                                setAll(true);
                                setUnfolded(Object.fromEntries(compared.map((one) => [one.id, !seesAll])));
                            },
                            { expanded: seesAll },
                        )}
                    {compared.length > 1 &&
                        !rolled &&
                        link(say.takeAll(compared.length), () => tried(takeAll(compared)), { strong: true })}
                    {failed.length > 1 &&
                        !rolled &&
                        link(say.retryAll(failed.length), () => tried(each(failed, (one) => handle.retry(one))))}
                    {done.length === lookups.length &&
                        !rolled &&
                        link(say.putAllAway, () => {
                            tried(handle.dismissEnded());
                            focusOn('[data-lead]');
                        })}
                </div>
            )}
            <ul>
                {shown.map((one) => {
                    const isUnfolded = unfolded[one.id] ?? (!quiet && started.has(one.id));
                    const wants = one.state === 'choice' || one.state === 'compared';
                    return (
                        <li key={one.id} data-lookup={one.id} data-state={one.state}>
                            <div className={styles.row}>
                                <Dot kind={DOTS[one.state]} />
                                <span className={styles.what}>
                                    <b>{one.again && one.state === 'added' ? say.again : say.states[one.state]}</b>{' '}
                                    <span className={styles.cut}>{short(one.lead)}</span>
                                </span>
                                <span className={ui.acts}>
                                    {isOpen(one) &&
                                        link(say.stop, () => stop(one), { name: say.stopOne(short(one.lead)) })}
                                    {(one.state === 'added' || one.state === 'double') &&
                                        one.source !== null &&
                                        link(
                                            say.open,
                                            () => {
                                                onOpen(one.source!);
                                                tried(handle.dismiss(one));
                                            },
                                            { strong: true },
                                        )}
                                    {one.state === 'double' && link(say.addTwice, () => tried(handle.addTwice(one)))}
                                    {one.state === 'added' &&
                                        one.left > 0 &&
                                        link(say.addLeft(one.left), () => tried(handle.addTwice(one)))}
                                    {wants &&
                                        link(
                                            isUnfolded ? say.foldUp : one.state === 'choice' ? say.choose : say.see,
                                            () => setUnfolded({ ...unfolded, [one.id]: !isUnfolded }),
                                            { strong: true, expanded: isUnfolded },
                                        )}
                                    {one.state === 'failed' &&
                                        link(words.tryAgain, () => tried(handle.retry(one)), { strong: true })}
                                    {!isOpen(one) &&
                                        link('×', () => leave(one), { name: say.putAwayOne(short(one.lead)) })}
                                </span>
                            </div>
                            {one.sentence !== '' && one.state !== 'waiting' && (
                                <p className={`${ui.soft} ${styles.said}`}>{one.sentence}</p>
                            )}
                            {wants && isUnfolded && (
                                <div className={styles.unfolded}>
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
                                    {link(one.state === 'choice' ? say.noneOfThese : say.leaveIt, () => leave(one))}
                                </div>
                            )}
                        </li>
                    );
                })}
            </ul>
            {lookups.length > SHOWN &&
                !rolled &&
                link(all ? say.fewer : say.all(lookups.length), () => setAll(!all), { expanded: all })}
        </section>
    );
}

/** One after the other, so that none is lost where one is refused. */
async function each(some: Lookup[], act: (one: Lookup) => Promise<void>): Promise<void> {
    for (const one of some) await act(one);
}

function short(lead: string): string {
    const line = lead.trim().replace(/\s+/g, ' ');
    return line.length > 90 ? `${line.slice(0, 89)}…` : line;
}
