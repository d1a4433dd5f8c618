import { useEffect, useSyncExternalStore } from 'react';
import { ulid } from 'ulid';
import { call } from '../api/client';
import type { SavedNote, SavedSource, Settings } from '../api/types';
import { clearCopies } from './copies';
import type { Json } from './merge';
import { Outbox, type Saved, type Value } from './outbox';
import { adoptAbandoned, choosePlace, drawerIn, holdTab, moveLeads, place, tabId, type Place } from './place';

export const sourcePath = (paper: string, source: string) => `papers/${paper}/sources/${source}`;
export const notePath = (paper: string, note: string) => `papers/${paper}/notes/${note}`;
export const paperPath = (paper: string) => `papers/${paper}`;

/** The fields of a source that are typed or pressed. */
export function valueOfSource(saved: Pick<SavedSource, 'source' | 'reading'>): Value {
    return { source: saved.source as unknown as Json, dismissed: saved.reading?.dismissed ?? [] };
}

/** The settings of a paper that a person sets. */
export function valueOfSettings(settings: Settings): Value {
    const { title, className, dueOn, question, style, surname, course, asked } = settings;
    return {
        title,
        className,
        dueOn,
        question,
        style,
        surname,
        course: { ...course },
        asked: { ...asked, kinds: asked.kinds.map((one) => ({ ...one, id: one.kind })) },
    };
}

/** The fields of a note that are typed. */
export function valueOfNote({ note }: Pick<SavedNote, 'note'>): Value {
    return { note: note as unknown as Json };
}

/** An answer is a source, a note or a paper's settings. */
export function savedIn(answer: unknown): Saved {
    const one = answer as SavedSource | SavedNote | Settings;
    if ('source' in one) return { version: one.version, value: valueOfSource(one) };
    return { version: one.version, value: 'note' in one ? valueOfNote(one) : valueOfSettings(one) };
}

export const outbox = new Outbox(
    drawerIn(place()),
    { put: (path, body) => call('PUT', path, body), saved: savedIn },
    ulid,
    tabId,
);

/** Gets ready before anything is shown: takes up what this tab, or one that is closed, has left. */
export async function openOutbox(): Promise<void> {
    await holdTab();
    if (place() === 'browser') await adoptAbandoned();
    outbox.moveTo(drawerIn(place()));
    outbox.open();
    window.addEventListener('pagehide', () => outbox.flush(true));
    window.addEventListener('online', () => outbox.flush());
    document.addEventListener('visibilitychange', () => {
        if (document.visibilityState === 'hidden') outbox.flush(true);
    });
    window.addEventListener('beforeunload', (event) => {
        if (outbox.isFragile()) event.preventDefault();
    });
}

export async function keepIn(wanted: Place): Promise<void> {
    const before = place();
    choosePlace(wanted);
    outbox.moveTo(drawerIn(wanted));
    moveLeads(wanted);
    if (before !== wanted) await clearCopies(before);
}

/** Draws anew whenever something about the outbox changes. */
export function useOutbox(): Outbox {
    useSyncExternalStore(
        (tell) => outbox.onChange(tell),
        () => outbox.snapshot(),
    );
    return outbox;
}

/** Calls back with each save that arrived. */
export function useArrivals(listener: (path: string, saved: Saved, answer: unknown) => void): void {
    useEffect(() => outbox.onArrival(listener), [listener]);
}
