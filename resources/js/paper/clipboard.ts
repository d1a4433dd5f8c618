import { call } from '../api/client';

interface Copy {
    html: string;
    text: string;
}

/** Puts the page, or one entry, on the clipboard: formatted with plain text beside it, or as plain text alone. */
export async function copyOut(paperId: string, sourceId: string | null, formatted: boolean): Promise<void> {
    const copy = await call<Copy>('GET', `papers/${paperId}/clipboard${sourceId === null ? '' : `?source=${sourceId}`}`);
    try {
        await navigator.clipboard.write([
            new ClipboardItem({
                'text/plain': new Blob([copy.text], { type: 'text/plain' }),
                ...(formatted ? { 'text/html': new Blob([copy.html], { type: 'text/html' }) } : {}),
            }),
        ]);
    } catch {
        // Browsers that keep the clipboard closed to scripts still let a copy event fill it.
        const fill = (event: ClipboardEvent) => {
            event.clipboardData?.setData('text/plain', copy.text);
            if (formatted) event.clipboardData?.setData('text/html', copy.html);
            event.preventDefault();
        };
        document.addEventListener('copy', fill, { once: true });
        const done = document.execCommand('copy');
        document.removeEventListener('copy', fill);
        if (!done) throw new Error('The browser did not let the page onto the clipboard. Download the document instead.');
    }
}
