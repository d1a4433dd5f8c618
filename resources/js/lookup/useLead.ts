import { useCallback, useState } from 'react';
import { leadKey, place, storageOf } from '../keep/place';

/** What stands in the lead box of a paper; it is there again after a reload. */
export function useLead(paperId: string): [string, (lead: string | ((before: string) => string)) => void] {
    const key = leadKey(paperId);
    const [lead, setLead] = useState(() => storageOf(place())?.getItem(key) ?? '');
    const set = useCallback(
        (next: string | ((before: string) => string)) =>
            setLead((before) => {
                const value = typeof next === 'string' ? next : next(before);
                try {
                    if (value === '') storageOf(place())?.removeItem(key);
                    else storageOf(place())?.setItem(key, value);
                } catch {
                    // Without room it is kept on this page alone.
                }
                return value;
            }),
        [key],
    );
    return [lead, set];
}
