import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback } from 'react';
import { ulid } from 'ulid';
import { call } from '../api/client';
import type { Comment } from '../api/types';

/** Something to be said: of the whole, of an entry, of a field, or in answer to something. */
export interface Said {
    source?: string | null;
    field?: string;
    answers?: string;
    text: string;
}

/**
 * What is said of a paper, as those who write it see it.
 *
 * @param revision the paper's, with which new comments come
 */
export function useComments(paperId: string, revision: number, isWanted: boolean) {
    const client = useQueryClient();
    const path = `papers/${paperId}/comments`;
    const query = useQuery<Comment[]>({
        queryKey: ['comments', paperId, revision],
        queryFn: () => call<Comment[]>('GET', path),
        enabled: isWanted,
        placeholderData: (before) => before,
    });
    const fresh = useCallback(() => client.invalidateQueries({ queryKey: ['comments', paperId] }), [client, paperId]);
    const act = useCallback(
        async (method: string, at: string, body?: Said): Promise<void> => {
            await call(method, `${path}/${at}`, body);
            await fresh();
        },
        [path, fresh],
    );
    return {
        comments: query.data ?? NONE,
        say: useCallback((said: Said) => act('PUT', ulid(), said), [act]),
        resolve: useCallback((id: string) => act('POST', `${id}/resolve`), [act]),
        reopen: useCallback((id: string) => act('POST', `${id}/reopen`), [act]),
        remove: useCallback((id: string) => act('DELETE', id), [act]),
        bringBack: useCallback((id: string) => act('POST', `${id}/restore`), [act]),
    };
}

const NONE: Comment[] = [];

export type CommentsHandle = ReturnType<typeof useComments>;
