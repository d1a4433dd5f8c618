import { keepCopy } from '../keep/copies';

/** What came with the page itself, so that its screen need not ask for it; good for once. */
let first: { id: string } | null | undefined;

/** @returns null where the page brought nothing for this paper */
export function firstData<T extends { id: string }>(id: string): Promise<T> | null {
    const script = document.getElementById('first');
    if (first === undefined && script !== null) {
        const text = script.textContent ?? '';
        first = JSON.parse(text) as { id: string };
        script.remove();
        void keepCopy(`papers/${first.id}`, text);
    }
    if (first === null || first === undefined || first.id !== id) return null;
    const given = first as T;
    first = null;
    return Promise.resolve(given);
}

/** The address of what stays the same for as long as the application does. */
export function referencePath(): string {
    const release = document.querySelector<HTMLMetaElement>('meta[name="release"]')?.content ?? '';
    return release === '' ? 'reference' : `reference/${release}`;
}
