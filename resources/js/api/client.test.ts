import { afterEach, describe, expect, it, vi } from 'vitest';
import { call, Problem } from './client';

afterEach(() => vi.unstubAllGlobals());

const answering = (body: string, status = 200, headers: Record<string, string> = {}) =>
    vi.stubGlobal('fetch', () => Promise.resolve(new Response(body, { status, headers })));

describe('an answer', () => {
    it('that is a log-in page of the network is tried again, not taken for a refusal', async () => {
        answering('<html>Welcome to the library network</html>');
        const problem = await call('GET', 'papers').catch((error: unknown) => error);
        expect(problem).toBeInstanceOf(Problem);
        expect((problem as Problem).passing).toBe(true);
    });

    it('that is a problem says what to do, and when to come back', async () => {
        answering(JSON.stringify({ detail: 'Wait a little.' }), 429, { 'Retry-After': '7' });
        const problem = (await call('GET', 'papers').catch((error: unknown) => error)) as Problem;
        expect([problem.message, problem.retryAfter, problem.passing]).toEqual(['Wait a little.', 7, true]);
    });
});
