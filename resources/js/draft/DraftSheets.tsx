import { memo, useMemo } from 'react';
import { words } from '../words/english';
import styles from './Draft.module.css';
import type { Point } from './points';
import type { Draft, DraftParagraph } from './types';

interface Props {
    draft: Draft;
    points: Point[];
    lit: string | null;
    onPick: (citation: number) => void;
}

const say = words.draft;

/** The draft as it was given, sheet by sheet where the file says so, with its citations marked; its words are never changed. */
export const DraftSheets = memo(function DraftSheets({ draft, points, lit, onPick }: Props) {
    const sheets = useMemo(() => {
        const all: DraftParagraph[][] = [];
        for (const one of draft.paragraphs) {
            const last = all.at(-1);
            const begins = one.breaks || one.sheet !== last?.[0]?.sheet;
            if (last === undefined || begins) all.push([one]);
            else last.push(one);
        }
        return all;
    }, [draft]);
    const wrong = useMemo(() => {
        const marks = new Map<number, string>();
        for (const one of points)
            if (one.citation !== null && !marks.has(one.citation)) marks.set(one.citation, one.key);
        return marks;
    }, [points]);
    const remarked = useMemo(
        () =>
            new Set(points.filter((one) => one.key === lit && one.citation === null).flatMap((one) => one.paragraphs)),
        [points, lit],
    );
    const paragraph = (one: DraftParagraph, i: number) => (
        <p
            key={i}
            className={styles[one.look]}
            data-paragraph={one.note === '' ? one.place : undefined}
            data-remarked={remarked.has(one.place) && one.note === '' ? '' : undefined}
        >
            {one.pieces.map(([text, italic, citation], n) => {
                const words = italic === 1 ? <i key={n}>{text}</i> : text;
                if (citation === null) return words;
                const key = wrong.get(citation);
                return (
                    // A button of the browser's would not break at the end of a line.
                    <span
                        key={n}
                        role="button"
                        tabIndex={0}
                        className={key === undefined ? styles.cite : styles.wrong}
                        data-citation={citation}
                        data-lit={key !== undefined && key === lit ? '' : undefined}
                        aria-label={key === undefined ? say.right(text) : say.marked(text)}
                        onClick={() => onPick(citation)}
                        onKeyDown={(event) => {
                            if (event.key !== 'Enter' && event.key !== ' ') return;
                            event.preventDefault();
                            onPick(citation);
                        }}
                    >
                        {words}
                    </span>
                );
            })}
        </p>
    );
    return (
        <section className={styles.desk} aria-label={say.sheets} data-draft="" tabIndex={-1}>
            {sheets.map((paragraphs, i) => (
                <div className={styles.sheet} key={i}>
                    {draft.header !== '' && (
                        <div className={styles.running}>
                            {draft.header} {paragraphs[0]!.sheet > 0 && paragraphs[0]!.sheet}
                        </div>
                    )}
                    {paragraphs.map(paragraph)}
                </div>
            ))}
            <p className={styles.badge}>{say.unchanged}</p>
        </section>
    );
});
