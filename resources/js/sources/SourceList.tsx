import { memo, useCallback, useDeferredValue, useMemo, useState } from 'react';
import type { Format, Page, PaperSummary, Reference, SavedSource } from '../api/types';
import type { CopyAs } from '../paper/clipboard';
import { Pick } from '../ui/Pick';
import ui from '../ui/ui.module.css';
import { useRoving } from '../ui/useRoving';
import { words } from '../words/english';
import { called, listed } from './names';
import styles from './SourceList.module.css';
import { openCount } from './open';

/** From so many sources on they can be searched through. */
const SEARCHED_FROM = 10;

export interface ListActs {
    open: (id: string) => void;
    copy: (ids: string[], as: CopyAs) => void;
    remove: (ids: string[]) => void;
    exportAs: (format: Format, ids: string[]) => void;
    move: (ids: string[], to: PaperSummary) => void;
    copyTo: (ids: string[], to: PaperSummary) => void;
    /** Something is chosen, which may go to another paper. */
    needPapers: () => void;
}

interface Props {
    page: Page;
    sources: Record<string, SavedSource>;
    reference: Reference;
    /** The other papers, where sources may go. */
    papers: PaperSummary[];
    acts: ListActs;
    /** Whether whoever is here may change the paper. */
    canWrite: boolean;
    /** What is told of a source besides itself, by its id. */
    aside: Record<string, string>;
}

const say = words.list;

/** The paper's sources in the order of the page: one stop for Tab, walked over with arrow keys. */
export function SourceList({ page, sources, reference, papers, acts, canWrite, aside }: Props) {
    const [typed, setTyped] = useState('');
    const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
    const filter = useDeferredValue(typed.trim().toLowerCase());
    const roving = useRoving();
    const rows = useMemo(() => {
        const label = new Map(reference.kinds.map((kind) => [kind.id, kind.label]));
        return [
            ...page.entries.map((entry) => ({
                id: entry.id,
                aside: '',
                text: entry.runs.map((run) => run[0]).join(''),
            })),
            ...page.leftOut.map((one) => ({ id: one.id, aside: one.sentence, text: '' })),
        ].flatMap((row) => {
            const saved = sources[row.id];
            return saved === undefined ? [] : [{ ...row, saved, kind: label.get(saved.source.kind) ?? '' }];
        });
    }, [page, sources, reference]);
    const shown = useMemo(
        () =>
            filter === ''
                ? rows
                : rows.filter((row) => {
                      const text = `${row.text} ${row.kind} ${called(row.saved.source)} ${listed(row.saved.source.contributors)}`;
                      return filter.split(/\s+/).every((word) => text.toLowerCase().includes(word));
                  }),
        [rows, filter],
    );
    const { needPapers } = acts;
    const toggle = useCallback(
        (id: string) => {
            needPapers();
            setChosen((before) => {
                const next = new Set(before);
                if (!next.delete(id)) next.add(id);
                return next;
            });
        },
        [needPapers],
    );
    if (rows.length === 0) return canWrite ? <First /> : null;

    const here = shown.filter((row) => chosen.has(row.id)).map((row) => row.id);
    const choose = (ids: string[]) => setChosen(new Set(ids));
    const done = (work: () => void) => {
        work();
        choose([]);
    };
    return (
        <>
            {rows.length >= SEARCHED_FROM && (
                <div className={styles.filter}>
                    <input
                        className={ui.box}
                        type="search"
                        value={typed}
                        placeholder={say.filterHint}
                        aria-label={say.filter}
                        data-filter=""
                        onChange={(event) => setTyped(event.target.value)}
                    />
                    {filter !== '' && <span className={ui.soft}>{say.shown(shown.length, rows.length)}</span>}
                </div>
            )}
            {here.length > 0 && (
                <div className={styles.chosen} role="toolbar" aria-label={say.chosen(here.length)} data-chosen="">
                    <b>{say.chosen(here.length)}</b>
                    <button className={ui.link} type="button" onClick={() => choose(shown.map((row) => row.id))}>
                        {say.all}
                    </button>
                    <button className={ui.link} type="button" onClick={() => choose([])}>
                        {say.none}
                    </button>
                    <span className={styles.gap} />
                    <button className={ui.link} type="button" onClick={() => acts.copy(here, 'formatted')}>
                        {words.copyWord}
                    </button>
                    <Pick
                        label={words.copy.as}
                        options={[
                            ['plain', words.copy.plain],
                            ['markdown', words.copy.markdown],
                        ]}
                        onPick={(as) => acts.copy(here, as as CopyAs)}
                    />
                    <Pick
                        label={say.export}
                        options={reference.exchangeFormats.map((one) => [one.id, one.label])}
                        onPick={(id) =>
                            acts.exportAs(
                                reference.exchangeFormats.find((one) => one.id === id)!,
                                here,
                            )
                        }
                    />
                    <Pick
                        label={say.copyTo}
                        none={say.noOther}
                        options={papers.map((one) => [one.id, one.title || words.nameless])}
                        onPick={(id) =>
                            done(() =>
                                acts.copyTo(
                                    here,
                                    papers.find((one) => one.id === id)!,
                                ),
                            )
                        }
                    />
                    {canWrite && (
                        <>
                            <Pick
                                label={say.move}
                                none={say.noOther}
                                options={papers.map((one) => [one.id, one.title || words.nameless])}
                                onPick={(id) =>
                                    done(() =>
                                        acts.move(
                                            here,
                                            papers.find((one) => one.id === id)!,
                                        ),
                                    )
                                }
                            />
                            <button className={ui.link} type="button" onClick={() => done(() => acts.remove(here))}>
                                {words.remove}
                            </button>
                        </>
                    )}
                </div>
            )}
            {shown.length === 0 && <p className={ui.soft}>{say.nothing}</p>}
            <div
                className={styles.list}
                role="grid"
                aria-label={say.label}
                aria-rowcount={shown.length}
                aria-multiselectable="true"
                data-sources=""
                ref={roving.hold}
                onFocus={roving.onFocus}
                onKeyDown={roving.onKeyDown}
            >
                {shown.map((row, i) => (
                    <Row
                        key={row.id}
                        id={row.id}
                        saved={row.saved}
                        kind={row.kind}
                        aside={row.aside}
                        said={aside[row.id] ?? ''}
                        canWrite={canWrite}
                        isFirst={i === 0}
                        isChosen={chosen.has(row.id)}
                        acts={acts}
                        onChoose={toggle}
                    />
                ))}
            </div>
        </>
    );
}

