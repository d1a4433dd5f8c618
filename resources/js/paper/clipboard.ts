import { call } from '../api/client';
import { words } from '../words/english';

interface Copy {
    html: string;
    text: string;
}

/** Fills the clipboard from a copy event: the markup arrives as it is, paragraph settings included. */
function byEvent(copy: Copy, formatted: boolean): boolean {
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

/** Puts the page, or some entries, on the clipboard: formatted with plain text next to it, or as plain text alone. */
export async function copyOut(paperId: string, only: string[], formatted: boolean): Promise<void> {
    const copy = await call<Copy>('POST', `papers/${paperId}/clipboard`, { only: only.join(',') });
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
