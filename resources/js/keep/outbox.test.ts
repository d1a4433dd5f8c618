import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Problem } from '../api/client';
import type { Json } from './merge';
import { Outbox, type Drawer, type Entry, type Saved, type Value } from './outbox';

type Body = Value & { version: number; save: string; aside?: Json };

/** A server for one source that keeps versions and the last save, as the real one does. */
class Server {
    version = 1;
    value: Value = { source: { title: { main: 'Start' } } };
    removed = false;
    lastSave = '';
    received: Body[] = [];
    /** What goes wrong with the next requests: nothing arrives, or the answer does not. */
    faults: ('lost' | 'lost-answer' | Problem)[] = [];

    put(body: Body): Promise<unknown> {
        const fault = this.faults.shift();
        if (fault === 'lost') return Promise.reject(new Problem(0, 'no connection'));
        if (fault instanceof Problem) return Promise.reject(fault);
        this.received.push(body);
        const answer = this.answer(body);
        return fault === 'lost-answer' ? Promise.reject(new Problem(0, 'no connection')) : answer;
    }

    private answer(body: Body): Promise<unknown> {
        if (this.removed) {
            return Promise.reject(
                new Problem(410, 'removed', { removed: { what: 'source', name: 'Start' }, theirs: this.state() }),
            );
        }
        if (body.save !== this.lastSave) {
            if (body.version !== this.version)
                return Promise.reject(new Problem(409, 'stale', { theirs: this.state() }));
            this.value = { source: body.source };
            this.version++;
            this.lastSave = body.save;
        }
        return Promise.resolve(this.state());
    }

    /** Another tab saves. */
    elsewhere(source: Json): void {
        this.value = { source };
        this.version++;
        this.lastSave = 'elsewhere';
    }

    state(): Saved {
        return { version: this.version, value: this.value };
    }
}

class Memory implements Drawer {
    kept = new Map<string, string>();

    read(): Entry[] {
        return [...this.kept.values()].map((text) => JSON.parse(text) as Entry);
    }

    write(entry: Entry): boolean {
        this.kept.set(entry.path, JSON.stringify(entry));
        return true;
    }

    remove(path: string): void {
        this.kept.delete(path);
    }
}

const PATH = 'papers/1/sources/2';
const titled = (main: string, more: Record<string, Json> = {}): Value => ({ source: { title: { main }, ...more } });

let server: Server;
let memory: Memory;
let outbox: Outbox;
let ids: number;

const visit = () =>
    new Outbox(
        memory,
        { put: (_path, body) => server.put(body as Body), saved: (answer) => answer as Saved },
        () => `save-${++ids}`,
        () => 'tab',
    );
const type = (value: Value) => outbox.change(PATH, value, { version: 1, value: titled('Start') });
const settled = () => vi.advanceTimersByTimeAsync(60_000);

beforeEach(() => {
    vi.useFakeTimers();
    ids = 0;
    server = new Server();
    memory = new Memory();
    outbox = visit();
});
afterEach(() => vi.useRealTimers());

describe('keeping', () => {
    it('has a change in the browser’s storage before anything is sent', () => {
        type(titled('Typed'));
        expect(memory.read()[0]!.value).toEqual(titled('Typed'));
        expect(server.received).toEqual([]);
        expect(outbox.progress().state).toBe('saving');
    });

    it('says “saved” only when the server has everything', async () => {
        type(titled('Typed'));
        await settled();
        expect(server.value).toEqual(titled('Typed'));
        expect(outbox.progress().state).toBe('saved');
        expect(memory.kept.size).toBe(0);
    });

    it('takes up in the next visit what the last one could not send', async () => {
        type(titled('Typed offline'));
        outbox = visit();
        outbox.open();
        expect(outbox.pending(PATH)).toEqual(titled('Typed offline'));
        await settled();
        expect(server.value).toEqual(titled('Typed offline'));
    });

    it('moves what is under way along when things are to be kept elsewhere', () => {
        type(titled('Typed'));
        const other = new Memory();
        outbox.moveTo(other);
        expect([memory.kept.size, other.kept.size]).toEqual([0, 1]);
    });

    it('knows that a change is fragile that the storage has no room for', () => {
        memory.write = () => false;
        type(titled('Typed'));
        expect(outbox.isFragile()).toBe(true);
    });
});

