/** Merges two changes of one thing by field. Knows nothing of sources: objects, lists of members with ids, levels and words. */

export type Json = string | number | boolean | null | Json[] | { [key: string]: Json | undefined };

/** A field that both sides changed. A step of the path is a key, a level ("0") or a member of a list ("#id"). */
export interface Clash {
    path: string[];
    mine: Json | undefined;
    theirs: Json | undefined;
}

export interface Merged {
    /** With mine where both changed a field. */
    value: Json | undefined;
    clashes: Clash[];
}

type Fields = { [key: string]: Json | undefined };
type Member = Fields & { id: string };

/** What a field held before, what it holds here, and what it holds there. */
interface Sides {
    base: Json | undefined;
    mine: Json | undefined;
    theirs: Json | undefined;
}

/** Merges what changed here and what changed there since both were `base`. */
export function merge(base: Json | undefined, mine: Json | undefined, theirs: Json | undefined): Merged {
    const clashes: Clash[] = [];
    const value = merged({ base, mine, theirs }, [], clashes);
    return { value, clashes };
}

/** The value with another one at the place of a clash. */
export function chosen(value: Json | undefined, path: string[], choice: Json | undefined): Json | undefined {
    const [step, ...rest] = path;
    if (step === undefined) return choice;
    if (Array.isArray(value)) {
        const list = [...value];
        const at = step.startsWith('#')
            ? list.findIndex((one) => isMember(one) && one.id === step.slice(1))
            : Number(step);
        if (at < 0) return choice === undefined ? list : [...list, choice];
        const next = chosen(list[at], rest, choice);
        if (next === undefined) list.splice(at, 1);
        else list[at] = next;
        return list;
    }
    return without({ ...fieldsOf(value), [step]: chosen(fieldsOf(value)[step], rest, choice) });
}

/** Whether two values say the same: spaces around a text say nothing, and what is empty is as good as not there. */
export function same(one: Json | undefined, other: Json | undefined): boolean {
    if (isEmpty(one) || isEmpty(other)) return isEmpty(one) && isEmpty(other);
    if (typeof one === 'string' && typeof other === 'string') return one.trim() === other.trim();
    if (Array.isArray(one) && Array.isArray(other))
        return one.length === other.length && one.every((item, i) => same(item, other[i]));
    if (isFields(one) && isFields(other)) return [...keysOf(one, other)].every((key) => same(one[key], other[key]));
    return one === other;
}

function merged(sides: Sides, path: string[], clashes: Clash[]): Json | undefined {
    const { base, mine, theirs } = sides;
    if (same(mine, theirs) || same(theirs, base)) return mine;
    if (same(mine, base)) return theirs;
    if (isMembers(mine) && isMembers(theirs)) return members(isMembers(base) ? base : [], mine, theirs, path, clashes);
    if (isWords(mine) && isWords(theirs)) return words(isWords(base) ? base : [], mine, theirs);
    if (isLevels(mine) && isLevels(theirs)) return levels(isLevels(base) ? base : [], mine, theirs, path, clashes);
    if (isFields(mine) && isFields(theirs) && !isTurned(mine, theirs))
        return fields(fieldsOf(base), mine, theirs, path, clashes);
    clashes.push({ path, mine, theirs });
    return mine;
}

function fields(base: Fields, mine: Fields, theirs: Fields, path: string[], clashes: Clash[]): Fields {
    const result: Fields = {};
    for (const key of keysOf(mine, theirs)) {
        result[key] = merged({ base: base[key], mine: mine[key], theirs: theirs[key] }, [...path, key], clashes);
    }
    return without(result);
}

/** A level of nesting is what it is by its place: the first container is the one that holds the source itself. */
function levels(base: Fields[], mine: Fields[], theirs: Fields[], path: string[], clashes: Clash[]): Json[] {
    const result: Json[] = [];
    for (let i = 0; i < Math.max(mine.length, theirs.length); i++) {
        result.push(fields(base[i] ?? {}, mine[i] ?? {}, theirs[i] ?? {}, [...path, String(i)], clashes));
    }
    return result;
}

