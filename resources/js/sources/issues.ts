import type { Issue, SavedSource } from '../api/types';
import { fieldOf, hasValue } from './paths';

/** What was noticed when the source was read and is open still: nobody put it aside, and its field is empty or does not settle it. */
function ofReading({ source, reading }: SavedSource): Issue[] {
    return (reading?.issues ?? []).filter(
        (issue) => !reading!.dismissed.includes(issue.id) && (issue.waits || !hasValue(source, fieldOf(issue.field))),
    );
}

/** What wants a look on a source: in its list, and on its form, where a field that is only empty is not said twice. */
export function openIssues(saved: SavedSource, where: 'list' | 'form'): Issue[] {
    const isSaid = ({ severity }: Issue) => severity === 'open' || (severity === 'missing' && where === 'list');
    return [...ofReading(saved), ...saved.issues.filter(isSaid)];
}

/** A field that is still empty, or a hint, is said without colour. */
export function isQuiet(issue: Issue): boolean {
    return issue.severity !== 'open';
}
