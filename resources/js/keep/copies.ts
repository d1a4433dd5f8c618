import { place, storageOf, type Place } from './place';

/**
 * Copies of what the server answered last, for opening a paper while there is no connection. In the browser's cache, which
 * has room for long papers, or in the tab's own storage where nothing is to outlast the tab.
 */
const CACHE = 'bibrel-copies';
const KEY = 'bibrel:copy:';

export async function keepCopy(path: string, text: string): Promise<void> {
    try {
        if (place() === 'tab') storageOf('tab')?.setItem(KEY + path, text);
        else await (await caches.open(CACHE)).put(address(path), new Response(text));
    } catch {
        // Without room there is no copy; the server has it all the same.
    }
}

export async function copyOf(path: string): Promise<string | null> {
    try {
        if (place() === 'tab') return storageOf('tab')?.getItem(KEY + path) ?? null;
        return (await (await (await caches.open(CACHE)).match(address(path)))?.text()) ?? null;
    } catch {
        return null;
    }
}

/** Takes away what was kept at a place that is no longer wanted. */
export async function clearCopies(at: Place): Promise<void> {
    try {
        if (at === 'browser') {
            await caches.delete(CACHE);
            return;
        }
        const storage = storageOf('tab');
        for (const key of Object.keys(storage ?? {})) if (key.startsWith(KEY)) storage?.removeItem(key);
    } catch {
        // There was nothing to take away.
    }
}

function address(path: string): string {
    return `/copies/${path}`;
}
