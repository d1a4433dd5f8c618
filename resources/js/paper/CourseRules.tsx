import { Radio, Switch } from 'antd';
import type { ReactNode } from 'react';
import type { CourseRules as Rules, Settings, Style } from '../api/types';
import { Dialog } from '../ui/Dialog';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './CourseRules.module.css';

const say = words.rules;

interface Props {
    settings: Settings;
    style: Style;
    onClose: () => void;
    onChange: (part: Partial<Settings>) => void;
    /** A teacher's own rules for a course, which name no student. */
    isCourse?: boolean;
    /** Below the rules: what brings earlier settings back. */
    children: ReactNode;
}

/** What the teacher asks for where the style leaves a choice. */
export default function CourseRules({ settings, style, isCourse = false, onClose, onChange, children }: Props) {
    const { course } = settings;
    const ofCourse = settings.ofCourse ?? null;
    const asks = (rule: string) => style.choices.includes(rule);
    const set = (part: Partial<Rules>) => onChange({ course: { ...course, ...part } });
    const choice = <K extends keyof Rules>(
        rule: K,
        legend: string,
        options: [Rules[K] & (string | boolean), string][],
    ) => (
        <fieldset>
            <legend>{legend}</legend>
            <Radio.Group
                disabled={ofCourse !== null}
                value={course[rule]}
                onChange={(event) => set({ [rule]: event.target.value as Rules[K] })}
            >
                {options.map(([value, label]) => (
                    <Radio key={String(value)} value={value}>
                        {label}
                    </Radio>
                ))}
            </Radio.Group>
        </fieldset>
    );
    const box = (label: string, value: string, hint: string | undefined, on: (value: string) => void) => (
        <label className={styles.line}>
            <span>{label}</span>
            <input
                className={ui.box}
                value={value}
                maxLength={120}
                placeholder={hint}
                onChange={(event) => on(event.target.value)}
            />
        </label>
    );
    const surname = asks('surname') ? say.surname : `${say.surname} ${say.hasNone(style.label)}`;
    return (
        <Dialog title={say.title} open onClose={onClose}>
            <div className={styles.rules}>
                {!isCourse && box(surname, settings.surname, undefined, (value) => onChange({ surname: value }))}
                {!isCourse &&
                    box(say.firstPage, String(course.firstPage || ''), '1', (value) =>
                        set({ firstPage: Number(value.replace(/\D/g, '').slice(0, 4)) }),
                    )}
                {ofCourse !== null && <p className={ui.notice}>{say.ofCourse(ofCourse.title)}</p>}
                <fieldset className={styles.set} disabled={ofCourse !== null}>
                    {choice('accessed', say.accessed, [
                        ['auto', say.auto],
                        ['always', say.always],
                        ['never', say.never],
                    ])}
                    {choice('addresses', say.addresses, [
                        ['auto', say.auto],
                        ['full', say.full],
                        ['bare', say.bare],
                        ['none', say.none],
                    ])}
                    {asks('medium') &&
                        choice('medium', say.medium, [
                            ['auto', say.auto],
                            ['always', say.always],
                            ['never', say.never],
                        ])}
                    {asks('forJournal') &&
                        choice('forJournal', say.head, [
                            [false, say.student],
                            [true, say.journal],
                        ])}
                    {asks('threeHyphens') && (
                        <label className={styles.switch}>
                            <Switch
                                disabled={ofCourse !== null}
                                checked={course.threeHyphens}
                                onChange={(threeHyphens) => set({ threeHyphens })}
                            />
                            {say.threeHyphens}
                        </label>
                    )}
                    {asks('links') && (
                        <label className={styles.switch}>
                            <Switch
                                disabled={ofCourse !== null}
                                checked={course.links}
                                onChange={(links) => set({ links })}
                            />
                            {say.links}
                        </label>
                    )}
                    {choice('paper', say.paper, [
                        ['letter', say.letter],
                        ['a4', say.a4],
                    ])}
                    {box(say.heading, course.heading, say.auto, (heading) => set({ heading }))}
                </fieldset>
                {children}
            </div>
        </Dialog>
    );
}
