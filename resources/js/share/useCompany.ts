import { useCallback, useEffect, useRef, useState } from 'react';
import { call, news, type Problem } from '../api/client';
import { paperPath } from '../keep/outboxOfThisTab';
import { tabId } from '../keep/place';

/** Somebody else who has the paper open, and the source whose form is open there. */
export interface Present {
    guest: string;
    name: string;
    at: string | null;
}

interface News {
    revision: number;
    isShared: boolean;
    here: Present[];
}

/** How often a paper with company, and one without, is asked about, in milliseconds. */
const SHARED = 3000;
const ALONE = 30_000;

/**
 * Watches for what others do on a paper, by a question that costs next to nothing while nothing is new.
 *
 * @param revision the one that is known
 * @param at the source whose form is open
 * @param onNew told once for each revision that is newer
 * @param onGone told where the paper is no longer shared, or was removed
 */
export function useCompany(
    paperId: string,
    { revision, isShared }: { revision: number; isShared: boolean },
    at: string | null,
    onNew: () => void,
    onGone: (problem: Problem) => void,
): Present[] {
    const [here, setHere] = useState<Present[]>([]);
    const now = useRef({ revision, isShared, at, onNew, onGone, mark: '', told: 0 });
    useEffect(() => {
        now.current = { ...now.current, revision, isShared, at, onNew, onGone };
    });
    const isKnown = revision > 0;

    const look = useCallback(async (): Promise<void> => {
        const { at, mark } = now.current;
        const place = at === null ? '' : `&at=${at}`;
        try {
            const told = await news<News>(`${paperPath(paperId)}/revision?tab=${tabId()}${place}`, mark);
            if (told === null) return;
            now.current.mark = told.mark;
            setHere((before) =>
                JSON.stringify(before) === JSON.stringify(told.answer.here) ? before : told.answer.here,
            );
            const { revision } = told.answer;
            const isNews = revision > now.current.revision || told.answer.isShared !== now.current.isShared;
            if (isNews && now.current.told !== revision) {
                now.current.told = revision;
                now.current.onNew();
            }
        } catch (error) {
            const problem = error as Problem;
            if (problem.status === 404 || problem.status === 410) now.current.onGone(problem);
        }
    }, [paperId]);

    useEffect(() => {
        if (!isKnown) return;
        let timer: ReturnType<typeof setTimeout>;
        let isOver = false;
        const again = async () => {
            if (document.visibilityState === 'visible') await look();
            if (!isOver) timer = setTimeout(() => void again(), now.current.isShared ? SHARED : ALONE);
        };
        const back = () => document.visibilityState === 'visible' && void look();
        const leave = () =>
            now.current.isShared &&
            void call('POST', `${paperPath(paperId)}/absent`, { tab: tabId() }).catch(() => undefined);
        timer = setTimeout(() => void again(), isShared ? 0 : ALONE);
        document.addEventListener('visibilitychange', back);
        window.addEventListener('pagehide', leave);
        return () => {
            isOver = true;
            clearTimeout(timer);
            document.removeEventListener('visibilitychange', back);
            window.removeEventListener('pagehide', leave);
            leave();
        };
    }, [isKnown, isShared, look, paperId]);

    // Where one goes to another source, the others see it soon.
    useEffect(() => {
        if (isKnown && isShared) void look();
    }, [at, isKnown, isShared, look]);

    return here;
}
