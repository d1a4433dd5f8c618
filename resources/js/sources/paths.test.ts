import { describe, expect, it } from 'vitest';
import type { Contributor, Source } from '../api/types';
import { withMemberIds } from './members';
import { called, listed, shown } from './names';
import { fieldOf, textAt, withAt } from './paths';
import { marked, marks, plain } from './titleMarks';

const source: Source = { kind: 'book', title: { main: 'Moonpower' }, containers: [{ date: '2014' }] };

describe('paths', () => {
    it('reads the text at a path, and nothing where there is none', () => {
        expect([textAt(source, 'title.main'), textAt(source, 'containers.0.date')]).toEqual(['Moonpower', '2014']);
        expect([textAt(source, 'containers.1.url'), textAt(source, 'title')]).toEqual(['', '']);
    });

    it('sets a value and leaves everything else as it is, the source it was given included', () => {
        const next = withAt(source, 'containers.1.url', 'https://a.example/');
        expect(next.containers).toEqual([{ date: '2014' }, { url: 'https://a.example/' }]);
        expect(next.title).toBe(source.title);
        expect(source.containers).toHaveLength(1);
    });

    it('leads from a part of an entry to its field', () => {
        expect(fieldOf('contributors.2')).toBe('contributors');
        expect(fieldOf('containers.0.contributors.1')).toBe('containers.0.contributors');
        expect(fieldOf('containers.0.date')).toBe('containers.0.date');
    });
});

describe('names', () => {
    it('says a name with all its parts', () => {
        expect(shown({ given: 'Joaquim', particle: 'dos', family: 'Reis', suffix: 'Jr.' })).toBe(
            'Joaquim dos Reis Jr.',
        );
        expect(shown({ screen: '@lamp', given: 'Dov' })).toBe('@lamp');
        expect(
            listed([
                { role: 'author', name: { group: 'Tide Trust' } },
                { role: 'author', name: {} },
            ]),
        ).toBe('Tide Trust');
    });

    it('calls a source by its title, else by its people, else by its address', () => {
        expect(called({ kind: 'book', title: { main: 'On <i>Mills</i>' } })).toBe('On Mills');
        expect(called({ kind: 'book', contributors: [{ role: 'author', name: { family: 'Brook' } }] })).toBe('Brook');
        expect(called({ kind: 'book', containers: [{ url: 'https://a.example/' }] })).toBe('https://a.example/');
        expect(called({ kind: 'book' })).toBe('Source without a title');
    });

    it('gives everybody an id and leaves those who have one alone', () => {
        const people: Contributor[] = [
            { id: 'old', role: 'author', name: { family: 'Brook' } },
            { role: 'author', name: { family: 'Ilves' } },
        ];
        const given = withMemberIds({ kind: 'book', contributors: people, containers: [{ contributors: people }] });
        expect(given.contributors![0]!.id).toBe('old');
        expect(given.contributors![1]!.id).toMatch(/^[0-9a-z]{10}$/);
        expect(given.containers![0]!.contributors![1]!.id).not.toBe(given.contributors![1]!.id);
    });
});

describe('marks in titles', () => {
    const title = 'Reading <i>Moonpower</i> in <span class="nocase">IN</span>';

    it('come off and go on again', () => {
        expect(plain(title)).toBe('Reading Moonpower in IN');
        expect(marked(plain(title), marks(title))).toBe(title);
    });

    it('are dropped with the words they stood on', () => {
        expect(marked('Reading again', marks(title))).toBe('Reading again');
    });
});
