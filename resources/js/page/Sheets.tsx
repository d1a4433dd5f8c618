import {
    memo,
    useCallback,
    useEffect,
    useLayoutEffect,
    useMemo,
    useRef,
    useState,
    type CSSProperties,
    type KeyboardEvent,
    type ReactNode,
} from 'react';
import { flushSync } from 'react-dom';
import type { HeldName, Page, Reference, Settings } from '../api/types';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { Entry } from './Entry';
import { Heights, INCH, LINE, onSheet, PAPERS, placed, type Placed } from './measure';
import styles from './Page.module.css';
import { useZoom } from './useZoom';

const GAP = 24;
const TOP = 24;
/** As many entries as are measured before anything is shown, and in one go after that. */
const AT_ONCE = 60;
const NARROW = window.matchMedia('(max-width: 900px)');

interface Tip {
    x: number;
    y: number;
    rule: string;
    field: string | null;
    turn: string | null;
}

interface Props {
    page: Page;
    reference: Reference;
    /** The style's id, whose words the rules have. */
    style: string;
    head: Settings['head'];
    /** The size of the paper, and the number of the first sheet. */
    course: Pick<Settings['course'], 'paper' | 'firstPage'>;
    openSource: string | null;
    litField: string | null;
    /** How many fields are open, by the ids of half-made entries. */
    missing: Record<string, number>;
    /** Words of the open source's title that are held as names. */
    held: HeldName[];
    onPick: (source: string, field: string) => void;
    onTurn: (held: HeldName) => void;
}

const say = words.page;
const NONE: HeldName[] = [];

