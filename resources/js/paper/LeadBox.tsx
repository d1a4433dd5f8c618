import { Button } from 'antd';
import { useState, type FormEvent } from 'react';
import type { Problem } from '../api/client';

interface Props {
    onLookUp: (lead: string) => Promise<void>;
    onByHand: (kind: string, title: string) => Promise<void>;
}

/** Where a student pastes what they have. What is typed stays until it has become a source. */
export function LeadBox({ onLookUp, onByHand }: Props) {
    const [lead, setLead] = useState('');
    const [busy, setBusy] = useState(false);
    const [problem, setProblem] = useState('');

    const run = async (work: () => Promise<void>) => {
        setBusy(true);
        setProblem('');
        try {
            await work();
            setLead('');
        } catch (error) {
            setProblem((error as Problem).message);
        } finally {
            setBusy(false);
        }
    };

    const submit = (event: FormEvent) => {
        event.preventDefault();
        void run(() => onLookUp(lead));
    };
    const title = /^https?:|^www\./i.test(lead.trim()) ? '' : lead.trim().slice(0, 2000);

    return (
        <div className="lead">
            <form onSubmit={submit} aria-busy={busy}>
                <input
                    aria-label="Address of a web page"
                    aria-describedby="lead-problem"
                    value={lead}
                    onChange={(event) => setLead(event.target.value)}
                    placeholder="Paste the address of a web page"
                    autoComplete="off"
                    spellCheck={false}
                />
                <Button type="primary" htmlType="submit" disabled={busy}>
                    {busy ? 'Looking …' : 'Look it up'}
                </Button>
            </form>
            <div id="lead-problem" role="alert">
                {problem !== '' && <p className="notice">{problem}</p>}
            </div>
            <div className="under">
                <span>{busy ? 'Fetching the page and reading it. This can take a few seconds.' : 'Not on the web?'}</span>
                <span className="inline">
                    <button className="link" type="button" disabled={busy} onClick={() => void run(() => onByHand('book', title))}>
                        Fill in a book by hand
                    </button>
                    <button className="link" type="button" disabled={busy} onClick={() => void run(() => onByHand('web-page', title))}>
                        Something else
                    </button>
                </span>
            </div>
        </div>
    );
}
