/** A piece of text and how it looks: 1 italic, 2 bold; what follows belongs to others. */
type Piece = readonly [string, number, ...unknown[]];

function safe(text: string): string {
    return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/\n/g, '<br>');
}

const MARKS: Record<number, string> = { 1: 'i', 2: 'b' };

function marked(html: string, mark: string | undefined): string {
    return mark === undefined ? html : `<${mark}>${html}</${mark}>`;
}

/** Pieces as they go to the clipboard: with italics and bold type, and plain. */
export function copied(pieces: readonly Piece[]): { html: string; text: string } {
    return {
        html: pieces.map(([text, look]) => marked(safe(text), MARKS[look])).join(''),
        text: pieces.map(([text]) => text).join(''),
    };
}
