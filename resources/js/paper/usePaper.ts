import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { call, read, type Read } from '../api/client';
import type { Cited, Composed, Mention, OpenIssue, Page, Paper, SavedSource, Settings, Source } from '../api/types';
import {
    outbox,
    paperPath,
    sourcePath,
    useArrivals,
    useOutbox,
    valueOfSettings,
    valueOfSource,
} from '../keep/outboxOfThisTab';
import type { Saved } from '../keep/outbox';
import { withMemberIds } from '../sources/members';
import { words } from '../words/english';
import { firstData } from '../api/first';
import { LiveComposer, type Asked } from './LiveComposer';
import { newest } from './newest';
import { changedPage, citedIn, marksOf } from './pageChanges';

export const paperKey = (id: string) => ['paper', id] as const;

/** While only a copy could be read, the server is asked again this often, in milliseconds. */
const ASK_AGAIN = 5000;

/** What is open on sources as they are being typed, by their ids. */
type TypedIssues = Record<string, OpenIssue[]>;

/** A source that nobody but this tab knows yet. */
export function unsaved(id: string, source: Source, issues: OpenIssue[] = []): SavedSource {
    return { id, version: 0, source, reading: null, issues };
}

/** What the server has, with everything laid over it that is typed and not saved yet. */
function withTyped(paper: Paper, issues: TypedIssues): { settings: Settings; sources: Record<string, SavedSource> } {
    const sources: Record<string, SavedSource> = {};
    for (const saved of paper.sources) sources[saved.id] = saved;
    for (const path of outbox.paths()) {
        const id = path.startsWith(`${paperPath(paper.id)}/sources/`) ? path.slice(path.lastIndexOf('/') + 1) : null;
        if (id === null) continue;
        const typed = outbox.pending(path) as unknown as { source: Source; dismissed: string[] };
        const saved = sources[id] ?? unsaved(id, typed.source, issues[id]);
        sources[id] = {
            ...saved,
            source: typed.source,
            reading: saved.reading === null ? null : { ...saved.reading, dismissed: typed.dismissed ?? [] },
        };
    }
    const typed = outbox.pending(paperPath(paper.id)) as Partial<Settings> | null;
    return { settings: { ...paper, ...typed }, sources };
}

/** Puts what arrived into what is known, without asking for the whole paper again. */
function take(client: QueryClient, paperId: string, path: string, saved: Saved, answer: unknown): void {
    client.setQueryData<Read<Paper>>(paperKey(paperId), (paper) => {
        if (paper === undefined) return paper;
        if (path === paperPath(paperId))
            return { ...paper, ...(answer as Settings), ...(saved.value as Partial<Settings>) };
        const fresh = answer as SavedSource & { revision?: number };
        const source = (saved.value.source as unknown as Source | undefined) ?? fresh.source;
        const sources = paper.sources.filter((one) => one.id !== fresh.id);
        // A save of one's own is no news; where somebody else's came between, the next look tells.
        const revision = fresh.revision === paper.revision + 1 ? fresh.revision : paper.revision;
        return {
            ...paper,
            revision,
            sources: [...sources, { ...fresh, source }].sort((a, b) => (a.id < b.id ? -1 : 1)),
        };
    });
}

