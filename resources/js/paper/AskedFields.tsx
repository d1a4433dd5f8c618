import type { Asked, Reference } from '../api/types';
import { Pick } from '../ui/Pick';
import ui from '../ui/ui.module.css';
import { more } from '../words/more';
import styles from './AskedFields.module.css';

const say = more.asked;

interface Props {
    asked: Asked;
    reference: Reference;
    onChange: (asked: Asked) => void;
}

type Number = 'atLeast' | 'atMost' | 'scholarly' | 'primary' | 'printed' | 'years';

const NUMBERS: [Number, string][] = [
    ['atLeast', say.atLeast],
    ['atMost', say.atMost],
    ['scholarly', say.scholarly],
    ['primary', say.primary],
    ['printed', say.printed],
    ['years', say.years],
];

/** What is asked of a paper's sources, by a teacher or by the student. */
export function AskedFields({ asked, reference, onChange }: Props) {
    const label = (kind: string) => reference.kinds.find((one) => one.id === kind)?.label ?? kind;
    const number = (value: number, name: string, on: (value: number) => void, hook: string) => (
        <input
            className={ui.box}
            inputMode="numeric"
            aria-label={name}
            value={value === 0 ? '' : value}
            placeholder="–"
            onChange={(event) => on(Number(event.target.value.replace(/\D/g, '').slice(0, 3)))}
            data-asked-field={hook}
        />
    );
    return (
        <div className={styles.asked}>
            {NUMBERS.map(([key, name]) => (
                <label key={key}>
                    {number(asked[key], name, (value) => onChange({ ...asked, [key]: value }), key)}
                    <span>
                        {name}
                        {key === 'years' && <span className={ui.soft}> ({say.yearsHint})</span>}
                    </span>
                </label>
            ))}
            {asked.kinds.map((one) => (
                <div key={one.kind} className={styles.kind}>
                    {number(
                        one.atLeast,
                        label(one.kind),
                        (atLeast) =>
                            onChange({
                                ...asked,
                                kinds: asked.kinds.map((other) => (other === one ? { ...one, atLeast } : other)),
                            }),
                        one.kind,
                    )}
                    <span>{label(one.kind)}</span>
                    <button
                        className={ui.link}
                        type="button"
                        aria-label={say.removeKind(label(one.kind))}
                        onClick={() => onChange({ ...asked, kinds: asked.kinds.filter((other) => other !== one) })}
                    >
                        ×
                    </button>
                </div>
            ))}
            <Pick
                label={say.addKind}
                options={reference.kinds
                    .filter((kind) => !asked.kinds.some((one) => one.kind === kind.id))
                    .map((kind): [string, string] => [kind.id, kind.label])}
                onPick={(kind) => onChange({ ...asked, kinds: [...asked.kinds, { kind: kind, atLeast: 1 }] })}
            />
            <label className={styles.check}>
                <input
                    type="checkbox"
                    checked={asked.annotated}
                    onChange={(event) => onChange({ ...asked, annotated: event.target.checked })}
                />
                <span>{say.annotated}</span>
            </label>
        </div>
    );
}
