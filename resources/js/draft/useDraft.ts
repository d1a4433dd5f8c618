import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { call, Problem, token } from '../api/client';
import { words } from '../words/english';
import type { Draft } from './types';

/** As large as a draft may be, in bytes; the server says the same. */
const LARGEST = 25 * 1024 * 1024;

interface Answer {
    draft: Draft | null;
}

/** Sends a draft as a file, and tells how much of it is on its way. */
function send(path: string, file: File, onProgress: (share: number) => void): Promise<Answer> {
    return new Promise((resolve, reject) => {
        const request = new XMLHttpRequest();
        const form = new FormData();
        form.append('draft', file);
        request.open('POST', `/api/${path}`);
        request.setRequestHeader('Accept', 'application/json');
        request.setRequestHeader('X-XSRF-TOKEN', token());
        request.upload.onprogress = ({ loaded, total }) => onProgress(total === 0 ? 1 : loaded / total);
        request.onerror = () => reject(new Problem(0, words.network.noConnection));
        request.onload = () => {
            const answer = parsed(request.responseText);
            if (request.status === 200 && answer !== null) return resolve(answer as Answer);
            const detail =
                request.status === 413 ? words.draft.tooLarge : (answer as { detail?: string } | null)?.detail;
            reject(new Problem(request.status, detail ?? words.network.ourFault));
        };
        request.send(form);
    });
}

function parsed(text: string): unknown {
    try {
        return JSON.parse(text);
    } catch {
        return null;
    }
}

/** The draft of a paper: given, read, answered, thrown away. */
export function useDraft(paperId: string) {
    const client = useQueryClient();
    const path = `papers/${paperId}/draft`;
    const query = useQuery<Answer>({ queryKey: ['draft', paperId], queryFn: () => call<Answer>('GET', path) });
    const [progress, setProgress] = useState<number | null>(null);
    const put = useCallback((answer: Answer) => client.setQueryData(['draft', paperId], answer), [client, paperId]);

    const give = useCallback(
        async (draft: File | string): Promise<void> => {
            if (typeof draft !== 'string' && draft.size > LARGEST) throw new Error(words.draft.tooLarge);
            setProgress(0);
            try {
                put(
                    typeof draft === 'string'
                        ? await call<Answer>('POST', path, { text: draft })
                        : await send(path, draft, setProgress),
                );
            } finally {
                setProgress(null);
            }
        },
        [path, put],
    );
    const answer = useCallback(
        async (part: Partial<Pick<Draft, 'settled' | 'meant'>>): Promise<void> =>
            void put(await call<Answer>('PUT', `${path}/answers`, part)),
        [path, put],
    );
    const throwAway = useCallback(async (): Promise<void> => {
        await call('DELETE', path);
        put({ draft: null });
    }, [path, put]);
    /** It was not meant to be thrown away. */
    const bringBack = useCallback(
        async (): Promise<void> => void put(await call<Answer>('POST', `${path}/restore`)),
        [path, put],
    );
    const reload = useCallback(() => client.invalidateQueries({ queryKey: ['draft', paperId] }), [client, paperId]);

    return {
        draft: query.data?.draft ?? null,
        isKnown: query.data !== undefined,
        problem: query.error,
        /** How much of a draft is on its way, from 0 to 1; null where none is. */
        progress,
        give,
        answer,
        throwAway,
        bringBack,
        reload,
    };
}
