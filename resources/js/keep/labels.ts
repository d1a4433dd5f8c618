import type { Contributor, Name, Reference } from '../api/types';
import { listed, shown } from '../sources/names';
import type { Json } from './merge';
import { words } from '../words/english';

const say = words.labels;
const SETTINGS: Record<string, string> = say.settings;
const NAMES: Record<string, string> = say.names;
const OTHERS: Record<string, string> = say.others;

/** What the field at a path is called, as the form calls it. */
export function labelOf(path: string[], reference: Reference, kindId: string): string {
    const [first, ...rest] = path;
    if (first !== 'source') return SETTINGS[path.join('.')] ?? say.setting;
    const member = rest.findIndex((step) => step.startsWith('#'));
    const field = (member < 0 ? rest : rest.slice(0, member)).join('.');
    const kinds = [reference.kinds.find((kind) => kind.id === kindId), ...reference.kinds];
    const known = kinds.flatMap((kind) => kind?.fields ?? []).find((one) => one.path === field);
    const name = known?.label ?? OTHERS[rest[0] ?? ''] ?? say.field;
    const part = NAMES[path[path.length - 1] ?? ''];
    return member >= 0 && part !== undefined ? `${name}: ${part}` : name;
}

/** A value as one reads it. */
export function wordsOf(path: string[], value: Json | undefined, reference: Reference): string {
    if (value === undefined || value === null || value === '') return say.nothing;
    if (typeof value === 'boolean') return value ? say.yes : say.no;
    if (typeof value === 'string' || typeof value === 'number') {
        const last = path[path.length - 1];
        if (last === 'style') return reference.styles.find((one) => one.id === value)?.label ?? String(value);
        if (last === 'kind') return reference.kinds.find((one) => one.id === value)?.label ?? String(value);
        if (last === 'role') return reference.roles.find((one) => one.id === value)?.label ?? String(value);
        return `“${String(value).replace(/<[^>]*>/g, '')}”`;
    }
    if (Array.isArray(value)) return listed(value as unknown as Contributor[]) || say.several(value.length);
    const name = 'name' in value ? (value.name as unknown as Name) : (value as unknown as Name);
    return shown(name) || say.else;
}
