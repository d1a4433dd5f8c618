import { describe, expect, it } from 'vitest';
import { marked, pieces, plain } from './titleMarks';

describe('words held in a title', () => {
    const held = [{ word: 'Harbour' }, { word: 'council' }];

    it('are found in whatever letters they stand', () => {
        const parts = pieces('Harbour Lamps for the Council', held);
        expect(parts.map((one) => one.text)).toEqual(['Harbour', ' Lamps for the ', 'Council']);
        expect(parts.map((one) => one.held?.word ?? '')).toEqual(['Harbour', '', 'council']);
    });

    it('are found before a mark or an ending, and never inside another word', () => {
        expect(pieces('The Harbour’s councillors', held).map((one) => one.held?.word ?? '')).toEqual([
            '',
            'Harbour',
            '',
        ]);
    });

    it('lose nothing of the title', () => {
        for (const title of ['', 'A–B: “Harbour” & Co.', '  council ']) {
            expect(
                pieces(title, held)
                    .map((one) => one.text)
                    .join(''),
            ).toBe(title);
        }
    });

    it('do not touch words that are set off', () => {
        const title = marked('Reading Gulls at Dusk', [{ kind: 'inner', words: 'Gulls at Dusk' }]);
        expect(title).toBe('Reading <i>Gulls at Dusk</i>');
        expect(plain(title)).toBe('Reading Gulls at Dusk');
    });
});
