import type { Page, Reference, SavedSource } from '../api/types';
import { openIssues } from './issues';
import { called, listed } from './names';

interface Props {
    page: Page;
    sources: Record<string, SavedSource>;
    reference: Reference;
    onOpen: (id: string) => void;
    onCopy: (id: string) => void;
    onRemove: (id: string) => void;
}

/** The paper's sources in the order of the page. */
export function SourceList({ page, sources, reference, onOpen, onCopy, onRemove }: Props) {
    const shown = [
        ...page.entries.map((entry) => ({ id: entry.id, aside: '' })),
        ...page.leftOut.map((one) => ({ id: one.id, aside: one.sentence })),
    ];
    if (shown.length === 0) {
        return (
            <div className="first">
                <h2>Add your first source</h2>
                <ol>
                    <li>
                        Paste what you have above, a link, an ISBN, a DOI or a title, and choose <b>Look it up</b>. Or
                        fill the fields in by hand.
                    </li>
                    <li>Check each field. Bibrel says where every value came from, and what it could not find.</li>
                    <li>
                        Watch the entry take shape on the page at the right. Point at any part of it to see why it looks
                        as it does.
                    </li>
                    <li>
                        When all sources are there, choose <b>Get the page</b>.
                    </li>
                </ol>
            </div>
        );
    }
    return (
        <ul className="list" aria-label="Sources">
            {shown.map((entry) => {
                const saved = sources[entry.id];
                if (saved === undefined) return null;
                const name = called(saved.source);
                const wants = openIssues(saved, 'list').length;
                return (
                    <li key={entry.id}>
                        <button className="open" type="button" onClick={() => onOpen(entry.id)}>
                            <b>{name}</b>
                            <span className="soft">
                                {reference.kinds.find((kind) => kind.id === saved.source.kind)?.label}
                                {listed(saved.source.contributors) !== '' && ` · ${listed(saved.source.contributors)}`}
                            </span>
                            {entry.aside !== '' && (
                                <span className="wants">
                                    <br />
                                    {entry.aside}
                                </span>
                            )}
                            {wants > 0 && (
                                <span className="wants">
                                    <br />
                                    {wants === 1 ? 'One thing to look at' : `${wants} things to look at`}
                                </span>
                            )}
                        </button>
                        <span className="acts">
                            <button
                                className="link"
                                type="button"
                                onClick={() => onCopy(entry.id)}
                                aria-label={`Copy the entry for ${name}`}
                            >
                                Copy
                            </button>
                            <button
                                className="link"
                                type="button"
                                onClick={() => onRemove(entry.id)}
                                aria-label={`Remove ${name}`}
                            >
                                Remove
                            </button>
                        </span>
                    </li>
                );
            })}
        </ul>
    );
}
