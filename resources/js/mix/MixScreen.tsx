import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { lazy, Suspense, useCallback, useEffect, useState } from 'react';
import { Link, useParams } from 'react-router-dom';
import { call } from '../api/client';
import type { Mix, Source, WeighedSource } from '../api/types';
import { outbox, paperPath } from '../keep/outboxOfThisTab';
import { usePaper } from '../paper/usePaper';
import { Dot } from '../ui/Dot';
import { Way } from '../ui/Way';
import ui from '../ui/ui.module.css';
import { more } from '../words/more';
import { Chart } from './Chart';
import styles from './Mix.module.css';

const AboutDialog = lazy(() => import('../paper/AboutDialog'));

const say = more.mix;

/** What the sources of a paper are, in charts and tables, held against what is asked; and what only the student can say. */
export default function MixScreen() {
    const { paperId = '' } = useParams();
    const paper = usePaper(paperId);
    const { settings, sources, company, edit, change, reload } = paper;
    const [asks, setAsks] = useState(false);
    // Weighed anew with each state that is saved.
    const state = (company?.sources.reduce((sum, one) => sum + one.version, 0) ?? 0) + (company?.version ?? 0);
    const { data: mix } = useQuery<Mix>({
        queryKey: ['mix', paperId, state, company?.revision],
        queryFn: () => call<Mix>('GET', `${paperPath(paperId)}/mix`),
        enabled: company !== null,
        placeholderData: (before) => before,
    });
    useEffect(() => {
        document.title = say.tab(settings?.title ?? '');
    }, [settings?.title]);

    const onSay = useCallback(
        (id: string, part: Partial<Source>) => {
            const saved = sources[id];
            if (saved === undefined) return;
            edit(id, { ...saved.source, ...part });
            outbox.flush();
        },
        [sources, edit],
    );
    const canWrite = company?.may === 'own' || company?.may === 'edit';
    const ofCourse = settings?.ofCourse ?? null;

    return (
        <>
            <Way paperId={paperId} title={settings?.title ?? ''} here={say.heading} />
            <main className={styles.screen}>
                {paper.problem !== null && <p className={ui.notice}>{paper.problem.message}</p>}
                <p className={ui.soft}>{say.about}</p>
                {mix !== undefined && (
                    <section className={styles.enough} aria-label={say.enough} data-enough="">
                        <h2>
                            {say.enough}
                            {ofCourse !== null && <span className={ui.soft}> {say.ofCourse(ofCourse.title)}</span>}
                        </h2>
                        {mix.answers.length === 0 ? (
                            <p>{say.askNothing}</p>
                        ) : (
                            <ul>
                                {mix.answers.map((one) => (
                                    <li key={one.id} data-answer={one.id} data-met={one.isMet || undefined}>
                                        <Dot kind={one.isMet ? 'stated' : 'guess'} />
                                        <span>
                                            <span className={ui.hidden}>{one.isMet ? say.met : say.unmet}: </span>
                                            {one.sentence}
                                            {one.hint !== '' && <span className={ui.soft}> {one.hint}</span>}
                                            {!one.isMet &&
                                                one.id !== 'scholarly' &&
                                                one.sources.slice(0, 3).map((id) => {
                                                    const named = mix.sources.find((other) => other.id === id);
                                                    return named === undefined ? null : (
                                                        <span key={id}>
                                                            {' '}
                                                            <Link to={`/papers/${paperId}/sources/${id}`}>
                                                                {named.name}
                                                            </Link>
                                                        </span>
                                                    );
                                                })}
                                        </span>
                                    </li>
                                ))}
                            </ul>
                        )}
                        {canWrite && ofCourse === null && (
                            <Button onClick={() => setAsks(true)} data-ask="">
                                {say.ask}
                            </Button>
                        )}
                    </section>
                )}
                {mix?.count === 0 && <p className={ui.notice}>{say.none}</p>}
                {mix !== undefined && mix.count > 0 && (
                    <>
                        <div className={styles.charts}>
                            {mix.measures.map((measure) => (
                                <Chart key={measure.id} measure={measure} count={mix.count} />
                            ))}
                        </div>
                        <section className={styles.each} aria-label={say.each}>
                            <h2>{say.each}</h2>
                            <table className={styles.table} data-each="">
                                <thead>
                                    <tr>
                                        <th scope="col">{say.source}</th>
                                        <th scope="col">{say.primacy}</th>
                                        <th scope="col">{say.scholarly}</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    {mix.sources.map((one) => (
                                        <Row
                                            key={one.id}
                                            one={one}
                                            paperId={paperId}
                                            said={sources[one.id]?.source}
                                            canWrite={canWrite}
                                            onSay={onSay}
                                        />
                                    ))}
                                </tbody>
                            </table>
                        </section>
                    </>
                )}
            </main>
            {asks && settings !== null && (
                <Suspense fallback={null}>
                    <AboutDialog
                        settings={settings}
                        onChange={change}
                        onReload={() => void reload()}
                        onClose={() => {
                            setAsks(false);
                            outbox.flush();
                        }}
                    />
                </Suspense>
            )}
        </>
    );
}

interface RowProps {
    one: WeighedSource;
    paperId: string;
    said: Source | undefined;
    canWrite: boolean;
    onSay: (id: string, part: Partial<Source>) => void;
}

function Row({ one, paperId, said, canWrite, onSay }: RowProps) {
    const choice = (key: 'primacy' | 'scholarly', label: string, options: [string, string][]) => (
        <select
            className={ui.pick}
            aria-label={`${label} ${one.name}`}
            value={said?.[key] ?? ''}
            disabled={!canWrite}
            onChange={(event) => onSay(one.id, { [key]: event.target.value })}
            data-say={key}
        >
            {options.map(([value, text]) => (
                <option key={value} value={value}>
                    {text}
                </option>
            ))}
        </select>
    );
    const answer = { yes: say.yes, no: say.no, '': say.unknown }[one.scholarly] ?? say.unknown;
    return (
        <tr data-weighed={one.id}>
            <th scope="row">
                <Link to={`/papers/${paperId}/sources/${one.id}`}>{one.name}</Link>
            </th>
            <td>
                {choice('primacy', say.primacy, [
                    ['', say.unsaid],
                    ['primary', say.primary],
                    ['secondary', say.secondary],
                ])}
            </td>
            <td>
                <span className={styles.finding}>
                    <Dot
                        kind={one.confidence === 'stated' ? 'stated' : one.confidence === 'likely' ? 'likely' : 'guess'}
                    />
                    <span>
                        <b>{answer}</b>, {say.sure[one.confidence]}. <span className={ui.soft}>{one.evidence}</span>
                    </span>
                </span>
                {choice('scholarly', say.scholarly, [
                    ['', say.byEvidence],
                    ['yes', say.yes],
                    ['no', say.no],
                ])}
            </td>
        </tr>
    );
}
