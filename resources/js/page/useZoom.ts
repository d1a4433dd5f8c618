import { useCallback, useLayoutEffect, useState, type RefObject } from 'react';

const KEY = 'bibrel:zoom';
const STEP = 1.15;
const [LEAST, MOST] = [0.3, 2.5];
const MARGIN = 56;

function kept(): number | null {
    const value = Number(localStorage.getItem(KEY) ?? '');
    return value >= LEAST && value <= MOST ? value : null;
}

/** How large the page is shown: as wide as its desk allows, until somebody wants it larger or smaller. */
export function useZoom(desk: RefObject<HTMLElement | null>, width: number) {
    const [fitting, setFitting] = useState(0.78);
    const [wanted, setWanted] = useState<number | null>(kept);
    useLayoutEffect(() => {
        const box = desk.current;
        if (box === null) return;
        const fit = () => {
            // A desk that is not shown has no width and nothing to fit.
            if (box.clientWidth > 0) setFitting(Math.min(1, Math.max(LEAST, (box.clientWidth - MARGIN) / width)));
        };
        fit();
        const observer = new ResizeObserver(fit);
        observer.observe(box);
        return () => observer.disconnect();
    }, [desk, width]);

    const scale = wanted ?? fitting;
    const zoom = useCallback((to: number | null) => {
        const next = to === null ? null : Math.min(MOST, Math.max(LEAST, to));
        setWanted(next);
        if (next === null) localStorage.removeItem(KEY);
        else localStorage.setItem(KEY, String(next));
    }, []);
    return {
        scale,
        larger: () => zoom(scale * STEP),
        smaller: () => zoom(scale / STEP),
        fit: () => zoom(null),
    };
}
