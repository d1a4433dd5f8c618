import {
    memo,
    useCallback,
    useEffect,
    useLayoutEffect,
    useRef,
    useState,
    type CSSProperties,
    type KeyboardEvent,
} from 'react';
import type { Page, PageEntry, Reference, Settings } from '../api/types';
import { fieldOf } from '../sources/paths';

/** Letter paper at 96 pixels to the inch; 23 double-spaced lines of 12-point type to a sheet. */
const INCH = 96;
const WIDTH = 816;
const HEIGHT = 1056;
const LINE = 36.8;
const LINES = 23;

interface Tip {
    x: number;
    y: number;
    rule: string;
    field: string | null;
}

interface EntryProps {
    entry: PageEntry;
    on: boolean;
    litField: string | null;
    indent: number;
}

const Entry = memo(function Entry({ entry, on, litField, indent }: EntryProps) {
    return (
        <div className={on ? 'block on' : 'block'} data-entry={entry.id}>
            <p className="e" tabIndex={0} aria-current={on || undefined}>
                {entry.runs.map(([text, italic, field, rule], i) => (
                    <span
                        key={i}
                        data-rule={rule}
                        data-field={field ?? undefined}
                        className={
                            on && field !== null && litField !== null && fieldOf(field) === litField ? 'lit' : undefined
                        }
                        style={italic ? { fontStyle: 'italic' } : undefined}
                    >
                        {text}
                    </span>
                ))}
            </p>
            <Annotation entry={entry} indent={indent} />
        </div>
    );
});

function Annotation({ entry, indent }: { entry: PageEntry; indent: number }) {
    return entry.annotation.map((paragraph, i) => (
        <p className="note" style={{ paddingLeft: indent * INCH }} data-note="" key={i}>
            {paragraph}
        </p>
    ));
}

interface Props {
    page: Page;
    reference: Reference;
    /** The style's id, whose words the rules have. */
    style: string;
    head: Settings['head'];
    openSource: string | null;
    litField: string | null;
    onPick: (source: string, field: string) => void;
}

