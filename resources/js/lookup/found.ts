import type { SavedSource, Words } from '../api/types';

/** One of several things a lead may mean. */
export interface Candidate {
    lead: string;
    title: string;
    people: string;
    particulars: string;
    isBook: boolean;
}

/** A stretch of a pasted citation beside ours; `why` is empty where both say the same. */
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

export interface BatchLead {
    place: number;
    lead: string;
    state: 'waiting' | 'working' | 'added' | 'look' | 'failed';
    sentence: string;
    source: string | null;
}

export interface Batch {
    id: string;
    leads: BatchLead[];
}

/** What the server makes of a lead. */
export type Answer = SavedSource | { added: string[] } | { choice: Candidate[] } | { compared: Compared } | { lines: number };

/** What is shown below the lead box until the student has chosen. */
export type Found = { kind: 'choice'; lead: string; candidates: Candidate[] } | { kind: 'compared'; lead: string; compared: Compared } | { kind: 'batch'; batch: Batch };
