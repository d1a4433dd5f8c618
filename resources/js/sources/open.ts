import type { OpenIssue, SavedSource } from '../api/types';

/** What wants a look; the server says what is open, and hints are none of it. */
export function openIssues(saved: SavedSource): OpenIssue[] {
    return saved.issues.filter((issue) => issue.severity !== 'hint');
}

export function openCount(saved: SavedSource): number {
    return openIssues(saved).length;
}

/** The fields that are empty and must not be: what makes an entry half-made. */
export function missingCount(saved: SavedSource): number {
    return new Set(saved.issues.filter((issue) => issue.severity === 'missing').map((issue) => issue.field)).size;
}
