/** An answer that is no success, as the server's problem details (RFC 9457) tell it. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        detail: string,
        readonly more: Record<string, unknown> = {},
    ) {
        super(detail);
    }

    /** Whether trying again later can help. */
    get passing(): boolean {
        return this.status === 0 || this.status === 419 || this.status >= 500;
    }
}

function token(): string {
    return decodeURIComponent(/(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1] ?? '');
}

async function send(method: string, path: string, body: unknown, options: RequestInit): Promise<Response> {
    try {
        return await fetch(`/api/${path}`, {
            method,
            credentials: 'same-origin',
            headers: {
                Accept: 'application/json',
                ...(body === undefined ? {} : { 'Content-Type': 'application/json' }),
                ...(method === 'GET' ? {} : { 'X-XSRF-TOKEN': token() }),
            },
            body: body === undefined ? undefined : JSON.stringify(body),
            ...options,
        });
    } catch (error) {
        if (error instanceof DOMException && error.name === 'AbortError') throw error;
        throw new Problem(0, 'There is no connection to Bibrel. What you type is kept in this browser and saved as soon as it is back.');
    }
}

/**
 * Calls the server.
 *
 * @throws {Problem} for every answer that is no success
 */
export async function call<T>(method: string, path: string, body?: unknown, options: RequestInit = {}): Promise<T> {
    let response = await send(method, path, body, options);
    if (response.status === 419) {
        // The token is as old as the page; any answer brings a new one.
        await send('GET', 'papers', undefined, {});
        response = await send(method, path, body, options);
    }
    if (response.status === 204) return undefined as T;
    const json: unknown = await response.json().catch(() => ({}));
    if (response.ok) return json as T;
    const problem = json as { detail?: string };
    throw new Problem(response.status, problem.detail ?? 'Something went wrong. Try again; your work up to here is saved.', json as Record<string, unknown>);
}
