import { useState } from 'react';
import { call } from '../api/client';
import type { Settings } from '../api/types';
import { paperPath } from '../keep/outboxOfThisTab';
import { Alert } from '../ui/Alert';
import { Dialog } from '../ui/Dialog';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { more } from '../words/more';
import styles from './About.module.css';
import { AskedFields } from './AskedFields';
import { useReference } from './useReference';

const say = more.about;

interface Props {
    settings: Settings;
    onChange: (part: Partial<Settings>) => void;
    onReload: () => void;
    onClose: () => void;
}

/** What the paper is for, by when, what it asks, and what is asked of its sources. */
export default function AboutDialog({ settings, onChange, onReload, onClose }: Props) {
    const reference = useReference();
    const tell = useSay();
    const [problem, setProblem] = useState('');
    const { ofCourse } = settings;
    const leave = () =>
        void call('DELETE', `${paperPath(settings.id)}/course`)
            .then(() => {
                onReload();
                tell(say.leftCourse);
            })
            .catch((error: Error) => setProblem(error.message));
    return (
        <Dialog title={say.title} open onClose={onClose}>
            <div className={styles.about}>
                <Alert>{problem}</Alert>
                <div className={styles.pair}>
                    <label>
                        <span>{say.class}</span>
                        <input
                            className={ui.box}
                            value={settings.className}
                            maxLength={120}
                            onChange={(event) => onChange({ className: event.target.value })}
                            data-class=""
                        />
                    </label>
                    <label>
                        <span>{say.due}</span>
                        <input
                            className={ui.box}
                            type="date"
                            value={settings.dueOn ?? ''}
                            onChange={(event) => onChange({ dueOn: event.target.value || null })}
                            data-due=""
                        />
                    </label>
                </div>
                <label>
                    <span>{say.question}</span>
                    <textarea
                        className={ui.box}
                        rows={2}
                        maxLength={600}
                        placeholder={say.questionHint}
                        value={settings.question}
                        onChange={(event) => onChange({ question: event.target.value })}
                        data-question=""
                    />
                </label>
                {ofCourse !== null ? (
                    <p className={ui.notice}>
                        {say.ofCourse(ofCourse.title)}{' '}
                        <button className={ui.link} type="button" onClick={leave}>
                            {say.leaveCourse}
                        </button>
                    </p>
                ) : (
                    reference !== null && (
                        <fieldset>
                            <legend>{say.asked}</legend>
                            <p className={ui.soft}>{say.askedAbout}</p>
                            <AskedFields
                                asked={settings.asked}
                                reference={reference}
                                onChange={(asked) => onChange({ asked })}
                            />
                        </fieldset>
                    )
                )}
            </div>
        </Dialog>
    );
}
