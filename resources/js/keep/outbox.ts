import type { Problem } from '../api/client';
import { chosen, merge, same, type Clash, type Json } from './merge';

/** All that a person typed for one source, or one paper's settings, whole: the fields the server is sent. */
export type Value = Record<string, Json | undefined>;

/** What the server answered to a save, or holds in place of it. */
export interface Saved {
    version: number;
    value: Value;
}

/** A change under way. It is dropped only when the server has it. */
export interface Entry {
    /** Where it is sent: "papers/{id}", "papers/{id}/sources/{id}". */
    path: string;
    value: Value;
    /** What the server had when the change was begun; {} for something new. */
    base: Value;
    version: number;
    /** A save that was sent and has no answer yet: it is repeated as it was before anything else is sent. */
    sent: { save: string; value: Value } | null;
    /** What was typed and not chosen where both had changed a field; the server keeps it as an earlier state. */
    aside: Value | null;
    held: Held | null;
}

/** Why a change cannot go on without a person. */
export type Held =
    | { why: 'clash'; theirs: Saved; clashes: Clash[] }
    | { why: 'removed'; what: 'source' | 'paper'; name: string; theirs: Saved }
    | { why: 'refused'; sentence: string };

export type Progress = 'saved' | 'saving' | 'waiting' | 'clash' | 'removed' | 'refused';

/** Where entries are kept between two visits. */
export interface Drawer {
    read(): Entry[];
    /** False where there is no room: then only this page holds the change. */
    write(entry: Entry): boolean;
    remove(path: string): void;
}

export interface Post {
    put(path: string, body: Json, leaving: boolean): Promise<unknown>;
    /** What an answer, or a problem's "theirs", holds of the fields that are sent. */
    saved(answer: unknown): Saved;
}

const PAUSE = 400;
const RETRIES = [1000, 2000, 4000, 8000, 15_000, 30_000];

/**
 * Everything a person types goes out through here: sources, titles, course rules. A change is written into the browser's
 * own storage at once, sent after a pause, sent again until it arrives, and merged by field where somebody else was faster.
 */
export class Outbox {
    private readonly entries = new Map<string, Entry>();
    private readonly busy = new Set<string>();
    private readonly listeners = new Set<() => void>();
    private readonly arrivals = new Set<(path: string, saved: Saved, answer: unknown) => void>();
    private timer: ReturnType<typeof setTimeout> | undefined;
    private failures = 0;
    private problem = '';
    /** Before this moment the server wants no more, however much is typed meanwhile. */
    private notBefore = 0;
    private unkept = false;
    private revision = 0;

    constructor(
        private drawer: Drawer,
        private readonly post: Post,
        private readonly newId: () => string,
        private readonly tab: () => string,
    ) {}

    /** Takes up what an earlier visit could not send. */
    open(): void {
        for (const entry of this.drawer.read()) {
            if (this.entries.has(entry.path)) continue;
            this.drawer.write(entry);
            this.entries.set(entry.path, entry);
        }
        if (this.entries.size > 0) this.schedule(0);
        this.tell();
    }

    /** From now on things are kept elsewhere; what is under way moves along. */
    moveTo(drawer: Drawer): void {
        for (const entry of this.entries.values()) {
            this.drawer.remove(entry.path);
            this.unkept = !drawer.write(entry);
        }
        this.drawer = drawer;
    }

    /** A new value, made on what the server is known to have. */
    change(path: string, value: Value, known: Saved): void {
        const before = this.entries.get(path);
        const entry: Entry =
            before === undefined
                ? { path, value, base: known.value, version: known.version, sent: null, aside: null, held: null }
                : { ...before, value, held: before.held?.why === 'refused' ? null : before.held };
        this.keep(entry);
        this.schedule(PAUSE);
        this.tell();
    }

    /** What is typed for this path and not saved yet. */
    pending(path: string): Value | null {
        return this.entries.get(path)?.value ?? null;
    }

    paths(): string[] {
        return [...this.entries.keys()];
    }

    held(): Entry[] {
        return [...this.entries.values()].filter((entry) => entry.held !== null);
    }

    /** The one word on whether things are saved, and a sentence where they are not. */
    progress(): { state: Progress; sentence: string } {
        const held = this.held()[0]?.held;
        if (held !== undefined && held !== null)
            return { state: held.why, sentence: held.why === 'refused' ? held.sentence : '' };
        if (this.entries.size === 0) return { state: 'saved', sentence: '' };
        return this.failures > 0 ? { state: 'waiting', sentence: this.problem } : { state: 'saving', sentence: '' };
    }

    /** Whether something is under way that would be lost with this page. */
    isFragile(): boolean {
        return this.unkept && this.entries.size > 0;
    }

    /** For each of both sides the field's value is taken that was chosen; what was not chosen is kept by the server. */
    settle(path: string, mine: (clash: Clash) => boolean): void {
        const entry = this.entries.get(path);
        if (entry?.held?.why !== 'clash') return;
        const { theirs } = entry.held;
        const { value, clashes } = merge(entry.base, entry.value, theirs.value);
        let settled = value;
        let aside: Value | null = null;
        for (const clash of clashes) {
            if (mine(clash)) continue;
            settled = chosen(settled, clash.path, clash.theirs);
            aside = value as Value;
        }
        this.keep({
            ...entry,
            value: settled as Value,
            base: theirs.value,
            version: theirs.version,
            sent: null,
            aside,
            held: null,
        });
        this.schedule(0);
        this.tell();
    }

