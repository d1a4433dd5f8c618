import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import { referencePath } from '../api/first';
import type { Reference } from '../api/types';

/** Kinds, styles and the sentences after the rules; fetched once, and at hand without a connection. */
export function useReference(): Reference | null {
    const query = useQuery<Reference>({
        queryKey: ['reference'],
        queryFn: () => read<Reference>(referencePath(), 'reference'),
        staleTime: Infinity,
        refetchOnReconnect: false,
    });
    return query.data ?? null;
}