describe('sending', () => {
    it('tries again until it arrives, and says what is wrong meanwhile', async () => {
        server.faults = ['lost', 'lost', new Problem(503, 'the database is away', {}, 5)];
        type(titled('Typed'));
        await vi.advanceTimersByTimeAsync(500);
        expect(outbox.progress()).toEqual({ state: 'waiting', sentence: 'no connection' });
        await settled();
        expect(server.value).toEqual(titled('Typed'));
        expect(outbox.progress().state).toBe('saved');
    });

    it('waits as long as the server asks for', async () => {
        server.faults = [new Problem(429, 'slower', {}, 20)];
        type(titled('Typed'));
        await vi.advanceTimersByTimeAsync(15_000);
        expect(server.received).toEqual([]);
        await vi.advanceTimersByTimeAsync(10_000);
        expect(server.received).toHaveLength(1);
    });

    it('waits as long even if more is typed meanwhile', async () => {
        server.faults = [new Problem(429, 'slower', {}, 20)];
        type(titled('Typed'));
        await vi.advanceTimersByTimeAsync(5000);
        type(titled('Typed on'));
        await vi.advanceTimersByTimeAsync(10_000);
        expect(server.received).toEqual([]);
        await vi.advanceTimersByTimeAsync(10_000);
        expect(server.value).toEqual(titled('Typed on'));
    });

    it('repeats a save whose answer got lost under its own id before it sends what was typed since', async () => {
        server.faults = ['lost-answer'];
        type(titled('First'));
        await vi.advanceTimersByTimeAsync(450);
        type(titled('First and second'));
        await settled();
        expect(server.received.map((one) => one.save)).toEqual(['save-1', 'save-1', 'save-2']);
        expect(server.value).toEqual(titled('First and second'));
        expect(outbox.progress().state).toBe('saved');
    });

    it('does the same in the next visit', async () => {
        server.faults = ['lost-answer'];
        type(titled('First'));
        await vi.advanceTimersByTimeAsync(450);
        type(titled('First and second'));
        outbox = visit();
        outbox.open();
        await settled();
        expect(server.value).toEqual(titled('First and second'));
        expect(outbox.held()).toEqual([]);
    });

    it('sends at once when the page goes away', async () => {
        type(titled('Typed'));
        outbox.flush(true);
        await vi.advanceTimersByTimeAsync(0);
        expect(server.received).toHaveLength(1);
    });

    it('keeps what is refused, with the sentence, and tries again with the next change', async () => {
        server.faults = [new Problem(422, 'too long')];
        type(titled('Too long'));
        await settled();
        expect(outbox.progress()).toEqual({ state: 'refused', sentence: 'too long' });
        expect(memory.kept.size).toBe(1);
        type(titled('Shorter'));
        await settled();
        expect(server.value).toEqual(titled('Shorter'));
    });
});

describe('somebody else was faster', () => {
    it('merges by field and asks nothing where nothing clashes', async () => {
        server.elsewhere({ title: { main: 'Start' }, medium: 'Print' });
        type(titled('Mine'));
        await settled();
        expect(server.value).toEqual(titled('Mine', { medium: 'Print' }));
        expect(outbox.progress().state).toBe('saved');
    });

    it('holds a clash, goes on with what is chosen, and hands over what was not', async () => {
        server.elsewhere({ title: { main: 'Theirs' } });
        type(titled('Mine', { medium: 'Print' }));
        await settled();
        expect(outbox.progress().state).toBe('clash');
        expect(outbox.pending(PATH)).toEqual(titled('Mine', { medium: 'Print' }));
        outbox.settle(PATH, () => false);
        await settled();
        expect(server.value).toEqual(titled('Theirs', { medium: 'Print' }));
        expect(server.received.at(-1)!.aside).toEqual({ title: { main: 'Mine' }, medium: 'Print' });
        expect(outbox.progress().state).toBe('saved');
    });

    it('keeps a clash over a reload', async () => {
        server.elsewhere({ title: { main: 'Theirs' } });
        type(titled('Mine'));
        await settled();
        outbox = visit();
        outbox.open();
        expect(outbox.progress().state).toBe('clash');
    });

    it('holds what was typed into something removed, and sends it once that is back', async () => {
        server.removed = true;
        type(titled('Typed too late'));
        await settled();
        expect(outbox.progress().state).toBe('removed');
        expect(memory.kept.size).toBe(1);
        server.removed = false;
        outbox.broughtBack(PATH, server.state());
        await settled();
        expect(server.value).toEqual(titled('Typed too late'));
    });
});
