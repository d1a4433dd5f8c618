import { call, Problem } from '../api/client';
import type { SavedSource, Source } from '../api/types';

export type SaveState = 'saved' | 'saving' | 'waiting' | 'conflict' | 'refused';

interface Pending {
    source: Source;
    settled: string[] | null;
    /** The version the change was made on. */
    version: number;
}

interface Listener {
    state(state: SaveState, sentence: string): void;
    saved(saved: SavedSource): void;
    conflict(theirs: SavedSource, mine: Source): void;
}

const PAUSE = 400;
const RETRY = 3000;

/**
 * Saves the sources of one paper by themselves. A change is put into the browser's own storage at once and leaves it
 * only when the server has it, so that closing the tab, a crash or a lost connection loses nothing.
 */
export class Saver {
    private readonly pending = new Map<string, Pending>();
    private readonly busy = new Set<string>();
    private readonly versions = new Map<string, number>();
    private timer: ReturnType<typeof setTimeout> | undefined;

    constructor(
        private readonly paper: string,
        private readonly listener: Listener,
    ) {}

    /** Tells the version the server has, and gives back a change an earlier visit could not save. */
    known(id: string, version: number): Source | null {
        this.versions.set(id, version);
        const kept = localStorage.getItem(this.key(id));
        if (kept === null) return null;
        const left = JSON.parse(kept) as Pending;
        this.pending.set(id, left);
        this.versions.set(id, left.version);
        this.schedule(0);
        return left.source;
    }

    version(id: string): number {
        return this.versions.get(id) ?? 0;
    }

    /** Resolves once nothing is waiting to be saved, or after a few seconds of trying. */
    async idle(): Promise<void> {
        this.flush();
        for (let i = 0; i < 100 && this.pending.size > 0; i++) await new Promise((resolve) => setTimeout(resolve, 50));
    }

    change(id: string, source: Source, settled: string[] | null = null): void {
        const pending = { source, settled: settled ?? this.pending.get(id)?.settled ?? null, version: this.versions.get(id) ?? 0 };
        this.pending.set(id, pending);
        try {
            localStorage.setItem(this.key(id), JSON.stringify(pending));
        } catch {
            // A full or closed storage only takes away the second net; the server is the first.
        }
        this.listener.state('saving', '');
        this.schedule(PAUSE);
    }

    /** The student chose a side of a conflict: go on from the server's version. */
    settle(id: string, version: number, mine: Source | null): void {
        this.versions.set(id, version);
        this.forget(id);
        if (mine !== null) this.change(id, mine);
        else this.report();
    }

    forget(id: string): void {
        this.pending.delete(id);
        localStorage.removeItem(this.key(id));
    }

    /** Sends what is left at once, for when the page goes away. */
    flush(): void {
        for (const [id, pending] of this.pending) void this.send(id, pending, true);
    }

    stop(): void {
        clearTimeout(this.timer);
        this.flush();
    }

    private schedule(wait: number): void {
        clearTimeout(this.timer);
        this.timer = setTimeout(() => {
            for (const [id, pending] of this.pending) if (!this.busy.has(id)) void this.send(id, pending, false);
        }, wait);
    }

    private async send(id: string, pending: Pending, leaving: boolean): Promise<void> {
        this.busy.add(id);
        const body = { version: this.versions.get(id) ?? 0, source: pending.source, ...(pending.settled === null ? {} : { settled: pending.settled }) };
        try {
            const saved = await call<SavedSource>('PUT', `papers/${this.paper}/sources/${id}`, body, { keepalive: leaving });
            this.versions.set(id, saved.version);
            if (this.pending.get(id) === pending) this.forget(id);
            else this.schedule(PAUSE);
            this.listener.saved(saved);
            this.report();
        } catch (error) {
            this.failed(id, pending, error);
        } finally {
            this.busy.delete(id);
        }
    }

    private failed(id: string, pending: Pending, error: unknown): void {
        if (!(error instanceof Problem)) return;
        if (error.passing) {
            this.listener.state('waiting', error.message);
            this.schedule(RETRY);
        } else if (error.status === 409) {
            this.listener.state('conflict', error.message);
            this.listener.conflict(error.more.theirs as SavedSource, this.pending.get(id)?.source ?? pending.source);
        } else {
            this.listener.state('refused', error.message);
        }
    }

    private report(): void {
        if (this.pending.size === 0) this.listener.state('saved', '');
    }

    private key(id: string): string {
        return `bibrel:unsaved:${this.paper}:${id}`;
    }
}