/** The page itself, true to size: sheets of the paper it will be handed in on. */
export function Sheets({ page, reference, style, head, openSource, litField, onPick }: Props) {
    const desk = useRef<HTMLElement>(null);
    const flow = useRef<HTMLDivElement>(null);
    const [scale, setScale] = useState(0.78);
    const [tops, setTops] = useState<number[]>([]);
    const [tip, setTip] = useState<Tip | null>(null);
    const [at, setAt] = useState<{ entry: string; run: number } | null>(null);

    // The lines every entry begins on, measured in an unscaled copy of the whole text.
    const measure = useCallback(() => {
        const lines = [...(flow.current?.children ?? [])].map((child) =>
            Math.round((child as HTMLElement).offsetTop / LINE),
        );
        const end = Math.round((flow.current?.offsetHeight ?? 0) / LINE);
        setTops((before) =>
            before.length === lines.length + 1 && [...lines, end].every((line, i) => before[i] === line)
                ? before
                : [...lines, end],
        );
    }, []);
    useLayoutEffect(measure, [measure, page]);
    useLayoutEffect(() => {
        const fit = () => {
            const width = desk.current?.clientWidth ?? 0;
            // A desk that is not shown has no width and nothing to measure.
            if (width === 0) return;
            setScale(Math.min(1, Math.max(0.4, (width - 56) / WIDTH)));
            measure();
        };
        fit();
        const observer = new ResizeObserver(fit);
        if (desk.current) observer.observe(desk.current);
        if (flow.current) observer.observe(flow.current);
        return () => observer.disconnect();
    }, [measure]);
    useEffect(() => {
        // Faces load when they are first used; lines break anew once they are there.
        const faces = ['16px Tinos', 'italic 16px Tinos', 'bold 16px Tinos'];
        void Promise.all(faces.map((face) => document.fonts.load(face))).then(measure);
    }, [measure]);

    const total = tops[tops.length - 1] ?? 1;
    const count = Math.max(1, Math.ceil(total / LINES));

    const showTip = (element: Element | null) => {
        const span = element?.closest<HTMLElement>('span[data-rule]');
        if (!span) return setTip(null);
        const box = span.getClientRects()[0] ?? span.getBoundingClientRect();
        const x = Math.min(Math.max(8, box.left), window.innerWidth - 338);
        const below = box.bottom + 120 < window.innerHeight;
        setTip({
            x,
            y: below ? box.bottom + 8 : box.top - 104,
            rule: span.dataset.rule!,
            field: span.dataset.field ?? null,
        });
    };

    const pick = (element: Element | null) => {
        const span = element?.closest<HTMLElement>('span[data-rule]');
        const entry = element?.closest<HTMLElement>('[data-entry]');
        if (entry)
            onPick(
                entry.dataset.entry!,
                element?.closest('[data-note]') ? 'annotation' : (span?.dataset.field ?? 'title.main'),
            );
    };

    /** Left and right walk over the parts of an entry, Enter goes to the field. */
    const onKey = (event: KeyboardEvent<HTMLElement>) => {
        const entry = (event.target as HTMLElement).closest<HTMLElement>('[data-entry]');
        if (!entry) return;
        const spans = [...entry.querySelectorAll('span[data-field]')];
        const now = at?.entry === entry.dataset.entry ? at!.run : -1;
        if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
            event.preventDefault();
            const run = Math.min(spans.length - 1, Math.max(0, now + (event.key === 'ArrowRight' ? 1 : -1)));
            setAt({ entry: entry.dataset.entry!, run });
            showTip(spans[run] ?? null);
        } else if (event.key === 'Enter') {
            pick(spans[now] ?? entry);
        } else if (event.key === 'Escape') {
            setTip(null);
        }
    };

    const rule = tip === null ? undefined : reference.rules[style]?.[tip.rule];
    const heading = <h2 className={page.headingIsBold ? 'bold' : undefined}>{page.heading}</h2>;

    return (
        <section
            className="desk"
            ref={desk}
            aria-label="The page"
            tabIndex={0}
            onMouseOver={(event) => showTip(event.target as Element)}
            onMouseLeave={() => setTip(null)}
            onScroll={() => setTip(null)}
            onClick={(event) => pick(event.target as Element)}
            onKeyDown={onKey}
            onBlur={() => setTip(null)}
        >
            <div className="flow measure" ref={flow} aria-hidden="true">
                <h2 className={page.headingIsBold ? 'bold' : undefined}>{page.heading}</h2>
                {page.entries.map((entry) => (
                    <div className="block" key={entry.id}>
                        <p className="e">
                            {entry.runs.map(([text, italic], i) => (italic ? <i key={i}>{text}</i> : text))}
                        </p>
                        <Annotation entry={entry} indent={page.annotationIndent} />
                    </div>
                ))}
            </div>
            <div className="sheets">
                {Array.from({ length: count }, (_, sheet) => {
                    const from = sheet * LINES;
                    // tops[0] is the heading; entry i begins at tops[i + 1].
                    const visible = page.entries
                        .map((entry, i) => ({ entry, top: tops[i + 1] ?? 0, end: tops[i + 2] ?? total }))
                        .filter(({ top, end }) => end > from && top < from + LINES);
                    const first = visible[0];
                    const shift: CSSProperties = sheet === 0 ? {} : { marginTop: ((first?.top ?? from) - from) * LINE };
                    return (
                        <div className="frame" key={sheet} style={{ width: WIDTH * scale, height: HEIGHT * scale }}>
                            <div className="sheet" style={{ transform: `scale(${scale})` }}>
                                <div className={head.atLeft ? 'running apart' : 'running'}>
                                    {head.text !== '' && <span>{head.text} </span>}
                                    <span>{sheet + 1}</span>
                                </div>
                                <div className="window">
                                    <div className="flow" style={shift}>
                                        {sheet === 0 && heading}
                                        {visible.map(({ entry }) => (
                                            <Entry
                                                key={entry.id}
                                                entry={entry}
                                                on={entry.id === openSource}
                                                litField={entry.id === openSource ? litField : null}
                                                indent={page.annotationIndent}
                                            />
                                        ))}
                                    </div>
                                </div>
                            </div>
                        </div>
                    );
                })}
            </div>
            <div className="badge">
                {count === 1 ? '1 sheet' : `${count} sheets`} · Letter · {Math.round(scale * 100)} %
            </div>
            {tip !== null && rule !== undefined && (
                <div className="tip" role="tooltip" style={{ left: tip.x, top: tip.y }}>
                    <b>{rule.element}</b>
                    {rule.sentence} <br />
                    <span>
                        {rule.place}
                        {tip.field !== null && ' · click to edit the field'}
                    </span>
                </div>
            )}
        </section>
    );
}
