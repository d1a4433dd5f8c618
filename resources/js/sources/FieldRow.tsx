import { memo, useId, useState, type ReactNode } from 'react';
import type { FormField, OpenIssue } from '../api/types';
import { Dot } from '../ui/Dot';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import type { Evidence } from './evidence';
import styles from './FieldRow.module.css';
import { IssueActs, type FormActs } from './FormActs';

interface Props {
    field: FormField;
    inputId: string;
    /** Whether nothing stands in it. */
    isEmpty: boolean;
    isRequired: boolean;
    /** Whether it may say that it is empty: it was visited, or the form was left once. */
    speaks: boolean;
    evidence: Evidence | null;
    isChecked: boolean;
    issues: OpenIssue[];
    acts: FormActs;
    canSee: boolean;
    /** The field itself; it is drawn anew when its key changes. */
    children: (describedBy: string) => ReactNode;
    /** What the field itself depends on, so that a row is left alone while another is typed in. */
    depends: readonly unknown[];
}

const say = words.form;

/** A field with its name, a dot for how sure its value is, and words only where somebody should read them. */
export const FieldRow = memo(
    function FieldRow(props: Props) {
        const { field, inputId, isEmpty, isRequired, speaks, evidence, isChecked, issues, acts, canSee } = props;
        const [helps, setHelps] = useState(false);
        const guide = useId();
        const spoken = useId();
        const heard = issues.filter((issue) => speaks || issue.severity === 'open');
        const isOpen = heard.some((issue) => issue.severity !== 'hint');
        const isMissing = heard.some((issue) => issue.severity === 'missing');
        const dot = evidence?.dot ?? (isMissing ? 'missing' : isOpen ? 'guess' : null);
        const lines: [string, string][] = [
            [say.what, field.what],
            [say.where, field.where],
            [say.example, field.example],
            [say.mind, field.mistake],
        ];
        return (
            <div
                className={styles.row}
                data-row={field.path}
                data-state={isOpen ? 'open' : undefined}
                onFocus={() => acts.focus(field.path)}
                onBlur={(event) => {
                    if (!event.currentTarget.contains(event.relatedTarget)) acts.visit(field.path);
                }}
            >
                <div className={styles.name}>
                    <label htmlFor={inputId}>{field.label}</label>
                    {isRequired && isEmpty && <span className={styles.required}>{say.required}</span>}
                </div>
                <div className={styles.field}>{props.children(spoken)}</div>
                <div className={styles.ends}>
                    {evidence?.canBeChecked === true ? (
                        <button
                            className={styles.dot}
                            type="button"
                            aria-pressed={isChecked}
                            aria-label={words.evidence.check(field.label, evidence.how.toLowerCase())}
                            title={`${evidence.how}. ${evidence.text}`}
                            data-dot=""
                            onClick={() => acts.check(field.path, !isChecked)}
                        >
                            <Dot kind={evidence.dot} />
                        </button>
                    ) : (
                        <span className={styles.dot}>{dot !== null && <Dot kind={dot} />}</span>
                    )}
                    <button
                        className={styles.help}
                        type="button"
                        aria-expanded={helps}
                        aria-controls={guide}
                        aria-label={say.about(field.label)}
                        onClick={() => setHelps(!helps)}
                    >
                        ?
                    </button>
                </div>
                <div className={styles.under}>
                    <span id={spoken}>
                        {evidence !== null && evidence.text !== '' && (
                            <span className={evidence.isLoud ? styles.words : ui.hidden}>
                                <span className={ui.hidden}>{evidence.how}. </span>
                                {evidence.text}{' '}
                                {evidence.isLoud && canSee && evidence.seen !== '' && (
                                    <button className={ui.link} type="button" onClick={() => acts.see(evidence.seen)}>
                                        {say.showIt}
                                    </button>
                                )}
                            </span>
                        )}
                        {heard.map((issue) => (
                            <span
                                key={issue.id + issue.sentence}
                                className={issue.severity === 'hint' ? styles.words : `${styles.words} ${styles.wants}`}
                                data-issue={issue.id}
                            >
                                {issue.sentence} <IssueActs issue={issue} acts={acts} canSee={canSee} />
                            </span>
                        ))}
                    </span>
                    {evidence?.isLoud === true &&
                        evidence.offers.map((offer) => (
                            <span className={styles.words} key={offer.text}>
                                {offer.text}{' '}
                                <button
                                    className={ui.link}
                                    type="button"
                                    onClick={() => acts.use(field.path, offer.value)}
                                >
                                    {offer.label}
                                </button>
                            </span>
                        ))}
                    {helps && (
                        <dl className={styles.guide} id={guide}>
                            {lines
                                .filter(([, text]) => text !== '')
                                .map(([word, text]) => (
                                    <div key={word}>
                                        <dt>{word}</dt>
                                        <dd>{text}</dd>
                                    </div>
                                ))}
                        </dl>
                    )}
                </div>
            </div>
        );
    },
    (one, two) =>
        one.field === two.field &&
        one.isRequired === two.isRequired &&
        one.speaks === two.speaks &&
        one.isChecked === two.isChecked &&
        one.canSee === two.canSee &&
        one.acts === two.acts &&
        one.depends.every((value, i) => value === two.depends[i]) &&
        JSON.stringify([one.issues, one.evidence]) === JSON.stringify([two.issues, two.evidence]),
);
