import { useEffect, useState } from 'react';
import { call } from '../api/client';
import type { Reference } from '../api/types';

let fetched: Promise<Reference> | null = null;

/** Kinds, styles and the sentences behind the rules; fetched once. */
export function useReference(): Reference | null {
    const [reference, setReference] = useState<Reference | null>(null);
    useEffect(() => {
        fetched ??= call<Reference>('GET', 'reference');
        fetched.then(setReference).catch(() => {
            fetched = null;
        });
    }, []);
    return reference;
}
