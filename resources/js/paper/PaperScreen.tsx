import '@fontsource/tinos/latin-400.css';
import '@fontsource/tinos/latin-400-italic.css';
import '@fontsource/tinos/latin-700.css';
import '@fontsource/tinos/latin-ext-400.css';
import '@fontsource/tinos/latin-ext-400-italic.css';
import { Button } from 'antd';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router-dom';
import type { Problem } from '../api/client';
import { Sheets } from '../page/Sheets';
import { called } from '../sources/names';
import { NOWHERE } from '../sources/InText';
import { KindChoice } from '../sources/KindChoice';
import { SourceForm } from '../sources/SourceForm';
import { SourceList } from '../sources/SourceList';
import type { Found } from '../lookup/found';
import { FoundPanel } from '../lookup/FoundPanel';
import { LeadBox } from '../lookup/LeadBox';
import { Dialog } from '../ui/Dialog';
import { UndoBar } from '../ui/UndoBar';
import { copyOut, copyWords } from './clipboard';
import { CourseRules } from './CourseRules';
import { TopBar } from './TopBar';
import { usePaper } from './usePaper';
import { useReference } from './useReference';

/** Puts the cursor into the field a part of an entry came from. */
function focusField(path: string): boolean {
    const general = path.replace(/\.\d+$/, '');
    const field = document.querySelector<HTMLElement>(`[data-path="${path}"]`) ?? document.querySelector<HTMLElement>(`[data-path="${general}"], [data-path="${general}.0"]`);
    field?.focus();
    field?.scrollIntoView({ block: 'center' });
    return field !== null;
}

