import { copyOf, keepCopy } from '../keep/copies';
import { words } from '../words/english';

/** An answer that is no success, as the server's problem details (RFC 9457) tell it. */
export class Problem extends Error {
    constructor(
        /** The status over HTTP; 0 where nothing answered. */
        readonly status: number,
        detail: string,
        readonly more: Record<string, unknown> = {},
        /** Seconds after which it may be tried again; 0 where the server did not say. */
        readonly retryAfter = 0,
    ) {
        super(detail);
    }

    /** Whether trying again later can help. */
    get passing(): boolean {
        return this.status === 0 || this.status === 419 || this.status === 429 || this.status >= 500;
    }
}

const { noConnection: NO_CONNECTION, ourFault: OUR_FAULT } = words.network;

/** More than this a browser does not send on behalf of a page that is gone. */
const KEPT_ALIVE = 30_000;

export function token(): string {
    return decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '');
}

async function send(method: string, path: string, body: unknown): Promise<Response> {
    const text = body === undefined ? undefined : JSON.stringify(body);
    try {
        return await fetch(`/api/${path}`, {
            method,
            credentials: 'same-origin',
            headers: {
                Accept: 'application/json',
                ...(text === undefined ? {} : { 'Content-Type': 'application/json' }),
                ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': token() }),
            },
            body: text,
            // What changes something arrives even if the page is closed meanwhile.
            keepalive: method !== 'GET' && path !== 'compose' && (text?.length ?? 0) < KEPT_ALIVE,
        });
    } catch {
        throw new Problem(0, NO_CONNECTION);
    }
}

async function answerTo(method: string, path: string, body?: unknown): Promise<Response> {
    let response = await send(method, path, body);
    if (response.status === 419) {
        // The token is as old as the page; any answer brings a new one.
        await send('GET', 'reference', undefined);
        response = await send(method, path, body);
    }
    if (response.ok) return response;
    const json = (await response.json().catch(() => ({}))) as { detail?: string };
    throw new Problem(
        response.status,
        json.detail ?? OUR_FAULT,
        json,
        Number(response.headers.get('Retry-After') ?? 0),
    );
}

/** What is no JSON did not come from Bibrel, but from a network that wants a log-in first, say: trying again helps. */
function parsed<T>(text: string): T {
    try {
        return JSON.parse(text) as T;
    } catch {
        throw new Problem(0, NO_CONNECTION);
    }
}

/**
 * Calls the server.
 *
 * @throws {Problem} for every answer that is no success
 */
export async function call<T>(method: string, path: string, body?: unknown): Promise<T> {
    const response = await answerTo(method, path, body);
    return response.status === 204 ? (undefined as T) : parsed<T>(await response.text());
}

/**
 * Asks whether there is anything new.
 *
 * @param mark what the last answer was marked with
 * @returns null where there is nothing new
 * @throws {Problem} for every answer that is no success
 */
export async function news<T>(path: string, mark: string): Promise<{ mark: string; answer: T } | null> {
    let response: Response;
    try {
        response = await fetch(`/api/${path}`, {
            credentials: 'same-origin',
            cache: 'no-store',
            headers: { Accept: 'application/json', ...(mark === '' ? {} : { 'If-None-Match': mark }) },
        });
    } catch {
        throw new Problem(0, NO_CONNECTION);
    }
    if (response.status === 304) return null;
    const text = await response.text();
    if (!response.ok) throw new Problem(response.status, parsed<{ detail?: string }>(text).detail ?? OUR_FAULT);
    return { mark: response.headers.get('ETag') ?? '', answer: parsed<T>(text) };
}

/** What was read, and whether it is only the copy of an earlier visit. */
export type Read<T> = T & { isCopy?: boolean };

/**
 * Reads something that can be opened without a connection, too.
 *
 * @param copyAs under which name a copy is kept, where the address changes with each release
 * @throws {Problem} where neither the server answers nor a copy is there
 */
export async function read<T extends object>(path: string, copyAs = path): Promise<Read<T>> {
    try {
        const text = await (await answerTo('GET', path)).text();
        const answer = parsed<T>(text);
        void keepCopy(copyAs, text);
        return answer;
    } catch (error) {
        const copy = error instanceof Problem && error.passing ? await copyOf(copyAs) : null;
        if (copy === null) throw error;
        return { ...(JSON.parse(copy) as T), isCopy: true };
    }
}
