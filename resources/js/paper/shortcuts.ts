import { useEffect, useRef } from 'react';
import { isTyping } from '../ui/focus';

const KEY = 'bibrel:single-key';

/** Whether the one key without Alt is answered; who speaks to the screen may switch it off. */
export function singleKey(): boolean {
    return localStorage.getItem(KEY) !== 'off';
}

export function keepSingleKey(on: boolean): void {
    if (on) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, 'off');
}

/** Keys that lead about the screen, by their letter with Alt; "?" and "Escape" stand alone. */
export type Shortcuts = Record<string, () => void>;

export function useShortcuts(shortcuts: Shortcuts): void {
    const latest = useRef(shortcuts);
    useEffect(() => {
        latest.current = shortcuts;
    });
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            if (event.defaultPrevented || event.ctrlKey || event.metaKey) return;
            if (document.querySelector('dialog[open]') !== null) return;
            // A letter with Alt may be another sign on some keyboards; its place on them is the same.
            const letter = event.altKey ? /^Key([A-Z])$/.exec(event.code)?.[1]?.toLowerCase() : undefined;
            const alone = event.key === '?' ? (singleKey() && !isTyping() ? '?' : undefined) : event.key;
            const key = event.altKey ? (letter === undefined ? undefined : `alt+${letter}`) : alone;
            const work = key === undefined ? undefined : latest.current[key];
            if (work === undefined) return;
            event.preventDefault();
            work();
        };
        document.addEventListener('keydown', onKey);
        return () => document.removeEventListener('keydown', onKey);
    }, []);
}
