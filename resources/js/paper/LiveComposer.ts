import { call } from '../api/client';
import type { Mention, Page, Issue, Source } from '../api/types';

export interface Composed {
    page: Page;
    issues: Issue[];
}

const RETRY = 3000;

/**
 * Asks the server for the page while somebody types: at once, one request at a time, always ending on the latest. What could
 * not be asked is asked again.
 */
export class LiveComposer {
    private next: Source | null = null;
    /** What was asked last and had no answer. */
    private missed: Source | null = null;
    /** What was asked last, as text. */
    private asked = '';
    private mention: Mention | null = null;
    private busy = false;
    private stopped = false;
    private timer: ReturnType<typeof setTimeout> | undefined;

    constructor(
        private readonly paper: string,
        private readonly onComposed: (composed: Composed, source: Source) => void,
    ) {}

    ask(source: Source): void {
        this.next = source;
        this.asked = JSON.stringify(source);
        if (!this.busy) void this.run();
    }

    /** The connection is there again: what had no answer is asked anew. */
    again(): void {
        if (this.missed !== null && this.next === null) this.ask(this.missed);
    }

    /** What was saved in the end may be more than what was typed here: somebody else's change may have come to it. */
    catchUp(source: Source): void {
        if (this.next !== null) return;
        if (this.missed !== null || this.asked !== JSON.stringify(source)) this.ask(source);
    }

    /** Where the in-text forms point from now on. */
    pointAt(mention: Mention | null): void {
        this.mention = mention;
    }

    stop(): void {
        this.stopped = true;
        this.next = null;
        clearTimeout(this.timer);
    }

    private async run(): Promise<void> {
        this.busy = true;
        clearTimeout(this.timer);
        while (this.next !== null) {
            const source = this.next;
            this.next = null;
            this.missed = source;
            try {
                const composed = await call<Composed>('POST', 'compose', {
                    paper: this.paper,
                    source,
                    mention: this.mention,
                });
                this.missed = null;
                if (!this.stopped) this.onComposed(composed, source);
            } catch {
                // The outbox tells of a lost connection; the page catches up by itself.
                if (!this.stopped) this.timer = setTimeout(() => this.again(), RETRY);
            }
        }
        this.busy = false;
    }
}
