import '@fontsource/tinos/latin-400.css';
import '@fontsource/tinos/latin-400-italic.css';
import '@fontsource/tinos/latin-700.css';
import '@fontsource/tinos/latin-ext-400.css';
import '@fontsource/tinos/latin-ext-400-italic.css';
import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router-dom';
import { call, Problem } from '../api/client';
import type { EarlierState, RemovedSource } from '../api/types';
import { HeldDialogs } from '../keep/HeldDialogs';
import { outbox, paperPath, sourcePath } from '../keep/outboxOfThisTab';
import { Bin } from '../kept/Bin';
import { EarlierStates } from '../kept/EarlierStates';
import { LeadBox } from '../lookup/LeadBox';
import { LookupList } from '../lookup/LookupList';
import { useLead } from '../lookup/useLead';
import { useLookups } from '../lookup/useLookups';
import { Sheets } from '../page/Sheets';
import { NOWHERE } from '../sources/InText';
import { KindChoice } from '../sources/KindChoice';
import { called } from '../sources/names';
import { SourceForm } from '../sources/SourceForm';
import { SourceList } from '../sources/SourceList';
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
    const field =
        document.querySelector<HTMLElement>(`[data-path="${path}"]`) ??
        document.querySelector<HTMLElement>(`[data-path="${general}"], [data-path="${general}.0"]`);
    field?.focus();
    field?.scrollIntoView({ block: 'center' });
    return field !== null;
}

/** Whether somebody is in the middle of typing something other than a lead. */
function isTyping(): boolean {
    const at = document.activeElement;
    return at instanceof HTMLElement && at.matches('input, textarea, select') && !at.matches('[data-lead]');
}

interface Said {
    text: string;
    undo?: () => void;
}

/** One paper: what you know at the left, what it becomes at the right. */
export default function PaperScreen() {
    const { paperId = '' } = useParams();
    // Another paper is another screen: nothing of the one before stays.
    return <Paper key={paperId} paperId={paperId} />;
}

