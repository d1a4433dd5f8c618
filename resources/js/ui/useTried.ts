import { useCallback, useState } from 'react';

/** Does something that may fail, and tells why it did; what works clears that. */
export function useTried() {
    const [problem, setProblem] = useState('');
    const tried = useCallback(
        (work: Promise<unknown>, then?: () => void) =>
            void work
                .then(() => {
                    setProblem('');
                    then?.();
                })
                .catch((error: Error) => setProblem(error.message)),
        [],
    );
    return { problem, tried };
}
