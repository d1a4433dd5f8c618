import type { PageEntry } from '../api/types';

const escaped = (text: string) =>
    text
        .replace(/\u200B/g, '')
        .replace(/&/g, '&amp;')
        .replace(/</g, '&lt;')
        .replace(/>/g, '&gt;');

/** An entry as text with `<i>` around italics. */
export function asHtml(runs: PageEntry['runs']): string {
    return runs
        .map(([text, italic]) => (italic ? `<i>${escaped(text)}</i>` : escaped(text)))
        .join('')
        .replace(/<\/i><i>/g, '');
}

/** What was written in a box: its text with `<i>` around italics, however the browser marked them, and nothing else. */
export function htmlOf(box: Node): string {
    const read = (node: Node, italic: boolean): string => {
        if (node.nodeType === 3) {
            const text = escaped(node.nodeValue ?? '');
            return italic && text !== '' ? `<i>${text}</i>` : text;
        }
        const element = node as HTMLElement;
        const look = element.style?.fontStyle ?? '';
        const isItalic = /^(?:I|EM)$/.test(element.nodeName) || look === 'italic' || (italic && look !== 'normal');
        return [...node.childNodes].map((child) => read(child, isItalic)).join('');
    };
    return read(box, false)
        .replace(/<\/i><i>/g, '')
        .replace(/[\s\u00A0]+/g, ' ')
        .trim();
}
