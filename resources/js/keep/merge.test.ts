import { describe, expect, it } from 'vitest';
import { chosen, merge, same, type Json } from './merge';

const person = (id: string, family: string, given = 'A.'): Json => ({
    id,
    role: 'author',
    name: { given, family },
});
const families = (value: Json | undefined) =>
    ((value as { contributors: { name: { family: string } }[] }).contributors ?? []).map((one) => one.name.family);

describe('fields', () => {
    it('takes what only one side changed from that side', () => {
        const base = { title: { main: 'Start' }, containers: [{ publisher: 'Quay' }] };
        const mine = { title: { main: 'Mine' }, containers: [{ publisher: 'Quay' }] };
        const theirs = { title: { main: 'Start' }, containers: [{ publisher: 'Pier', date: '2014' }] };
        expect(merge(base, mine, theirs)).toEqual({
            value: { title: { main: 'Mine' }, containers: [{ publisher: 'Pier', date: '2014' }] },
            clashes: [],
        });
    });

    it('asks about a field that both changed, and about nothing else', () => {
        const { value, clashes } = merge({ a: '1', b: '1' }, { a: '2', b: '1' }, { a: '3', b: '9' });
        expect(clashes).toEqual([{ path: ['a'], mine: '2', theirs: '3' }]);
        expect(value).toEqual({ a: '2', b: '9' });
    });

    it('does not ask where both changed a field to the same', () => {
        expect(merge({ a: '1' }, { a: '2' }, { a: '2 ' }).clashes).toEqual([]);
    });

    it('keeps a field empty that one side emptied and the other left alone', () => {
        expect(merge({ a: '1', b: '1' }, { b: '1' }, { a: '1', b: '2' })).toEqual({ value: { b: '2' }, clashes: [] });
    });

    it('puts a choice where the clash is', () => {
        const { value, clashes } = merge(
            { containers: [{ date: '1' }] },
            { containers: [{ date: '2' }] },
            { containers: [{ date: '3' }] },
        );
        expect(chosen(value, clashes[0]!.path, clashes[0]!.theirs)).toEqual({ containers: [{ date: '3' }] });
    });

    it('merges answered points as a set', () => {
        expect(merge({ s: ['a', 'b'] }, { s: ['b', 'c'] }, { s: ['a', 'b', 'd'] }).value).toEqual({
            s: ['b', 'd', 'c'],
        });
    });
});

describe('lists of people', () => {
    const base = { contributors: [person('1', 'Brook'), person('2', 'Ilves')] };

    it('never mixes two people: one inserted here, a name corrected there', () => {
        const mine = { contributors: [person('3', 'Zell'), person('1', 'Brook'), person('2', 'Ilves')] };
        const theirs = { contributors: [person('1', 'Brooke'), person('2', 'Ilves')] };
        const { value, clashes } = merge(base, mine, theirs);
        expect(clashes).toEqual([]);
        expect(families(value)).toEqual(['Zell', 'Brooke', 'Ilves']);
    });

    it('keeps both who were added, each after whom it followed', () => {
        const mine = { contributors: [person('1', 'Brook'), person('3', 'Zell'), person('2', 'Ilves')] };
        const theirs = { contributors: [person('1', 'Brook'), person('2', 'Ilves'), person('4', 'Pell')] };
        expect(families(merge(base, mine, theirs).value)).toEqual(['Brook', 'Zell', 'Ilves', 'Pell']);
    });

    it('takes out whom one side took out', () => {
        const mine = { contributors: [person('2', 'Ilves')] };
        const theirs = { contributors: [person('1', 'Brook'), person('2', 'Ilvers')] };
        expect(merge(base, mine, theirs)).toEqual({ value: { contributors: [person('2', 'Ilvers')] }, clashes: [] });
    });

    it('asks where one side took somebody out whom the other one changed', () => {
        const mine = { contributors: [person('2', 'Ilves')] };
        const theirs = { contributors: [person('1', 'Brooke'), person('2', 'Ilves')] };
        const { value, clashes } = merge(base, mine, theirs);
        expect(clashes).toEqual([{ path: ['contributors', '#1'], mine: undefined, theirs: person('1', 'Brooke') }]);
        expect(families(chosen(value, clashes[0]!.path, undefined))).toEqual(['Ilves']);
    });

    it('takes the order of the side that changed it', () => {
        const mine = { contributors: [person('2', 'Ilves'), person('1', 'Brook')] };
        const theirs = { contributors: [person('1', 'Brook'), person('2', 'Ilvers')] };
        expect(families(merge(base, mine, theirs).value)).toEqual(['Ilvers', 'Brook']);
    });

    it('asks for the order where both changed it differently', () => {
        const three = { contributors: ['1', '2', '3'].map((id) => person(id, id)) };
        const mine = { contributors: ['3', '1', '2'].map((id) => person(id, id)) };
        const theirs = { contributors: ['2', '1', '3'].map((id) => person(id, id)) };
        const { clashes } = merge(three, mine, theirs);
        expect(clashes).toHaveLength(1);
        expect(families({ contributors: clashes[0]!.mine })).toEqual(['3', '1', '2']);
        expect(families({ contributors: clashes[0]!.theirs })).toEqual(['2', '1', '3']);
    });

    it('asks about one name that both changed', () => {
        const mine = { contributors: [person('1', 'Brooks'), person('2', 'Ilves')] };
        const theirs = { contributors: [person('1', 'Brooke'), person('2', 'Ilves')] };
        expect(merge(base, mine, theirs).clashes).toEqual([
            { path: ['contributors', '#1', 'name', 'family'], mine: 'Brooks', theirs: 'Brooke' },
        ]);
    });

    it('makes nobody who is half a person and half an organisation', () => {
        const mine = {
            contributors: [{ id: '1', role: 'author', name: { group: 'Brook Trust' } }, person('2', 'Ilves')],
        };
        const theirs = { contributors: [person('1', 'Brooke'), person('2', 'Ilves')] };
        const { clashes } = merge(base, mine, theirs);
        expect(clashes.map((clash) => clash.path)).toEqual([['contributors', '#1', 'name']]);
    });
});

describe('any three states', () => {
    // A generator of its own, so that a failing case can be met again.
    const random = (seed: number) => () => (seed = (seed * 1_103_515_245 + 12_345) & 0x7fffffff) / 0x7fffffff;
    const state = (next: () => number): Json => ({
        title: { main: ['a', 'b', 'c'][Math.floor(next() * 3)]! },
        contributors: ['1', '2', '3']
            .filter(() => next() > 0.4)
            .map((id) => person(id, ['X', 'Y'][Math.floor(next() * 2)]!)),
        settled: ['p', 'q'].filter(() => next() > 0.5),
    });

    it('come out the same, whichever side one stands on, but for what is asked', () => {
        for (let seed = 1; seed < 400; seed++) {
            const next = random(seed);
            const [base, mine, theirs] = [state(next), state(next), state(next)];
            const here = merge(base, mine, theirs);
            const there = merge(base, theirs, mine);
            expect(here.clashes.length).toBe(there.clashes.length);
            expect(same(merge(base, mine, base).value, mine), `seed ${seed}`).toBe(true);
            expect(same(merge(base, base, theirs).value, theirs), `seed ${seed}`).toBe(true);
            const ids = ((here.value as { contributors?: { id: string }[] }).contributors ?? []).map((one) => one.id);
            expect(new Set(ids).size).toBe(ids.length);
        }
    });
});