/** One paper: what the server has, what is being typed, and how both are kept the same. */
export function usePaper(id: string) {
    const client = useQueryClient();
    useOutbox();
    const query = useQuery<Read<Paper>>({
        queryKey: paperKey(id),
        queryFn: () => firstData<Paper>(id) ?? read<Paper>(paperPath(id)),
        structuralSharing: (before, after) => newest(before as Read<Paper> | undefined, after as Read<Paper>),
        refetchInterval: (one) => (one.state.data?.isCopy === true ? ASK_AGAIN : false),
    });
    const paper = query.data;
    const reload = useCallback(
        () =>
            Promise.all([
                client.invalidateQueries({ queryKey: paperKey(id) }),
                client.invalidateQueries({ queryKey: ['bin', id] }),
            ]),
        [client, id],
    );

    const [cited, setCited] = useState<Cited | null>(null);
    const [typed, setTyped] = useState<TypedIssues>({});
    const composer = useMemo(() => {
        const known = () => marksOf(client.getQueryData<Read<Paper>>(paperKey(id))?.page ?? null);
        return new LiveComposer(id, known, (composed: Composed, { source }: Asked) => {
            client.setQueryData<Read<Paper>>(paperKey(id), (before) => {
                if (before === undefined) return before;
                const sources = before.sources.map((one) =>
                    one.id === source.id ? { ...one, issues: composed.issues } : one,
                );
                return { ...before, sources, page: changedPage(before.page, composed.page) };
            });
            setTyped((before) => ({ ...before, [source.id ?? '']: composed.issues }));
            setCited(citedIn(composed, source.id ?? ''));
        });
    }, [client, id]);
    useEffect(() => () => composer.stop(), [composer]);

    const arrived = useCallback(
        (path: string, saved: Saved, answer: unknown) => {
            if (path !== paperPath(id) && !path.startsWith(`${paperPath(id)}/sources/`)) return;
            const before =
                client.getQueryData<Read<Paper>>(paperKey(id))?.sources.find((one) => path === sourcePath(id, one.id))
                    ?.version ?? 0;
            take(client, id, path, saved, answer);
            // The style and the course rules shape the whole page, and so may what somebody else changed in between.
            if (path === paperPath(id) || saved.version > before + 1) void reload();
            else {
                const source = { ...(saved.value.source as unknown as Source), id: (answer as SavedSource).id };
                composer.catchUp({ source, dismissed: saved.value.dismissed as string[] });
            }
        },
        [client, id, reload, composer],
    );
    useArrivals(arrived);

    const outboxState = outbox.snapshot();
    const shown = useMemo(() => {
        // What is typed lies in the outbox; it is laid over anew with each of its states.
        void outboxState;
        return paper === undefined ? null : withTyped(paper, typed);
    }, [paper, typed, outboxState]);

    // What an earlier visit could not save is composed once the paper is there.
    const isThere = shown !== null;
    useEffect(() => {
        if (!isThere) return;
        for (const path of outbox.paths()) {
            if (!path.startsWith(`${paperPath(id)}/sources/`)) continue;
            const typed = outbox.pending(path) as unknown as Asked;
            const source = { ...typed.source, id: path.slice(path.lastIndexOf('/') + 1) };
            composer.ask({ source, dismissed: typed.dismissed ?? [] });
        }
    }, [isThere, id, composer]);

    const known = useCallback((): Paper | undefined => client.getQueryData<Read<Paper>>(paperKey(id)), [client, id]);

    const edit = useCallback(
        (sourceId: string, source: Source, dismissed: string[] | null = null) => {
            const saved = known()?.sources.find((one) => one.id === sourceId);
            const path = sourcePath(id, sourceId);
            const before = outbox.pending(path)?.dismissed as string[] | undefined;
            const given = withMemberIds(source);
            const value = {
                source: given,
                dismissed: dismissed ?? before ?? saved?.reading?.dismissed ?? [],
            };
            outbox.change(
                path,
                value as never,
                saved === undefined
                    ? { version: 0, value: {} }
                    : { version: saved.version, value: valueOfSource(saved) },
            );
            composer.ask({ source: { ...given, id: sourceId }, dismissed: value.dismissed });
        },
        [known, id, composer],
    );

    /** Asks for the in-text forms of a source that is being looked at. */
    const look = useCallback(
        (source: Source, dismissed: string[], mention: Mention | null = null) => {
            composer.pointAt(mention);
            composer.ask({ source, dismissed });
        },
        [composer],
    );

    const change = useCallback(
        (part: Partial<Settings>) => {
            const now = known();
            if (now === undefined) return;
            const value = valueOfSettings({
                ...now,
                ...(outbox.pending(paperPath(id)) as Partial<Settings> | null),
                ...part,
            });
            outbox.change(paperPath(id), value, { version: now.version, value: valueOfSettings(now) });
            // A choice takes hold at once; words wait until they are written.
            if ('style' in part) outbox.flush();
        },
        [known, id],
    );

    /** The book is only where the source stands: one part of it was used. */
    const makePart = useCallback(
        async (sourceId: string) => {
            await outbox.delivered(sourcePath(id, sourceId));
            const version = known()?.sources.find((one) => one.id === sourceId)?.version ?? 0;
            await call<SavedSource>('POST', `${sourcePath(id, sourceId)}/part`, { version });
            await reload();
        },
        [id, known, reload],
    );

    /** Does something with several sources at once, after what was typed in them last is saved with them. */
    const several = useCallback(
        async (what: 'remove' | 'bring-back' | 'move' | 'copy', ids: string[], from = id, to = ''): Promise<void> => {
            for (const sourceId of ids) {
                if (await outbox.delivered(sourcePath(id, sourceId))) continue;
                throw new Error(words.paper.notSavedYet);
            }
            await call('POST', `${paperPath(from)}/sources/${what}`, to === '' ? { ids } : { ids, to });
            await reload();
        },
        [id, reload],
    );

    return {
        settings: shown?.settings ?? null,
        sources: shown?.sources ?? {},
        page: paper?.page ?? null,
        cited,
        revision: paper?.revision ?? 0,
        isCopy: paper?.isCopy === true,
        company: paper ?? null,
        problem: query.error,
        look,
        edit,
        change,
        makePart,
        reload,
        several,
    };
}

export type PaperHandle = ReturnType<typeof usePaper>;
export type { Page };
