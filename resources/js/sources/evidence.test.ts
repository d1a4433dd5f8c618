import { describe, expect, it } from 'vitest';
import type { KeptFinding } from '../api/types';
import { evidenceOf } from './evidence';

const finding = (part: Partial<KeptFinding> = {}): KeptFinding => ({
    field: 'title.main',
    value: 'Moonpower',
    evidence: { where: 'From the title page.', text: 'Moonpower', visible: true },
    confidence: 'stated',
    alternatives: [],
    ...part,
});

describe('what is said of a value', () => {
    it('is a dot and no words where the source states it', () => {
        expect(evidenceOf(finding(), 'Moonpower', false)).toMatchObject({
            dot: 'stated',
            isLoud: false,
            seen: 'Moonpower',
        });
    });

    it('stands in words where it is likely or contradicted, until it is checked', () => {
        const likely = finding({ confidence: 'likely' });
        expect(evidenceOf(likely, 'Moonpower', false)).toMatchObject({ dot: 'likely', isLoud: true });
        expect(evidenceOf(likely, 'Moonpower', true)).toMatchObject({ dot: 'checked', isLoud: false });
        const contradicted = finding({ alternatives: [finding({ value: 'Moon Power' })] });
        expect(evidenceOf(contradicted, 'Moonpower', false)).toMatchObject({ isLoud: true });
        expect(evidenceOf(contradicted, 'Moonpower', true)?.offers).toEqual([]);
    });

    it('offers a guess without filling it in', () => {
        const guess = evidenceOf(finding({ confidence: 'guess', filled: false }), '', false);
        expect(guess).toMatchObject({ dot: 'guess', isLoud: true, canBeChecked: false });
        expect(guess?.offers[0]).toMatchObject({ label: 'Use it anyway', value: 'Moonpower' });
    });

    it('is quiet about what the student typed instead, and can put the found one back', () => {
        const own = evidenceOf(finding(), 'The Patient Wheel', false);
        expect(own).toMatchObject({ dot: 'own', isLoud: false });
        expect(own?.offers[0]).toMatchObject({ label: 'Put back', value: 'Moonpower' });
    });

    it('says nothing where nothing was found', () => {
        expect(evidenceOf(undefined, 'Typed', false)).toBeNull();
    });
});
