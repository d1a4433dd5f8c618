import { describe, expect, it } from 'vitest';
import { arranged, hasWords, tagsIn } from './tags';

describe('tags', () => {
    it('are the words between commas, each once, as first written', () => {
        expect(tagsIn(' mills, Sea ,,sea,  tide   power')).toEqual(['mills', 'Sea', 'tide power']);
        expect(tagsIn(' , ')).toEqual([]);
    });
});

describe('finding', () => {
    it('wants every word, in any order and any case', () => {
        expect(hasWords('The sea rose twice', 'ROSE sea')).toBe(true);
        expect(hasWords('The sea rose twice', 'sea fell')).toBe(false);
    });
});

describe('arranging', () => {
    it('puts one where another stands, and leaves unknown ones alone', () => {
        expect(arranged(['a', 'b', 'c'], 'c', 'a')).toEqual(['c', 'a', 'b']);
        expect(arranged(['a', 'b', 'c'], 'a', 'c')).toEqual(['b', 'c', 'a']);
        expect(arranged(['a', 'b'], 'x', 'a')).toEqual(['a', 'b']);
    });
});
