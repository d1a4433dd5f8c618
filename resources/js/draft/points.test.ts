import { describe, expect, it } from 'vitest';
import { around, entryOf, pieces, pointsOf } from './points';
import type { Draft } from './types';

const draft: Draft = {
    name: 'tide-mills.docx',
    settled: ['uncited|B'],
    meant: {},
    isText: false,
    header: '',
    paragraphs: [],
    citations: [
        {
            text: '(Harow 12)',
            who: ['Harow'],
            paragraph: 4,
            sheet: 1,
            sentence: 'Most were gone by the time the railway came (Harow 12).',
            sources: [],
            issues: [
                { id: 'wants-place', sentence: 'A place.', key: 'wants-place|(Harow 12)' },
                { id: 'not-on-page', sentence: 'Nobody.', key: 'not-on-page|(Harow 12)' },
            ],
            right: '',
            alternatives: [],
        },
    ],
    uncited: [
        { id: 'A', key: 'uncited|A' },
        { id: 'B', key: 'uncited|B' },
    ],
    layout: [
        { id: 'line-spacing', paragraphs: [2, 3], sentence: 'Single.', mendable: true, key: 'layout|line-spacing' },
    ],
    list: { heading: 'Works Cited', place: 9, entries: ['“Tide Mills.” 2017.', 'Harow, Ruth. Iron and Salt. 2001.'] },
};

describe('what is to be put right in a draft', () => {
    it('comes in the order a teacher would say it, and what is settled apart', () => {
        const { open, settled } = pointsOf(draft);
        expect(open.map((one) => one.group)).toEqual(['not-on-page', 'wants-place', 'uncited', 'layout']);
        expect(settled.map((one) => one.source)).toEqual(['B']);
        expect(open.at(-1)).toMatchObject({ paragraphs: [2, 3], mend: 'line-spacing' });
    });

    it('is quoted with the words around it, cut between words', () => {
        const sentence = `${'one two three four '.repeat(6)}(Harow 12), and then ${'five six seven '.repeat(6)}`;
        const [before, text, after] = around(sentence, '(Harow 12)');
        expect(before).toMatch(/^… (?:one|two|three|four) /);
        expect(text).toBe('(Harow 12)');
        expect(after).toMatch(/ …$/);
    });

    it('quotes the parentheses where the name stands apart from them', () => {
        expect(around('Brook counts forty (15).', 'Brook (15)')).toEqual(['Brook counts forty ', '(15)', '.']);
    });

    it('shows the right form with its italics', () => {
        expect(pieces('(Brook &amp; Vale, <i>Moonpower</i> 15)')).toEqual([
            ['(Brook & Vale, ', false],
            ['Moonpower', true],
            [' 15)', false],
        ]);
    });

    it('finds the entry the draft has for a name', () => {
        expect(entryOf(draft, 'Harow')).toBe('Harow, Ruth. Iron and Salt. 2001.');
        expect(entryOf(draft, 'Tide Mills')).toBe('“Tide Mills.” 2017.');
        expect(entryOf(draft, 'Nobody')).toBe('');
    });
});
