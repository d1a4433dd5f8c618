import type { Read } from '../api/client';
import type { Page, PageEntry, Paper, SavedSource } from '../api/types';

/** Entries that did not change keep their identity, so that only the edited one is drawn again. */
export function pageWithKnownEntries(before: Page | null | undefined, after: Page): Page {
    const known = new Map(before?.entries.map((entry): [string, PageEntry] => [entry.id, entry]));
    return {
        ...after,
        entries: after.entries.map((entry) => {
            const old = known.get(entry.id);
            if (old === undefined || !alike([old.runs, old.annotation], [entry.runs, entry.annotation])) return entry;
            return entry.citation === undefined ||
                alike([old.citation, old.narrative, old.caption], [entry.citation, entry.narrative, entry.caption])
                ? old
                : entry;
        }),
    };
}

/** An answer that was on its way while something newer arrived does not put the older state back. */
export function newest(before: Read<Paper> | undefined, after: Read<Paper>): Read<Paper> {
    if (before === undefined || before.id !== after.id) return after;
    const known = new Map(before.sources.map((one): [string, SavedSource] => [one.id, one]));
    const sources = after.sources.map((one) => {
        const old = known.get(one.id);
        return old !== undefined && (old.version > one.version || alike(old, one)) ? old : one;
    });
    const settings =
        before.version > after.version
            ? {
                  title: before.title,
                  style: before.style,
                  surname: before.surname,
                  course: before.course,
                  version: before.version,
              }
            : {};
    return { ...after, ...settings, sources, page: pageWithKnownEntries(before.page, after.page) };
}

function alike(one: unknown, other: unknown): boolean {
    return JSON.stringify(one) === JSON.stringify(other);
}
