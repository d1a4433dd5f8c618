import type { Draft } from './types';

/** The groups of what is to be put right, in the order a teacher would say them. */
export const GROUPS = [
    'not-on-page',
    'ambiguous',
    'wrong-name',
    'wrong-year',
    'wrong-form',
    'wants-place',
    'uncited',
    'layout',
] as const;

export type GroupId = (typeof GROUPS)[number];

/** One thing to put right. */
export interface Point {
    key: string;
    group: GroupId;
    sentence: string;
    /** The citation it is about, by its number. */
    citation: number | null;
    /** The source that is never cited. */
    source: string | null;
    /** The paragraphs it is about. */
    paragraphs: number[];
    /** Whether it can be put right in the copy. */
    mend: string;
}

/** All that is to be put right in a draft; what is settled comes apart. */
export function pointsOf(draft: Draft): { open: Point[]; settled: Point[] } {
    const none = { citation: null, source: null, paragraphs: [], mend: '' };
    const all: Point[] = [
        ...draft.citations.flatMap((one, citation) =>
            one.issues.map((issue) => ({
                ...none,
                key: issue.key,
                group: issue.id as GroupId,
                sentence: issue.sentence,
                citation,
                paragraphs: [one.paragraph],
            })),
        ),
        ...draft.uncited.map(({ id, key }) => ({ ...none, key, group: 'uncited' as const, sentence: '', source: id })),
        ...draft.layout.map((one) => ({
            ...none,
            key: one.key,
            group: 'layout' as const,
            sentence: one.sentence,
            paragraphs: one.paragraphs,
            mend: one.mendable ? one.id : '',
        })),
    ];
    const settled = new Set(draft.settled);
    const inOrder = all.sort((a, b) => GROUPS.indexOf(a.group) - GROUPS.indexOf(b.group));
    return {
        open: inOrder.filter((one) => !settled.has(one.key)),
        settled: inOrder.filter((one) => settled.has(one.key)),
    };
}

/** The words around a citation in its sentence, shortened at words on both sides. */
export function around(sentence: string, text: string): [before: string, text: string, after: string] {
    const shown = sentence.includes(text) ? text : (/\([^()]*\)\s*$/.exec(text)?.[0] ?? text);
    const at = sentence.indexOf(shown);
    if (at < 0) return ['', text, ''];
    const before = sentence.slice(0, at);
    const after = sentence.slice(at + shown.length);
    const cut = before.length > 70 ? `… ${before.slice(-60).replace(/^\S*\s+/, '')}` : before;
    return [cut, shown, after.length > 40 ? `${after.slice(0, 32).replace(/\s+\S*$/, '')} …` : after];
}

/** The entry of the draft's own list that a citation means, which says more than its name. */
export function entryOf(draft: Draft, who: string): string {
    const name = who.replace(/ et al\.?$/i, '').toLowerCase();
    return (
        draft.list?.entries.find((entry) =>
            entry
                .toLowerCase()
                .replace(/^[“"']/, '')
                .startsWith(name),
        ) ?? ''
    );
}

/** Text with `<i>` around italics, as the server writes it, in pieces. */
export function pieces(html: string): [text: string, isItalic: boolean][] {
    return html
        .split(/<i>(.*?)<\/i>/)
        .map((piece, i): [string, boolean] => [
            piece.replace(/&lt;/g, '<').replace(/&gt;/g, '>').replace(/&amp;/g, '&'),
            i % 2 === 1,
        ])
        .filter(([text]) => text !== '');
}
