/** What the server sends; the shapes are those of app/Http/Resources. */

export type Confidence = 'stated' | 'likely' | 'guess';

export interface Name {
    given?: string;
    family?: string;
    particle?: string;
    dropping?: string;
    suffix?: string;
    group?: string;
    screen?: string;
    familyFirst?: boolean;
    parent?: string;
    abbreviation?: string;
}

export interface Contributor {
    /** Tells this member of the list from the others while it is edited. */
    id?: string;
    role: string;
    name: Name;
}

export interface Container {
    contributors?: Contributor[];
    [field: string]: string | Contributor[] | undefined;
}

export interface Source {
    id?: string;
    kind: string;
    reached?: string;
    title?: { main?: string; subtitle?: string; translated?: string; short?: string; described?: boolean };
    contributors?: Contributor[];
    containers?: Container[];
    original?: { title?: string; date?: string; publisher?: string };
    [field: string]: unknown;
}

export interface Finding {
    field: string;
    value: string | Contributor[];
    evidence: { where: string; text: string; visible: boolean };
    confidence: Confidence;
    alternatives: Finding[];
    filled?: boolean;
}

export interface Remark {
    id: string;
    field: string;
    sentence: string;
    value: string;
    /** What the button says that sets `to`; '' where only a person can tell. */
    mend?: string;
    to?: string | Contributor[] | null;
    /** What the style does without the field, where it is the field that is open. */
    without?: string;
    /** Said beside the field only: the entry is in order as it stands. */
    soft?: boolean;
}

export interface Reading {
    lead: string;
    url: string;
    findings: Record<string, Finding>;
    remarks: Remark[];
    settled: string[];
}

export interface SavedSource {
    id: string;
    version: number;
    source: Source;
    reading: Reading | null;
    points: Remark[];
}

/** Text, italic (1) or not (0), the field it came from, the rule that shaped it. */
export type Run = [string, 0 | 1, string | null, string];

/** A line of text in pieces, each italic (1) or not (0). */
export type Words = [string, 0 | 1][];

export interface PageEntry {
    id: string;
    runs: Run[];
    /** Paragraphs of the student's own below the entry. */
    annotation: string[];
    /** The in-text forms; only for the source that was composed. */
    citation?: Words;
    narrative?: Words;
}

export interface Page {
    heading: string;
    headingIsBold: boolean;
    family: string;
    entries: PageEntry[];
    leftOut: { id: string; sentence: string }[];
}

export interface Course {
    accessed: 'auto' | 'always' | 'never';
    addresses: 'auto' | 'full' | 'bare' | 'none';
    threeHyphens: boolean;
    heading: string;
    medium: 'auto' | 'always' | 'never';
    forJournal: boolean;
}

/** Where in a source the text points, and whose words it passes on. */
export interface Mention {
    kind: string;
    place: string;
    quoting: string;
    later: boolean;
}

export interface Settings {
    id: string;
    title: string;
    style: string;
    course: Course;
    surname: string;
    /** What stands beside the page number on each sheet. */
    head: { text: string; atLeft: boolean };
    version: number;
    /** Raised by every change of the paper and of anything on it. */
    revision: number;
}

export interface Paper extends Settings {
    sources: SavedSource[];
    page: Page;
}

export interface PaperSummary extends Settings {
    sources: number;
    updatedAt: string;
    removedAt?: string;
}

/** A source in its paper's bin. */
export interface RemovedSource {
    id: string;
    name: string;
    kind: string;
    removedAt: string;
}

/** How a source, or a paper's settings, stood before something changed it. */
export interface EarlierState {
    id: number;
    cause: 'typed' | 'set-aside' | 'looked-up' | 'made-part' | 'went-back';
    at: string;
    /** What it would put on the page. */
    shown: string;
}

export interface Field {
    path: string;
    label: string;
    need: 'required' | 'expected' | 'optional';
    what: string;
    where: string;
    example: string;
    mistake: string;
}

export interface Kind {
    id: string;
    label: string;
    group: string;
    words: string;
    roles: string[];
    /** How one may have got at it; what each way changes about the fields, null for out of place. */
    accessMethods: { id: string; label: string; needs: Record<string, Field['need'] | null> }[];
    fields: Field[];
    orders: { apa: string[] };
}

export interface Rule {
    id: string;
    element: string;
    sentence: string;
    place: string;
}

export interface Reference {
    styles: { id: string; family: string; label: string }[];
    kinds: Kind[];
    roles: { id: string; label: string }[];
    locators: string[];
    rules: Record<string, Rule>;
}
