import { useCallback, useRef, type FocusEvent, type KeyboardEvent } from 'react';

/**
 * Makes a list one stop of the Tab key: arrows up and down walk over its rows, left and right over what one row holds. Rows
 * carry data-roving-row, what can be reached in them data-stop; the one reached last is the one Tab comes back to.
 */
export function useRoving() {
    const box = useRef<HTMLElement | null>(null);

    const stopsIn = (row: Element | null) => [...(row?.querySelectorAll<HTMLElement>('[data-stop]') ?? [])];
    const rows = () => [...(box.current?.querySelectorAll<HTMLElement>('[data-roving-row]') ?? [])];

    const settle = useCallback((wanted?: HTMLElement) => {
        const all = [...(box.current?.querySelectorAll<HTMLElement>('[data-stop]') ?? [])];
        const now = wanted ?? all.find((one) => one.tabIndex === 0) ?? all[0];
        for (const one of all) if (one !== now && one.tabIndex !== -1) one.tabIndex = -1;
        if (now !== undefined && now.tabIndex !== 0) now.tabIndex = 0;
    }, []);

    const hold = useCallback(
        (element: HTMLElement | null) => {
            box.current = element;
            settle();
        },
        [settle],
    );

    const onFocus = useCallback(
        (event: FocusEvent) => {
            const stop = (event.target as HTMLElement).closest<HTMLElement>('[data-stop]');
            if (stop !== null) settle(stop);
        },
        [settle],
    );

    const onKeyDown = useCallback((event: KeyboardEvent) => {
        const stop = (event.target as HTMLElement).closest<HTMLElement>('[data-stop]');
        const row = stop?.closest('[data-roving-row]') ?? null;
        if (stop === null || row === null || event.altKey || event.ctrlKey || event.metaKey) return;
        const all = rows();
        const at = all.indexOf(row as HTMLElement);
        const place = stopsIn(row).indexOf(stop);
        const go = (to: Element | undefined, column: number) => {
            const stops = stopsIn(to ?? null);
            const next = stops[Math.min(Math.max(column, 0), stops.length - 1)];
            if (next === undefined) return;
            event.preventDefault();
            next.focus();
        };
        if (event.key === 'ArrowDown') go(all[at + 1], place);
        else if (event.key === 'ArrowUp') go(all[at - 1], place);
        else if (event.key === 'Home') go(all[0], place);
        else if (event.key === 'End') go(all[all.length - 1], place);
        else if (event.key === 'ArrowRight') go(row, place + 1);
        else if (event.key === 'ArrowLeft' && place > 0) go(row, place - 1);
    }, []);

    return { hold, settle, onFocus, onKeyDown };
}
