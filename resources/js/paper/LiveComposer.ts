import { call } from '../api/client';
import type { Composed, Mention, Source } from '../api/types';

export interface Asked {
    source: Source;
    dismissed: string[];
}

const RETRY = 3000;

/**
 * Asks the server for what changed on the page while somebody types: at once, one request at a time, always ending on the
 * latest. What could not be asked is asked again.
 */
export class LiveComposer {
    private next: Asked | null = null;
    /** What was asked last and had no answer. */
    private missed: Asked | null = null;
    /** What was asked last, as text. */
    private asked = '';
    private mention: Mention | null = null;
    private busy = false;
    private stopped = false;
    private timer: ReturnType<typeof setTimeout> | undefined;

    /**
     * @param known the marks of the entries the browser has, when a request goes out
     * @param onComposed takes the answer to what was asked
     */
    constructor(
        private readonly paper: string,
        private readonly known: () => string,
        private readonly onComposed: (composed: Composed, asked: Asked) => void,
    ) {}

    ask(asked: Asked): void {
        this.next = asked;
        this.asked = JSON.stringify(asked);
        if (!this.busy) void this.run();
    }

    /** The connection is there again: what had no answer is asked anew. */
    again(): void {
        if (this.missed !== null && this.next === null) this.ask(this.missed);
    }

    /** What was saved in the end may be more than what was typed here: somebody else's change may have come to it. */
    catchUp(asked: Asked): void {
        if (this.next !== null) return;
        if (this.missed !== null || this.asked !== JSON.stringify(asked)) this.ask(asked);
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
            const asked: Asked = this.next;
            const known = this.known();
            this.next = null;
            this.missed = asked;
            try {
                const composed = await call<Composed>('POST', 'compose', {
                    paper: this.paper,
                    ...asked,
                    mention: this.mention,
                    known,
                });
                this.missed = null;
                // Where the page changed meanwhile, what the answer leaves out may not be there any more.
                if (known !== this.known()) this.next ??= asked;
                else if (!this.stopped) this.onComposed(composed, asked);
            } catch {
                // The outbox tells of a lost connection; the page catches up by itself.
                if (!this.stopped) this.timer = setTimeout(() => this.again(), RETRY);
            }
        }
        this.busy = false;
    }
}
