import { Fragment, useState } from 'react';
import { Dialog } from '../ui/Dialog';
import { Dot, type DotKind } from '../ui/Dot';
import { words } from '../words/english';
import styles from './HelpSheet.module.css';
import { keepSingleKey, singleKey } from './shortcuts';

const say = words.help;

/** What the keys do, and what the dots mean. */
export default function HelpSheet({ onClose }: { onClose: () => void }) {
    const [single, setSingle] = useState(singleKey());
    return (
        <Dialog title={say.title} open onClose={onClose}>
            <dl className={styles.list}>
                {say.keys.map(([key, what]) => (
                    <Fragment key={key}>
                        <dt>
                            <kbd>{key}</kbd>
                        </dt>
                        <dd>{what}</dd>
                    </Fragment>
                ))}
            </dl>
            <label className={styles.check}>
                <input
                    type="checkbox"
                    checked={single}
                    onChange={(event) => {
                        keepSingleKey(event.target.checked);
                        setSingle(event.target.checked);
                    }}
                />
                {say.single}
            </label>
            <h3 className={styles.heading}>{say.dots}</h3>
            <dl className={styles.list}>
                {say.dotMeanings.map(([dot, what]) => (
                    <Fragment key={dot}>
                        <dt>
                            <Dot kind={dot as DotKind} />
                        </dt>
                        <dd>{what}</dd>
                    </Fragment>
                ))}
            </dl>
        </Dialog>
    );
}
