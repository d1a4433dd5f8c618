import { useQuery } from '@tanstack/react-query';
import { call } from '../api/client';
import type { EarlierState } from '../api/types';
import { Dialog } from '../ui/Dialog';
import { when } from './when';
import './kept.css';

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
            <p className="soft">
                How it stood before, for 60 days. Going back loses nothing: how it stands now is kept here, too.
            </p>
            {query.isPending && <p className="soft">Fetching them …</p>}
            {query.error !== null && <p className="notice">{query.error.message}</p>}
            {query.data?.length === 0 && <p>Nothing has changed yet, so there is nothing to go back to.</p>}
            <ul className="kept" aria-label={title}>
                {query.data?.map((state) => (
                    <li key={state.id}>
                        <span className="shown">{state.shown || 'Nothing was filled in'}</span>
                        <button className="link" type="button" onClick={() => onBack(state)}>
                            Go back to this
                        </button>
                        <span className="when">
                            {CAUSES[state.cause]}, {when(state.at)}
                        </span>
                    </li>
                ))}
            </ul>
        </Dialog>
    );
}
