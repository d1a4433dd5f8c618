import { Button } from 'antd';
import {
    lazy,
    Suspense,
    useRef,
    useState,
    type ClipboardEvent,
    type DragEvent,
    type FormEvent,
    type KeyboardEvent,
} from 'react';
import type { Problem } from '../api/client';
import type { KindId } from '../api/types';

const Barcode = lazy(() => import('./Barcode'));

/** A file of records is text; anything larger is something else. */
const LARGEST = 900_000;

interface Props {
    lead: string;
    onLead: (lead: string | ((before: string) => string)) => void;
    onLookUp: (lead: string) => Promise<void>;
    onByHand: (kind: KindId, title: string) => void;
}

/** Where a student pastes what they have. What is typed stays until it is being looked up; what is typed next is left alone. */
export function LeadBox({ lead, onLead: setLead, onLookUp, onByHand }: Props) {
    const [busy, setBusy] = useState(false);
    const [over, setOver] = useState(false);
    const [scanning, setScanning] = useState(false);
    const [problem, setProblem] = useState('');
    const file = useRef<HTMLInputElement>(null);

    const run = async (text: string) => {
        setBusy(true);
        setProblem('');
        try {
            await onLookUp(text);
            // What was typed or pasted meanwhile stays.
            setLead((now) => (now === text ? '' : now));
        } catch (error) {
            setProblem((error as Problem).message);
        } finally {
            setBusy(false);
        }
    };
    const lookUp = (text: string) => void run(text);
    const byHand = (kind: KindId) => {
        setProblem('');
        onByHand(kind, title);
        setLead('');
    };
    const submit = (event: FormEvent) => {
        event.preventDefault();
        lookUp(lead);
    };
    const onKey = (event: KeyboardEvent) => {
        if (event.key !== 'Enter' || event.shiftKey) return;
        event.preventDefault();
        if (!busy) lookUp(lead);
    };
    const takeFile = async (chosen: File | undefined) => {
        if (chosen === undefined) return;
        if (chosen.size > LARGEST) {
            setProblem(`“${chosen.name}” is too large to be a file of records. Export fewer records at a time.`);
            return;
        }
        const text = await chosen.text();
        setLead(text);
        lookUp(text);
    };
    const drop = (event: DragEvent) => {
        event.preventDefault();
        setOver(false);
        void takeFile(event.dataTransfer.files[0]);
    };
    /** Text copied with its markup comes in as its words alone. */
    const paste = (event: ClipboardEvent<HTMLTextAreaElement>) => {
        if (event.clipboardData.files.length > 0) {
            event.preventDefault();
            void takeFile(event.clipboardData.files[0]);
        }
    };
    const lines = lead.split(/\r?\n/).filter((line) => line.trim() !== '').length;
    const title = /^https?:|^www\./i.test(lead.trim()) ? '' : lead.trim().slice(0, 2000);

    return (
        <div
            className={over ? 'lead over' : 'lead'}
            onDragOver={(event) => {
                event.preventDefault();
                setOver(true);
            }}
            onDragLeave={() => setOver(false)}
            onDrop={drop}
        >
            <form onSubmit={submit} aria-busy={busy}>
                <textarea
                    data-lead=""
                    aria-label="What you have: a link, ISBN, DOI, title or citation"
                    aria-describedby="lead-problem"
                    rows={1}
                    value={lead}
                    onChange={(event) => setLead(event.target.value)}
                    onKeyDown={onKey}
                    onPaste={paste}
                    placeholder="Paste a link, ISBN, DOI, title or finished citation"
                    autoComplete="off"
                    spellCheck={false}
                />
                <Button type="primary" htmlType="submit" disabled={busy}>
                    Look it up
                </Button>
            </form>
            <div id="lead-problem" role="alert">
                {problem !== '' && <p className="notice">{problem}</p>}
            </div>
            <div className="under">
                <span className="inline">
                    {lines > 1 ? (
                        <span>{lines} lines: each is looked up.</span>
                    ) : (
                        <>
                            <button className="link" type="button" onClick={() => setScanning(true)}>
                                Scan a barcode
                            </button>
                            <button className="link" type="button" onClick={() => file.current?.click()}>
                                Open a file
                            </button>
                        </>
                    )}
                </span>
                <span className="inline">
                    <button className="link" type="button" onClick={() => byHand('book')}>
                        Fill in a book by hand
                    </button>
                    <button className="link" type="button" onClick={() => byHand('web-page')}>
                        Something else
                    </button>
                </span>
            </div>
            <input
                ref={file}
                type="file"
                hidden
                accept=".ris,.bib,.json,.txt,application/x-research-info-systems,application/json,text/plain"
                aria-label="A file of records"
                onChange={(event) => {
                    void takeFile(event.target.files?.[0]);
                    event.target.value = '';
                }}
            />
            {scanning && (
                <Suspense fallback={null}>
                    <Barcode
                        onClose={() => setScanning(false)}
                        onFound={(isbn) => {
                            setScanning(false);
                            setLead(isbn);
                            lookUp(isbn);
                        }}
                    />
                </Suspense>
            )}
        </div>
    );
}
