import { describe, expect, it } from 'vitest';
import type { PageEntry } from '../api/types';
import { breakable, onSheet, placed } from './measure';

const entry = (id: string): PageEntry => ({ id, mark: id, runs: [], annotation: [] });

describe('entries on sheets', () => {
    const entries = Array.from({ length: 20 }, (_, i) => entry(String(i)));
    const { placed: all, used } = placed(entries, () => [3], 23);

    it('stand one below the other after the heading', () => {
        expect(all[0]).toMatchObject({ lines: 3, parts: [{ sheet: 0, at: 1, from: 0, lines: 3 }] });
        expect(all[6]!.parts).toEqual([{ sheet: 0, at: 19, from: 0, lines: 3 }]);
    });

    it('go whole to the next sheet where a single line would stay behind or go ahead', () => {
        // Line 22 of the first sheet is free, and one of three lines alone is too few; so are two with one alone after.
        expect(all[7]!.parts).toEqual([{ sheet: 1, at: 0, from: 0, lines: 3 }]);
        expect(used[0]).toBe(22);
        const four = placed([entry('a'), entry('b')], (one) => [one.id === 'a' ? 19 : 4], 23);
        expect(four.placed[1]!.parts).toEqual([
            { sheet: 0, at: 20, from: 0, lines: 2 },
            { sheet: 1, at: 0, from: 2, lines: 2 },
        ]);
        expect(four.used).toEqual([22, 2]);
    });

    it('keep a paragraph below an entry apart from it', () => {
        const noted = placed([entry('a'), entry('b')], (one) => (one.id === 'a' ? [20] : [1, 2]), 23);
        expect(noted.placed[1]!.parts).toEqual([
            { sheet: 0, at: 21, from: 0, lines: 1 },
            { sheet: 1, at: 0, from: 1, lines: 2 },
        ]);
    });

    it('fill sheet after sheet where one is longer than a sheet', () => {
        expect(placed([entry('a')], () => [50], 23).used).toEqual([23, 23, 5]);
    });

    it('are on every sheet a line of them stands on', () => {
        expect(onSheet(all, 0).map((one) => one.entry.id)).toEqual(['0', '1', '2', '3', '4', '5', '6']);
        expect(onSheet(all, 1)[0]?.entry.id).toBe('7');
        expect(onSheet(all, used.length)).toEqual([]);
    });

    it('break an address where it may', () => {
        expect(breakable('https://\u200Bwww\u200B.tideline')).toEqual(['https://', 'www', '.tideline']);
    });
});
