import type { Read } from '../api/client';
import type { Page, PageEntry, Paper, SavedSource } from '../api/types';

/** Entries that did not change keep their identity, so that only those that did are drawn again. */
export function pageWithKnownEntries(before: Page | null | undefined, after: Page): Page {
    if (before === null || before === undefined || before === after) return after;
    const known = new Map(before.entries.map((entry): [string, PageEntry] => [entry.mark, entry]));
    return { ...after, entries: after.entries.map((entry) => known.get(entry.mark) ?? entry) };
}

/** An answer that was on its way while something newer arrived does not put the older state back. */
export function newest(before: Read<Paper> | undefined, after: Read<Paper>): Read<Paper> {
    if (before === undefined || before === after || before.id !== after.id) return after;
    const known = new Map(before.sources.map((one): [string, SavedSource] => [one.id, one]));
    const sources = after.sources.map((one) => {
        const old = known.get(one.id);
        return old !== undefined && old !== one && (old.version > one.version || alike(old, one)) ? old : one;
    });
    const settings =
        before.version > after.version
            ? {
                  title: before.title,
                  className: before.className,
                  dueOn: before.dueOn,
                  question: before.question,
                  asked: before.asked,
                  style: before.style,
                  surname: before.surname,
                  course: before.course,
                  version: before.version,
              }
            : {};
    return { ...after, ...settings, sources, page: pageWithKnownEntries(before.page, after.page) };
}

function alike(one: SavedSource, other: SavedSource): boolean {
    return one.version === other.version && JSON.stringify(one) === JSON.stringify(other);
}
