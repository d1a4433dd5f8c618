/** Words of a title that are set off: a title inside it, or capitals that no style may touch. */
export interface Mark {
    kind: 'inner' | 'kept';
    words: string;
}

const OPEN = { inner: '<i>', kept: '<span class="nocase">' };
const CLOSE = { inner: '</i>', kept: '</span>' };

/** The title as one reads it. */
export function plain(title: string): string {
    return title.replace(/<\/?i>|<span class="nocase">|<\/span>/g, '');
}

export function marks(title: string): Mark[] {
    const found: Mark[] = [];
    for (const match of title.matchAll(/<i>(.*?)<\/i>|<span class="nocase">(.*?)<\/span>/g)) {
        if (match[1] !== undefined) found.push({ kind: 'inner', words: plain(match[1]) });
        else found.push({ kind: 'kept', words: plain(match[2] ?? '') });
    }
    return found;
}

/** The title with its marks set again, each at the first place its words still stand. */
export function marked(title: string, wanted: Mark[]): string {
    let from = 0;
    let set = '';
    let rest = title;
    const placed = wanted
        .map((mark) => ({ mark, at: title.indexOf(mark.words) }))
        .filter(({ mark, at }) => at >= 0 && mark.words !== '')
        .sort((a, b) => a.at - b.at);
    for (const { mark, at } of placed) {
        if (at < from) continue;
        set += title.slice(from, at) + OPEN[mark.kind] + mark.words + CLOSE[mark.kind];
        from = at + mark.words.length;
        rest = title.slice(from);
    }
    return set + (from === 0 ? title : rest);
}

/** A stretch of a title, and the held word it is. */
export interface Piece<T> {
    text: string;
    held: T | null;
}

/** A text parted where held words stand in it, in whatever letters. */
export function pieces<T extends { word: string }>(text: string, held: T[]): Piece<T>[] {
    if (held.length === 0) return [{ text, held: null }];
    const byWord = new Map(held.map((one) => [one.word.toLowerCase(), one]));
    const parted = text.split(/([\p{L}\p{N}][\p{L}\p{N}\p{M}'’.&]*[\p{L}\p{N}\p{M}]|[\p{L}\p{N}])/u);
    const found: Piece<T>[] = [];
    for (const part of parted) {
        const one = byWord.get(part.toLowerCase()) ?? byWord.get(part.replace(/['’]s$/, '').toLowerCase()) ?? null;
        const last = found[found.length - 1];
        if (one === null && last?.held === null) last.text += part;
        else if (part !== '') found.push({ text: part, held: one });
    }
    return found;
}
