import { Button } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { PageEntry, Source, Style } from '../api/types';
import { focusOn } from '../ui/focus';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { asHtml, htmlOf } from './entryText';
import styles from './SourceForm.module.css';

interface Props {
    source: Source;
    style: Style;
    /** As it stands on the page; null while it has no entry. */
    entry: PageEntry | null;
    onEdit: (source: Source) => void;
}

const say = words.byOwnHand;

/** Where no rule fits: the entry itself is written, for one style, and goes back to the rules with one press. */
export function EntryByHand({ source, style, entry, onEdit }: Props) {
    const [isOpen, setOpen] = useState(false);
    const box = useRef<HTMLDivElement>(null);
    const written = source.corrected?.[style.id] !== undefined;
    const start = entry === null ? '' : asHtml(entry.runs);
    useEffect(() => {
        if (!isOpen || box.current === null) return;
        box.current.innerHTML = start;
        box.current.focus();
        getSelection()?.selectAllChildren(box.current);
        getSelection()?.collapseToEnd();
        // What the page comes to meanwhile does not change what is being written.
    }, [isOpen]); // eslint-disable-line react-hooks/exhaustive-deps

    const others = () => {
        const rest = { ...source.corrected };
        delete rest[style.id];
        return rest;
    };
    const close = () => {
        setOpen(false);
        focusOn('[data-write-entry]');
    };
    const keep = () => {
        const html = htmlOf(box.current!);
        if (html !== '') onEdit({ ...source, corrected: { ...others(), [style.id]: html } });
        close();
    };
    if (entry === null) return null;
    if (!isOpen)
        return (
            <div className={styles.more}>
                {written && (
                    <p className={ui.notice}>
                        {say.written(style.label)}{' '}
                        <button
                            className={ui.link}
                            type="button"
                            data-by-rules=""
                            onClick={() => onEdit({ ...source, corrected: others() })}
                        >
                            {say.back}
                        </button>
                    </p>
                )}
                <button className={ui.link} type="button" data-write-entry="" onClick={() => setOpen(true)}>
                    {written ? say.again : say.begin}
                </button>
            </div>
        );
    return (
        <div className={styles.more}>
            <p className={ui.soft}>{say.about(style.label)}</p>
            <div
                ref={box}
                className={`${ui.box} ${styles.own}`}
                contentEditable
                suppressContentEditableWarning
                role="textbox"
                aria-multiline="true"
                aria-label={say.label}
                data-own-entry=""
                onKeyDown={(event) => {
                    if (event.key === 'Enter') event.preventDefault();
                    if (event.key !== 'Escape') return;
                    event.stopPropagation();
                    close();
                }}
                onPaste={(event) => {
                    event.preventDefault();
                    const text = event.clipboardData.getData('text/plain').replace(/\s+/g, ' ');
                    document.execCommand('insertText', false, text);
                }}
            />
            <p className={ui.acts}>
                <Button type="primary" size="small" data-keep-entry="" onClick={keep}>
                    {say.use}
                </Button>
                <button
                    className={ui.link}
                    type="button"
                    // The words stay chosen while the button is pressed.
                    onMouseDown={(event) => event.preventDefault()}
                    onClick={() => document.execCommand('italic')}
                >
                    <i>{say.italic}</i>
                </button>
                <button className={ui.link} type="button" onClick={close}>
                    {say.leave}
                </button>
            </p>
        </div>
    );
}
