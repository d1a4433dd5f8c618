import { useQuery } from '@tanstack/react-query';
import { call } from '../api/client';
import type { EarlierState } from '../api/types';
import { Dialog } from '../ui/Dialog';
import { when } from './when';
import ui from '../ui/ui.module.css';
import styles from './Kept.module.css';
import { words } from '../words/english';

const say = words.kept;

interface Props {
    title: string;
    /** Where the states are listed: "papers/{id}/states". */
    path: string;
    onClose: () => void;
    onBack: (state: EarlierState) => void;
}

/** How something stood before, for 60 days; one press goes back to any of it. */
export function EarlierStates({ title, path, onClose, onBack }: Props) {
    const query = useQuery<EarlierState[]>({
        queryKey: ['states', path],
        queryFn: () => call<EarlierState[]>('GET', path),
        staleTime: 0,
        gcTime: 0,
    });
    return (
        <Dialog title={title} open onClose={onClose}>
            <p className={ui.soft}>{say.about}</p>
            {query.isPending && <p className={ui.soft}>{say.fetching}</p>}
            {query.error !== null && <p className={ui.notice}>{query.error.message}</p>}
            {query.data?.length === 0 && <p>{say.unchanged}</p>}
            <ul className={styles.kept} data-kept="" aria-label={title}>
                {query.data?.map((state) => (
                    <li key={state.id}>
                        <span className={styles.shown}>{state.shown || say.nothing}</span>
                        <button className={ui.link} type="button" onClick={() => onBack(state)}>
                            {say.goBack}
                        </button>
                        <span className={styles.when}>
                            {say.causes[state.cause]}, {when(state.at)}
                            {state.by !== '' && ` · ${say.by(state.by)}`}
                        </span>
                    </li>
                ))}
            </ul>
        </Dialog>
    );
}
