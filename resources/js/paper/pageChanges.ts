import type { Composed, Cited, Page, PageEntry } from '../api/types';

/** The marks of a page's entries in their order, by which the server knows what the browser has. */
export function marksOf(page: Page | null): string {
    return page === null ? '' : page.entries.map((entry) => entry.mark).join('');
}

/** The page after a change; entries that stay are the very ones that were there, so that only new ones are drawn. */
export function changedPage(before: Page | null, change: Composed['page']): Page {
    const had = before?.entries ?? [];
    const byMark = new Map(had.map((entry) => [entry.mark, entry]));
    const entries = change.entries.flatMap((one): PageEntry[] => {
        if (Array.isArray(one)) return had.slice(one[0], one[0] + one[1]);
        const { id, mark, runs, annotation } = one;
        return [byMark.get(mark) ?? { id, mark, runs, annotation }];
    });
    return { ...change, entries };
}

/** What the text says of the source that was composed; null where it has no entry. */
export function citedIn(composed: Composed, id: string): Cited | null {
    for (const one of composed.page.entries) {
        if (Array.isArray(one) || one.id !== id || one.citation === undefined) continue;
        const { citation, narrative = [], caption } = one;
        return { id, citation, narrative, names: composed.names, ...(caption === undefined ? {} : { caption }) };
    }
    return null;
}
