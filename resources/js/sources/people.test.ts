import { describe, expect, it } from 'vitest';
import type { Contributor } from '../api/types';
import { moved, pastedInto, turned } from './people';

const one = (family: string, role: Contributor['role'] = 'author'): Contributor => ({
    id: family,
    role,
    name: { family },
});

describe('the people of a source', () => {
    const all = [one('Brook'), one('Oake'), one('Stell')];

    it('move without losing anybody', () => {
        expect(moved(all, 2, 0).map((row) => row.id)).toEqual(['Stell', 'Brook', 'Oake']);
        expect(moved(all, 0, 3)).toBe(all);
        expect(moved(all, -1, 0)).toBe(all);
    });

    it('come out of a pasted line in the place of the row, with its role and ids of their own', () => {
        const list = pastedInto([one('Brook'), one('', 'editor'), one('Stell')], 1, [one('Pell'), one('Quist')]);
        expect(list.map((row) => row.name.family)).toEqual(['Brook', 'Pell', 'Quist', 'Stell']);
        expect(list[1]?.role).toBe('editor');
        expect(new Set(list.map((row) => row.id)).size).toBe(4);
    });

    it('keep their words when they turn into a group and back', () => {
        const name = { given: 'Low', family: 'Tide' };
        expect(turned(name, 'group')).toEqual({ group: 'Low Tide' });
        expect(turned({ group: 'Low Tide' }, 'person')).toEqual(name);
        expect(turned(name, 'screen')).toEqual({ screen: 'Low Tide' });
    });
});
