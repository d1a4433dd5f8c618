import { describe, expect, it } from 'vitest';
import type { Paper, PageEntry } from '../api/types';
import { newest } from './newest';

const entry = (id: string, text: string): PageEntry => ({
    id,
    mark: `${id}${text}`,
    runs: [[text, 0, null, 'r']],
    annotation: [],
});
const paper = (version: number, sources: [string, number][], entries: PageEntry[]) =>
    ({
        id: 'p',
        title: `v${version}`,
        version,
        sources: sources.map(([id, at]) => ({ id, version: at, source: { kind: 'book' }, reading: null, issues: [] })),
        page: { heading: '', headingIsBold: false, family: 'mla', entries, leftOut: [] },
    }) as unknown as Paper;

describe('an answer that was on its way while something newer arrived', () => {
    const before = paper(
        3,
        [
            ['a', 5],
            ['b', 1],
        ],
        [entry('a', 'A')],
    );

    it('does not put an older source or older settings back', () => {
        const after = newest(
            before,
            paper(
                2,
                [
                    ['a', 4],
                    ['b', 2],
                ],
                [],
            ),
        );
        expect(after.sources.map((one) => one.version)).toEqual([5, 2]);
        expect([after.title, after.version]).toEqual(['v3', 3]);
    });

    it('keeps entries that did not change as they are, so that they are not drawn anew', () => {
        const after = newest(
            before,
            paper(
                3,
                [
                    ['a', 5],
                    ['b', 1],
                ],
                [entry('a', 'A'), entry('b', 'B')],
            ),
        );
        expect(after.page.entries[0]).toBe(before.page.entries[0]);
        expect(after.sources[0]).toBe(before.sources[0]);
    });

    it('lets go of what is no longer there', () => {
        expect(newest(before, paper(3, [['a', 5]], [])).sources).toHaveLength(1);
    });
});
