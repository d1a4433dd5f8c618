import type {
    Answer,
    Asked,
    CourseRules,
    Field,
    Finding,
    Issue,
    KindId,
    LocatorKind,
    Role,
    Rule,
    Share,
    Source,
    StyleId,
} from './core';

export type * from './core';

/** What the server sends; the shapes are those of app/Http/Resources, and those of the core out of core.ts. */

/** What was read of a source, as it is kept next to it. */
export interface Reading {
    lead: string;
    url: string;
    findings: Record<string, KeptFinding>;
    /** The ids of issues that were put aside, and "checked:" with a field for what the student checked. */
    dismissed: string[];
}

export interface KeptFinding extends Finding {
    /** Whether it went into its field; a guess does not. */
    filled?: boolean;
}

export interface SavedSource {
    id: string;
    version: number;
    source: Source;
    reading: Reading | null;
    issues: OpenIssue[];
    /** Ids of those who did; not there for what this tab made and nobody has yet. */
    addedBy?: string | null;
    changedBy?: string | null;
}

/** Something open on a source; the server decides what is. */
export interface OpenIssue extends Issue {
    /** Whether it was noticed when the source was read. */
    ofReading: boolean;
}

/** A word of a title that a style holds as a name or asks about. */
export interface HeldName {
    word: string;
    isName: boolean;
    isAsked: boolean;
    /** What stands in title.names once it is turned. */
    names: string;
}

/** Text, italic (1) or not (0), the field it came from, the rule that shaped it. */
export type Run = [string, 0 | 1, string | null, string];

/** A line of text in pieces, each italic (1) or not (0). */
export type Words = [string, 0 | 1][];

export interface PageEntry {
    id: string;
    /** Tells the entry, as it stands, from every other one. */
    mark: string;
    runs: Run[];
    /** Paragraphs of the student's own below the entry. */
    annotation: string[];
}

/** What the text says of the source that is being looked at. */
export interface Cited {
    id: string;
    citation: Words;
    narrative: Words;
    /** The caption, where the source is a picture. */
    caption?: CaptionRun[];
    names: HeldName[];
}

/** An entry that is new, or a stretch of entries the browser has: where it begins there, and how many they are. */
export type EntryChange = [number, number] | (PageEntry & Partial<Pick<Cited, 'citation' | 'narrative' | 'caption'>>);

/** A page told by what is new on it. */
export interface PageChange extends Omit<Page, 'entries'> {
    entries: EntryChange[];
}

export interface Composed {
    page: PageChange;
    issues: OpenIssue[];
    names: HeldName[];
}

/** Text, how it looks (1 italic, 2 bold), and the rule that put it there. */
export type CaptionRun = [string, number, string];

/** What a caption says besides what its source says. */
export interface Figure {
    number: string;
    words: string;
    adapted: boolean;
    rights: string;
}

export interface Page {
    heading: string;
    headingIsBold: boolean;
    /** How far an annotation is set in, in inches. */
    annotationIndent: number;
    entries: PageEntry[];
    leftOut: { id: string; sentence: string }[];
}

/** Where in a source the text points, and whose words it passes on. */
export interface Mention {
    kind: LocatorKind | '';
    place: string;
    quoting: string;
    later: boolean;
    figure: Figure;
}

export interface Settings {
    id: string;
    title: string;
    /** What the student calls the course it is for. */
    className: string;
    /** Y-m-d. */
    dueOn: string | null;
    question: string;
    style: StyleId;
    /** The course's, where it was begun from one. */
    course: CourseRules;
    /** What the student asks of themselves. */
    asked: Asked;
    /** Whether anything is asked of its sources, by the course or by the student. */
    asksSomething: boolean;
    ofCourse: CourseAsked | null;
    surname: string;
    /** What stands next to the page number on each sheet. */
    head: { text: string; atLeft: boolean };
    version: number;
    /** Raised by every change of the paper and of anything on it. */
    revision: number;
}

/** What somebody may do with a paper; each right holds those before it. */
export type Right = 'page' | 'read' | 'comment' | 'edit' | 'own';

export interface Paper extends Settings {
    /** The id of whoever asks. */
    me: string;
    may: Right;
    /** What the owner is called; '' where that is whoever asks. */
    owner: string;
    isShared: boolean;
    /** What those are called who added or changed something, by their ids. */
    people: Record<string, string>;
    comments: number;
    notes: number;
    sources: SavedSource[];
    page: Page;
}

