import { memo, useState } from 'react';
import type { Cited, Mention, Reference, Words } from '../api/types';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './InTextBar.module.css';
import { copied } from './words';

export const NOWHERE: Mention = {
    kind: 'page',
    place: '',
    quoting: '',
    later: false,
    figure: { number: '1', words: '', adapted: false, rights: '' },
};

interface Props {
    cited: Cited;
    mention: Mention;
    /** Whether an author's name has a short form, which depends on what the text said before. */
    isAbbreviated: boolean;
    reference: Reference;
    onMention: (mention: Mention) => void;
    onCopy: (html: string, text: string) => void;
}

const say = words.inText;

/** The in-text citation in both its forms, with its place in the source; pressing one copies it. */
export const InTextBar = memo(function InTextBar({
    cited,
    mention,
    isAbbreviated,
    reference,
    onMention,
    onCopy,
}: Props) {
    const [more, setMore] = useState(false);
    const set = (part: Partial<Mention>) => onMention({ ...mention, ...part });
    const forms: [string, Words][] = [
        [say.parenthetical, cited.citation],
        [say.narrative, cited.narrative],
    ];
    const example = reference.locators.find((one) => one.id === mention.kind)?.example ?? '';
    return (
        <section className={styles.bar} aria-label={say.label} data-in-text="">
            {more && (
                <div className={styles.more}>
                    <label>
                        <span>{say.quoting}</span>
                        <input
                            className={ui.box}
                            value={mention.quoting}
                            maxLength={200}
                            placeholder="Oake, 1898"
                            onChange={(event) => set({ quoting: event.target.value })}
                        />
                    </label>
                    {isAbbreviated && (
                        <label className={styles.check}>
                            <input
                                type="checkbox"
                                checked={mention.later}
                                onChange={(event) => set({ later: event.target.checked })}
                            />
                            <span>{say.later}</span>
                        </label>
                    )}
                </div>
            )}
            <div className={styles.line}>
                <h3>{say.label}</h3>
                <select
                    className={ui.pick}
                    aria-label={say.kind}
                    value={mention.kind}
                    onChange={(event) => set({ kind: event.target.value as Mention['kind'] })}
                >
                    {reference.locators.map((one) => (
                        <option key={one.id} value={one.id}>
                            {one.label}
                        </option>
                    ))}
                </select>
                <input
                    className={`${ui.box} ${styles.place}`}
                    aria-label={say.place}
                    value={mention.place}
                    maxLength={80}
                    placeholder={example}
                    onChange={(event) => set({ place: event.target.value })}
                />
                <button
                    className={`${ui.link} ${ui.small}`}
                    type="button"
                    aria-expanded={more}
                    aria-label={say.moreLabel}
                    onClick={() => setMore(!more)}
                >
                    {more ? words.less : words.more}
                </button>
            </div>
            <div className={styles.forms}>
                {forms.map(([form, pieces]) => {
                    const { html, text } = copied(pieces);
                    return (
                        <button
                            key={form}
                            type="button"
                            className={styles.form}
                            data-cite={form}
                            onClick={() => onCopy(html, text)}
                        >
                            <span className={ui.hidden}>{words.copyWord}: </span>
                            <span>{form}</span>
                            <q>{pieces.map(([piece, italic], i) => (italic ? <i key={i}>{piece}</i> : piece))}</q>
                        </button>
                    );
                })}
            </div>
        </section>
    );
});
