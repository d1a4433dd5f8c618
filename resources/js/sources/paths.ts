import type { Contributor, Source } from '../api/types';

/** The text at a path of a source ("title.main", "containers.0.date"); '' where there is none. */
export function textAt(source: Source, path: string): string {
    let value: unknown = source;
    for (const key of path.split('.')) {
        value = typeof value === 'object' && value !== null ? (value as Record<string, unknown>)[key] : undefined;
    }
    return typeof value === 'string' ? value : '';
}

/** The source with another value at the path; nothing else is touched. */
export function withAt(source: Source, path: string, value: unknown): Source {
    const set = (node: unknown, keys: string[]): unknown => {
        const [key, ...rest] = keys;
        if (key === undefined) return value;
        if (/^\d+$/.test(key)) {
            const list = Array.isArray(node) ? [...(node as unknown[])] : [];
            while (list.length <= Number(key)) list.push({});
            list[Number(key)] = set(list[Number(key)], rest);
            return list;
        }
        const object =
            typeof node === 'object' && node !== null && !Array.isArray(node) ? (node as Record<string, unknown>) : {};
        return { ...object, [key]: set(object[key], rest) };
    };
    return set(source, path.split('.')) as Source;
}

/** The field of the form a run's path leads to: "title" parts and people have one field for several paths. */
export function fieldOf(path: string): string {
    return path.replace(/^(contributors|containers\.\d\.contributors)\.\d+$/, '$1');
}

/** Whether something is filled in at a path: words, or a list with somebody in it. */
export function hasValue(source: Source, path: string): boolean {
    return path.endsWith('contributors') ? peopleAt(source, path).length > 0 : textAt(source, path) !== '';
}

/** The people a field of the form lists. */
export function peopleAt(source: Source, path: string): Contributor[] {
    return (path === 'contributors' ? source.contributors : source.containers?.[0]?.contributors) ?? [];
}
