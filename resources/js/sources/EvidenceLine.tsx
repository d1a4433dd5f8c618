import type { Contributor, KeptFinding } from '../api/types';
import { listed } from './names';

const WORDS = { stated: 'Stated', likely: 'Likely', guess: 'A guess' } as const;

interface Props {
    finding: KeptFinding;
    current: string | Contributor[];
    checked: boolean;
    onCheck: (checked: boolean) => void;
    onUse: (value: string | Contributor[]) => void;
    onSee: ((text: string) => void) | null;
}

function words(value: string | Contributor[]): string {
    return typeof value === 'string' ? value : listed(value);
}

/** Says where a value came from and how sure that is; offers what else was found; takes the student's own check mark. */
export function EvidenceLine({ finding, current, checked, onCheck, onUse, onSee }: Props) {
    const now = words(current);
    const holds = now === words(finding.value);
    const others = finding.alternatives.filter((one) => words(one.value) !== now);
    const see = onSee !== null && finding.evidence.visible && finding.evidence.text !== '';
    const offered = finding.filled === false ? 'Use it anyway' : now === '' ? 'Use it' : 'Put back';
    return (
        <>
            {holds ? (
                <div className="ev">
                    <span className={checked ? 'dot checked' : `dot ${finding.confidence}`} aria-hidden="true" />
                    <span>
                        <span className="visually-hidden">{WORDS[finding.confidence]}. </span>
                        {finding.evidence.where}{' '}
                        {see && (
                            <button className="link" type="button" onClick={() => onSee(finding.evidence.text)}>
                                See it
                            </button>
                        )}{' '}
                        <button
                            className="link quiet"
                            type="button"
                            aria-pressed={checked}
                            onClick={() => onCheck(!checked)}
                        >
                            {checked ? 'Checked by you' : 'I checked it'}
                        </button>
                    </span>
                </div>
            ) : (
                <div className={finding.confidence === 'guess' ? 'ev wants' : 'ev'}>
                    <span className={`dot ${finding.filled === false ? 'guess' : 'own'}`} aria-hidden="true" />
                    <span>
                        {finding.filled === false
                            ? `${words(finding.value)}? `
                            : now === ''
                              ? `“${words(finding.value)}” was found. `
                              : `You changed this. Found: “${words(finding.value)}”. `}
                        {finding.filled === false && `${finding.evidence.where} `}
                        <button className="link" type="button" onClick={() => onUse(finding.value)}>
                            {offered}
                        </button>
                    </span>
                </div>
            )}
            {others.map((one) => (
                <div className="ev" key={words(one.value)}>
                    <span className={`dot ${one.confidence}`} aria-hidden="true" />
                    <span>
                        Also found: “{words(one.value)}”. {one.evidence.where}{' '}
                        <button className="link" type="button" onClick={() => onUse(one.value)}>
                            Use this
                        </button>
                    </span>
                </div>
            ))}
        </>
    );
}
