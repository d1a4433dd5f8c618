import { Input } from 'antd';
import type { TextAreaRef } from 'antd/es/input/TextArea';
import { useRef, useState } from 'react';
import { marked, marks, plain, type Mark } from './titleMarks';

interface Props {
    id: string;
    path: string;
    value: string;
    onChange: (value: string) => void;
    onFocus: () => void;
}

/** A title as one reads it; words selected in it can be set off as a title inside it, or keep their capitals. */
export function TitleInput({ id, path, value, onChange, onFocus }: Props) {
    const box = useRef<TextAreaRef>(null);
    const [selected, setSelected] = useState('');
    const text = plain(value);
    const set = marks(value);
    const look = () => {
        const area = box.current?.resizableTextArea?.textArea;
        setSelected(area ? area.value.slice(area.selectionStart, area.selectionEnd).trim() : '');
    };
    const mark = (kind: Mark['kind']) => {
        onChange(marked(text, [...set.filter((one) => one.words !== selected), { kind, words: selected }]));
        setSelected('');
    };
    return (
        <>
            <Input.TextArea
                ref={box}
                id={id}
                data-path={path}
                className="growing"
                rows={1}
                value={text}
                onFocus={onFocus}
                onSelect={look}
                onChange={(event) => onChange(marked(event.target.value.replace(/[\r\n]+/g, ' '), set))}
            />
            {(selected !== '' || set.length > 0) && (
                <div className="marks">
                    {set.map((one) => (
                        <span className="chip" key={one.kind + one.words}>
                            {one.kind === 'inner' ? 'Title inside it' : 'Capitals kept'}: “{one.words}”
                            <button
                                type="button"
                                aria-label={`Take off: ${one.words}`}
                                onClick={() =>
                                    onChange(
                                        marked(
                                            text,
                                            set.filter((other) => other !== one),
                                        ),
                                    )
                                }
                            >
                                ×
                            </button>
                        </span>
                    ))}
                    {selected !== '' && selected !== text && (
                        <>
                            <button
                                className="link"
                                type="button"
                                onMouseDown={(event) => event.preventDefault()}
                                onClick={() => mark('inner')}
                            >
                                Selected words are a title of their own
                            </button>
                            <button
                                className="link"
                                type="button"
                                onMouseDown={(event) => event.preventDefault()}
                                onClick={() => mark('kept')}
                            >
                                Keep their capitals
                            </button>
                        </>
                    )}
                </div>
            )}
        </>
    );
}