    /** What was removed is back as this, and what was typed goes on from there. */
    broughtBack(path: string, there: Saved): void {
        const entry = this.entries.get(path);
        if (entry !== undefined) this.goOn(entry, there);
        this.tell();
    }

    /** Tries a held change again as it is, such as after the paper it belongs to was brought back. */
    release(path: string): void {
        const entry = this.entries.get(path);
        if (entry === undefined) return;
        this.keep({ ...entry, held: null });
        this.schedule(0);
        this.tell();
    }

    forget(path: string): void {
        this.entries.delete(path);
        this.drawer.remove(path);
        this.tell();
    }

    /** Sends everything now: the page goes away, or the connection is back. */
    flush(leaving = false): void {
        clearTimeout(this.timer);
        for (const path of this.paths()) void this.send(path, leaving);
    }

    /** Resolves once nothing is under way for a path any more, or false after some seconds of trying. */
    async delivered(path: string, patience = 8000): Promise<boolean> {
        this.flush();
        const end = Date.now() + patience;
        while (this.entries.has(path) && Date.now() < end) await new Promise((resolve) => setTimeout(resolve, 40));
        return !this.entries.has(path);
    }

    onChange(listener: () => void): () => void {
        this.listeners.add(listener);
        return () => this.listeners.delete(listener);
    }

    /** Called with what was saved and the server's whole answer. */
    onArrival(listener: (path: string, saved: Saved, answer: unknown) => void): () => void {
        this.arrivals.add(listener);
        return () => this.arrivals.delete(listener);
    }

    /** A number that changes with everything that can be seen of the outbox. */
    snapshot(): number {
        return this.revision;
    }

    private keep(entry: Entry): void {
        this.entries.set(entry.path, entry);
        this.unkept = !this.drawer.write(entry);
    }

    private schedule(wait: number): void {
        clearTimeout(this.timer);
        this.timer = setTimeout(() => this.flush(), Math.max(wait, this.notBefore - Date.now()));
    }

    private async send(path: string, leaving: boolean): Promise<void> {
        const entry = this.entries.get(path);
        if (entry === undefined || entry.held !== null || this.busy.has(path)) return;
        const sent = entry.sent ?? { save: this.newId(), value: entry.value };
        this.keep({ ...entry, sent });
        this.busy.add(path);
        const aside = entry.aside === null ? {} : { aside: (entry.aside.source ?? entry.aside) as Json };
        try {
            const answer = await this.post.put(
                path,
                { ...sent.value, version: entry.version, save: sent.save, tab: this.tab(), ...aside },
                leaving,
            );
            this.arrived(path, sent, answer);
        } catch (error) {
            this.failed(path, error as Problem);
        } finally {
            this.busy.delete(path);
            this.tell();
        }
    }

    private arrived(path: string, sent: { value: Value }, answer: unknown): void {
        const entry = this.entries.get(path);
        const there = this.post.saved(answer);
        this.failures = 0;
        if (entry !== undefined && same(entry.value, sent.value)) {
            this.entries.delete(path);
            this.drawer.remove(path);
        } else if (entry !== undefined) {
            this.keep({ ...entry, base: there.value, version: there.version, sent: null, aside: null });
            this.schedule(PAUSE);
        }
        for (const tell of this.arrivals) tell(path, { version: there.version, value: sent.value }, answer);
    }

    private failed(path: string, problem: Problem): void {
        const entry = this.entries.get(path);
        if (entry === undefined) return;
        if (problem.status === 409) {
            this.goOn(entry, this.post.saved(problem.more.theirs));
        } else if (problem.status === 410) {
            const removed = problem.more.removed as { what: 'source' | 'paper'; name: string };
            this.keep({
                ...entry,
                sent: null,
                held: { why: 'removed', ...removed, theirs: this.post.saved(problem.more.theirs) },
            });
        } else if (problem.passing) {
            this.problem = problem.message;
            const wait = RETRIES[Math.min(this.failures, RETRIES.length - 1)]!;
            this.failures++;
            this.notBefore = Date.now() + problem.retryAfter * 1000;
            this.schedule(wait);
        } else {
            this.keep({ ...entry, sent: null, held: { why: 'refused', sentence: problem.message } });
        }
    }

    /** Somebody else was faster: what only one side changed is taken from that side. */
    private goOn(entry: Entry, theirs: Saved): void {
        const { value, clashes } = merge(entry.base, entry.value, theirs.value);
        if (clashes.length > 0) {
            this.keep({ ...entry, sent: null, held: { why: 'clash', theirs, clashes } });
            return;
        }
        this.keep({
            ...entry,
            value: value as Value,
            base: theirs.value,
            version: theirs.version,
            sent: null,
            held: null,
        });
        this.schedule(0);
    }

    private tell(): void {
        this.revision++;
        for (const listener of this.listeners) listener();
    }
}
