import { Button, Dropdown, Select } from 'antd';
import { memo, useState } from 'react';
import { Link } from 'react-router-dom';
import type { Format, Reference, Settings } from '../api/types';
import type { Progress } from '../keep/outbox';
import { focusOn } from '../ui/focus';
import { Mark } from '../ui/Mark';
import { words } from '../words/english';
import { download } from './downloads';
import styles from './TopBar.module.css';

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
    onShow: (half: 'left' | 'page') => void;
    onChange: (part: Partial<Settings>) => void;
    onRules: () => void;
    onHelp: () => void;
    onCopy: (formatted: boolean) => void;
    onOpen: (source: string) => void;
}

export const TopBar = memo(function TopBar(props: Props) {
    const { settings, reference, save, unfinished, shown } = props;
    const [isOpen, setOpen] = useState(false);
    const file = (what: 'page' | 'sources') => (format: Format) => ({
        key: `file:${what}.${format.id}`,
        label: `${format.label} (.${format.extension})`,
    });
    const choose = (key: string) => {
        setOpen(false);
        // Where a choice leads nowhere else, the focus goes back to what opened the menu.
        if (!key.startsWith('open:')) focusOn('[data-get]');
        if (key.startsWith('file:')) download(`/papers/${settings.id}/${key.slice(5)}`);
        else if (key.startsWith('open:')) props.onOpen(key.slice(5));
        else if (key === 'copy' || key === 'plain') props.onCopy(key === 'copy');
        else if (key === 'print') window.print();
    };
    const first = unfinished.map((one) => ({ key: `open:${one.id}`, label: say.unfinishedOne(one.name, one.count) }));
    return (
        <header className={styles.bar}>
            <Link className={styles.mark} to="/" aria-label={say.home}>
                <Mark />
                <span>Bibrel</span>
            </Link>
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
                <Select
                    className={styles.style}
                    aria-label={say.style}
                    value={settings.style}
                    popupMatchSelectWidth={168}
                    onChange={(style: Settings['style']) => props.onChange({ style })}
                    options={reference.styles.map((style) => ({ value: style.id, label: style.label }))}
                />
                <Button onClick={props.onRules} data-rules="">
                    {say.rules}
                </Button>
            </span>
            <button className={styles.help} type="button" aria-label={say.help} data-help="" onClick={props.onHelp}>
                ?
            </button>
            <Dropdown
                trigger={['click']}
                autoFocus
                open={isOpen}
                onOpenChange={setOpen}
                menu={{
                    onClick: ({ key }) => choose(key),
                    onKeyDown: (event) => {
                        if (event.key !== 'Escape') return;
                        setOpen(false);
                        focusOn('[data-get]');
                    },
                    items: [
                        ...(first.length === 0
                            ? []
                            : [{ type: 'group' as const, label: say.unfinished, children: first }]),
                        {
                            type: 'group',
                            label: say.page,
                            children: [
                                ...reference.pageFormats.map(file('page')),
                                { key: 'copy', label: say.copy },
                                { key: 'plain', label: say.plain },
                                { key: 'print', label: say.print },
                            ],
                        },
                        { type: 'group', label: say.records, children: reference.exchangeFormats.map(file('sources')) },
                    ],
                }}
            >
                <Button type="primary" aria-haspopup="menu" aria-expanded={isOpen} data-get="">
                    {say.get} <span aria-hidden="true">▾</span>
                </Button>
            </Dropdown>
        </header>
    );
});