/** A paper on the list. */
export interface PaperSummary {
    id: string;
    title: string;
    className: string;
    dueOn: string | null;
    style: StyleId;
    ofCourse: string | null;
    may: Right;
    owner: string;
    /** What those are called it is shared with, and those who have it open now. */
    with: string[];
    here: string[];
    updatedAt: string;
    count: number;
    kinds: KindCount[];
    /** How many points wait for a look. */
    open: number;
    asked: Answer[];
}

export interface KindCount {
    kind: KindId;
    count: number;
    words: string;
}

/** A paper in the bin. */
export interface RemovedPaper extends Settings {
    count: number;
    removedAt: string;
}

/** Who asks. */
export interface Me {
    id: string;
    name: string;
    account: { email: string; isConfirmed: boolean; leavesAt: string | null; isLasting: boolean } | null;
}

/** A browser somebody is signed in with. */
export interface SignIn {
    id: string;
    browser: string;
    isThis: boolean;
    isLasting: boolean;
    since: string;
    seenAt: string;
}

/** A way into a paper for others. */
export interface PaperShare {
    id: string;
    may: Right;
    /** Without the host. */
    address: string;
    email: string | null;
    endsOn: string | null;
    isLive: boolean;
    isRevoked: boolean;
    people: string[];
}

export interface Comment {
    id: string;
    source: string | null;
    field: string;
    answers: string | null;
    by: string;
    name: string;
    text: string;
    at: string;
    isResolved: boolean;
    ofHandIn: boolean;
}

/** What a course asks, as its students know it. */
export interface CourseAsked {
    id: string;
    title: string;
    dueOn: string | null;
    note: string;
    style: StyleId;
    rules: CourseRules;
    asked: Asked;
}

export interface Course extends CourseAsked {
    /** Of its link, without the host. */
    address: string;
    version: number;
    papers: number;
    handedIn: number;
    removedAt?: string;
}

/** A page for somebody who only reads it. */
export interface ReadPage {
    title: string;
    style: string;
    size: CourseRules['paper'];
    firstPage: number;
    head: Settings['head'];
    page: Page;
}

export interface Mix {
    count: number;
    measures: { id: string; label: string; shares: (Share & { count: number })[] }[];
    answers: Answer[];
    sources: WeighedSource[];
}

/** What is said of one source, and why. */
export interface WeighedSource {
    id: string;
    name: string;
    primacy: string;
    scholarly: string;
    confidence: string;
    evidence: string;
}

export type NoteKind = 'quotation' | 'paraphrase' | 'thought';

export interface NoteData {
    source: string | null;
    kind: NoteKind;
    text: string;
    place: { kind: string; value: string };
    tags: string[];
    on: string;
}

export interface SavedNote {
    id: string;
    version: number;
    note: NoteData;
    /** The words at which a quotation is not what the page copy says. */
    departure: string | null;
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
    /** Who had made it so, where that is somebody else. */
    by: string;
    /** What it would put on the page. */
    shown: string;
}

/** A field, how it is filled in, and when it is asked. */
export interface FormField extends Field {
    form: 'people' | 'title' | 'date' | 'line' | 'long';
    isFirst: boolean;
    /** Whether what stands in it may be words of the source itself. */
    isOnSource: boolean;
    /** Fields that bring it onto the first form once one of them is filled in. */
    askedWith: string[];
    roles?: Role[];
}

export interface Kind {
    id: KindId;
    label: string;
    group: string;
    /** What tells it from its neighbours, for those used most. */
    hint: string;
    isCommon: boolean;
    /** How one may have got at it; what each way changes about the fields, null for out of place. */
    accessMethods: { id: string; label: string; needs: Record<string, Field['need'] | null> }[];
    fields: FormField[];
    /** The paths of the fields in the order of each family of styles. */
    orders: Record<string, string[]>;
    /** Whether what stands for its title may be a description. */
    describable: boolean;
}

export interface Style {
    id: StyleId;
    family: string;
    label: string;
    /** The course rules that make a difference to it, and "surname". */
    choices: string[];
    annotationIndent: number;
}

export interface Format {
    id: string;
    label: string;
    /** how its files end */
    extension: string;
}

export interface Reference {
    styles: Style[];
    kinds: Kind[];
    roles: { id: Role; label: string }[];
    locators: { id: LocatorKind; label: string; example: string }[];
    /** By the style's id, then by the rule's. */
    rules: Record<string, Record<string, Rule>>;
    pageFormats: Format[];
    exchangeFormats: Format[];
}
