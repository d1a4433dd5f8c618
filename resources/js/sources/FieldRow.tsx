import { useId, useState, type ReactNode } from 'react';
import type { Field } from '../api/types';

interface Props {
    field: Field;
    inputId: string;
    children: ReactNode;
    under?: ReactNode;
}

/** A field with its name, its help after a question mark, and what there is to say about its value. */
export function FieldRow({ field, inputId, children, under }: Props) {
    const [open, setOpen] = useState(false);
    const guide = useId();
    const lines: [string, string][] = [
        ['What', field.what],
        ['Where', field.where],
        ['Example', field.example],
        ['Mind', field.mistake],
    ];
    return (
        <div className="f" data-row={field.path}>
            <div className="name">
                <label htmlFor={inputId}>{field.label}</label>
                <button
                    type="button"
                    className="help"
                    aria-expanded={open}
                    aria-controls={guide}
                    aria-label={`About the field ${field.label}`}
                    onClick={() => setOpen(!open)}
                >
                    ?
                </button>
            </div>
            <div>{children}</div>
            {open && (
                <div className="guide" id={guide}>
                    <dl>
                        {lines
                            .filter(([, text]) => text !== '')
                            .map(([word, text]) => [
                                <dt key={`${word}-t`}>{word}</dt>,
                                <dd key={`${word}-d`}>{text}</dd>,
                            ])}
                    </dl>
                </div>
            )}
            {under}
        </div>
    );
}
