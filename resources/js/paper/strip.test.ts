import { describe, expect, it } from 'vitest';
import type { Paper, Settings } from '../api/types';
import { linesOf, stripHeight } from './strip';

const settings = { ofCourse: null, className: '', dueOn: null, asksSomething: false } as unknown as Settings;
const paper = { isShared: false, may: 'own' } as unknown as Paper;

describe('the strip of a paper', () => {
    it('has its links alone where there is nothing to tell', () => {
        expect(linesOf(paper, settings)).toEqual({ company: false, course: false, asked: false });
        expect(stripHeight(paper, settings)).toBe(35);
    });

    it('has a line for company, for the course and for what is asked', () => {
        const wanted = { ...settings, dueOn: '2026-12-04', asksSomething: true };
        expect(linesOf({ ...paper, isShared: true }, wanted)).toEqual({ company: true, course: true, asked: true });
        expect(stripHeight({ ...paper, may: 'read' }, wanted)).toBe(95);
    });
});
