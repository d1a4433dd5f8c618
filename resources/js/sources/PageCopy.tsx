import { useEffect, useRef } from 'react';

interface Props {
    blocks: { tag: string; text: string }[];
    mark: string;
    onClose: () => void;
}

/** The words of the looked-up page, with the place a value came from marked. Text only: nothing of the page runs here. */
export function PageCopy({ blocks, mark, onClose }: Props) {
    const marked = useRef<HTMLElement>(null);
    useEffect(() => marked.current?.scrollIntoView({ block: 'center' }), [mark]);
    const found = mark === '' ? -1 : blocks.findIndex((block) => block.text.includes(mark));

    return (
        <section className="copy" aria-label="Page copy" tabIndex={0}>
            <p>
                <b>Page copy</b>{' '}
                <button className="link" type="button" onClick={onClose}>
                    Close
                </button>
            </p>
            {blocks.length === 0 && <p className="soft">There is no copy of this page. Look at it in your browser.</p>}
            {blocks.map((block, i) => {
                const at = i === found ? block.text.indexOf(mark) : -1;
                const text =
                    at < 0 ? (
                        block.text
                    ) : (
                        <>
                            {block.text.slice(0, at)}
                            <mark ref={marked}>{mark}</mark>
                            {block.text.slice(at + mark.length)}
                        </>
                    );
                return /^h[1-6]$/.test(block.tag) ? <h3 key={i}>{text}</h3> : <p key={i}>{text}</p>;
            })}
        </section>
    );
}
