import { call } from '../api/client';
import { words } from '../words/english';

interface Copy {
    html: string;
    text: string;
    markdown: string;
}

/** How entries go to the clipboard: with their looks, or as text alone. */
export type CopyAs = 'formatted' | 'plain' | 'markdown';

/** Fills the clipboard from a copy event: the markup arrives as it is, paragraph settings included. */
function byEvent(copy: Pick<Copy, 'html' | 'text'>, formatted: boolean): boolean {
    let filled = false;
    const fill = (event: ClipboardEvent) => {
        event.clipboardData?.setData('text/plain', copy.text);
        if (formatted) event.clipboardData?.setData('text/html', copy.html);
        event.preventDefault();
        filled = true;
    };
    document.addEventListener('copy', fill, { once: true });
    const done = document.execCommand('copy');
    document.removeEventListener('copy', fill);
    return done && filled;
}

/** Puts a few words on the clipboard, with their italics. */
export function copyWords(html: string, text: string): void {
    byEvent({ html, text }, true);
}

/** Puts the page, or some entries, on the clipboard: formatted with plain text next to it, or as text alone. */
export async function copyOut(paperId: string, only: string[], as: CopyAs): Promise<void> {
    const { html, text, markdown } = await call<Copy>('POST', `papers/${paperId}/clipboard`, { only: only.join(',') });
    const formatted = as === 'formatted';
    const copy = { html, text: as === 'markdown' ? markdown : text };
    if (byEvent(copy, formatted)) return;
    try {
        // Browsers that allow no copy event after a request allow this.
        await navigator.clipboard.write([
            new ClipboardItem({
                'text/plain': new Blob([copy.text], { type: 'text/plain' }),
                ...(formatted ? { 'text/html': new Blob([copy.html], { type: 'text/html' }) } : {}),
            }),
        ]);
    } catch {
        throw new Error(words.copy.refused);
    }
}
