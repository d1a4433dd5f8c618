import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { call } from '../api/client';
import type { Course, KindCount } from '../api/types';

export interface PaperOfCourse {
    paper: string;
    name: string;
    count: number;
    title?: string;
    kinds?: KindCount[];
    open?: number;
    missing?: string[];
    handIn: { id: string; at: string; times: number; isLate: boolean } | null;
}

interface Table {
    course: Course;
    papers: PaperOfCourse[];
    shared: { name: string; people: string[] }[];
}

/** Milliseconds after the last key before what was typed is sent. */
const PAUSE = 600;

/** A course that saves itself: what is typed goes out after a pause, one save after the other, and when the screen is left. */
export function useCourse(courseId: string) {
    const client = useQueryClient();
    const key = ['course', courseId];
    const table = useQuery<Table>({ queryKey: key, queryFn: () => call<Table>('GET', `courses/${courseId}`) });
    const [typed, setTyped] = useState<Partial<Course>>({});
    const [problem, setProblem] = useState('');
    const kept = table.data?.course;
    const now = useRef({ kept, waiting: {}, isBusy: false, timer: 0 });
    useEffect(() => {
        if (!now.current.isBusy && kept !== undefined) now.current.kept = kept;
    }, [kept]);

    const send = useCallback(async (): Promise<void> => {
        const state = now.current;
        window.clearTimeout(state.timer);
        if (state.isBusy || state.kept === undefined || Object.keys(state.waiting).length === 0) return;
        const sent = state.waiting;
        state.waiting = {};
        state.isBusy = true;
        try {
            const { version, title, dueOn, note, style, rules, asked } = { ...state.kept, ...sent };
            const saved = await call<Course>('PUT', `courses/${courseId}`, {
                version,
                title,
                dueOn: dueOn ?? '',
                note,
                style,
                rules,
                asked,
            });
            state.kept = saved;
            client.setQueryData<Table>(['course', courseId], (before) => before && { ...before, course: saved });
            setTyped({ ...state.waiting });
            setProblem('');
        } catch (error) {
            // What is typed stays, and goes out with the next key.
            state.waiting = { ...sent, ...state.waiting };
            setProblem((error as Error).message);
            return;
        } finally {
            state.isBusy = false;
        }
        if (Object.keys(state.waiting).length > 0) await send();
    }, [client, courseId]);

    const change = useCallback(
        (part: Partial<Course>) => {
            const state = now.current;
            state.waiting = { ...state.waiting, ...part };
            setTyped((before) => ({ ...before, ...part }));
            window.clearTimeout(state.timer);
            state.timer = window.setTimeout(() => void send(), PAUSE);
        },
        [send],
    );
    useEffect(() => {
        const leave = () => void send();
        window.addEventListener('pagehide', leave);
        return () => {
            window.removeEventListener('pagehide', leave);
            leave();
        };
    }, [send]);

    return {
        table: table.data,
        error: table.error,
        course: kept === undefined ? undefined : { ...kept, ...typed },
        isSaved: Object.keys(typed).length === 0,
        problem,
        change,
    };
}