/** The page itself: true to size on sheets of the paper it is handed in on, or as text on a narrow screen. */
export const Sheets = memo(function Sheets(props: Props) {
    const { page, reference, style, head, course, openSource, litField, missing, held, onPick, onTurn } = props;
    const desk = useRef<HTMLDivElement>(null);
    const paper = PAPERS[course.paper];
    const heights = useMemo(() => new Heights(page.annotationIndent, paper), [page.annotationIndent, paper]);
    const [measured, setMeasured] = useState(0);
    const zoom = useZoom(desk, paper.width);
    const [view, setView] = useState({ top: 0, height: 900 });
    const [tip, setTip] = useState<Tip | null>(null);
    const [isPrinting, setPrinting] = useState(false);
    const [isNarrow, setNarrow] = useState(NARROW.matches);
    const [asSheets, setAsSheets] = useState(false);
    const run = useRef(-1);
    const stop = useRef<string | null>(null);
    const isText = isNarrow && !asSheets && !isPrinting;

    useEffect(() => {
        const change = () => setNarrow(NARROW.matches);
        NARROW.addEventListener('change', change);
        return () => NARROW.removeEventListener('change', change);
    }, []);

    // Only entries nobody measured yet are measured: all at once where they are few, the rest of a long paper by and by.
    const { all, used } = useMemo(() => {
        void measured;
        const unknown = page.entries.filter((entry) => !heights.isKnown(entry));
        heights.measure(isPrinting ? unknown : unknown.slice(0, AT_ONCE));
        const { placed: all, used } = placed(page.entries, (entry) => heights.of(entry), paper.lines);
        return { all, used };
    }, [page.entries, heights, measured, isPrinting, paper]);
    useEffect(() => {
        if (page.entries.every((entry) => heights.isKnown(entry))) return;
        const timer = setTimeout(() => setMeasured((count) => count + 1), 30);
        return () => clearTimeout(timer);
    }, [page.entries, heights, measured]);
    useEffect(() => {
        // Faces load when they are first used; lines break anew once they are there.
        const faces = ['16px Tinos', 'italic 16px Tinos'];
        const before = faces.every((face) => document.fonts.check(face));
        if (before) return;
        void Promise.all(faces.map((face) => document.fonts.load(face))).then(() => {
            heights.clear();
            setMeasured((count) => count + 1);
        });
    }, [heights]);

    const count = used.length;
    const tall = paper.height * zoom.scale + GAP;
    const from = isPrinting ? 0 : Math.max(0, Math.floor((view.top - TOP - view.height) / tall));
    const to = isPrinting ? count - 1 : Math.min(count - 1, Math.ceil((view.top - TOP + 2 * view.height) / tall));

    const watch = useCallback(() => {
        const box = desk.current;
        if (box === null) return;
        setView((before) => {
            // Drawn anew once it has moved by a good part of what is drawn ahead.
            const near =
                Math.abs(before.top - box.scrollTop) < box.clientHeight / 3 && before.height === box.clientHeight;
            return near || box.clientHeight === 0 ? before : { top: box.scrollTop, height: box.clientHeight };
        });
        setTip(null);
    }, []);
    useLayoutEffect(watch, [watch, zoom.scale]);

    // Printing wants every sheet, whatever is shown.
    useEffect(() => {
        const before = () => flushSync(() => setPrinting(true));
        const after = () => setPrinting(false);
        window.addEventListener('beforeprint', before);
        window.addEventListener('afterprint', after);
        return () => {
            window.removeEventListener('beforeprint', before);
            window.removeEventListener('afterprint', after);
        };
    }, []);

    const top = useCallback(
        ({ parts: [first] }: Placed) => TOP + first.sheet * tall + (INCH + first.at * LINE) * zoom.scale,
        [tall, zoom.scale],
    );
    /** Brings an entry into view, where it is not in it. */
    const reveal = useCallback(
        (id: string) => {
            const box = desk.current;
            if (box === null || box.clientHeight === 0) return;
            const shown = box.querySelector<HTMLElement>(`[data-entry="${id}"]`);
            if (isText) {
                shown?.scrollIntoView({ block: 'nearest' });
                return;
            }
            const one = all.find(({ entry }) => entry.id === id);
            if (one === undefined) return;
            const at = top(one);
            const isSeen =
                at >= box.scrollTop + 20 && at + one.lines * LINE * zoom.scale <= box.scrollTop + box.clientHeight - 20;
            if (!isSeen) box.scrollTop = Math.max(0, at - box.clientHeight / 3);
            watch();
        },
        [all, top, isText, zoom.scale, watch],
    );
    const latest = useRef(reveal);
    useEffect(() => {
        latest.current = reveal;
    });
    const opens = openSource !== null && page.entries.some((entry) => entry.id === openSource);
    useEffect(() => {
        if (opens) latest.current(openSource);
    }, [opens, openSource]);

    // One stop for Tab: the entry that was reached last.
    useLayoutEffect(() => {
        const stops = [...(desk.current?.querySelectorAll<HTMLElement>('[data-stop]') ?? [])];
        const entry = (one: HTMLElement) => one.closest<HTMLElement>('[data-entry]')?.dataset.entry;
        const now = stops.find((one) => entry(one) === (stop.current ?? openSource)) ?? stops[0];
        for (const one of stops) one.tabIndex = one === now ? 0 : -1;
    });

    const showTip = (element: Element | null) => {
        const span = element?.closest<HTMLElement>('[data-rule]');
        if (!span) return setTip(null);
        const box = span.getClientRects()[0] ?? span.getBoundingClientRect();
        const below = box.bottom + 120 < window.innerHeight;
        setTip({
            x: Math.min(Math.max(8, box.left), window.innerWidth - 338),
            y: below ? box.bottom + 8 : box.top - 104,
            rule: span.dataset.rule!,
            field: span.dataset.field ?? null,
            turn: element?.closest<HTMLElement>('[data-turn]')?.dataset.turn ?? null,
        });
    };
    const heldAs = (element: Element | null) => {
        const word = element?.closest<HTMLElement>('[data-turn]')?.dataset.turn;
        return held.find((one) => one.word === word);
    };
    const pick = (element: Element | null) => {
        const turned = heldAs(element);
        if (turned !== undefined) return onTurn(turned);
        const span = element?.closest<HTMLElement>('[data-rule]');
        const entry = element?.closest<HTMLElement>('[data-entry]');
        if (entry)
            onPick(
                entry.dataset.entry!,
                element?.closest('[data-note]') ? 'annotation' : (span?.dataset.field ?? 'title.main'),
            );
    };

    /** Up and down walk over the entries, left and right over the parts of one, Enter goes to the field. */
    const onKey = (event: KeyboardEvent<HTMLElement>) => {
        const entry = (event.target as HTMLElement).closest<HTMLElement>('[data-entry]');
        if (!entry || event.altKey || event.ctrlKey || event.metaKey) return;
        const id = entry.dataset.entry!;
        const at = page.entries.findIndex((one) => one.id === id);
        const steps: Record<string, number> = {
            ArrowDown: at + 1,
            ArrowUp: at - 1,
            Home: 0,
            End: page.entries.length - 1,
        };
        const next = page.entries[steps[event.key] ?? -1];
        if (next !== undefined) {
            event.preventDefault();
            run.current = -1;
            stop.current = next.id;
            flushSync(() => reveal(next.id));
            desk.current
                ?.querySelector<HTMLElement>(`[data-entry="${next.id}"] [data-stop]`)
                ?.focus({ preventScroll: true });
            return;
        }
        const spans = [...entry.querySelectorAll('span[data-field], [data-turn]')];
        if (event.key === 'ArrowRight' || event.key === 'ArrowLeft') {
            event.preventDefault();
            run.current = Math.min(spans.length - 1, Math.max(0, run.current + (event.key === 'ArrowRight' ? 1 : -1)));
            showTip(spans[run.current] ?? null);
        } else if (event.key === 'Enter') {
            pick(spans[run.current] ?? entry);
        } else if (event.key === 'Escape') {
            setTip(null);
        }
    };

    const rule = tip === null ? undefined : reference.rules[style]?.[tip.rule];
    const turning = tip?.turn === null ? undefined : held.find((one) => one.word === tip?.turn);
    const entryOf = ({ entry }: Pick<Placed, 'entry'>, i: number) => (
        <Entry
            key={entry.id}
            entry={entry}
            isOpen={entry.id === openSource}
            litField={entry.id === openSource ? litField : null}
            indent={page.annotationIndent}
            missing={missing[entry.id] ?? 0}
            held={entry.id === openSource ? held : NONE}
            place={i + 1}
            count={page.entries.length}
        />
    );
    const heading = (
        <h2 className={styles.heading} style={page.headingIsBold ? { fontWeight: 700 } : undefined}>
            {page.heading}
        </h2>
    );
    const place = new Map(page.entries.map((entry, i) => [entry.id, i]));
    const sheet = (number: number): ReactNode => {
        const shown = onSheet(all, number);
        const first = shown[0]?.parts.find((part) => part.sheet === number);
        const flow: CSSProperties = {
            width: paper.width - 2 * INCH,
            ...(number === 0 ? {} : { marginTop: -(first?.from ?? 0) * LINE }),
        };
        return (
            <div
                className={styles.frame}
                key={number}
                style={{ top: TOP + number * tall, width: paper.width * zoom.scale, height: paper.height * zoom.scale }}
            >
                <div
                    className={styles.sheet}
                    style={{ width: paper.width, height: paper.height, transform: `scale(${zoom.scale})` }}
                    data-sheet={number + 1}
                >
                    <div className={head.atLeft ? `${styles.running} ${styles.apart}` : styles.running}>
                        {head.text !== '' && <span>{head.text} </span>}
                        <span>{(course.firstPage || 1) + number}</span>
                    </div>
                    <div className={styles.window} style={{ height: (used[number] ?? 0) * LINE }}>
                        <div className={styles.flow} style={flow}>
                            {number === 0 && heading}
                            <div role={shown.length > 0 ? 'list' : undefined}>
                                {shown.map((one) => entryOf(one, place.get(one.entry.id) ?? 0))}
                            </div>
                        </div>
                    </div>
                </div>
            </div>
        );
    };

    return (
        <section className={styles.half} aria-label={say.label} data-page="" data-paper={course.paper}>
            <p className={ui.hidden} id="page-keys">
                {say.keys}
            </p>
            <div
                className={styles.desk}
                ref={desk}
                data-desk=""
                aria-describedby="page-keys"
                role="group"
                aria-label={say.label}
                tabIndex={page.entries.length === 0 ? 0 : undefined}
                onMouseOver={(event) => showTip(event.target as Element)}
                onMouseLeave={() => setTip(null)}
                onScroll={watch}
                onClick={(event) => pick(event.target as Element)}
                onKeyDown={onKey}
                onFocus={(event) => {
                    const entry = (event.target as HTMLElement).closest<HTMLElement>('[data-entry]');
                    if (entry === null || stop.current === entry.dataset.entry) return;
                    stop.current = entry.dataset.entry!;
                    run.current = -1;
                }}
                onBlur={() => setTip(null)}
            >
                {isText ? (
                    <div className={styles.text}>
                        {heading}
                        <div role={page.entries.length > 0 ? 'list' : undefined}>
                            {page.entries.map((entry, i) => entryOf({ entry }, i))}
                        </div>
                    </div>
                ) : (
                    <div
                        className={styles.sheets}
                        style={{ height: TOP + count * tall + 48, minWidth: paper.width * zoom.scale + 32 }}
                    >
                        {Array.from({ length: to - from + 1 }, (_, i) => sheet(from + i))}
                    </div>
                )}
            </div>
            <div className={styles.badge}>
                <span>
                    {say.sheets(count)} · {say.papers[course.paper]}
                </span>
                {isNarrow && (
                    <button className={ui.link} type="button" onClick={() => setAsSheets(!asSheets)}>
                        {isText ? say.asSheets : say.asText}
                    </button>
                )}
                {!isText && (
                    <>
                        <button type="button" aria-label={say.smaller} onClick={zoom.smaller}>
                            −
                        </button>
                        <button type="button" title={say.fit} data-zoom="" onClick={zoom.fit}>
                            {Math.round(zoom.scale * 100)} %
                        </button>
                        <button type="button" aria-label={say.larger} onClick={zoom.larger}>
                            +
                        </button>
                    </>
                )}
            </div>
            {tip !== null && rule !== undefined && (
                <div className={styles.tip} role="tooltip" style={{ left: tip.x, top: tip.y }} data-tip="">
                    <b>{rule.element}</b>
                    {turning === undefined ? rule.sentence : words.title.onPage(turning.isName)} <br />
                    <span>
                        {rule.place}
                        {tip.field !== null && turning === undefined && ` · ${say.click}`}
                    </span>
                </div>
            )}
        </section>
    );
});
