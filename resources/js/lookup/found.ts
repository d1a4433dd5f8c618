import type { Words } from '../api/types';

/** One of several things a lead may mean. */
export interface Candidate {
    lead: string;
    title: string;
    people: string;
    particulars: string;
    isBook: boolean;
}

/** A stretch of a pasted citation next to ours; `why` is empty where both say the same. */
export interface Stretch {
    theirs: string;
    ours: string;
    rule: string;
    why: string;
}

export interface Compared {
    style: string;
    kind: string;
    ours: Words;
    stretches: Stretch[];
    doubts: { sentence: string; value: string }[];
}

/** A lead on its way to a source. */
export interface Lookup {
    id: string;
    lead: string;
    batch: string | null;
    state: 'waiting' | 'queued' | 'working' | 'double' | 'added' | 'choice' | 'compared' | 'failed';
    /** Why it failed, for code; the sentence is for people. */
    reason: string | null;
    sentence: string;
    source: string | null;
    again: boolean;
    choice: Candidate[] | null;
    compared: Compared | null;
    /** How many sources several records became. */
    added: number | null;
    /** How many of several records were left out, since they are on the paper already. */
    left: number;
}

export interface LookupList {
    revision: number;
    lookups: Lookup[];
}

/** What the student has decided already. */
export type Take = 'citation' | 'whole' | 'part';

export function isOpen(lookup: Lookup): boolean {
    return lookup.state === 'waiting' || lookup.state === 'queued' || lookup.state === 'working';
}
