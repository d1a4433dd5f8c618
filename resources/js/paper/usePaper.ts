import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { ulid } from 'ulid';
import { call, Problem } from '../api/client';
import type { Mention, Page, PageEntry, Paper, SavedSource, Settings, Source } from '../api/types';
import type { Answer, Batch, Found } from '../lookup/found';
import { LiveComposer } from './LiveComposer';
import { Saver, type SaveState } from './Saver';

export interface Conflict {
    theirs: SavedSource;
    mine: Source;
}

/** Entries that did not change keep their identity, so that only the edited one is drawn again. */
function merged(before: Page | null, after: Page): Page {
    const known = new Map(before?.entries.map((entry): [string, PageEntry] => [entry.id, entry]));
    return {
        ...after,
        entries: after.entries.map((entry) => {
            const old = known.get(entry.id);
            const same = old !== undefined && JSON.stringify(old.runs) === JSON.stringify(entry.runs) && JSON.stringify(old.annotation) === JSON.stringify(entry.annotation);
            return same && (entry.citation === undefined || JSON.stringify([entry.citation, entry.narrative]) === JSON.stringify([old.citation, old.narrative])) ? old : entry;
        }),
    };
}

/** The student's own day. */
function today(): string {
    const now = new Date();
    return `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`;
}

