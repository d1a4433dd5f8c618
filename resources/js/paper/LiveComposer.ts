import { call } from '../api/client';
import type { Mention, Page, Remark, Source } from '../api/types';

interface Composed {
    page: Page;
    points: Remark[];
}

/** Asks the server for the page while somebody types: at once, one request at a time, always ending on the latest. */
export class LiveComposer {
    private next: Source | null = null;
    private mention: Mention | null = null;
    private busy = false;
    private stopped = false;

    constructor(
        private readonly paper: string,
        private readonly onComposed: (composed: Composed, source: Source) => void,
    ) {}

    ask(source: Source): void {
        this.next = source;
        if (!this.busy) void this.run();
    }

    /** Where the in-text forms point from now on. */
    pointAt(mention: Mention | null): void {
        this.mention = mention;
    }

    stop(): void {
        this.stopped = true;
        this.next = null;
    }

    private async run(): Promise<void> {
        this.busy = true;
        while (this.next !== null) {
            const source = this.next;
            this.next = null;
            try {
                const composed = await call<Composed>('POST', 'compose', { paper: this.paper, source, mention: this.mention });
                if (!this.stopped) this.onComposed(composed, source);
            } catch {
                // The saver reports a lost connection; the page catches up with the next change.
            }
        }
        this.busy = false;
    }
}
