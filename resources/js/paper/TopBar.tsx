import { Button, Dropdown, Select } from 'antd';
import { Link } from 'react-router-dom';
import type { Format, Reference, Settings } from '../api/types';
import { Mark } from '../ui/Mark';
import type { Progress } from '../keep/outbox';

const WORDS: Record<Progress, string> = {
    saved: 'Saved',
    saving: 'Saving …',
    waiting: 'Not saved yet',
    clash: 'Changed elsewhere',
    removed: 'Removed elsewhere',
    refused: 'Not saved',
};

interface Props {
    settings: Settings;
    reference: Reference;
    save: { state: Progress; sentence: string };
    onChange: (part: Partial<Settings>) => void;
    onRules: () => void;
    onCopy: (formatted: boolean) => void;
}

export function TopBar({ settings, reference, save, onChange, onRules, onCopy }: Props) {
    const download = (what: 'page' | 'sources') => (format: Format) => ({
        key: `${what}.${format.id}`,
        label: <a href={`/papers/${settings.id}/${what}.${format.id}`}>{`${format.label} (.${format.extension})`}</a>,
    });
    return (
        <header className="bar">
            <Link className="mark" to="/" aria-label="Bibrel, all papers">
                <Mark />
                Bibrel
            </Link>
            <Link to="/" className="soft">
                Papers
            </Link>
            <span className="soft" aria-hidden="true">
                /
            </span>
            <input
                className="title"
                aria-label="Title of the paper"
                value={settings.title}
                maxLength={300}
                placeholder="Paper without a title"
                onChange={(event) => onChange({ title: event.target.value })}
            />
            <span className="gap" />
            <span
                className={save.state === 'saved' || save.state === 'saving' ? 'saved' : 'saved open'}
                role="status"
                title={save.sentence}
            >
                {WORDS[save.state]}
            </span>
            <Select
                aria-label="Style"
                value={settings.style}
                style={{ width: 168 }}
                onChange={(style: Settings['style']) => onChange({ style })}
                options={reference.styles.map((style) => ({ value: style.id, label: style.label }))}
            />
            <Button onClick={onRules}>Course rules</Button>
            <Dropdown
                trigger={['click']}
                menu={{
                    items: [
                        {
                            type: 'group',
                            label: 'The page',
                            children: [
                                ...reference.pageFormats.map(download('page')),
                                { key: 'copy', label: 'Copy the page, formatted', onClick: () => onCopy(true) },
                                { key: 'plain', label: 'Copy the page as plain text', onClick: () => onCopy(false) },
                                { key: 'print', label: 'Print', onClick: () => window.print() },
                            ],
                        },
                        {
                            type: 'group',
                            label: 'The sources, for another program',
                            children: reference.exchangeFormats.map(download('sources')),
                        },
                    ],
                }}
            >
                <Button type="primary">Get the page ▾</Button>
            </Dropdown>
        </header>
    );
}