/** Words without an order, such as the points that are answered: what one side added or took away holds. */
function words(base: string[], mine: string[], theirs: string[]): string[] {
    const gone = base.filter((word) => !mine.includes(word));
    const added = mine.filter((word) => !base.includes(word) && !theirs.includes(word));
    return [...theirs.filter((word) => !gone.includes(word)), ...added];
}

function members(base: Member[], mine: Member[], theirs: Member[], path: string[], clashes: Clash[]): Json[] {
    const result: Member[] = [];
    for (const id of order(base, mine, theirs)) {
        const [before, here, there] = [base, mine, theirs].map((list) => list.find((one) => one.id === id));
        const kept = member(id, { base: before, mine: here, theirs: there }, path, clashes);
        if (kept !== undefined) result.push(kept);
    }
    const ordered = (list: Member[]) => [...result].sort((a, b) => place(list, a) - place(list, b));
    if (reordered(base, mine) && reordered(base, theirs) && reordered(mine, theirs)) {
        clashes.push({ path, mine: ordered(mine), theirs: ordered(theirs) });
        return ordered(mine);
    }
    return result;
}

function member(id: string, sides: Sides, path: string[], clashes: Clash[]): Member | undefined {
    const { base, mine, theirs } = sides;
    if (mine !== undefined && theirs !== undefined) return merged(sides, [...path, `#${id}`], clashes) as Member;
    const left = (mine ?? theirs) as Member;
    if (base === undefined) return left;
    if (same(left, base)) return undefined;
    // One side took the member out while the other one changed it.
    clashes.push({ path: [...path, `#${id}`], mine, theirs });
    return left;
}

/** All members' ids, in the order of the side that changed it, each new one after whom it follows in its own list. */
function order(base: Member[], mine: Member[], theirs: Member[]): string[] {
    const [first, second] = reordered(base, mine) ? [mine, theirs] : [theirs, mine];
    const ids = first.map((one) => one.id);
    second.forEach((one, i) => {
        if (ids.includes(one.id)) return;
        const before = second
            .slice(0, i)
            .reverse()
            .find((other) => ids.includes(other.id));
        ids.splice(before === undefined ? 0 : ids.indexOf(before.id) + 1, 0, one.id);
    });
    return ids;
}

function reordered(base: Member[], now: Member[]): boolean {
    const common = base.filter((one) => now.some((other) => other.id === one.id)).map((one) => one.id);
    const there = now.filter((one) => common.includes(one.id)).map((one) => one.id);
    return common.some((id, i) => id !== there[i]);
}

/** Those whom a list does not have stay where they are, after the rest. */
function place(list: Member[], one: Member): number {
    const at = list.findIndex((other) => other.id === one.id);
    return at < 0 ? list.length : at;
}

/** Whether a person on one side is an organisation on the other: half of each would be nobody. */
function isTurned(mine: Fields, theirs: Fields): boolean {
    return ['group', 'screen'].some((key) => isEmpty(mine[key]) !== isEmpty(theirs[key]));
}

function isEmpty(value: Json | undefined): boolean {
    if (value === undefined || value === null || value === '' || value === false) return true;
    if (Array.isArray(value)) return value.length === 0;
    return isFields(value) && Object.values(value).every(isEmpty);
}

function isFields(value: Json | undefined): value is Fields {
    return typeof value === 'object' && value !== null && !Array.isArray(value);
}

function isMember(value: Json | undefined): value is Member {
    return isFields(value) && typeof value.id === 'string';
}

function isMembers(value: Json | undefined): value is Member[] {
    return Array.isArray(value) && value.every(isMember);
}

function isLevels(value: Json | undefined): value is Fields[] {
    return Array.isArray(value) && value.every(isFields);
}

function isWords(value: Json | undefined): value is string[] {
    return Array.isArray(value) && value.every((one) => typeof one === 'string');
}

function fieldsOf(value: Json | undefined): Fields {
    return isFields(value) ? value : {};
}

function keysOf(one: Fields, other: Fields): Set<string> {
    return new Set([...Object.keys(one), ...Object.keys(other)]);
}

function without(value: Fields): Fields {
    return Object.fromEntries(Object.entries(value).filter(([, one]) => one !== undefined));
}
