/** A piece of text and whether it is italic; what follows belongs to others. */
type Piece = readonly [string, number, ...unknown[]];

function safe(text: string): string {
    return text.replace(/&/g, '&amp;').replace(/</g, '&lt;').replace(/\n/g, '<br>');
}

/** Pieces as they go to the clipboard: with italics, and plain. */
export function copied(pieces: readonly Piece[]): { html: string; text: string } {
    return {
        html: pieces.map(([text, italic]) => (italic ? `<i>${safe(text)}</i>` : safe(text))).join(''),
        text: pieces.map(([text]) => text).join(''),
    };
}
