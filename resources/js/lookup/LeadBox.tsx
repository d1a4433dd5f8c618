import { Button } from 'antd';
import { lazy, memo, Suspense, useRef, useState, type ClipboardEvent, type FormEvent, type KeyboardEvent } from 'react';
import { focusOn } from '../ui/focus';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './LeadBox.module.css';

const Barcode = lazy(() => import('./Barcode'));

const say = words.lead;

interface Props {
    lead: string;
    problem: string;
    isBusy: boolean;
    onLead: (lead: string) => void;
    onLookUp: (lead: string) => void;
    onFile: (file: File) => void;
    onByHand: () => void;
}

/** Where a student pastes what they have. What is typed stays until it is being looked up; what is typed next is left alone. */
export const LeadBox = memo(function LeadBox({ lead, problem, isBusy, onLead, onLookUp, onFile, onByHand }: Props) {
    const [scanning, setScanning] = useState(false);
    const file = useRef<HTMLInputElement>(null);
    const submit = (event: FormEvent) => {
        event.preventDefault();
        onLookUp(lead);
    };
    const onKey = (event: KeyboardEvent) => {
        if (event.key !== 'Enter' || event.shiftKey) return;
        event.preventDefault();
        if (!isBusy) onLookUp(lead);
    };
    /** Text copied with its markup comes in as its words alone. */
    const paste = (event: ClipboardEvent<HTMLTextAreaElement>) => {
        const pasted = event.clipboardData.files[0];
        if (pasted === undefined) return;
        event.preventDefault();
        onFile(pasted);
    };
    const lines = lead.split(/\r?\n/).filter((line) => line.trim() !== '').length;
    return (
        <div className={styles.lead}>
            <form onSubmit={submit} aria-busy={isBusy}>
                <textarea
                    data-lead=""
                    aria-label={say.label}
                    aria-describedby="lead-problem"
                    rows={1}
                    value={lead}
                    onChange={(event) => onLead(event.target.value)}
                    onKeyDown={onKey}
                    onPaste={paste}
                    placeholder={say.hint}
                    autoComplete="off"
                    spellCheck={false}
                />
                <Button type="primary" htmlType="submit" disabled={isBusy}>
                    {say.lookUp}
                </Button>
            </form>
            <div id="lead-problem" role="alert">
                {problem !== '' && <p className={ui.notice}>{problem}</p>}
            </div>
            <div className={styles.under}>
                <span className={ui.acts}>
                    {lines > 1 ? (
                        <span>{say.lines(lines)}</span>
                    ) : (
                        <>
                            <button className={ui.link} type="button" onClick={() => setScanning(true)}>
                                {say.scan}
                            </button>
                            <button className={ui.link} type="button" onClick={() => file.current?.click()}>
                                {say.open}
                            </button>
                        </>
                    )}
                </span>
                <button className={ui.link} type="button" data-begin="" onClick={onByHand}>
                    {say.byHand}
                </button>
            </div>
            <input
                ref={file}
                type="file"
                hidden
                accept=".ris,.bib,.json,.xml,.html,.htm,.txt"
                aria-label={say.file}
                onChange={(event) => {
                    const chosen = event.target.files?.[0];
                    if (chosen !== undefined) onFile(chosen);
                    event.target.value = '';
                }}
            />
            {scanning && (
                <Suspense fallback={null}>
                    <Barcode
                        onClose={() => {
                            setScanning(false);
                            focusOn('[data-lead]');
                        }}
                        onFound={(isbn) => {
                            setScanning(false);
                            onLead(isbn);
                            onLookUp(isbn);
                            focusOn('[data-lead]');
                        }}
                    />
                </Suspense>
            )}
        </div>
    );
});
