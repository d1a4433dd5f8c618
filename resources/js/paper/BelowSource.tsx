import type { Paper, Reference, SavedSource, Style } from '../api/types';
import { Comments } from '../comments/Comments';
import type { CommentsHandle } from '../comments/useComments';
import SourceNotes from '../notes/SourceNotes';
import { called } from '../sources/names';

interface Props {
    paper: Paper;
    saved: SavedSource;
    style: Style;
    reference: Reference;
    comments: CommentsHandle;
    taken: string | null;
    onTaken: () => void;
    onField: (path: string) => void;
}

/** What belongs to a source and stands on no page: notes on it, and what is said of it. */
export default function BelowSource({ paper, saved, style, reference, comments, taken, onTaken, onField }: Props) {
    const kind = reference.kinds.find((one) => one.id === saved.source.kind);
    const fields = (kind?.orders[style.family] ?? []).flatMap(
        (path) => kind?.fields.filter((one) => one.path === path).map(({ label }) => ({ path, label })) ?? [],
    );
    const canWrite = paper.may === 'own' || paper.may === 'edit';
    return (
        <>
            <SourceNotes
                paperId={paper.id}
                revision={paper.revision}
                source={saved.id}
                name={called(saved.source)}
                reference={reference}
                canWrite={canWrite}
                taken={taken}
                onTaken={onTaken}
            />
            {(paper.isShared || comments.comments.length > 0) && (
                <Comments
                    comments={comments.comments}
                    me={paper.me}
                    canSay={paper.may !== 'read'}
                    isOwn={paper.may === 'own'}
                    source={saved.id}
                    fields={fields}
                    acts={{ ...comments }}
                    onField={onField}
                />
            )}
        </>
    );
}
