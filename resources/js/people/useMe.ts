import { useQuery } from '@tanstack/react-query';
import { call } from '../api/client';
import type { Me } from '../api/types';

/** Who is at this browser: a guest, or somebody who signed in. */
export function useMe(): Me | undefined {
    return useQuery<Me>({ queryKey: ['me'], queryFn: () => call<Me>('GET', 'me'), staleTime: 60_000 }).data;
}
