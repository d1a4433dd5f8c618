import { Fragment, memo, type CSSProperties } from 'react';
import type { HeldName, PageEntry } from '../api/types';
import { fieldOf } from '../sources/paths';
import { pieces } from '../sources/titleMarks';
import { words } from '../words/english';
import { breakable, INCH } from './measure';
import styles from './Page.module.css';

interface Props {
    entry: PageEntry;
    isOpen: boolean;
    /** The field the cursor is in. */
    litField: string | null;
    indent: number;
    /** How many of its fields are open, where it is half made. */
    missing: number;
    /** Words of its title that are held as names, while it is open. */
    held: HeldName[];
    place: number;
    count: number;
}

const TITLES = ['title.main', 'title.subtitle'];

function text(of: string) {
    return breakable(of).map((piece, i) => (
        <Fragment key={i}>
            {i > 0 && <wbr />}
            {piece}
        </Fragment>
    ));
}

/** An entry with its annotation; each of its parts knows the field and the rule it came from. */
export const Entry = memo(function Entry({ entry, isOpen, litField, indent, missing, held, place, count }: Props) {
    const italics: CSSProperties = { fontStyle: 'italic' };
    const isByHand = entry.runs[0]?.[3].endsWith('.by-hand') === true;
    return (
        <div
            className={styles.block}
            data-entry={entry.id}
            data-open={isOpen || undefined}
            data-missing={missing > 0 ? missing : undefined}
            role="listitem"
            aria-setsize={count}
            aria-posinset={place}
        >
            <p className={styles.entry} tabIndex={-1} data-stop="" aria-current={isOpen || undefined}>
                {entry.runs.map(([words, italic, field, rule], i) => (
                    <span
                        key={i}
                        data-rule={rule}
                        data-field={field ?? undefined}
                        data-lit={
                            (isOpen && field !== null && litField !== null && fieldOf(field) === litField) || undefined
                        }
                        style={italic ? italics : undefined}
                    >
                        {held.length > 0 && field !== null && TITLES.includes(field)
                            ? pieces(words, held).map((piece, n) =>
                                  piece.held === null ? (
                                      piece.text
                                  ) : (
                                      <span
                                          key={n}
                                          className={piece.held.isAsked ? styles.doubt : styles.name}
                                          data-turn={piece.held.word}
                                      >
                                          {piece.text}
                                      </span>
                                  ),
                              )
                            : text(words)}
                    </span>
                ))}
            </p>
            {entry.annotation.map((paragraph, i) => (
                <p className={styles.note} style={{ paddingLeft: indent * INCH }} data-note="" key={i}>
                    {paragraph}
                </p>
            ))}
            {isByHand && (
                <span className={styles.margin} data-by-hand="">
                    {words.byOwnHand.mark}
                </span>
            )}
            {missing > 0 && !isByHand && <span className={styles.margin}>{words.page.open(missing)}</span>}
        </div>
    );
});
