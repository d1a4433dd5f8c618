import type { Paper, Settings } from '../api/types';

/** Which lines the strip has, known before it is there: nothing below it moves when it comes, or when somebody does. */
export function linesOf(paper: Paper, settings: Settings): { company: boolean; course: boolean; asked: boolean } {
    return {
        company: paper.isShared || paper.may !== 'own',
        course: settings.ofCourse !== null || settings.className !== '' || settings.dueOn !== null,
        asked: settings.asksSomething,
    };
}

/** Its height while it is on its way, in pixels: a line each and the links, as in its style sheet. */
export function stripHeight(paper: Paper, settings: Settings): number {
    return 11 + 24 + 20 * Object.values(linesOf(paper, settings)).filter(Boolean).length;
}
