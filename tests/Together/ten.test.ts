import { describe, expect, it } from 'vitest';
import { Problem } from '../../resources/js/api/client';
import type { Contributor, Paper, Source } from '../../resources/js/api/types';
import type { Json } from '../../resources/js/keep/merge';
import { Outbox, type Drawer, type Entry, type Saved } from '../../resources/js/keep/outbox';
import { ulid } from 'ulid';

/** Ten people at one paper, each with the interface's own outbox, against the real server (tests/Fault/TogetherTest.php). */
const URL = process.env.BIBREL_TOGETHER ?? '';
const SECONDS = Number(process.env.BIBREL_TOGETHER_SECONDS ?? 60);
const PEOPLE = 10;
const SOURCES = 5;

const pause = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
const valueOf = (one: { source: Source; reading: { dismissed: string[] } | null }) =>
    ({ source: one.source, dismissed: one.reading?.dismissed ?? [] }) as unknown as Record<string, Json>;

class InMemory implements Drawer {
    read(): Entry[] {
        return [];
    }
    write(): boolean {
        return true;
    }
    remove(): void {
        // Nothing outlasts the test.
    }
}

/** A browser with its cookies. */
class Browser {
    private cookies = new Map<string, string>();

    async call<T>(method: string, path: string, body?: unknown): Promise<T> {
        const response = await fetch(`${URL}/api/${path}`, {
            method,
            headers: {
                Accept: 'application/json',
                'Content-Type': 'application/json',
                Cookie: [...this.cookies].map(([name, value]) => `${name}=${value}`).join('; '),
                'X-XSRF-TOKEN': decodeURIComponent(this.cookies.get('XSRF-TOKEN') ?? ''),
            },
            body: body === undefined ? undefined : JSON.stringify(body),
        });
        for (const cookie of response.headers.getSetCookie()) {
            const [name, value] = cookie.split(';', 1)[0]!.split(/=(.*)/s);
            this.cookies.set(name!, value ?? '');
        }
        const text = await response.text();
        const json = (text === '' ? {} : JSON.parse(text)) as Record<string, unknown>;
        if (response.ok) return json as T;
        throw new Problem(
            response.status,
            String(json.detail ?? ''),
            json,
            Number(response.headers.get('Retry-After') ?? 0),
        );
    }
}

/** Somebody who types: what they know, what they typed last, and the outbox that sends it. */
class Person {
    readonly browser = new Browser();
    readonly outbox: Outbox;
    readonly last = new Map<string, string>();
    readonly added: string[] = [];
    clashes = 0;
    private known = new Map<string, Saved>();
    private readonly tab = ulid();

    constructor(
        readonly number: number,
        private readonly paper: string,
    ) {
        this.outbox = new Outbox(
            new InMemory(),
            {
                put: (path, body) => this.browser.call('PUT', path, body),
                saved: (answer) => {
                    const one = answer as { version: number } & Parameters<typeof valueOf>[0];
                    return { version: one.version, value: valueOf(one) };
                },
            },
            ulid,
            () => this.tab,
        );
        this.outbox.onArrival((path, saved) => this.known.set(path, saved));
        this.outbox.onChange(() => {
            for (const entry of this.outbox.held()) {
                expect(entry.held?.why).toBe('clash');
                this.clashes++;
                this.outbox.settle(entry.path, () => true);
            }
        });
    }

    async look(): Promise<Paper> {
        const paper = await this.browser.call<Paper>('GET', `papers/${this.paper}`);
        for (const one of paper.sources) {
            const path = `papers/${this.paper}/sources/${one.id}`;
            if ((this.known.get(path)?.version ?? 0) < one.version)
                this.known.set(path, { version: one.version, value: valueOf(one) });
        }
        return paper;
    }

