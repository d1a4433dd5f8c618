import { describe, expect, it } from 'vitest';
import { droppedLead, leadOfFile, notText } from './files';

const file = (bytes: number[] | string, name: string) =>
    new File([typeof bytes === 'string' ? bytes : new Uint8Array(bytes)], name);

describe('a file that is opened or dropped', () => {
    it('is refused with a sentence that names what it is', async () => {
        const refused: [number[], string, string][] = [
            [[0x50, 0x4b, 0x03, 0x04, 20, 0], 'draft.docx', 'word-processor document'],
            [[0x25, 0x50, 0x44, 0x46, 0x2d], 'report.pdf', 'a PDF'],
            [[0x89, 0x50, 0x4e, 0x47], 'wheel.png', 'a picture'],
            [[0xff, 0xd8, 0xff, 0xe0], 'wheel.jpg', 'a picture'],
            [[0x7b, 0x5c, 0x72, 0x74, 0x66, 0x31], 'notes.rtf', 'word-processor document'],
            [[0, 0, 0, 24, 0x66, 0x74, 0x79, 0x70, 0x69, 0x73, 0x6f, 0x6d], 'clip.mp4', 'video'],
            [[65, 66, 0, 67], 'unknown.bin', 'no text'],
        ];
        for (const [bytes, name, what] of refused) {
            await expect(leadOfFile(file(bytes, name)), name).rejects.toThrow(what);
        }
    });

    it('is read in the encoding it was written in', async () => {
        expect(await leadOfFile(file('@book{a, title={Møns}}', 'a.bib'))).toBe('@book{a, title={Møns}}');
        expect(await leadOfFile(file([0x4d, 0xf8, 0x6e, 0x73], 'a.txt'))).toBe('Møns');
        expect(await leadOfFile(file([0xff, 0xfe, 0x41, 0x00], 'a.ris'))).toBe('A');
    });

    it('is refused where it is too large to be records', async () => {
        await expect(leadOfFile(file('a'.repeat(900_001), 'all.bib'))).rejects.toThrow('too large');
    });

    it('takes text for text', () => {
        expect(notText(new TextEncoder().encode('TY  - BOOK'))).toBeNull();
    });

    it('gives way to a link, and a link to words', () => {
        const data = (of: Record<string, string>, files: File[] = []) =>
            ({ files, getData: (type: string) => of[type] ?? '' }) as unknown as DataTransfer;
        expect(droppedLead(data({ 'text/uri-list': '# a\nhttps://a.example/', 'text/plain': 'x' }))).toBe(
            'https://a.example/',
        );
        expect(droppedLead(data({ 'text/plain': ' Moonpower ' }))).toBe('Moonpower');
        expect(droppedLead(data({}))).toBeNull();
        expect(droppedLead(data({ 'text/plain': 'x' }, [file('x', 'x.bib')]))).toBeInstanceOf(File);
    });
});
