import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef } from 'react';
import { ulid } from 'ulid';
import { call } from '../api/client';
import { isOpen, type Lookup, type LookupList, type Take } from './found';

const EVERY = 500;

/** The student's own day. */
function today(): string {
    const now = new Date();
    return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}

/**
 * The look-ups of a paper, watched for as long as one is under way; they are the server's, so they are there after a reload.
 *
 * @param onNew told when something on the paper is newer than what is known
 */
export function useLookups(paperId: string, revision: number, onNew: () => void) {
    const client = useQueryClient();
    const key = ['lookups', paperId] as const;
    const path = `papers/${paperId}/lookups`;
    const query = useQuery<LookupList>({
        queryKey: key,
        queryFn: () => call<LookupList>('GET', path),
        refetchInterval: (one) => (one.state.data?.lookups.some(isOpen) === true ? EVERY : false),
    });
    const lookups = query.data?.lookups ?? [];

    const known = query.data?.revision ?? 0;
    const told = useRef(0);
    useEffect(() => {
        if (revision === 0 || known <= revision || told.current === known) return;
        told.current = known;
        onNew();
    }, [known, revision, onNew]);

    const put = useCallback(
        (list: LookupList) => client.setQueryData<LookupList>(['lookups', paperId], list),
        [client, paperId],
    );
    const fresh = useCallback(() => client.invalidateQueries({ queryKey: ['lookups', paperId] }), [client, paperId]);

    /** The ids of those that were started here, and not in another tab or on an earlier visit. */
    const started = useRef(new Set<string>());

    const start = useCallback(
        async (lead: string, take: Take | null = null): Promise<void> => {
            const id = ulid();
            started.current.add(id);
            await call('POST', path, { id, lead, today: today(), take });
            await fresh();
        },
        [path, fresh],
    );
    const again = useCallback(
        async (sourceId: string): Promise<void> => {
            await call('POST', `papers/${paperId}/sources/${sourceId}/lookup`, { id: ulid(), today: today() });
            await fresh();
        },
        [paperId, fresh],
    );
    const retry = useCallback(
        async (lookup: Lookup): Promise<void> => {
            started.current.add(lookup.id);
            put(await call<LookupList>('POST', `${path}/${lookup.id}/retry`));
        },
        [path, put],
    );
    const choose = useCallback(
        async (lookup: Lookup, lead: string | null, take: Take): Promise<void> => {
            started.current.add(lookup.id);
            put(await call<LookupList>('POST', `${path}/${lookup.id}/choose`, { lead, take }));
        },
        [path, put],
    );
    /** Adds what is on the paper already all the same. */
    const addTwice = useCallback(
        async (lookup: Lookup): Promise<void> => {
            started.current.add(lookup.id);
            put(await call<LookupList>('POST', `${path}/${lookup.id}/choose`, { twice: true }));
        },
        [path, put],
    );
    const hide = useCallback(
        (gone: (one: Lookup) => boolean) =>
            client.setQueryData<LookupList>(['lookups', paperId], (list) =>
                list === undefined ? list : { ...list, lookups: list.lookups.filter((one) => !gone(one)) },
            ),
        [client, paperId],
    );
    const dismiss = useCallback(
        async (gone: Lookup): Promise<void> => {
            hide((one) => one.id === gone.id);
            await call('DELETE', `${path}/${gone.id}`);
            await fresh();
        },
        [hide, path, fresh],
    );
    const dismissEnded = useCallback(async (): Promise<void> => {
        hide((one) => !isOpen(one));
        await call('DELETE', path);
        await fresh();
    }, [hide, path, fresh]);

    return { lookups, started: started.current, start, again, retry, choose, addTwice, dismiss, dismissEnded };
}

export type LookupsHandle = ReturnType<typeof useLookups>;
