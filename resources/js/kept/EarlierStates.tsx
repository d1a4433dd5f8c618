import { useQuery } from '@tanstack/react-query';
import { call } from '../api/client';
import type { EarlierState } from '../api/types';
import { Dialog } from '../ui/Dialog';
import { when } from './when';
import ui from '../ui/ui.module.css';
import styles from './Kept.module.css';

const CAUSES: Record<EarlierState['cause'], string> = {
    typed: 'Before it was changed',
    'set-aside': 'Typed here, and not chosen',
    'looked-up': 'Before it was looked up again',
    'made-part': 'Before it became one part of a book',
    'went-back': 'Before an earlier state was brought back',
};

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
            <p className={ui.soft}>
                How it stood before, for 60 days. Going back loses nothing: how it stands now is kept here, too.
            </p>
            {query.isPending && <p className={ui.soft}>Fetching them …</p>}
            {query.error !== null && <p className={ui.notice}>{query.error.message}</p>}
            {query.data?.length === 0 && <p>Nothing has changed yet, so there is nothing to go back to.</p>}
            <ul className={styles.kept} data-kept="" aria-label={title}>
                {query.data?.map((state) => (
                    <li key={state.id}>
                        <span className={styles.shown}>{state.shown || 'Nothing was filled in'}</span>
                        <button className={ui.link} type="button" onClick={() => onBack(state)}>
                            Go back to this
                        </button>
                        <span className={styles.when}>
                            {CAUSES[state.cause]}, {when(state.at)}
                        </span>
                    </li>
                ))}
            </ul>
        </Dialog>
    );
}