interface RowProps {
    id: string;
    saved: SavedSource;
    kind: string;
    aside: string;
    said: string;
    canWrite: boolean;
    isFirst: boolean;
    isChosen: boolean;
    acts: ListActs;
    onChoose: (id: string) => void;
}

const Row = memo(function Row(props: RowProps) {
    const { id, saved, kind, aside, said, canWrite, isFirst, isChosen, acts, onChoose } = props;
    const name = called(saved.source);
    const people = listed(saved.source.contributors);
    const wants = openCount(saved);
    return (
        <div className={styles.row} role="row" aria-selected={isChosen} data-roving-row="" data-source={id}>
            <span role="gridcell" className={styles.main}>
                <button
                    className={styles.open}
                    type="button"
                    data-stop=""
                    tabIndex={isFirst ? 0 : -1}
                    onClick={() => acts.open(id)}
                >
                    <b>{name}</b>
                    <span className={ui.soft}>
                        {kind}
                        {people !== '' && ` · ${people}`}
                    </span>
                    {said !== '' && <span className={styles.said}>{said}</span>}
                    {aside !== '' && <span className={styles.wants}>{aside}</span>}
                    {wants > 0 && <span className={styles.wants}>{say.wants(wants)}</span>}
                </button>
            </span>
            <span role="gridcell" className={styles.acts}>
                <label className={styles.choose}>
                    <input
                        type="checkbox"
                        data-stop=""
                        tabIndex={-1}
                        checked={isChosen}
                        aria-label={say.choose(name)}
                        onChange={() => onChoose(id)}
                    />
                </label>
                <button
                    className={ui.link}
                    type="button"
                    data-stop=""
                    tabIndex={-1}
                    aria-label={say.copyOne(name)}
                    onClick={() => acts.copy([id], 'formatted')}
                >
                    {words.copyWord}
                </button>
                {canWrite && (
                    <button
                        className={ui.link}
                        type="button"
                        data-stop=""
                        tabIndex={-1}
                        aria-label={say.removeOne(name)}
                        onClick={() => acts.remove([id])}
                    >
                        {words.remove}
                    </button>
                )}
            </span>
        </div>
    );
});

function First() {
    const { heading, one, two, three, four } = say.first;
    return (
        <div className={styles.first} data-first="">
            <h2>{heading}</h2>
            <ol>
                {[one, two, three, four].map((step) => (
                    <li key={step}>{step}</li>
                ))}
            </ol>
        </div>
    );
}
