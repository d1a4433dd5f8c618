import { describe, expect, it } from 'vitest';
import type { Paper, Settings } from '../api/types';
import { asksSomething, linesOf, stripHeight } from './strip';

const asked = {
    style: '',
    atLeast: 0,
    atMost: 0,
    kinds: [],
    years: 0,
    scholarly: 0,
    primary: 0,
    printed: 0,
    annotated: false,
};
const settings = { ofCourse: null, className: '', dueOn: null, asked } as unknown as Settings;
const paper = { isShared: false, may: 'own' } as unknown as Paper;

describe('the strip of a paper', () => {
    it('has its links alone where there is nothing to tell', () => {
        expect(linesOf(paper, settings)).toEqual({ company: false, course: false, asked: false });
        expect(stripHeight(paper, settings)).toBe(35);
    });

    it('has a line for company, for the course and for what is asked', () => {
        const wanted = { ...settings, dueOn: '2026-12-04', asked: { ...asked, years: 10 } };
        expect(linesOf({ ...paper, isShared: true }, wanted)).toEqual({ company: true, course: true, asked: true });
        expect(stripHeight({ ...paper, may: 'read' }, wanted)).toBe(95);
    });

    it('takes a course for something asked', () => {
        expect(asksSomething(settings)).toBe(false);
        expect(asksSomething({ ...settings, ofCourse: {} as Settings['ofCourse'] })).toBe(true);
    });
});
