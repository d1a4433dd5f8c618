import { describe, expect, it } from 'vitest';
import type { PageEntry } from '../api/types';
import { breakable, LINES, onSheet, placed } from './measure';

const entry = (id: string): PageEntry => ({ id, mark: id, runs: [], annotation: [] });

describe('entries on sheets', () => {
    const entries = Array.from({ length: 20 }, (_, i) => entry(String(i)));
    const { placed: all, total } = placed(entries, () => 3);

    it('stand one below the other after the heading', () => {
        expect(all[0]).toMatchObject({ top: 1, lines: 3 });
        expect(all[19]?.top).toBe(1 + 19 * 3);
        expect(total).toBe(1 + 20 * 3);
    });

    it('are on every sheet a line of them stands on', () => {
        // The first sheet ends after line 23; entry 7 has lines 22, 23 and 24.
        expect(onSheet(all, 0).map((one) => one.entry.id)).toEqual(['0', '1', '2', '3', '4', '5', '6', '7']);
        expect(onSheet(all, 1)[0]?.entry.id).toBe('7');
        expect(onSheet(all, Math.ceil(total / LINES))).toEqual([]);
    });

    it('break an address where it may', () => {
        expect(breakable('https://\u200Bwww\u200B.tideline')).toEqual(['https://', 'www', '.tideline']);
    });
});
