import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useMemo } from 'react';
import { ulid } from 'ulid';
import { call } from '../api/client';
import type { NoteData, NoteKind, SavedNote } from '../api/types';
import { notePath, outbox, paperPath, useArrivals, useOutbox, valueOfNote } from '../keep/outboxOfThisTab';
import type { Saved } from '../keep/outbox';

/** The day it is where the student sits, Y-m-d. */
function today(): string {
    const now = new Date();
    return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
}

export function emptyNote(source: string | null, kind: NoteKind, text = ''): NoteData {
    return { source, kind, text, place: { kind: 'page', value: '' }, tags: [], on: today() };
}

/** The notes of a paper: what the server has, with what is typed laid over it. */
export function useNotes(paperId: string, revision = 0, isWanted = true) {
    const client = useQueryClient();
    useOutbox();
    const key = useMemo(() => ['notes', paperId], [paperId]);
    const query = useQuery<SavedNote[]>({
        queryKey: [...key, revision],
        queryFn: () => call<SavedNote[]>('GET', `${paperPath(paperId)}/notes`),
        enabled: isWanted,
        placeholderData: (before) => before,
    });
    const fresh = useCallback(() => client.invalidateQueries({ queryKey: key }), [client, key]);
    const prefix = `${paperPath(paperId)}/notes/`;

    useArrivals(
        useCallback(
            (path: string, saved: Saved, answer: unknown) => {
                if (!path.startsWith(prefix)) return;
                const told = answer as SavedNote;
                const kept = { ...told, note: saved.value.note as unknown as NoteData };
                client.setQueriesData<SavedNote[]>({ queryKey: key }, (before) => {
                    if (before === undefined) return before;
                    return before.some((one) => one.id === told.id)
                        ? before.map((one) => (one.id === told.id ? kept : one))
                        : [...before, kept];
                });
            },
            [client, key, prefix],
        ),
    );

    const saved = query.data;
    const state = outbox.snapshot();
    const notes = useMemo(() => {
        void state;
        const all = new Map((saved ?? []).map((one): [string, SavedNote] => [one.id, one]));
        for (const path of outbox.paths()) {
            if (!path.startsWith(prefix)) continue;
            const id = path.slice(prefix.length);
            const note = outbox.pending(path)?.note as unknown as NoteData;
            all.set(id, { ...(all.get(id) ?? { id, version: 0, departure: null }), note });
        }
        return [...all.values()];
    }, [saved, state, prefix]);

    const write = useCallback(
        (id: string, note: NoteData) => {
            const known = saved?.find((one) => one.id === id);
            const tags = note.tags;
            outbox.change(
                notePath(paperId, id),
                { note: { ...note, tags } },
                known === undefined ? { version: 0, value: {} } : { version: known.version, value: valueOfNote(known) },
            );
        },
        [saved, paperId],
    );
    const add = useCallback(
        (note: NoteData): string => {
            const id = ulid();
            write(id, note);
            return id;
        },
        [write],
    );
    const remove = useCallback(
        async (id: string) => {
            await outbox.delivered(notePath(paperId, id));
            await call('DELETE', notePath(paperId, id));
            await fresh();
        },
        [paperId, fresh],
    );
    const bringBack = useCallback(
        async (id: string) => {
            await call('POST', `${notePath(paperId, id)}/restore`);
            await fresh();
        },
        [paperId, fresh],
    );
    const arrange = useCallback(
        async (ids: string[]) => {
            client.setQueriesData<SavedNote[]>({ queryKey: key }, (before) =>
                before === undefined ? before : [...before].sort((a, b) => ids.indexOf(a.id) - ids.indexOf(b.id)),
            );
            await call('POST', `${paperPath(paperId)}/notes/arrange`, { ids });
        },
        [client, key, paperId],
    );
    const copied = useCallback(
        async (id: string) => {
            await outbox.delivered(notePath(paperId, id));
            return call<{ html: string; text: string }>('GET', `${notePath(paperId, id)}/clipboard`);
        },
        [paperId],
    );
    return { notes, isKnown: saved !== undefined, write, add, remove, bringBack, arrange, copied };
}

export type NotesHandle = ReturnType<typeof useNotes>;
