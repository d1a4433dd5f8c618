import { Button, Checkbox, Radio } from 'antd';
import { useState } from 'react';
import { Dialog } from '../ui/Dialog';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import styles from './Draft.module.css';
import type { Point } from './points';
import type { Draft } from './types';

export interface Wanted {
    replaces: boolean;
    onlyCited: boolean;
    mends: string[];
}

interface Props {
    draft: Draft;
    /** What can be put right in the copy. */
    mends: Point[];
    open: boolean;
    onClose: () => void;
    onGive: (wanted: Wanted) => void;
}

const say = words.draft;

/** Asks what the copy is to hold before it is given back. */
export function GiveBack({ draft, mends, open, onClose, onGive }: Props) {
    const [replaces, setReplaces] = useState(true);
    const [onlyCited, setOnlyCited] = useState(false);
    const [chosen, setChosen] = useState<string[]>([]);
    const ids = [...new Set(mends.map((one) => one.mend))];
    const wanted = chosen.filter((id) => ids.includes(id));
    return (
        <Dialog title={say.giveBack} open={open} onClose={onClose}>
            <div className={styles.giving}>
                <p>{say.givingAbout}</p>
                {draft.list !== null && (
                    <fieldset>
                        <legend>{say.listStands(draft.list.heading)}</legend>
                        <Radio.Group value={replaces} onChange={(event) => setReplaces(event.target.value as boolean)}>
                            <Radio value={true}>{say.replace}</Radio>
                            <Radio value={false}>{say.after}</Radio>
                        </Radio.Group>
                    </fieldset>
                )}
                <fieldset>
                    <legend>{say.which}</legend>
                    <Radio.Group value={onlyCited} onChange={(event) => setOnlyCited(event.target.value as boolean)}>
                        <Radio value={false}>{say.allSources}</Radio>
                        <Radio value={true} disabled={draft.uncited.length === 0}>
                            {say.onlyCited(draft.uncited.length)}
                        </Radio>
                    </Radio.Group>
                </fieldset>
                {ids.length > 0 && (
                    <fieldset>
                        <legend>{say.putRight}</legend>
                        {mends.map((one) => (
                            <Checkbox
                                key={one.key}
                                checked={wanted.includes(one.mend)}
                                data-mend={one.mend}
                                onChange={(event) =>
                                    setChosen(
                                        event.target.checked
                                            ? [...wanted, one.mend]
                                            : wanted.filter((id) => id !== one.mend),
                                    )
                                }
                            >
                                {say.mends[one.mend] ?? one.sentence}
                            </Checkbox>
                        ))}
                    </fieldset>
                )}
                <p className={ui.acts}>
                    <Button
                        type="primary"
                        data-give=""
                        onClick={() => onGive({ replaces: draft.list !== null && replaces, onlyCited, mends: wanted })}
                    >
                        {say.give}
                    </Button>
                </p>
            </div>
        </Dialog>
    );
}
