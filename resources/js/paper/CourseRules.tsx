import { Radio, Switch } from 'antd';
import type { ReactNode } from 'react';
import type { CourseRules as Rules, Settings, Style } from '../api/types';
import { Dialog } from '../ui/Dialog';
import ui from '../ui/ui.module.css';
import styles from './CourseRules.module.css';

interface Props {
    settings: Settings;
    style: Style;
    open: boolean;
    onClose: () => void;
    onChange: (part: Partial<Settings>) => void;
    /** Below the rules: what brings earlier settings back. */
    children: ReactNode;
}

/** What the teacher asks for where the style leaves a choice. */
export default function CourseRules({ settings, style, open, onClose, onChange, children }: Props) {
    const { course } = settings;
    const asks = (rule: string) => style.choices.includes(rule);
    const set = (part: Partial<Rules>) => onChange({ course: { ...course, ...part } });
    return (
        <Dialog title="Course rules" open={open} onClose={onClose}>
            <div className={styles.rules}>
                <label className={styles.line}>
                    <span>
                        Your family name, for the running head{asks('surname') ? '' : ` (${style.label} has none)`}
                    </span>
                    <input
                        className={ui.box}
                        value={settings.surname}
                        maxLength={120}
                        onChange={(event) => onChange({ surname: event.target.value })}
                    />
                </label>
                <fieldset>
                    <legend>Date of access</legend>
                    <Radio.Group
                        value={course.accessed}
                        onChange={(event) => set({ accessed: event.target.value as Rules['accessed'] })}
                    >
                        <Radio value="auto">As the style has it</Radio>
                        <Radio value="always">Always</Radio>
                        <Radio value="never">Never</Radio>
                    </Radio.Group>
                </fieldset>
                <fieldset>
                    <legend>Web addresses</legend>
                    <Radio.Group
                        value={course.addresses}
                        onChange={(event) => set({ addresses: event.target.value as Rules['addresses'] })}
                    >
                        <Radio value="auto">As the style has it</Radio>
                        <Radio value="full">With https://</Radio>
                        <Radio value="bare">Without</Radio>
                        <Radio value="none">Left out</Radio>
                    </Radio.Group>
                </fieldset>
                {asks('medium') && (
                    <fieldset>
                        <legend>Medium (Print, Web, Film …)</legend>
                        <Radio.Group
                            value={course.medium}
                            onChange={(event) => set({ medium: event.target.value as Rules['medium'] })}
                        >
                            <Radio value="auto">As the style has it</Radio>
                            <Radio value="always">Always</Radio>
                            <Radio value="never">Never</Radio>
                        </Radio.Group>
                    </fieldset>
                )}
                {asks('forJournal') && (
                    <fieldset>
                        <legend>Head of each sheet</legend>
                        <Radio.Group
                            value={course.forJournal}
                            onChange={(event) => set({ forJournal: event.target.value as boolean })}
                        >
                            <Radio value={false}>A student’s paper: page number only</Radio>
                            <Radio value={true}>As for a journal: title in capitals, too</Radio>
                        </Radio.Group>
                    </fieldset>
                )}
                {asks('threeHyphens') && (
                    <label className={styles.switch}>
                        <Switch checked={course.threeHyphens} onChange={(threeHyphens) => set({ threeHyphens })} />
                        Three hyphens for a name that repeats
                    </label>
                )}
                <label className={styles.line}>
                    <span>Heading of the page, if your teacher wants another one</span>
                    <input
                        className={ui.box}
                        value={course.heading}
                        maxLength={120}
                        placeholder="As the style has it"
                        onChange={(event) => set({ heading: event.target.value })}
                    />
                </label>
                {children}
            </div>
        </Dialog>
    );
}
