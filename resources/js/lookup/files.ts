import { words } from '../words/english';

/** A file of records is text; anything larger is something else. */
const LARGEST = 900_000;

const say = words.lead;

/** Files that are no text, by what their first bytes are. */
const SIGNATURES: [keyof typeof say.files, number[]][] = [
    ['office', [0x50, 0x4b, 0x03, 0x04]],
    ['office', [0xd0, 0xcf, 0x11, 0xe0]],
    ['office', [0x7b, 0x5c, 0x72, 0x74, 0x66]],
    ['pdf', [0x25, 0x50, 0x44, 0x46]],
    ['picture', [0x89, 0x50, 0x4e, 0x47]],
    ['picture', [0xff, 0xd8, 0xff]],
    ['picture', [0x47, 0x49, 0x46, 0x38]],
    ['picture', [0x49, 0x49, 0x2a, 0x00]],
    ['picture', [0x4d, 0x4d, 0x00, 0x2a]],
    ['picture', [0x42, 0x4d]],
    ['sound', [0x49, 0x44, 0x33]],
    ['sound', [0x4f, 0x67, 0x67, 0x53]],
    ['sound', [0x1a, 0x45, 0xdf, 0xa3]],
    ['office', [0x1f, 0x8b]],
];

/** What a file is that is no text, as a word in a sentence; null where it may be text. */
export function notText(bytes: Uint8Array): string | null {
    const is = (signature: number[], from = 0) => signature.every((byte, i) => bytes[from + i] === byte);
    const ascii = (text: string) => [...text].map((letter) => letter.charCodeAt(0));
    for (const [what, signature] of SIGNATURES) if (is(signature)) return say.files[what];
    if (is(ascii('RIFF'))) return is(ascii('WEBP'), 8) ? say.files.picture : say.files.sound;
    if (is(ascii('ftyp'), 4)) {
        const brand = String.fromCharCode(...bytes.slice(8, 12));
        return /^(?:heic|heix|mif1|avif)/.test(brand) ? say.files.picture : say.files.sound;
    }
    const hasMark = is([0xff, 0xfe]) || is([0xfe, 0xff]);
    return !hasMark && bytes.some((byte) => byte === 0) ? say.files.other : null;
}

function decoded(bytes: Uint8Array): string {
    if (bytes[0] === 0xff && bytes[1] === 0xfe) return new TextDecoder('utf-16le').decode(bytes);
    if (bytes[0] === 0xfe && bytes[1] === 0xff) return new TextDecoder('utf-16be').decode(bytes);
    try {
        return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    } catch {
        return new TextDecoder('windows-1252').decode(bytes);
    }
}

/**
 * The words of a file, to be looked up as if they were pasted.
 *
 * @throws {Error} with a sentence, where it cannot be read here
 */
export async function leadOfFile(file: File): Promise<string> {
    const what = notText(new Uint8Array(await file.slice(0, 4096).arrayBuffer()));
    if (what !== null) throw new Error(say.noText(file.name, what));
    if (file.size > LARGEST) throw new Error(say.tooLarge(file.name));
    return decoded(new Uint8Array(await file.arrayBuffer()));
}

/** What was dropped or pasted: a file first, else a link, else words. */
export function droppedLead(data: DataTransfer): File | string | null {
    const file = data.files[0];
    if (file !== undefined) return file;
    const link = data
        .getData('text/uri-list')
        .split(/\r?\n/)
        .find((line) => line !== '' && !line.startsWith('#'));
    return link ?? (data.getData('text/plain').trim() || null);
}
