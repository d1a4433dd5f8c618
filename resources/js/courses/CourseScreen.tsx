import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { lazy, Suspense, useEffect, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router-dom';
import { call } from '../api/client';
import type { Asked, Course, Me, Settings } from '../api/types';
import { MixBar } from '../mix/MixBar';
import { AskedFields } from '../paper/AskedFields';
import { useReference } from '../paper/useReference';
import { useMe } from '../people/useMe';
import { Alert } from '../ui/Alert';
import { DeskBar } from '../ui/DeskBar';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { useTried } from '../ui/useTried';
import { words } from '../words/english';
import { more } from '../words/more';
import styles from './Courses.module.css';
import { useCourse } from './useCourse';

const CourseRules = lazy(() => import('../paper/CourseRules'));

const say = more.courses;

/** A course: what it asks, the link for its students, and what they have handed in. */
export default function CourseScreen() {
    const { courseId = '' } = useParams();
    const navigate = useNavigate();
    const reference = useReference();
    const tell = useSay();
    const client = useQueryClient();
    const { table, error, course, isSaved, problem: unsaved, change: set } = useCourse(courseId);
    const { problem, tried } = useTried();
    const [inRules, setInRules] = useState(false);
    const me = useMe();
    const [name, setName] = useState<string | null>(null);
    const kept = table?.course;
    useEffect(() => {
        document.title = `${kept?.title ?? ''} · Bibrel`;
    }, [kept?.title]);
    const saveName = () =>
        name !== null &&
        name !== me?.name &&
        tried(call<Me>('PUT', 'me', { name }).then((next) => client.setQueryData(['me'], next)));
    const remove = () =>
        tried(
            call('DELETE', `courses/${courseId}`).then(async () => {
                await navigate('/courses');
                tell(say.removed(kept?.title ?? ''), () =>
                    tried(call('POST', `courses/${courseId}/restore`).then(() => navigate(`/courses/${courseId}`))),
                );
            }),
        );
    const copy = (address: string) => tried(navigator.clipboard.writeText(address).then(() => tell(more.share.copied)));

    if (course === undefined || reference === null)
        return (
            <>
                <DeskBar />
                <main className={styles.page}>{error !== null && <p className={ui.notice}>{error.message}</p>}</main>
            </>
        );
    const style = reference.styles.find((one) => one.id === course.style) ?? reference.styles[0]!;
    const { papers, shared } = table!;
    return (
        <>
            <DeskBar />
            <main className={styles.wide}>
                <h1>{kept?.title}</h1>
                <Alert>{problem || unsaved}</Alert>
                <section className={styles.link} aria-label={say.link}>
                    <b>{say.link}</b> <code data-course-link="">{location.origin + course.address}</code>{' '}
                    <Button size="small" onClick={() => copy(location.origin + course.address)}>
                        {say.copy}
                    </Button>
                    <span className={ui.soft}> {say.linkAbout}</span>
                </section>
                <section aria-label={say.papers}>
                    <h2>{say.papers}</h2>
                    <p className={`${ui.soft} ${ui.small}`}>{say.private}</p>
                    {papers.length === 0 ? (
                        <p className={ui.soft}>{say.noPapers}</p>
                    ) : (
                        <div className={styles.scroll} tabIndex={0} role="group" aria-label={say.papers}>
                            <table className={styles.table} data-course-papers="">
                                <thead>
                                    <tr>
                                        <th scope="col">{say.who}</th>
                                        <th scope="col">{say.handedIn}</th>
                                        <th scope="col">{say.sources}</th>
                                        <th scope="col">{say.missing}</th>
                                        <th scope="col">{say.looks}</th>
                                    </tr>
                                </thead>
                                <tbody>
                                    {papers.map((one) => (
                                        <tr key={one.paper}>
                                            <th scope="row">
                                                {one.handIn === null ? (
                                                    one.name
                                                ) : (
                                                    <Link to={`/courses/${courseId}/hand-ins/${one.handIn.id}`}>
                                                        {one.name}
                                                    </Link>
                                                )}
                                                {one.title !== undefined && (
                                                    <span className={ui.soft}>{one.title || words.nameless}</span>
                                                )}
                                            </th>
                                            <td>
                                                {one.handIn === null ? (
                                                    <span className={ui.soft}>{say.notYet}</span>
                                                ) : (
                                                    <>
                                                        {more.day(one.handIn.at.slice(0, 10))}
                                                        <span className={ui.soft}>
                                                            {[
                                                                say.times(one.handIn.times),
                                                                one.handIn.isLate ? say.late : '',
                                                            ]
                                                                .filter((part) => part !== '')
                                                                .join(', ')}
                                                        </span>
                                                    </>
                                                )}
                                            </td>
                                            <td>
                                                {one.kinds === undefined ? (
                                                    words.papers.sources(one.count)
                                                ) : (
                                                    <MixBar kinds={one.kinds} count={one.count} />
                                                )}
                                            </td>
                                            <td>
                                                {one.missing === undefined
                                                    ? ''
                                                    : one.missing.length === 0
                                                      ? say.nothing
                                                      : one.missing.join('; ')}
                                            </td>
                                            <td>{one.open ?? ''}</td>
                                        </tr>
                                    ))}
                                </tbody>
                            </table>
                        </div>
                    )}
                    {shared.length > 0 && (
                        <>
                            <h3>{say.shared}</h3>
                            <ul className={styles.shared}>
                                {shared.map((one) => (
                                    <li key={one.name}>
                                        <b>{one.name}</b>: {one.people.join(', ')}
                                    </li>
                                ))}
                            </ul>
                        </>
                    )}
                </section>
                <section className={styles.asks} aria-label={say.asked}>
                    <h2>{say.asked}</h2>
                    <p className={`${ui.soft} ${ui.small}`}>{say.holds}</p>
                    <div className={styles.columns}>
                        <div className={styles.fields}>
                            <label>
                                {say.title}
                                <input
                                    className={ui.box}
                                    value={course.title}
                                    maxLength={200}
                                    onChange={(event) => set({ title: event.target.value })}
                                />
                            </label>
                            <label>
                                {say.yourName}
                                <input
                                    className={ui.box}
                                    value={name ?? me?.name ?? ''}
                                    maxLength={80}
                                    autoComplete="name"
                                    onChange={(event) => setName(event.target.value)}
                                    onBlur={saveName}
                                />
                            </label>
                            <label>
                                {say.due}
                                <input
                                    className={ui.box}
                                    type="date"
                                    value={course.dueOn ?? ''}
                                    onChange={(event) => set({ dueOn: event.target.value || null })}
                                />
                            </label>
                            <label>
                                {say.style}
                                <select
                                    className={ui.box}
                                    value={course.style}
                                    onChange={(event) => set({ style: event.target.value as Course['style'] })}
                                >
                                    {reference.styles.map((one) => (
                                        <option key={one.id} value={one.id}>
                                            {one.label}
                                        </option>
                                    ))}
                                </select>
                            </label>
                            <label>
                                {say.note}
                                <textarea
                                    className={ui.box}
                                    rows={3}
                                    maxLength={4000}
                                    value={course.note}
                                    onChange={(event) => set({ note: event.target.value })}
                                />
                            </label>
                            <button className={ui.link} type="button" onClick={() => setInRules(true)}>
                                {say.rules} …
                            </button>
                        </div>
                        <AskedFields
                            asked={course.asked}
                            reference={reference}
                            onChange={(asked: Asked) => set({ asked })}
                        />
                    </div>
                    <p className={ui.acts}>
                        <span className={ui.soft} role="status" data-course-saved={isSaved || undefined}>
                            {isSaved ? words.bar.states.saved : words.bar.states.saving}
                        </span>
                        <button className={ui.link} type="button" onClick={remove}>
                            {say.remove}
                        </button>
                    </p>
                </section>
            </main>
            {inRules && (
                <Suspense fallback={null}>
                    <CourseRules
                        settings={{ course: course.rules, surname: '' } as Settings}
                        style={{ ...style, choices: style.choices.filter((one) => one !== 'surname') }}
                        isCourse
                        onClose={() => setInRules(false)}
                        onChange={(part) => part.course !== undefined && set({ rules: part.course })}
                    >
                        {null}
                    </CourseRules>
                </Suspense>
            )}
        </>
    );
}
