import { useCallback } from 'react';
import { copyWords } from '../paper/clipboard';
import { useSay } from '../ui/Messages';
import { more } from '../words/more';
import type { NotesHandle } from './useNotes';

const say = more.notes;

/** What is done with a note, wherever it is shown. */
export function useNoteActs({ copied, remove, bringBack }: NotesHandle) {
    const tell = useSay();
    const tried = useCallback(
        (work: Promise<unknown>) => void work.catch((error: Error) => tell(error.message)),
        [tell],
    );
    return {
        tried,
        onCopy: useCallback(
            (id: string) =>
                tried(
                    copied(id).then(({ html, text }) => {
                        copyWords(html, text);
                        tell(say.copied);
                    }),
                ),
            [copied, tell, tried],
        ),
        onRemove: useCallback(
            (id: string) => tried(remove(id).then(() => tell(say.removed, () => tried(bringBack(id))))),
            [remove, bringBack, tell, tried],
        ),
    };
}