/** One paper: what the server has, what is being typed, and how both are kept the same. */
export function usePaper(id: string) {
    const [settings, setSettings] = useState<Settings | null>(null);
    const [sources, setSources] = useState<Record<string, SavedSource>>({});
    const [page, setPage] = useState<Page | null>(null);
    const [save, setSave] = useState<{ state: SaveState; sentence: string }>({ state: 'saved', sentence: '' });
    const [conflict, setConflict] = useState<Conflict | null>(null);
    const [problem, setProblem] = useState('');
    const settingsVersion = useRef(0);
    const settingsTimer = useRef<ReturnType<typeof setTimeout>>(undefined);

    const composer = useMemo(
        () =>
            new LiveComposer(id, (composed, source) => {
                setPage((before) => merged(before, composed.page));
                setSources((all) => (all[source.id!] === undefined ? all : { ...all, [source.id!]: { ...all[source.id!]!, points: composed.points } }));
            }),
        [id],
    );
    const saver = useMemo(
        () =>
            new Saver(id, {
                state: (state, sentence) => setSave({ state, sentence }),
                saved: (saved) => setSources((all) => (all[saved.id] === undefined ? all : { ...all, [saved.id]: { ...all[saved.id]!, version: saved.version } })),
                conflict: (theirs, mine) => setConflict({ theirs, mine }),
            }),
        [id],
    );

    const load = useCallback(async () => {
        try {
            const paper = await call<Paper>('GET', `papers/${id}`);
            const { sources: list, page: composed, ...rest } = paper;
            settingsVersion.current = rest.version;
            setSettings(rest);
            setPage((before) => merged(before, composed));
            const all: Record<string, SavedSource> = {};
            for (const one of list) {
                const left = saver.known(one.id, one.version);
                all[one.id] = left === null ? one : { ...one, source: left };
                if (left !== null) composer.ask({ ...left, id: one.id });
            }
            setSources(all);
        } catch (error) {
            setProblem((error as Problem).message);
        }
    }, [id, saver, composer]);

    useEffect(() => {
        void load();
        const leave = () => saver.flush();
        window.addEventListener('pagehide', leave);
        return () => {
            window.removeEventListener('pagehide', leave);
            saver.stop();
            composer.stop();
        };
    }, [load, saver, composer]);

    const edit = useCallback(
        (sourceId: string, source: Source, settled: string[] | null = null) => {
            setSources((all) => {
                const one = all[sourceId];
                if (one === undefined) return all;
                return { ...all, [sourceId]: { ...one, source, reading: one.reading !== null && settled !== null ? { ...one.reading, settled } : one.reading } };
            });
            saver.change(sourceId, source, settled);
            composer.ask({ ...source, id: sourceId });
        },
        [saver, composer],
    );

    /** Asks for the in-text forms of a source that is being looked at. */
    const look = useCallback(
        (source: Source, mention: Mention | null = null) => {
            composer.pointAt(mention);
            composer.ask(source);
        },
        [composer],
    );

    const saveSettings = useCallback(
        async (wanted: Settings) => {
            setSave({ state: 'saving', sentence: '' });
            try {
                const saved = await call<Settings>('PUT', `papers/${id}`, { ...wanted, version: settingsVersion.current });
                settingsVersion.current = saved.version;
                setSettings((before) => (before === null ? before : { ...before, head: saved.head }));
                setSave({ state: 'saved', sentence: '' });
                const paper = await call<Paper>('GET', `papers/${id}`);
                setPage((before) => merged(before, paper.page));
            } catch (error) {
                const failed = error as Problem;
                if (failed.status === 409) {
                    const theirs = failed.more.theirs as Settings;
                    settingsVersion.current = theirs.version;
                    setSettings(theirs);
                    setSave({ state: 'conflict', sentence: 'The settings were changed in another tab; its choice is shown now. Change them again if you want yours.' });
                    void load();
                } else if (failed.passing) {
                    setSave({ state: 'waiting', sentence: failed.message });
                    settingsTimer.current = setTimeout(() => void saveSettings(wanted), 3000);
                } else {
                    setSave({ state: 'refused', sentence: failed.message });
                }
            }
        },
        [id, load],
    );

    /** Typed settings wait for a pause; chosen ones do not. */
    const change = useCallback(
        (part: Partial<Settings>, wait = 0) => {
            setSettings((before) => {
                if (before === null) return before;
                const wanted = { ...before, ...part };
                clearTimeout(settingsTimer.current);
                settingsTimer.current = setTimeout(() => void saveSettings(wanted), wait);
                return wanted;
            });
        },
        [saveSettings],
    );

    const add = useCallback(
        async (source: Source): Promise<string> => {
            const sourceId = ulid();
            const saved = await call<SavedSource>('PUT', `papers/${id}/sources/${sourceId}`, { version: 0, source });
            await load();
            return saved.id;
        },
        [id, load],
    );

    /** The id of the source a lead became, or what there is to choose from. */
    const lookUp = useCallback(
        async (lead: string, take: 'citation' | 'whole' | null = null): Promise<string | Found | null> => {
            const answer = await call<Answer>('POST', `papers/${id}/lookups`, { id: ulid(), lead, today: today(), take });
            if ('choice' in answer) return { kind: 'choice', lead, candidates: answer.choice };
            if ('compared' in answer) return { kind: 'compared', lead, compared: answer.compared };
            if ('lines' in answer) return { kind: 'batch', batch: await call<Batch>('POST', `papers/${id}/batches`, { id: ulid(), leads: lead, today: today() }) };
            await load();
            return 'added' in answer ? null : answer.id;
        },
        [id, load],
    );

    /** Asks the server to change a source as a whole, once everything typed is saved. */
    const ask = useCallback(
        async (sourceId: string, what: 'part' | 'lookup') => {
            await saver.idle();
            await call<SavedSource>('POST', `papers/${id}/sources/${sourceId}/${what}`, { version: saver.version(sourceId), today: today() });
            await load();
        },
        [id, load, saver],
    );

    const remove = useCallback(
        async (sourceId: string) => {
            await call('DELETE', `papers/${id}/sources/${sourceId}`);
            saver.forget(sourceId);
            await load();
        },
        [id, load, saver],
    );

    const restore = useCallback(
        async (sourceId: string) => {
            await call('POST', `papers/${id}/sources/${sourceId}/restore`);
            await load();
        },
        [id, load],
    );

    const settle = useCallback(
        (keep: 'mine' | 'theirs') => {
            if (conflict === null) return;
            const { theirs, mine } = conflict;
            setConflict(null);
            saver.settle(theirs.id, theirs.version, keep === 'mine' ? mine : null);
            const source = keep === 'mine' ? mine : theirs.source;
            setSources((all) => ({ ...all, [theirs.id]: { ...theirs, source } }));
            composer.ask({ ...source, id: theirs.id });
        },
        [conflict, saver, composer],
    );

    return { settings, sources, page, save, conflict, problem, look, edit, change, add, lookUp, ask, reload: load, remove, restore, settle };
}

export type PaperHandle = ReturnType<typeof usePaper>;
