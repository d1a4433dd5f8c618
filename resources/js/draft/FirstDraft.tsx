import { Button } from 'antd';
import { useState } from 'react';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './Draft.module.css';

interface Props {
    /** Why the last one was refused; '' where none was. */
    problem: string;
    onChoose: () => void;
    onText: (text: string) => void;
}

const say = words.draft;

/** Before there is a draft: what it is good for, and the ways to give one. */
export function FirstDraft({ problem, onChoose, onText }: Props) {
    const [text, setText] = useState('');
    return (
        <div className={styles.begin}>
            <h2>{say.firstHeading}</h2>
            <p>{say.firstAbout}</p>
            {problem !== '' && (
                <p className={ui.notice} role="alert" data-refusal="">
                    {problem}
                </p>
            )}
            <p>
                <Button type="primary" onClick={onChoose} data-choose-draft="">
                    {say.choose}
                </Button>{' '}
                <span className={ui.soft}>{say.kinds}</span>
            </p>
            <label className={styles.paste}>
                <span>{say.orPaste}</span>
                <textarea
                    className={ui.box}
                    rows={6}
                    value={text}
                    placeholder={say.pasteHint}
                    data-draft-text=""
                    onChange={(event) => setText(event.target.value)}
                />
            </label>
            <p>
                <Button disabled={text.trim() === ''} onClick={() => onText(text)} data-give-text="">
                    {say.check}
                </Button>
            </p>
            <p className={`${ui.soft} ${ui.small}`}>{say.kept}</p>
        </div>
    );
}
