import type { Comment, Paper } from '../api/types';
import { words } from '../words/english';

const say = words.list;

/** What is told of each source besides itself where a paper has company: who changed it last, and how much is said of it. */
export function asidesOf(paper: Paper | null, comments: Comment[]): Record<string, string> {
    const asides: Record<string, string> = {};
    const said: Record<string, number> = {};
    for (const one of comments)
        if (one.source !== null && !one.isResolved) said[one.source] = (said[one.source] ?? 0) + 1;
    for (const one of paper?.sources ?? []) {
        const names = paper?.isShared === true ? paper.people : {};
        // What one did oneself one knows.
        const [added, changed] = [one.addedBy, one.changedBy].map((by) =>
            by === paper?.me ? undefined : names[by ?? ''],
        );
        const parts = [
            added === undefined ? '' : say.addedBy(added),
            changed === undefined || one.changedBy === one.addedBy ? '' : say.changedBy(changed),
            said[one.id] === undefined ? '' : say.comments(said[one.id]!),
        ].filter((part) => part !== '');
        if (parts.length > 0) asides[one.id] = parts.join(' · ');
    }
    return asides;
}
