import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import { call } from '../api/client';
import type { Kind, KindId, Reference } from '../api/types';
import { announce } from '../ui/announce';
import ui from '../ui/ui.module.css';
import { useRoving } from '../ui/useRoving';
import { words } from '../words/english';
import styles from './ByHand.module.css';

interface Found {
    kinds: KindId[];
    /** What to ask oneself, where the word names a format or a habit and no kind. */
    sentence: string;
}

interface Props {
    reference: Reference;
    /** What the source is now; null where there is none yet. */
    now: KindId | null;
    onChoose: (kind: KindId) => void;
    onClose: () => void;
}

const say = words.kinds;
const OTHER: KindId = 'other';

/** The question before every form, which kind of source it is. Found by any everyday word, which only the server understands. */
export function ByHand({ reference, now, onChoose, onClose }: Props) {
    const [typed, setTyped] = useState('');
    const [found, setFound] = useState<Found | null>(null);
    const [group, setGroup] = useState<string | null>(null);
    const box = useRef<HTMLInputElement>(null);
    const turn = useRef(0);
    const roving = useRoving();
    useEffect(() => box.current?.focus(), []);

    const find = async (wanted: string): Promise<Found | null> => {
        setTyped(wanted);
        const mine = ++turn.current;
        if (wanted.trim() === '') {
            setFound(null);
            return null;
        }
        const answer = await call<Found>('GET', `kinds?find=${encodeURIComponent(wanted)}`);
        if (mine !== turn.current) return answer;
        setFound(answer);
        announce(answer.kinds.length === 0 ? say.none : `${answer.sentence} ${say.listed(answer.kinds.length)}`);
        return answer;
    };
    const kindOf = (id: KindId) => reference.kinds.find((kind) => kind.id === id)!;
    const groups = [...new Set(reference.kinds.map((kind) => kind.group))];
    const common = reference.kinds.filter((kind) => kind.isCommon);
    const listed = found === null ? common : found.kinds.map(kindOf);

    const onKey = (event: KeyboardEvent) => {
        if (event.key === 'Escape') {
            event.preventDefault();
            event.stopPropagation();
            onClose();
        } else if (event.key === 'Enter' && event.target === box.current) {
            event.preventDefault();
            // What is meant is what is typed now, though its answer may be under way still.
            void find(typed).then((answer) => answer !== null && onChoose(answer.kinds[0] ?? OTHER));
        } else if (event.key === 'ArrowDown' && event.target === box.current) {
            event.preventDefault();
            event.currentTarget.querySelector<HTMLElement>('[data-stop]')?.focus();
        }
    };
    const choice = (kind: Kind, withHint: boolean) => (
        <button
            key={kind.id}
            type="button"
            className={styles.kind}
            data-kind={kind.id}
            data-stop=""
            aria-current={kind.id === now || undefined}
            onClick={() => onChoose(kind.id)}
        >
            <b>{kind.label}</b>
            {withHint && <span>{kind.id === now ? say.now : kind.hint || kind.group}</span>}
        </button>
    );
    // Two columns are walked over as rows of two.
    const rows = <T,>(all: T[]): T[][] =>
        Array.from({ length: Math.ceil(all.length / 2) }, (_, i) => all.slice(2 * i, 2 * i + 2));
    return (
        <section
            className={styles.byHand}
            aria-label={now === null ? say.heading : say.change}
            onKeyDown={onKey}
            data-by-hand=""
        >
            <header>
                <h2>{now === null ? say.heading : say.change}</h2>
                <button className={ui.link} type="button" onClick={onClose}>
                    {say.close}
                </button>
            </header>
            {now !== null && <p className={`${ui.soft} ${ui.small}`}>{say.kept}</p>}
            <input
                ref={box}
                className={ui.box}
                data-kind-search=""
                value={typed}
                placeholder={say.search}
                aria-label={say.searchLabel}
                autoComplete="off"
                onChange={(event) => void find(event.target.value)}
            />
            <div ref={roving.hold} onFocus={roving.onFocus} onKeyDown={roving.onKeyDown} className={styles.lists}>
                {found !== null && found.sentence !== '' && <p>{found.sentence}</p>}
                {found !== null && found.kinds.length === 0 && (
                    <>
                        <p>{say.none}</p>
                        <div className={styles.pair} data-roving-row="">
                            {choice(kindOf(OTHER), true)}
                        </div>
                    </>
                )}
                {listed.length > 0 && <h3>{found === null ? say.most : say.found}</h3>}
                {rows(listed).map((pair) => (
                    <div className={styles.pair} key={pair[0]!.id} data-roving-row="">
                        {pair.map((kind) => choice(kind, true))}
                    </div>
                ))}
                {found === null && (
                    <>
                        <h3>{say.byGroup(reference.kinds.length)}</h3>
                        {rows(groups).map((pair) => (
                            <div key={pair[0]}>
                                <div className={styles.pair} data-roving-row="">
                                    {pair.map((one) => (
                                        <span key={one}>
                                            <button
                                                type="button"
                                                className={`${ui.link} ${styles.group}`}
                                                data-stop=""
                                                aria-expanded={group === one}
                                                onClick={() => setGroup(group === one ? null : one)}
                                            >
                                                {one}
                                            </button>
                                        </span>
                                    ))}
                                </div>
                                {pair.includes(group ?? '') &&
                                    rows(reference.kinds.filter((kind) => kind.group === group)).map((two) => (
                                        <div className={styles.pair} key={two[0]!.id} data-roving-row="">
                                            {two.map((kind) => choice(kind, false))}
                                        </div>
                                    ))}
                            </div>
                        ))}
                    </>
                )}
            </div>
        </section>
    );
}
