/** A piece of a paragraph: text, 1 for italics, and the number of the citation it belongs to. */
export type Piece = [text: string, italic: number, citation: number | null];

export type Look = 'note' | 'table' | 'center' | 'heading' | 'hanging' | 'block' | 'indented' | 'flat';

export interface DraftParagraph {
    place: number;
    note: string;
    look: Look;
    /** The sheet it begins on, as the file records it; 0 where it does not. */
    sheet: number;
    /** Whether it begins a sheet by a break of its own. */
    breaks: boolean;
    pieces: Piece[];
}

export interface CitationIssue {
    id: string;
    sentence: string;
    /** The same when the draft is given again. */
    key: string;
}

export interface Citation {
    text: string;
    /** The names or titles it says. */
    who: string[];
    paragraph: number;
    sheet: number;
    sentence: string;
    sources: string[];
    issues: CitationIssue[];
    /** As the style writes it; '' where nobody can say. */
    right: string;
    /** As the style writes each of those it may mean. */
    alternatives: string[];
}

export interface LayoutIssue {
    id: string;
    paragraphs: number[];
    sentence: string;
    mendable: boolean;
    key: string;
}

/** A student's own draft, held against the page. */
export interface Draft {
    /** '' for pasted text. */
    name: string;
    settled: string[];
    meant: Record<string, string>;
    isText: boolean;
    header: string;
    paragraphs: DraftParagraph[];
    citations: Citation[];
    uncited: { id: string; key: string }[];
    layout: LayoutIssue[];
    list: { heading: string; place: number; entries: string[] } | null;
}
