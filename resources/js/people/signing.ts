import type { QueryClient } from '@tanstack/react-query';
import { call } from '../api/client';
import type { Me } from '../api/types';
import { clearCopies } from '../keep/copies';
import { clearLeads } from '../keep/place';
import { keepIn, outbox } from '../keep/outboxOfThisTab';
import { more } from '../words/more';

/** What was typed arrives under the name it was typed under, before somebody else is at this browser. */
async function delivered(): Promise<void> {
    for (const path of outbox.paths()) if (!(await outbox.delivered(path))) throw new Error(more.people.notSaved);
}

/** What is known of somebody else is forgotten, and what is shown is asked for anew. */
export async function everythingAnew(client: QueryClient): Promise<void> {
    client.removeQueries({ type: 'inactive' });
    await client.resetQueries();
}

async function begun(client: QueryClient, me: Me, keepsNothing: boolean): Promise<Me> {
    if (keepsNothing) await keepIn('tab');
    await clearCopies('browser');
    await everythingAnew(client);
    return me;
}

export interface Entrance {
    email: string;
    password: string;
    name?: string;
    /** The computer is somebody else's: nothing is to stay on it. */
    notMine: boolean;
    /** Whether the papers in this browser go along. */
    take?: boolean;
}

export async function signIn(client: QueryClient, { notMine, ...entrance }: Entrance): Promise<Me> {
    await delivered();
    return begun(client, await call<Me>('POST', 'sign-in', { ...entrance, lasting: !notMine }), notMine);
}

export async function openAccount(client: QueryClient, { notMine, ...entrance }: Entrance): Promise<Me> {
    await delivered();
    return begun(client, await call<Me>('POST', 'account', { ...entrance, lasting: !notMine }), notMine);
}

/** Leaves nothing of the account in this browser. */
export async function signOut(client: QueryClient): Promise<void> {
    await delivered();
    await call('DELETE', 'sign-in');
    await clearCopies('browser');
    await clearCopies('tab');
    clearLeads();
    await everythingAnew(client);
}
