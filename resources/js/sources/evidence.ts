import type { Contributor, KeptFinding } from '../api/types';
import type { DotKind } from '../ui/Dot';
import { words } from '../words/english';
import { listed } from './names';

export type Value = string | Contributor[];

/** Something that was found and is not in the field, with what puts it there. */
export interface Offer {
    text: string;
    label: string;
    value: Value;
}

/** What is to be said of a field's value: a dot always, words in place where somebody should read them. */
export interface Evidence {
    dot: DotKind;
    /** Whether the words stand under the field, or only where one asks for them. */
    isLoud: boolean;
    /** How sure it is, in a word. */
    how: string;
    text: string;
    /** The words on the page it came from; '' where they cannot be shown. */
    seen: string;
    offers: Offer[];
    /** Whether one press can say that it was checked. */
    canBeChecked: boolean;
}

export function wordsOf(value: Value): string {
    return typeof value === 'string' ? value : listed(value);
}

/** What a finding says of the value that stands in its field now. */
export function evidenceOf(finding: KeptFinding | undefined, current: Value, isChecked: boolean): Evidence | null {
    if (finding === undefined) return null;
    const say = words.evidence;
    const now = wordsOf(current);
    const found = wordsOf(finding.value);
    const others = finding.alternatives
        .filter((one) => wordsOf(one.value) !== now)
        .map((one) => ({
            text: `${say.also(wordsOf(one.value))} ${one.evidence.where}`,
            label: say.useThis,
            value: one.value,
        }));
    if (now === found) {
        return {
            dot: isChecked ? 'checked' : finding.confidence,
            isLoud: !isChecked && (finding.confidence !== 'stated' || others.length > 0),
            how: isChecked ? say.checked : say[finding.confidence],
            text: finding.evidence.where,
            seen: finding.evidence.visible ? finding.evidence.text : '',
            offers: isChecked ? [] : others,
            canBeChecked: true,
        };
    }
    const isGuess = finding.filled === false;
    const offer = {
        text: isGuess
            ? `${say.notFilled(found)} ${finding.evidence.where}`
            : now === ''
              ? say.wasFound(found)
              : say.changed(found),
        label: isGuess ? say.useAnyway : now === '' ? say.use : say.putBack,
        value: finding.value,
    };
    return {
        dot: isGuess && now === '' ? 'guess' : 'own',
        isLoud: now === '',
        how: '',
        text: '',
        seen: '',
        offers: [offer, ...others],
        canBeChecked: false,
    };
}
