import { Button } from 'antd';
import { lazy, memo, Suspense, useState } from 'react';
import { Link } from 'react-router-dom';
import type { Format, Reference, Settings } from '../api/types';
import type { Progress } from '../keep/outbox';
import { focusOn } from '../ui/focus';
import { Home } from '../ui/Home';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import type { CopyAs } from './clipboard';
import { download } from './downloads';
import type { Group } from './GetMenu';
import styles from './TopBar.module.css';

const GetMenu = lazy(() => import('./GetMenu'));

const say = words.bar;

/** A source that is half made, and how many of its fields are open. */
export interface Unfinished {
    id: string;
    name: string;
    count: number;
}

interface Props {
    settings: Settings;
    reference: Reference;
    save: Progress;
    saveSentence: string;
    unfinished: Unfinished[];
    /** Which half is shown where there is room for one only. */
    shown: 'left' | 'page';
    /** Whether there are notes that can go along. */
    hasNotes: boolean;
    /** Whether whoever is here may change the paper. */
    canWrite: boolean;
    onShow: (half: 'left' | 'page') => void;
    onChange: (part: Partial<Settings>) => void;
    onRules: () => void;
    onHelp: () => void;
    onCopy: (as: CopyAs) => void;
    onOpen: (source: string) => void;
}

export const TopBar = memo(function TopBar(props: Props) {
    const { settings, reference, save, unfinished, shown } = props;
    // The menu is fetched when somebody first wants it.
    const [isWanted, setWanted] = useState(false);
    const choose = (key: string) => {
        // Where a choice leads nowhere else, the focus goes back to what opened the menu.
        if (!key.startsWith('open:')) focusOn('[data-get]');
        if (key.startsWith('file:')) download(`/papers/${settings.id}/${key.slice(5)}`);
        else if (key.startsWith('open:')) props.onOpen(key.slice(5));
        else if (key.startsWith('copy:')) props.onCopy(key.slice(5) as CopyAs);
        else if (key === 'print') window.print();
    };
    const file = (what: 'page' | 'sources') => (format: Format) => ({
        key: `file:${what}.${format.id}`,
        label: `${format.label} (.${format.extension})`,
    });
    const items: Group[] = [
        {
            label: say.unfinished,
            items: unfinished.map((one) => ({ key: `open:${one.id}`, label: say.unfinishedOne(one.name, one.count) })),
        },
        {
            label: say.page,
            items: [
                ...reference.pageFormats.map(file('page')),
                ...(props.hasNotes ? [{ key: 'file:page.docx?notes=1', label: say.withNotes }] : []),
                { key: 'copy:formatted', label: say.copy },
                { key: 'copy:plain', label: say.plain },
                { key: 'copy:markdown', label: say.markdown },
                { key: 'print', label: say.print },
            ],
        },
        { label: say.records, items: reference.exchangeFormats.map(file('sources')) },
    ].filter((group) => group.items.length > 0);
    const button = (
        <Button type="primary" aria-haspopup="menu" aria-expanded={false} data-get="" onClick={() => setWanted(true)}>
            {say.get} <span aria-hidden="true">▾</span>
        </Button>
    );
    return (
        <header className={styles.bar}>
            <Home />
            <Link to="/" className={styles.papers}>
                {say.papers}
            </Link>
            <span className={styles.slash} aria-hidden="true">
                /
            </span>
            <input
                className={styles.title}
                aria-label={say.title}
                value={settings.title}
                maxLength={300}
                placeholder={words.nameless}
                data-title=""
                readOnly={!props.canWrite}
                onChange={(event) => props.onChange({ title: event.target.value })}
            />
            <span
                className={save === 'saved' || save === 'saving' ? styles.saved : `${styles.saved} ${styles.unsaved}`}
                title={props.saveSentence}
                data-saved={save}
            >
                {say.states[save]}
            </span>
            <span className={styles.choices}>
                <span className={styles.halves} role="group" aria-label={words.paper.page}>
                    {(['left', 'page'] as const).map((half) => (
                        <button
                            key={half}
                            type="button"
                            aria-pressed={shown === half}
                            data-half={half}
                            onClick={() => props.onShow(half)}
                        >
                            {half === 'left' ? words.paper.sources : words.paper.page}
                        </button>
                    ))}
                </span>
                <select
                    className={`${ui.box} ${styles.style}`}
                    aria-label={say.style}
                    value={settings.style}
                    data-style=""
                    disabled={!props.canWrite}
                    onChange={(event) => props.onChange({ style: event.target.value as Settings['style'] })}
                >
                    {reference.styles.map((style) => (
                        <option key={style.id} value={style.id}>
                            {style.label}
                        </option>
                    ))}
                </select>
                {props.canWrite && (
                    <>
                        <Link className={styles.draft} to={`/papers/${settings.id}/draft`} data-to-draft="">
                            {say.draft}
                        </Link>
                        <Button onClick={props.onRules} data-rules="">
                            {say.rules}
                        </Button>
                    </>
                )}
            </span>
            <button className={styles.help} type="button" aria-label={say.help} data-help="" onClick={props.onHelp}>
                ?
            </button>
            {isWanted ? (
                <Suspense fallback={button}>
                    <GetMenu items={items} onChoose={choose} startsOpen>
                        {button}
                    </GetMenu>
                </Suspense>
            ) : (
                button
            )}
        </header>
    );
});
