import type { Paper } from '../api/types';
import { Comments } from './Comments';
import type { CommentsHandle } from './useComments';

/** What is said of the paper as a whole, below its sources: by those who write it, and by the teacher who read it. */
export default function PaperComments({ paper, comments }: { paper: Paper; comments: CommentsHandle }) {
    return (
        <Comments
            comments={comments.comments}
            me={paper.me}
            canSay={paper.may !== 'read'}
            isOwn={paper.may === 'own'}
            source={null}
            acts={comments}
        />
    );
}
