import { describe, expect, it } from 'vitest';
import type { Composed, Page, PageEntry } from '../api/types';
import { changedPage, citedIn, marksOf } from './pageChanges';

const entry = (id: string, mark = `${id}-mark`): PageEntry => ({
    id,
    mark,
    runs: [[id, 0, null, 'r']],
    annotation: [],
});
const page = (...entries: PageEntry[]): Page => ({
    heading: 'Works Cited',
    headingIsBold: false,
    annotationIndent: 1,
    entries,
    leftOut: [],
});

describe('a page told by what is new on it', () => {
    const before = page(entry('a'), entry('b'), entry('c'), entry('d'));

    it('keeps the very entries that stay, wherever they go', () => {
        const after = changedPage(before, { ...before, entries: [[2, 2], entry('x'), [0, 1]] });
        expect(after.entries.map((one) => one.id)).toEqual(['c', 'd', 'x', 'a']);
        expect(after.entries[0]).toBe(before.entries[2]);
        expect(after.entries[3]).toBe(before.entries[0]);
    });

    it('keeps an entry that came whole and is the same', () => {
        const after = changedPage(before, { ...before, entries: [entry('a'), [1, 3]] });
        expect(after.entries[0]).toBe(before.entries[0]);
    });

    it('leaves in-text forms out of the entry, and finds them for the source', () => {
        const told = { ...entry('b', 'other'), citation: [['(B)', 0]], narrative: [['B', 0]] };
        const composed = { page: { ...before, entries: [[0, 1], told] }, issues: [], names: [] } as unknown as Composed;
        expect(changedPage(before, composed.page).entries[1]).toEqual(entry('b', 'other'));
        expect(citedIn(composed, 'b')?.citation).toEqual([['(B)', 0]]);
        expect(citedIn(composed, 'a')).toBeNull();
    });

    it('says what it has by marks in page order', () => {
        expect(marksOf(before)).toBe('a-markb-markc-markd-mark');
        expect(marksOf(null)).toBe('');
    });
});
