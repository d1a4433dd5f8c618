import { useEffect } from 'react';

interface Props {
    text: string;
    /** Takes it back, where that can be done with one press. */
    onUndo?: () => void;
    onClose: () => void;
}

/** Says what was done, and takes it back on demand; stays long enough to be read and reached. */
export function UndoBar({ text, onUndo, onClose }: Props) {
    useEffect(() => {
        const timer = setTimeout(onClose, 20_000);
        return () => clearTimeout(timer);
    }, [text, onClose]);

    return (
        <div className="undo" role="status">
            <span>{text}</span>
            {onUndo !== undefined && (
                <button
                    className="link"
                    type="button"
                    onClick={() => {
                        onUndo();
                        onClose();
                    }}
                >
                    Undo
                </button>
            )}
            <button className="link" type="button" onClick={onClose} aria-label="Close this message">
                ×
            </button>
        </div>
    );
}
