import type { Contributor, Name, Role } from '../api/types';
import { memberId } from './members';
import { shown } from './names';

export type NameForm = 'person' | 'group' | 'screen';

export function formOf(name: Name): NameForm {
    return name.screen !== undefined ? 'screen' : name.group !== undefined ? 'group' : 'person';
}

/** A name keeps its words when it turns from a person's into a group's and back. */
export function turned(name: Name, form: NameForm): Name {
    const whole = shown(name);
    if (form === 'group') return { group: whole };
    if (form === 'screen') return { screen: whole };
    const parts = whole.split(' ');
    return { given: parts.slice(0, -1).join(' '), family: parts[parts.length - 1] ?? '' };
}

/** A row nobody has typed in yet. */
export function nobody(role: Role): Contributor {
    return { id: memberId(), role, name: {} };
}

/** The people in another order; the list as it was where the place is none. */
export function moved(people: Contributor[], from: number, to: number): Contributor[] {
    if (from < 0 || to < 0 || from >= people.length || to >= people.length || from === to) return people;
    const next = [...people];
    next.splice(to, 0, ...next.splice(from, 1));
    return next;
}

/** Those who came out of a pasted line, in the place of the row it was pasted into. */
export function pastedInto(people: Contributor[], place: number, found: Contributor[]): Contributor[] {
    const role = people[place]?.role ?? 'author';
    return [
        ...people.slice(0, place),
        ...found.map((one) => ({ ...one, id: memberId(), role })),
        ...people.slice(place + 1),
    ];
}
