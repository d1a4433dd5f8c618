import { Button } from 'antd';
import { useState, type ReactNode } from 'react';
import { call, type Problem } from '../api/client';
import type { Reference, SavedSource, Settings } from '../api/types';
import { Dialog } from '../ui/Dialog';
import ui from '../ui/ui.module.css';
import styles from './Held.module.css';
import { labelOf, wordsOf } from './labels';
import type { Clash } from './merge';
import type { Entry, Held } from './outbox';
import { outbox, paperPath, savedIn } from './outboxOfThisTab';
import { words } from '../words/english';

const say = words.held;

interface Props {
    paperId: string;
    reference: Reference;
    /** Everything that waits for a word of the person. */
    held: Entry[];
    onChanged: () => void;
}

/** Asks, one thing after the other, what cannot be settled without a person. */
export function HeldDialogs({ paperId, reference, held, onChanged }: Props) {
    const [problem, setProblem] = useState('');
    const entry = held.find((one) => one.held?.why !== 'refused' && one.path.startsWith(paperPath(paperId)));
    if (entry === undefined || entry.held === null || entry.held.why === 'refused') return null;
    const tried = (work: () => Promise<void>) =>
        void work()
            .then(() => setProblem(''))
            .catch((error: Problem) => setProblem(error.message));
    const told = problem !== '' && (
        <p className={ui.notice} role="alert">
            {problem}
        </p>
    );
    return entry.held.why === 'clash' ? (
        <ClashDialog key={entry.path} entry={entry} held={entry.held} reference={reference} />
    ) : (
        <RemovedDialog
            key={entry.path}
            entry={entry}
            held={entry.held}
            paperId={paperId}
            onTry={tried}
            onChanged={onChanged}
            told={told}
        />
    );
}

interface ClashProps {
    entry: Entry;
    held: Extract<Held, { why: 'clash' }>;
    reference: Reference;
}

function ClashDialog({ entry, held, reference }: ClashProps) {
    const [theirs, setTheirs] = useState<Record<string, boolean>>({});
    const keyOf = (clash: Clash) => clash.path.join('.');
    const kind = String((entry.value.source as { kind?: string } | undefined)?.kind ?? '');
    return (
        <Dialog title={say.twoPlaces} open>
            <p>{say.clash(held.clashes.length)}</p>
            <div className={styles.clashes}>
                {held.clashes.map((clash) => {
                    const key = keyOf(clash);
                    const choice = (there: boolean, word: string, value: Clash['mine']) => (
                        <label>
                            <input
                                type="radio"
                                name={key}
                                checked={(theirs[key] ?? false) === there}
                                onChange={() => setTheirs({ ...theirs, [key]: there })}
                            />
                            <span className={ui.soft}>{word}</span>
                            <span>{wordsOf(clash.path, value, reference)}</span>
                        </label>
                    );
                    return (
                        <fieldset key={key}>
                            <legend>{labelOf(clash.path, reference, kind)}</legend>
                            {choice(false, say.here, clash.mine)}
                            {choice(true, say.there, clash.theirs)}
                        </fieldset>
                    );
                })}
            </div>
            <div className={styles.answers}>
                <Button
                    type="primary"
                    onClick={() => outbox.settle(entry.path, (clash) => theirs[keyOf(clash)] !== true)}
                >
                    {say.goOn}
                </Button>
            </div>
        </Dialog>
    );
}

interface RemovedProps {
    entry: Entry;
    held: Extract<Held, { why: 'removed' }>;
    paperId: string;
    onTry: (work: () => Promise<void>) => void;
    onChanged: () => void;
    told: ReactNode;
}

function RemovedDialog({ entry, held, paperId, onTry, onChanged, told }: RemovedProps) {
    const [busy, setBusy] = useState(false);
    const bringBack = async (thenRemove: boolean) => {
        setBusy(true);
        try {
            const isPaper = held.what === 'paper';
            const path = isPaper ? paperPath(paperId) : entry.path;
            const back = await call<SavedSource | Settings>('POST', `${path}/restore`);
            if (isPaper) {
                const typed = outbox.paths().filter((one) => one.startsWith(path));
                for (const one of typed) if (one !== path) outbox.release(one);
            }
            if (outbox.pending(path) !== null) outbox.broughtBack(path, savedIn(back));
            if (thenRemove) {
                // What was typed last goes into the bin with it, instead of nowhere.
                const typed = outbox.paths().filter((one) => one.startsWith(path));
                for (const one of typed) await outbox.delivered(one);
                await call('DELETE', path);
            }
            onChanged();
        } finally {
            setBusy(false);
        }
    };
    const what = held.what === 'paper' ? say.thisPaper : `“${held.name}”`;
    return (
        <Dialog title={say.removedElsewhere} open>
            <p>{say.removed(what)}</p>
            {told}
            <div className={styles.answers}>
                <Button disabled={busy} onClick={() => onTry(() => bringBack(true))}>
                    {say.leave}
                </Button>
                <Button type="primary" disabled={busy} onClick={() => onTry(() => bringBack(false))}>
                    {words.paper.bringBack}
                </Button>
            </div>
        </Dialog>
    );
}
