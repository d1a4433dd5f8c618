import { ulid } from 'ulid';
import type { Drawer, Entry } from './outbox';

/** Where unsaved typing, and copies for working without a connection, are kept: for good, or while the tab is open. */
export type Place = 'browser' | 'tab';

const CHOICE = 'bibrel:place';
const TAB = 'bibrel:tab';
const LOCK = 'bibrel-tab-';

/** The browser may refuse its storage altogether; then nothing is kept there, and nothing fails for it. */
export function storageOf(place: Place): Storage | null {
    try {
        return place === 'browser' ? window.localStorage : window.sessionStorage;
    } catch {
        return null;
    }
}

export function place(): Place {
    return storageOf('browser')?.getItem(CHOICE) === 'tab' ? 'tab' : 'browser';
}

export function choosePlace(wanted: Place): void {
    storageOf('browser')?.setItem(CHOICE, wanted);
}

const LEAD = 'bibrel:lead:';

/** What stands in the lead box of a paper, and is not looked up yet. */
export function leadKey(paperId: string): string {
    return LEAD + paperId;
}

/** What stands in lead boxes goes along when things are to be kept elsewhere. */
export function moveLeads(to: Place): void {
    const [from, into] = [storageOf(to === 'tab' ? 'browser' : 'tab'), storageOf(to)];
    for (const key of keys(from, LEAD)) {
        into?.setItem(key, from?.getItem(key) ?? '');
        from?.removeItem(key);
    }
}

/** Takes away what stands in lead boxes: somebody else sits here next. */
export function clearLeads(): void {
    for (const storage of [storageOf('browser'), storageOf('tab')])
        for (const key of keys(storage, LEAD)) storage?.removeItem(key);
}

let tab = storageOf('tab')?.getItem(TAB) ?? ulid();

export function tabId(): string {
    return tab;
}

/**
 * Makes sure that this tab's id is its own: a tab that was duplicated brings the other one's along. The id is held for as
 * long as the tab lives, by which other tabs know that what it keeps is not abandoned.
 */
export async function holdTab(): Promise<void> {
    if (navigator.locks && !(await held(tab))) {
        tab = ulid();
        await held(tab);
    }
    storageOf('tab')?.setItem(TAB, tab);
}

function held(id: string): Promise<boolean> {
    return new Promise((resolve) => {
        void navigator.locks.request(LOCK + id, { ifAvailable: true }, (lock) => {
            resolve(lock !== null);
            return lock === null ? undefined : new Promise(() => undefined);
        });
    });
}

/** The tabs that are open, or null where the browser cannot tell. */
async function openTabs(): Promise<Set<string> | null> {
    if (!navigator.locks) return null;
    const { held: locks = [] } = await navigator.locks.query();
    return new Set(
        locks.flatMap((lock) => (lock.name?.startsWith(LOCK) === true ? [lock.name.slice(LOCK.length)] : [])),
    );
}

const PREFIX = 'bibrel:outbox:';

/** This tab's entries in the browser's storage. Each has a key of its own, so that two tabs never write over each other. */
export function drawerIn(where: Place): Drawer {
    const storage = storageOf(where);
    const key = (path: string) => `${PREFIX}${tab}:${path}`;
    return {
        read: () => keys(storage, `${PREFIX}${tab}:`).flatMap((one) => parsed(storage, one)),
        write: (entry) => {
            try {
                storage?.setItem(key(entry.path), JSON.stringify(entry));
                return storage !== null;
            } catch {
                return false;
            }
        },
        remove: (path) => storage?.removeItem(key(path)),
    };
}

/** Takes over what tabs left after that are closed. */
export async function adoptAbandoned(): Promise<void> {
    const storage = storageOf('browser');
    const open = await openTabs();
    for (const key of keys(storage, PREFIX)) {
        const owner = key.slice(PREFIX.length, PREFIX.length + tab.length);
        if (owner === tab || open?.has(owner) === true) continue;
        const own = `${PREFIX}${tab}${key.slice(PREFIX.length + tab.length)}`;
        // What this tab itself has under way for the same thing goes first.
        if (storage!.getItem(own) !== null) continue;
        storage!.setItem(own, storage!.getItem(key)!);
        storage!.removeItem(key);
    }
}

function keys(storage: Storage | null, prefix: string): string[] {
    return storage === null ? [] : Object.keys(storage).filter((key) => key.startsWith(prefix));
}

function parsed(storage: Storage | null, key: string): Entry[] {
    try {
        const entry = JSON.parse(storage?.getItem(key) ?? '') as Entry;
        return typeof entry.path === 'string' && typeof entry.value === 'object' ? [entry] : [];
    } catch {
        return [];
    }
}
