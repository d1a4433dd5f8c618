import { describe, expect, it } from 'vitest';
import { asHtml, htmlOf } from './entryText';

/** As much of a node of the browser's as is read. */
const node = (nodeName: string, childNodes: unknown[], fontStyle = '') =>
    ({ nodeType: 1, nodeName, childNodes, style: { fontStyle } }) as unknown as Node;
const text = (nodeValue: string) => ({ nodeType: 3, nodeValue, childNodes: [] }) as unknown as Node;

describe('an entry written by hand', () => {
    it('begins as it stands on the page, without the places where addresses break', () => {
        expect(
            asHtml([
                ['Brook & Vale. ', 0, null, 'a'],
                ['Moon', 1, null, 'b'],
                ['power', 1, null, 'c'],
                [', www.\u200Bmills.example', 0, null, 'd'],
            ]),
        ).toBe('Brook &amp; Vale. <i>Moonpower</i>, www.mills.example');
    });

    it('keeps text and italics, however the browser marked them, and nothing else', () => {
        const box = node('DIV', [
            text('Brook. '),
            node('SPAN', [text('Moonpower')], 'italic'),
            node('EM', [text(': A '), node('SPAN', [text('not so')], 'normal')]),
            node('B', [text('\u00A0 <bold>')]),
        ]);
        expect(htmlOf(box)).toBe('Brook. <i>Moonpower: A </i>not so &lt;bold&gt;');
    });
});