/** One paper: what you know at the left, what it becomes at the right. */
export default function PaperScreen() {
    const { paperId = '', sourceId = null } = useParams();
    const navigate = useNavigate();
    const reference = useReference();
    const paper = usePaper(paperId);
    const { settings, sources, page } = paper;
    const [litField, setLitField] = useState<string | null>(null);
    const [rules, setRules] = useState(false);
    const [removed, setRemoved] = useState<{ id: string; name: string } | null>(null);
    const [said, setSaid] = useState('');
    const [found, setFound] = useState<Found | null>(null);
    const [shown, setShown] = useState<'left' | 'page'>('left');
    const wantedField = useRef<string | null>(null);
    const open = sourceId === null ? undefined : sources[sourceId];

    useEffect(() => {
        document.title = `${settings?.title || 'Paper without a title'} · Bibrel`;
    }, [settings?.title]);

    useEffect(() => {
        if (wantedField.current !== null && open !== undefined && focusField(wantedField.current)) wantedField.current = null;
    }, [open]);

    const cited = sourceId === null ? undefined : page?.entries.find((entry) => entry.id === sourceId);
    const [mention, setMention] = useState(NOWHERE);
    useEffect(() => setMention(NOWHERE), [sourceId]);
    const { look, reload } = paper;
    useEffect(() => {
        if (open !== undefined && cited !== undefined && cited.citation === undefined) look({ ...open.source, id: open.id }, NOWHERE);
    }, [open, cited, look]);

    const changed = useCallback(() => void reload(), [reload]);

    const go = useCallback((id: string | null) => void navigate(id === null ? `/papers/${paperId}` : `/papers/${paperId}/sources/${id}`), [navigate, paperId]);

    const pick = useCallback(
        (id: string, field: string) => {
            setShown('left');
            if (id === sourceId) {
                requestAnimationFrame(() => focusField(field));
            } else {
                wantedField.current = field;
                go(id);
            }
        },
        [sourceId, go],
    );

    if (paper.problem !== '') {
        return (
            <main className="papers">
                <h1>This paper cannot be opened</h1>
                <p className="notice">{paper.problem}</p>
                <Link to="/">All papers</Link>
            </main>
        );
    }
    if (settings === null || page === null || reference === null) {
        return <p className="papers soft">Opening the paper …</p>;
    }

    const family = reference.styles.find((style) => style.id === settings.style)?.family ?? 'mla';
    const copy = (id: string | null, formatted: boolean) =>
        copyOut(paperId, id, formatted)
            .then(() => setSaid(id === null ? 'The page is on the clipboard. Paste it into your document.' : 'The entry is on the clipboard.'))
            .catch((error: Problem) => setSaid(error.message));
    const lookUp = async (lead: string, take: 'citation' | null = null) => {
        const became = await paper.lookUp(lead, take);
        if (became !== null && typeof became !== 'string') {
            setFound(became);
            return;
        }
        setFound((before) => (before?.kind === 'batch' ? before : null));
        if (became === null) setSaid('The records were added.');
        go(became);
    };
    const choose = async (lead: string, part: boolean) => {
        const became = await paper.lookUp(lead, part ? null : 'whole');
        if (typeof became !== 'string') return;
        if (part) await paper.ask(became, 'part');
        setFound(null);
        go(became);
    };
    const remove = async (id: string) => {
        const name = called(sources[id]!.source);
        if (id === sourceId) go(null);
        try {
            await paper.remove(id);
            setSaid('');
            setRemoved({ id, name });
        } catch (error) {
            setSaid((error as Problem).message);
        }
    };

    return (
        <div className="screen">
            <TopBar
                settings={settings}
                reference={reference}
                save={paper.save}
                onChange={paper.change}
                onRules={() => setRules(true)}
                onCopy={(formatted) => void copy(null, formatted)}
            />
            <div className="narrow-switch">
                <Button type={shown === 'left' ? 'primary' : 'default'} onClick={() => setShown('left')}>
                    Sources
                </Button>
                <Button type={shown === 'page' ? 'primary' : 'default'} onClick={() => setShown('page')}>
                    Page
                </Button>
            </div>
            <div className="halves" data-shown={shown}>
                <section className="left" aria-label="Sources">
                    <LeadBox onLookUp={lookUp} onByHand={async (kind, title) => go(await paper.add({ kind, ...(title === '' ? {} : { title: { main: title } }) }))} />
                    <div className="scroll">
                        {paper.save.state !== 'saved' && paper.save.sentence !== '' && (
                            <p className="notice" role="alert">
                                {paper.save.sentence}
                            </p>
                        )}
                        {found !== null && (
                            <FoundPanel
                                paperId={paperId}
                                found={found}
                                onChoose={choose}
                                onTake={(lead) => lookUp(lead, 'citation')}
                                onOpen={(id) => go(id)}
                                onLookUp={lookUp}
                                onChanged={changed}
                                onClose={() => setFound(null)}
                            />
                        )}
                        {open === undefined ? (
                            <SourceList
                                page={page}
                                sources={sources}
                                reference={reference}
                                onOpen={(id) => go(id)}
                                onCopy={(id) => void copy(id, true)}
                                onRemove={(id) => void remove(id)}
                            />
                        ) : (
                            <>
                                <div className="head">
                                    <button className="link strong" type="button" onClick={() => go(null)}>
                                        {page.entries.length === 1 ? '‹ Back to the list' : `‹ All ${page.entries.length} sources`}
                                    </button>
                                    <KindChoice source={open.source} reference={reference} onEdit={(source) => paper.edit(open.id, source)} />
                                </div>
                                <SourceForm
                                    key={open.id}
                                    paperId={paperId}
                                    saved={open}
                                    entry={page.entries.find((entry) => entry.id === open.id)}
                                    family={family}
                                    reference={reference}
                                    onEdit={(source, settled) => paper.edit(open.id, source, settled ?? null)}
                                    onAsk={(what) => void paper.ask(open.id, what).catch((error: Problem) => setSaid(error.message))}
                                    onField={setLitField}
                                    mention={mention}
                                    onMention={(next) => {
                                        setMention(next);
                                        look({ ...open.source, id: open.id }, next);
                                    }}
                                    onCopyText={(html, text) => {
                                        copyWords(html, text);
                                        setSaid('The citation is on the clipboard.');
                                    }}
                                />
                                <div className="more" style={{ paddingTop: 18, display: 'flex', gap: 18 }}>
                                    <button className="link" type="button" onClick={() => void copy(open.id, true)}>
                                        Copy this entry
                                    </button>
                                    <button className="link" type="button" onClick={() => void remove(open.id)}>
                                        Remove this source
                                    </button>
                                </div>
                            </>
                        )}
                    </div>
                </section>
                <Sheets
                    page={page}
                    reference={reference}
                    head={family === 'mla' ? { text: settings.surname, atLeft: false } : settings.head}
                    openSource={sourceId}
                    litField={litField}
                    onPick={pick}
                />
            </div>
            <CourseRules settings={settings} family={family} open={rules} onClose={() => setRules(false)} onChange={paper.change} />
            <Dialog title="Changed in another tab" open={paper.conflict !== null}>
                <p>This source was changed in another tab or window while you worked on it here. Nothing is lost; which one should stay?</p>
                <p>
                    There: <b>{paper.conflict === null ? '' : called(paper.conflict.theirs.source)}</b>
                    <br />
                    Here: <b>{paper.conflict === null ? '' : called(paper.conflict.mine)}</b>
                </p>
                <div className="inline" style={{ justifyContent: 'flex-end' }}>
                    <Button onClick={() => paper.settle('theirs')}>Keep the one from there</Button>
                    <Button type="primary" onClick={() => paper.settle('mine')}>
                        Keep mine
                    </Button>
                </div>
            </Dialog>
            {removed !== null && (
                <UndoBar
                    text={`“${removed.name}” was removed.`}
                    onUndo={() => {
                        void paper.restore(removed.id);
                        setRemoved(null);
                    }}
                    onClose={() => setRemoved(null)}
                />
            )}
            {said !== '' && removed === null && (
                <div className="undo" role="status">
                    <span>{said}</span>
                    <button className="link" type="button" onClick={() => setSaid('')} aria-label="Close this message">
                        ×
                    </button>
                </div>
            )}
        </div>
    );
}
