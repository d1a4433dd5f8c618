import { Input, Select } from 'antd';
import { useState } from 'react';
import type { Mention, PageEntry, Words } from '../api/types';
import { copied } from './words';

const PLACES: Record<string, string> = {
    page: 'Page',
    paragraph: 'Paragraph',
    chapter: 'Chapter',
    section: 'Section',
    heading: 'Heading',
    part: 'Part',
    volume: 'Volume',
    line: 'Line',
    verse: 'Verse',
    act: 'Act, scene, line',
    scene: 'Scene',
    time: 'Time',
    slide: 'Slide',
    figure: 'Figure',
    table: 'Table',
};

const EXAMPLES: Record<string, string> = {
    page: '15 or 15-17',
    time: '1:20',
    act: '3.1.45',
    verse: 'Gulls 1.3',
    heading: 'Results',
};

export const NOWHERE: Mention = {
    kind: 'page',
    place: '',
    quoting: '',
    later: false,
    figure: { number: '1', words: '', adapted: false, rights: '' },
};

interface Props {
    entry: PageEntry;
    mention: Mention;
    abbreviated: boolean;
    locators: string[];
    onMention: (mention: Mention) => void;
    onCopy: (html: string, text: string) => void;
}

/** The in-text citation, with its place in the source, in both its forms. */
export function InText({ entry, mention, abbreviated, locators, onMention, onCopy }: Props) {
    const [more, setMore] = useState(false);
    const set = (part: Partial<Mention>) => onMention({ ...mention, ...part });
    const forms: [string, Words][] = [
        ['After your sentence', entry.citation ?? []],
        ['With the name in it', entry.narrative ?? []],
    ];
    return (
        <section className="cite" aria-label="In your text">
            <h3>In your text</h3>
            <div className="where">
                <Select
                    aria-label="Kind of place"
                    value={mention.kind}
                    popupMatchSelectWidth={170}
                    options={locators.map((id) => ({ value: id, label: PLACES[id] ?? id }))}
                    onChange={(kind: Mention['kind']) => set({ kind })}
                />
                <Input
                    aria-label="Place in the source"
                    value={mention.place}
                    maxLength={80}
                    placeholder={EXAMPLES[mention.kind] ?? '2'}
                    onChange={(event) => set({ place: event.target.value })}
                />
                <button className="link" type="button" aria-expanded={more} onClick={() => setMore(!more)}>
                    {more ? 'Less' : 'More'}
                </button>
            </div>
            {more && (
                <div className="extra">
                    <label>
                        <span>The source quotes somebody else’s words. Whose, and from when?</span>
                        <Input
                            value={mention.quoting}
                            maxLength={200}
                            placeholder="Oake, 1898"
                            onChange={(event) => set({ quoting: event.target.value })}
                        />
                    </label>
                    {abbreviated && (
                        <label className="check">
                            <input
                                type="checkbox"
                                checked={mention.later}
                                onChange={(event) => set({ later: event.target.checked })}
                            />
                            <span>Your text has named this organisation before</span>
                        </label>
                    )}
                </div>
            )}
            {forms.map(([when, words]) => (
                <p key={when}>
                    <span className="soft">{when}</span>{' '}
                    <code>{words.map(([text, italic], i) => (italic ? <i key={i}>{text}</i> : text))}</code>{' '}
                    <button
                        className="link"
                        type="button"
                        aria-label={`Copy ${copied(words).text}`}
                        onClick={() => onCopy(copied(words).html, copied(words).text)}
                    >
                        Copy
                    </button>
                </p>
            ))}
        </section>
    );
}