function Paper({ paperId }: { paperId: string }) {
    const { sourceId = null } = useParams();
    const navigate = useNavigate();
    const reference = useReference();
    const paper = usePaper(paperId);
    const { settings, sources, page, look, reload } = paper;
    const [lead, setLead] = useLead(paperId);
    const onNew = useCallback(() => void reload(), [reload]);
    const lookups = useLookups(paperId, paper.revision, onNew);
    const [litField, setLitField] = useState<string | null>(null);
    const [dialog, setDialog] = useState<'rules' | 'bin' | 'states' | 'settings' | null>(null);
    const [said, setSaid] = useState<Said | null>(null);
    const [shown, setShown] = useState<'left' | 'page'>('left');
    const wantedField = useRef<string | null>(null);
    const open = sourceId === null ? undefined : sources[sourceId];

    useEffect(() => {
        document.title = `${settings?.title || 'Paper without a title'} · Bibrel`;
    }, [settings?.title]);

    useEffect(() => {
        if (wantedField.current !== null && open !== undefined && focusField(wantedField.current))
            wantedField.current = null;
    }, [open]);

    const cited = sourceId === null ? undefined : page?.entries.find((entry) => entry.id === sourceId);
    const [mention, setMention] = useState(NOWHERE);
    useEffect(() => setMention(NOWHERE), [sourceId]);
    useEffect(() => {
        if (open !== undefined && cited !== undefined && cited.citation === undefined)
            look({ ...open.source, id: open.id }, mention);
    }, [open, cited, look, mention]);

    const go = useCallback(
        (id: string | null) => void navigate(id === null ? `/papers/${paperId}` : `/papers/${paperId}/sources/${id}`),
        [navigate, paperId],
    );

    // What was looked up here opens by itself only where it pulls nobody away from anything.
    const quiet = sourceId !== null || lead !== '';
    const { lookups: rows, started, dismiss } = lookups;
    useEffect(() => {
        const done = rows.find(
            (one) =>
                started.has(one.id) &&
                one.state === 'added' &&
                one.batch === null &&
                one.added === null &&
                one.source !== null,
        );
        if (done === undefined || quiet || isTyping() || sources[done.source!] === undefined) return;
        go(done.source);
        void dismiss(done);
    }, [rows, started, dismiss, quiet, sources, go]);

    const bin = useQuery<RemovedSource[]>({
        queryKey: ['bin', paperId],
        queryFn: () => call<RemovedSource[]>('GET', `${paperPath(paperId)}/bin`),
    });

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

    const say = useCallback((text: string, undo?: () => void) => setSaid({ text, undo }), []);
    const tried = useCallback((work: Promise<unknown>) => void work.catch((error: Error) => say(error.message)), [say]);

    if (settings === null || page === null || reference === null) {
        const problem = paper.problem;
        return problem === null ? (
            <p className="papers soft">Opening the paper …</p>
        ) : (
            <NotOpened paperId={paperId} problem={problem} onBack={onNew} />
        );
    }

    const style = reference.styles.find((one) => one.id === settings.style) ?? reference.styles[0]!;
    const progress = outbox.progress();
    const copy = (id: string | null, formatted: boolean) =>
        tried(
            copyOut(paperId, id, formatted).then(() =>
                say(
                    id === null
                        ? 'The page is on the clipboard. Paste it into your document.'
                        : 'The entry is on the clipboard.',
                ),
            ),
        );
    const remove = async (id: string) => {
        const name = called(sources[id]!.source);
        if (id === sourceId) go(null);
        await paper.remove(id);
        say(`“${name}” was removed.`, () => tried(paper.restore(id)));
    };
    const goBack = async (path: string, state: EarlierState) => {
        await outbox.delivered(path);
        await call('POST', `${path}/states/${state.id}/restore`);
        setDialog(null);
        await reload();
        say('It is as it was then. How it stood before is kept under “Earlier states”.');
    };
    const removed = bin.data ?? [];

    return (
        <div className="screen">
            <TopBar
                settings={settings}
                reference={reference}
                save={progress}
                onChange={paper.change}
                onRules={() => setDialog('rules')}
                onCopy={(formatted) => copy(null, formatted)}
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
                    <LeadBox
                        lead={lead}
                        onLead={setLead}
                        onLookUp={(text) => lookups.start(text)}
                        onByHand={(kind, title) =>
                            go(paper.add({ kind, ...(title === '' ? {} : { title: { main: title } }) }))
                        }
                    />
                    <div className="scroll">
                        {progress.sentence !== '' && (
                            <p className="notice" role="alert">
                                {progress.sentence}
                            </p>
                        )}
                        {paper.isCopy && progress.sentence === '' && (
                            <p className="notice" role="status">
                                Bibrel cannot be reached just now. This is the paper as it was when it was last open
                                here; go on working, and it is saved later.
                            </p>
                        )}
                        <LookupList
                            handle={lookups}
                            quiet={quiet}
                            compact={open !== undefined}
                            onOpen={go}
                            onSaid={say}
                        />
                        {open === undefined ? (
                            <>
                                <SourceList
                                    page={page}
                                    sources={sources}
                                    reference={reference}
                                    onOpen={go}
                                    onCopy={(id) => copy(id, true)}
                                    onRemove={(id) => tried(remove(id))}
                                />
                                {removed.length > 0 && (
                                    <p className="soft">
                                        <button className="link" type="button" onClick={() => setDialog('bin')}>
                                            {removed.length === 1
                                                ? 'One removed source'
                                                : `${removed.length} removed sources`}
                                        </button>
                                    </p>
                                )}
                            </>
                        ) : (
                            <>
                                <div className="head">
                                    <button className="link strong" type="button" onClick={() => go(null)}>
                                        {page.entries.length <= 1
                                            ? '‹ Back to the list'
                                            : `‹ All ${page.entries.length} sources`}
                                    </button>
                                    <KindChoice
                                        source={open.source}
                                        reference={reference}
                                        onEdit={(source) => paper.edit(open.id, source)}
                                    />
                                </div>
                                <SourceForm
                                    key={open.id}
                                    paperId={paperId}
                                    saved={open}
                                    entry={page.entries.find((entry) => entry.id === open.id)}
                                    style={style.id}
                                    family={style.family}
                                    reference={reference}
                                    onEdit={(source, dismissed) => paper.edit(open.id, source, dismissed ?? null)}
                                    onPart={() => tried(paper.makePart(open.id))}
                                    onLookUpAgain={() => tried(lookups.again(open.id))}
                                    onField={setLitField}
                                    mention={mention}
                                    onMention={(next) => {
                                        setMention(next);
                                        look({ ...open.source, id: open.id }, next);
                                    }}
                                    onCopyText={(html, text) => {
                                        copyWords(html, text);
                                        say('The citation is on the clipboard.');
                                    }}
                                />
                                <div className="more acts">
                                    <button className="link" type="button" onClick={() => copy(open.id, true)}>
                                        Copy this entry
                                    </button>
                                    <button className="link" type="button" onClick={() => setDialog('states')}>
                                        Earlier states
                                    </button>
                                    <button className="link" type="button" onClick={() => tried(remove(open.id))}>
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
                    style={style.id}
                    head={style.choices.includes('surname') ? { text: settings.surname, atLeft: false } : settings.head}
                    openSource={sourceId}
                    litField={litField}
                    onPick={pick}
                />
            </div>
            <CourseRules
                settings={settings}
                style={style}
                open={dialog === 'rules'}
                onClose={() => setDialog(null)}
                onChange={paper.change}
            >
                <button className="link" type="button" onClick={() => setDialog('settings')}>
                    Earlier settings
                </button>
            </CourseRules>
            {dialog === 'settings' && (
                <EarlierStates
                    title="Earlier settings"
                    path={`${paperPath(paperId)}/states`}
                    onClose={() => setDialog(null)}
                    onBack={(state) => tried(goBack(paperPath(paperId), state))}
                />
            )}
            {dialog === 'states' && open !== undefined && (
                <EarlierStates
                    title="Earlier states"
                    path={`${sourcePath(paperId, open.id)}/states`}
                    onClose={() => setDialog(null)}
                    onBack={(state) => tried(goBack(sourcePath(paperId, open.id), state))}
                />
            )}
            <Dialog title="Removed sources" open={dialog === 'bin'} onClose={() => setDialog(null)}>
                <Bin
                    label="Removed sources"
                    removed={removed.map((one) => ({ ...one, aside: one.kind }))}
                    onBringBack={(id) => {
                        if (removed.length === 1) setDialog(null);
                        tried(paper.restore(id));
                    }}
                />
            </Dialog>
            <HeldDialogs paperId={paperId} reference={reference} held={outbox.held()} onChanged={onNew} />
            {said !== null && <UndoBar text={said.text} onUndo={said.undo} onClose={() => setSaid(null)} />}
        </div>
    );
}

/** The paper is not to be had: it is in the bin, somebody else's, or cannot be reached. */
function NotOpened({ paperId, problem, onBack }: { paperId: string; problem: Error; onBack: () => void }) {
    const [said, setSaid] = useState('');
    const removed = problem instanceof Problem && problem.status === 410;
    const bringBack = () =>
        void call('POST', `${paperPath(paperId)}/restore`)
            .then(onBack)
            .catch((error: Error) => setSaid(error.message));
    return (
        <main className="papers">
            <h1>{removed ? 'This paper was removed' : 'This paper cannot be opened'}</h1>
            <p className="notice">{said || problem.message}</p>
            <p className="inline">
                {removed ? (
                    <Button type="primary" onClick={bringBack}>
                        Bring it back
                    </Button>
                ) : (
                    <Button onClick={onBack}>Try again</Button>
                )}
                <Link to="/">All papers</Link>
            </p>
        </main>
    );
}