    edit(source: string, change: (source: Source) => Source): void {
        const path = `papers/${this.paper}/sources/${source}`;
        const known = this.known.get(path)!;
        const now = (this.outbox.pending(path) ?? known.value) as { source: Json; dismissed: Json };
        const next = change(structuredClone(now.source) as unknown as Source);
        this.outbox.change(path, { ...now, source: next as unknown as Json }, known);
    }

    /** Types into a field that is theirs alone. */
    type(source: string, turn: number): void {
        const text = `Person ${this.number} wrote ${turn}`;
        this.last.set(source, text);
        this.edit(source, (one) =>
            this.number < SOURCES
                ? { ...one, annotation: text }
                : { ...one, containers: [{ ...one.containers?.[0], publisher: text }] },
        );
    }

    /** Adds somebody to the people of a source, or puts the last of them first. */
    arrange(source: string, turn: number): void {
        this.edit(source, (one) => {
            const people = [...(one.contributors ?? [])];
            if (turn % 2 === 0) {
                const family = `Added${this.number}x${turn}`;
                this.added.push(family);
                people.push({ id: ulid(), role: 'author', name: { given: 'Ada', family } } as Contributor);
            } else people.unshift(...people.splice(-1));
            return { ...one, contributors: people };
        });
    }
}

describe.skipIf(URL === '')('ten people at one paper', () => {
    it('lose nothing and end with the same page', { timeout: (SECONDS + 90) * 1000 }, async () => {
        const owner = new Browser();
        await owner.call('GET', 'me');
        const paper = ulid();
        await owner.call('PUT', `papers/${paper}`, { version: 0, title: 'Together', style: 'mla-9' });
        const sources = Array.from({ length: SOURCES }, () => ulid());
        for (const [i, id] of sources.entries())
            await owner.call('PUT', `papers/${paper}/sources/${id}`, {
                version: 0,
                source: { kind: 'book', title: { main: `Book ${i}` } },
            });
        const share = await owner.call<{ address: string }>('PUT', `papers/${paper}/shares/${ulid()}`, { may: 'edit' });
        const token = share.address.split('/').at(-1)!;
        const people = Array.from({ length: PEOPLE }, (_, i) => new Person(i, paper));
        for (const person of people) {
            await person.browser.call('GET', 'me');
            await person.browser.call('POST', `shared/${token}`);
            await person.look();
        }

        const end = Date.now() + SECONDS * 1000;
        await Promise.all(
            people.map(async (person) => {
                for (let turn = 0; Date.now() < end; turn++) {
                    person.type(sources[person.number % SOURCES]!, turn);
                    if (person.number >= PEOPLE - 2) person.arrange(sources[0]!, turn);
                    await pause(150 + Math.random() * 700);
                    // As the screen does, they look now and then at what the others did.
                    if (turn % 4 === 3) await person.look();
                }
            }),
        );
        for (const person of people)
            for (const path of person.outbox.paths())
                expect(await person.outbox.delivered(path, 30_000), `${person.number}: ${path}`).toBe(true);

        const pages = await Promise.all(people.map((person) => person.look()));
        const lines = (one: Paper) => one.page.entries.map((entry) => entry.runs.map((run) => run[0]).join(''));
        for (const page of pages) expect(lines(page)).toEqual(lines(pages[0]!));
        const kept = new Map(pages[0]!.sources.map((one) => [one.id, one.source]));
        for (const person of people)
            for (const [id, text] of person.last) {
                const source = kept.get(id)!;
                expect(person.number < SOURCES ? source.annotation : source.containers?.[0]?.publisher).toBe(text);
            }
        const names = (kept.get(sources[0]!)?.contributors ?? []).map((one) => one.name.family).sort();
        expect(names).toEqual(people.flatMap((one) => one.added).sort());
        expect(names.length).toBeGreaterThan(SECONDS / 2);
        console.info(
            `${people.reduce((sum, one) => sum + one.clashes, 0)} clashes settled, ${names.length} people added, ` +
                `version ${Math.max(...pages[0]!.sources.map((one) => one.version))}`,
        );
    });
});
