import type { PageEntry } from '../api/types';
import styles from './Page.module.css';

/** Paper at 96 pixels to the inch; double-spaced lines of 12-point type, as many as a sheet holds. */
export const INCH = 96;
export const WIDTH = 816;
export const HEIGHT = 1056;
export const LINE = 36.8;
export const LINES = 23;

/** Letters in a line, roughly, for entries nobody has measured yet. */
const LETTERS = 82;

const BREAK = '\u200B';

/** A text in pieces, between which a line may break without anything to show for it. */
export function breakable(text: string): string[] {
    return text.split(BREAK);
}

/** How many lines each entry takes, measured once in a copy of the page that nobody sees. */
export class Heights {
    private known = new WeakMap<PageEntry, number>();
    private box: HTMLElement | null = null;

    constructor(private readonly indent: number) {}

    /** Forgets everything: a face has come, and lines break anew. */
    clear(): void {
        this.known = new WeakMap();
    }

    /** Measures entries that are not known yet, all of them in one go. */
    measure(entries: PageEntry[]): void {
        const missing = entries.filter((entry) => !this.known.has(entry));
        if (missing.length === 0) return;
        const box = this.hidden();
        const blocks = missing.map((entry) => this.block(entry));
        box.replaceChildren(...blocks);
        missing.forEach((entry, i) => this.known.set(entry, Math.round(blocks[i]!.offsetHeight / LINE)));
        box.replaceChildren();
    }

    isKnown(entry: PageEntry): boolean {
        return this.known.has(entry);
    }

    /** Lines of an entry; a guess where it was not measured yet. */
    of(entry: PageEntry): number {
        const known = this.known.get(entry);
        if (known !== undefined) return known;
        const length = (text: string) => Math.max(1, Math.ceil(text.length / LETTERS));
        return (
            length(entry.runs.map((run) => run[0]).join('')) +
            entry.annotation.reduce((sum, one) => sum + length(one), 0)
        );
    }

    private block(entry: PageEntry): HTMLElement {
        const block = document.createElement('div');
        const line = document.createElement('p');
        line.className = styles.entry ?? '';
        for (const [text, italic] of entry.runs) {
            const run = document.createElement(italic ? 'i' : 'span');
            breakable(text).forEach((piece, i) =>
                run.append(...(i === 0 ? [piece] : [document.createElement('wbr'), piece])),
            );
            line.append(run);
        }
        block.append(line);
        for (const paragraph of entry.annotation) {
            const note = document.createElement('p');
            note.className = styles.note ?? '';
            note.style.paddingLeft = `${this.indent * INCH}px`;
            note.textContent = paragraph;
            block.append(note);
        }
        return block;
    }

    private hidden(): HTMLElement {
        if (this.box?.isConnected !== true) {
            this.box = document.createElement('div');
            this.box.className = `${styles.flow} ${styles.measure}`;
            this.box.setAttribute('aria-hidden', 'true');
            document.body.append(this.box);
        }
        return this.box;
    }
}

/** An entry where it stands: on which line of the whole text it begins, and how many it takes. */
export interface Placed {
    entry: PageEntry;
    top: number;
    lines: number;
}

/** Entries one below the other, after the line of the heading. */
export function placed(
    entries: PageEntry[],
    linesOf: (entry: PageEntry) => number,
): { placed: Placed[]; total: number } {
    let top = 1;
    const all = entries.map((entry) => {
        const one = { entry, top, lines: linesOf(entry) };
        top += one.lines;
        return one;
    });
    return { placed: all, total: top };
}

/** Those of which a line or more stands on a sheet. */
export function onSheet(all: Placed[], sheet: number): Placed[] {
    const from = sheet * LINES;
    // Far sheets of long papers are many: the first one is looked for by halves.
    let [low, high] = [0, all.length];
    while (low < high) {
        const middle = (low + high) >> 1;
        if (all[middle]!.top + all[middle]!.lines <= from) low = middle + 1;
        else high = middle;
    }
    const shown: Placed[] = [];
    for (let i = low; i < all.length && all[i]!.top < from + LINES; i++) shown.push(all[i]!);
    return shown;
}
