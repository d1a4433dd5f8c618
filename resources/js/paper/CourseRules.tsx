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
    /** Below the rules: what brings earlier settings back. */
    children: ReactNode;
}

/** What the teacher asks for where the style leaves a choice. */
export default function CourseRules({ settings, style, onClose, onChange, children }: Props) {
    const { course } = settings;
    const asks = (rule: string) => style.choices.includes(rule);
    const set = (part: Partial<Rules>) => onChange({ course: { ...course, ...part } });
    const choice = <K extends keyof Rules>(
        rule: K,
        legend: string,
        options: [Rules[K] & (string | boolean), string][],
    ) => (
        <fieldset>
            <legend>{legend}</legend>
            <Radio.Group value={course[rule]} onChange={(event) => set({ [rule]: event.target.value as Rules[K] })}>
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
                {box(surname, settings.surname, undefined, (value) => onChange({ surname: value }))}
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
                        <Switch checked={course.threeHyphens} onChange={(threeHyphens) => set({ threeHyphens })} />
                        {say.threeHyphens}
                    </label>
                )}
                {asks('links') && (
                    <label className={styles.switch}>
                        <Switch checked={course.links} onChange={(links) => set({ links })} />
                        {say.links}
                    </label>
                )}
                {choice('paper', say.paper, [
                    ['letter', say.letter],
                    ['a4', say.a4],
                ])}
                {box(say.firstPage, String(course.firstPage || ''), '1', (value) =>
                    set({ firstPage: Number(value.replace(/\D/g, '').slice(0, 4)) }),
                )}
                {box(say.heading, course.heading, say.auto, (heading) => set({ heading }))}
                {children}
            </div>
        </Dialog>
    );
}
