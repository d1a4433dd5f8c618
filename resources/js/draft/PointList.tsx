import { useState } from 'react';
import type { SavedSource } from '../api/types';
import { called } from '../sources/names';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './Draft.module.css';
import { around, GROUPS, pieces, type Point } from './points';
import type { Draft } from './types';

export interface PointActs {
    show: (point: Point) => void;
    settle: (point: Point) => void;
    unsettle: (point: Point) => void;
    copy: (text: string) => void;
    add: (who: string) => void;
    means: (who: string, source: string) => void;
    leaveOut: (sources: string[]) => void;
}

interface Props {
    draft: Draft;
    points: { open: Point[]; settled: Point[] };
    sources: Record<string, SavedSource>;
    lit: string | null;
    acts: PointActs;
    onReadList: () => void;
}

const say = words.draft;

/** What is to be put right, grouped as a teacher would say it; a press on one shows where it stands. */
export function PointList({ draft, points, sources, lit, acts, onReadList }: Props) {
    const [showsSettled, setShowsSettled] = useState(false);
    const answered = draft.citations.filter((one) => one.sources.length > 0).length;
    const groups = GROUPS.map((group) => ({ group, some: points.open.filter((one) => one.group === group) }));
    const row = (point: Point) => (
        <Row key={point.key} point={point} draft={draft} sources={sources} isLit={point.key === lit} acts={acts} />
    );
    return (
        <section className={styles.points} aria-label={say.points} tabIndex={-1} data-points="">
            <h2>{points.open.length === 0 ? say.nothing : say.count(points.open.length)}</h2>
            <p className={ui.soft}>{say.found(draft.citations.length, answered)}</p>
            {draft.list !== null && (
                <p className={styles.list}>
                    {say.list(draft.list.heading, draft.list.entries.length)}{' '}
                    {draft.list.entries.length > 0 && (
                        <button className={ui.link} type="button" data-read-list="" onClick={onReadList}>
                            {say.readList}
                        </button>
                    )}
                </p>
            )}
            {groups.map(
                ({ group, some }) =>
                    some.length > 0 && (
                        <section key={group} data-group={group}>
                            <h3>{say.groups[group]}</h3>
                            {group === 'uncited' && some.length > 1 && (
                                <button
                                    className={ui.link}
                                    type="button"
                                    data-only-cited=""
                                    onClick={() => acts.leaveOut(some.map((one) => one.source!))}
                                >
                                    {say.leaveAllOut(some.length)}
                                </button>
                            )}
                            <ul>{some.map(row)}</ul>
                        </section>
                    ),
            )}
            {points.settled.length > 0 && (
                <section data-group="settled">
                    <button
                        className={ui.link}
                        type="button"
                        aria-expanded={showsSettled}
                        onClick={() => setShowsSettled(!showsSettled)}
                    >
                        {say.settled(points.settled.length)}
                    </button>
                    {showsSettled && (
                        <ul>
                            {points.settled.map((point) => (
                                <li key={point.key} data-point={point.key}>
                                    <span>{titleOf(point, draft, sources)}</span>{' '}
                                    <button className={ui.link} type="button" onClick={() => acts.unsettle(point)}>
                                        {say.unsettle}
                                    </button>
                                </li>
                            ))}
                        </ul>
                    )}
                </section>
            )}
        </section>
    );
}

/** A citation with its italics. */
function Formed({ html }: { html: string }) {
    return <span>{pieces(html).map(([text, isItalic], i) => (isItalic ? <i key={i}>{text}</i> : text))}</span>;
}

function titleOf(point: Point, draft: Draft, sources: Record<string, SavedSource>): string {
    const source = point.source === null ? undefined : sources[point.source];
    if (source !== undefined) return called(source.source);
    return point.citation === null ? point.sentence : draft.citations[point.citation]!.text;
}

interface RowProps {
    point: Point;
    draft: Draft;
    sources: Record<string, SavedSource>;
    isLit: boolean;
    acts: PointActs;
}

function Row({ point, draft, sources, isLit, acts }: RowProps) {
    const citation = point.citation === null ? null : draft.citations[point.citation]!;
    const [before, text, after] = citation === null ? ['', '', ''] : around(citation.sentence, citation.text);
    const where = citation !== null && citation.sheet > 0 ? say.onSheet(citation.sheet) : '';
    const press = (label: string, act: () => void) => (
        <button className={ui.link} type="button" onClick={act}>
            {label}
        </button>
    );
    return (
        <li data-point={point.key} data-lit={isLit ? '' : undefined}>
            <button className={styles.title} type="button" onClick={() => acts.show(point)}>
                {titleOf(point, draft, sources)}
            </button>
            {citation !== null && (
                <>
                    <p className={styles.quoted}>
                        {before}
                        <b>{text}</b>
                        {after}
                    </p>
                    <p className={ui.soft}>
                        {point.sentence}
                        {where !== '' && ` ${where}`}
                    </p>
                    {(point.group === 'ambiguous' ? citation.alternatives : [citation.right])
                        .filter((form) => form !== '')
                        .map((form) => (
                            <p className={styles.form} key={form}>
                                {say.shouldBe} <Formed html={form} /> {press(words.copyWord, () => acts.copy(form))}
                            </p>
                        ))}
                </>
            )}
            {point.group === 'layout' && point.paragraphs.length > 0 && (
                <p className={ui.soft}>
                    {say.paragraphs(point.paragraphs.length)}
                    {point.mend !== '' && ` ${say.mendable}`}
                </p>
            )}
            <p className={ui.acts}>
                {point.group === 'not-on-page' && citation !== null && (
                    <>
                        {press(say.add, () => acts.add(citation.who[0] ?? ''))}
                        <select
                            className={ui.pick}
                            value=""
                            aria-label={say.means}
                            onChange={(event) => acts.means(citation.who[0] ?? '', event.target.value)}
                        >
                            <option value="">{say.means}</option>
                            {Object.values(sources).map((one) => (
                                <option key={one.id} value={one.id}>
                                    {called(one.source).slice(0, 60)}
                                </option>
                            ))}
                        </select>
                    </>
                )}
                {point.source !== null && press(say.leaveOut, () => acts.leaveOut([point.source!]))}
                {press(point.source !== null ? say.keep : say.settle, () => acts.settle(point))}
            </p>
        </li>
    );
}
