import type { OpenIssue } from '../api/types';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import type { Value } from './evidence';

/** What a row of the form can do; the same object for as long as the form is open, so that rows are drawn when they must. */
export interface FormActs {
    set: (path: string, value: unknown) => void;
    use: (path: string, value: Value) => void;
    check: (path: string, on: boolean) => void;
    /** Does what an issue proposes. */
    fix: (issue: OpenIssue, which: 'fix' | 'otherFix') => void;
    dismiss: (issue: OpenIssue) => void;
    /** Shows words in the page copy. */
    see: (text: string) => void;
    focus: (path: string) => void;
    visit: (path: string) => void;
    part: () => void;
    lookUpAgain: () => void;
    openOther: (source: string) => void;
}

interface Props {
    issue: OpenIssue;
    acts: FormActs;
    /** Whether there is a copy of the page. */
    canSee: boolean;
}

/** The answers to an issue, each one press. */
export function IssueActs({ issue, acts, canSee }: Props) {
    const link = (label: string, press: () => void) => (
        <button className={ui.link} type="button" key={label} onClick={press}>
            {label}
        </button>
    );
    const fixes = (['fix', 'otherFix'] as const).map((which) => {
        const fix = issue[which];
        // What was stored with an older reading has no second answer.
        return fix ? link(fix.label, () => acts.fix(issue, which)) : null;
    });
    return (
        <>
            {fixes}
            {issue.id === 'whole-or-part' && link(words.form.part, acts.part)}
            {issue.id === 'lookup-failed' && link(words.tryAgain, acts.lookUpAgain)}
            {issue.id === 'double' && link(words.form.openOther, () => acts.openOther(issue.about))}
            {canSee && issue.ofReading && !issue.waits && link(words.form.show, () => acts.see(issue.about))}
            {issue.dismissal !== null && link(issue.answer, () => acts.dismiss(issue))}
        </>
    );
}
