import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router-dom';
import { call } from '../api/client';
import type { Mix, Paper, SavedSource, Settings } from '../api/types';
import { paperPath } from '../keep/outboxOfThisTab';
import type { Present } from '../share/useCompany';
import { called } from '../sources/names';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { more } from '../words/more';
import styles from './PaperStrip.module.css';
import { linesOf } from './strip';

const ShareDialog = lazy(() => import('../share/ShareDialog'));
const AboutDialog = lazy(() => import('./AboutDialog'));
const FromPapers = lazy(() => import('./FromPapers'));
const HandInDialog = lazy(() => import('../courses/HandInDialog'));

const say = more.strip;

interface Props {
    paper: Paper;
    settings: Settings;
    sources: Record<string, SavedSource>;
    here: Present[];
    onChange: (part: Partial<Settings>) => void;
    onReload: () => void;
}

/** What the paper is held against and who is with it, with the ways to its other half: mix, notes, company, teacher. */
export default function PaperStrip({ paper, settings, sources, here, onChange, onReload }: Props) {
    const [dialog, setDialog] = useState<'share' | 'about' | 'handIn' | 'from' | null>(null);
    const { ofCourse } = settings;
    const lines = linesOf(paper, settings);
    // Weighed anew with each state of the paper that is saved.
    const state = paper.sources.reduce((sum, one) => sum + one.version, paper.sources.length) + paper.version;
    const mix = useQuery<Mix>({
        queryKey: ['mix', paper.id, state, paper.revision],
        queryFn: () => call<Mix>('GET', `${paperPath(paper.id)}/mix`),
        enabled: lines.asked,
        placeholderData: (before) => before,
    });
    const missing = mix.data?.answers.filter((one) => !one.isMet) ?? [];
    const who = here.map((one) => {
        const source = one.at === null ? undefined : sources[one.at];
        return source === undefined ? one.name : say.at(one.name, called(source.source));
    });
    const told =
        mix.data === undefined ? '' : missing.length === 0 ? say.met : missing.map((one) => one.sentence).join(' · ');
    const close = () => setDialog(null);
    const isOwn = paper.may === 'own';
    const shares = {
        page: say.mayRead,
        read: say.mayRead,
        comment: say.mayComment,
        edit: say.mayEdit,
        own: () => '',
    }[paper.may](paper.owner);

    return (
        <div className={styles.strip} data-strip="">
            {lines.company && (
                <p className={styles.line} role="status" data-company="">
                    {who.length > 0 && <b>{say.here(who.join(', '))}. </b>}
                    {shares || (who.length === 0 && say.alone)}
                </p>
            )}
            {lines.course && (
                <p className={`${styles.line} ${ui.soft}`}>
                    {[ofCourse?.title ?? settings.className, settings.dueOn === null ? '' : more.due(settings.dueOn)]
                        .filter((one) => one !== '')
                        .join(', ')}
                </p>
            )}
            {lines.asked && (
                <p
                    className={`${styles.line} ${missing.length > 0 ? styles.missing : ui.soft}`}
                    title={told}
                    data-asked=""
                >
                    {told || '\u00a0'}
                </p>
            )}
            <p className={`${ui.acts} ${styles.ways}`}>
                {(isOwn || paper.may === 'edit') && (
                    <Link className={styles.narrow} to={`/papers/${paper.id}/draft`}>
                        {words.bar.draft}
                    </Link>
                )}
                <Link to={`/papers/${paper.id}/mix`} data-to-mix="">
                    {say.mix}
                </Link>
                <Link to={`/papers/${paper.id}/notes`} data-to-notes="">
                    {say.notes(paper.notes)}
                </Link>
                {isOwn && (
                    <button className={ui.link} type="button" onClick={() => setDialog('share')} data-share="">
                        {say.share}
                    </button>
                )}
                {isOwn && ofCourse !== null && (
                    <button className={ui.link} type="button" onClick={() => setDialog('handIn')} data-hand-in="">
                        {say.handIn}
                    </button>
                )}
                {(isOwn || paper.may === 'edit') && (
                    <button className={ui.link} type="button" onClick={() => setDialog('from')} data-from-papers="">
                        {say.from}
                    </button>
                )}
                {(isOwn || paper.may === 'edit') && (
                    <button className={ui.link} type="button" onClick={() => setDialog('about')} data-about="">
                        {say.about}
                    </button>
                )}
            </p>
            <Suspense fallback={null}>
                {dialog === 'share' && (
                    <ShareDialog
                        paperId={paper.id}
                        onClose={() => {
                            close();
                            onReload();
                        }}
                    />
                )}
                {dialog === 'about' && (
                    <AboutDialog settings={settings} onChange={onChange} onReload={onReload} onClose={close} />
                )}
                {dialog === 'from' && <FromPapers paperId={paper.id} onReload={onReload} onClose={close} />}
                {dialog === 'handIn' && ofCourse !== null && (
                    <HandInDialog paperId={paper.id} course={ofCourse} missing={missing} onClose={close} />
                )}
            </Suspense>
        </div>
    );
}
