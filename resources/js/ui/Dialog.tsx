import { useEffect, useRef, type ReactNode } from 'react';

interface Props {
    title: string;
    open: boolean;
    /** Closes the dialog; without it a button inside must be chosen. */
    onClose?: () => void;
    children: ReactNode;
}

/** The browser's own modal dialog: it holds the focus, closes on Escape and needs no style of its own at run time. */
export function Dialog({ title, open, onClose, children }: Props) {
    const dialog = useRef<HTMLDialogElement>(null);
    useEffect(() => {
        if (open) dialog.current?.showModal();
        else dialog.current?.close();
    }, [open]);

    return (
        <dialog
            ref={dialog}
            className="dialog"
            aria-label={title}
            onCancel={(event) => {
                event.preventDefault();
                onClose?.();
            }}
        >
            {open && (
                <>
                    <header>
                        <h2>{title}</h2>
                        {onClose !== undefined && (
                            <button className="link" type="button" onClick={onClose}>
                                Close
                            </button>
                        )}
                    </header>
                    {children}
                </>
            )}
        </dialog>
    );
}
