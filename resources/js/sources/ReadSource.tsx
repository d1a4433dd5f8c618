import type { ReactNode } from 'react';
import type { PageEntry, Reference, SavedSource, Style } from '../api/types';
import { words } from '../words/english';
import ui from '../ui/ui.module.css';
import { called, listed } from './names';
import { hasValue, peopleAt, textAt } from './paths';
import styles from './ReadSource.module.css';

interface Props {
    saved: SavedSource;
    entry: PageEntry | null;
    style: Style;
    reference: Reference;
    /** How many sources there are to go back to. */
    count: number;
    onBack: () => void;
    children: ReactNode;
}

/** A source for somebody who may not change it: what is filled in, in the order of the style. */
export function ReadSource({ saved, entry, style, reference, count, onBack, children }: Props) {
    const { source } = saved;
    const kind = reference.kinds.find((one) => one.id === source.kind) ?? reference.kinds[0]!;
    const fields = (kind.orders[style.family] ?? [])
        .flatMap((path) => kind.fields.filter((field) => field.path === path))
        .filter((field) => hasValue(source, field.path));
    return (
        <div className={styles.read} data-read-source={saved.id} tabIndex={-1}>
            <button className={ui.link} type="button" onClick={onBack}>
                {words.form.back(count)}
            </button>
            <h2>{called(source)}</h2>
            <p className={ui.soft}>{kind.label}</p>
            {entry !== null && <p className={styles.entry}>{entry.runs.map((run) => run[0]).join('')}</p>}
            <dl>
                {fields.map((field) => (
                    <div key={field.path} data-path={field.path} tabIndex={-1}>
                        <dt>{field.label}</dt>
                        <dd>
                            {field.form === 'people'
                                ? listed(peopleAt(source, field.path))
                                : textAt(source, field.path).replace(/<\/?[a-z]+>/g, '')}
                        </dd>
                    </div>
                ))}
            </dl>
            {children}
        </div>
    );
}
