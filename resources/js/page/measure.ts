import type { PageEntry, PaperSize } from '../api/types';
import styles from './Page.module.css';

/** At 96 pixels to the inch; double-spaced lines of 12-point type. */
export const INCH = 96;
export const LINE = 36.8;

/** What a page stands on: its size in pixels, and how many lines go on it between margins of an inch. */
export interface Paper {
    width: number;
    height: number;
    lines: number;
}

export const PAPERS: Record<PaperSize, Paper> = {
    letter: { width: 816, height: 1056, lines: 23 },
    a4: { width: 793.7, height: 1122.5, lines: 25 },
};

/** Letters in a line, roughly, for entries nobody has measured yet. */
const LETTERS = 82;

const BREAK = '\u200B';

/** A text in pieces, between which a line may break without anything to show for it. */
export function breakable(text: string): string[] {
    return text.split(BREAK);
}

/** How many lines each entry takes, measured once in a copy of the page that nobody sees. */
export class Heights {
    private known = new WeakMap<PageEntry, number[]>();
    private box: HTMLElement | null = null;

    constructor(
        private readonly indent: number,
        private readonly paper: Paper,
    ) {}

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
        missing.forEach((entry, i) => {
            const paragraphs = [...blocks[i]!.children] as HTMLElement[];
            this.known.set(
                entry,
                paragraphs.map((one) => Math.round(one.offsetHeight / LINE)),
            );
        });
        box.replaceChildren();
    }

    isKnown(entry: PageEntry): boolean {
        return this.known.has(entry);
    }

    /** Lines of an entry's paragraphs; a guess where it was not measured yet. */
    of(entry: PageEntry): number[] {
        const known = this.known.get(entry);
        if (known !== undefined) return known;
        const length = (text: string) => Math.max(1, Math.ceil(text.length / LETTERS));
        return [length(entry.runs.map((run) => run[0]).join('')), ...entry.annotation.map(length)];
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
            this.box.style.width = `${this.paper.width - 2 * INCH}px`;
            document.body.append(this.box);
        }
        return this.box;
    }
}

/** A stretch of an entry's lines on one sheet: from which line of the sheet on, and which of the entry's it begins with. */
export interface Part {
    sheet: number;
    at: number;
    from: number;
    lines: number;
}

/** An entry where it stands, in one part or more. */
export interface Placed {
    entry: PageEntry;
    lines: number;
    parts: [Part, ...Part[]];
}

/** How many of a paragraph's lines stay on a sheet with that much room: no single line alone at its foot or head. */
function taken(lines: number, room: number): number {
    const fits = lines <= room ? lines : Math.min(room, lines - 2);
    return fits === 1 && lines > 1 ? 0 : Math.max(0, fits);
}

/** Entries one below the other, after the line of the heading; `used` is how many lines stand on each sheet. */
export function placed(
    entries: PageEntry[],
    linesOf: (entry: PageEntry) => number[],
    sheetLines: number,
): { placed: Placed[]; used: number[] } {
    const used = [1];
    const all = entries.map((entry): Placed => {
        const parts: Part[] = [];
        let before = 0;
        for (const lines of linesOf(entry)) {
            for (let left = lines; left > 0;) {
                const sheet = used.length - 1;
                const at = used[sheet]!;
                const here = taken(left, sheetLines - at);
                if (here === 0) {
                    used.push(0);
                    continue;
                }
                const last = parts.at(-1);
                if (last?.sheet === sheet) last.lines += here;
                else parts.push({ sheet, at, from: before, lines: here });
                used[sheet] = at + here;
                before += here;
                left -= here;
                if (left > 0) used.push(0);
            }
        }
        return { entry, lines: before, parts: parts as [Part, ...Part[]] };
    });
    return { placed: all, used };
}

/** Those of which a line or more stands on a sheet. */
export function onSheet(all: Placed[], sheet: number): Placed[] {
    // Far sheets of long papers are many: the first one is looked for by halves.
    let [low, high] = [0, all.length];
    while (low < high) {
        const middle = (low + high) >> 1;
        if (all[middle]!.parts.at(-1)!.sheet < sheet) low = middle + 1;
        else high = middle;
    }
    const shown: Placed[] = [];
    for (let i = low; i < all.length && all[i]!.parts[0].sheet <= sheet; i++) shown.push(all[i]!);
    return shown;
}
