import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useRef, useState, type FormEvent } from 'react';
import { ulid } from 'ulid';
import { call } from '../api/client';
import type { Answer, CourseAsked } from '../api/types';
import { outbox, paperPath } from '../keep/outboxOfThisTab';
import { when } from '../kept/when';
import { useMe } from '../people/useMe';
import { Alert } from '../ui/Alert';
import { Dialog } from '../ui/Dialog';
import { useSay } from '../ui/Messages';
import ui from '../ui/ui.module.css';
import { words } from '../words/english';
import { more } from '../words/more';
import styles from './Courses.module.css';

const say = more.handIn;

interface Props {
    paperId: string;
    course: CourseAsked;
    missing: Answer[];
    onClose: () => void;
}

/** Hands a paper in to its course as it stands, after a look at what is missing. */
export default function HandInDialog({ paperId, course, missing, onClose }: Props) {
    const me = useMe();
    const tell = useSay();
    const path = `${paperPath(paperId)}/hand-ins`;
    const before = useQuery<{ id: string; name: string; at: string }[]>({
        queryKey: ['hand-ins', paperId],
        queryFn: () => call('GET', path),
        staleTime: 0,
    });
    const [name, setName] = useState<string | null>(null);
    const [problem, setProblem] = useState('');
    const next = useRef(ulid());
    const given = name ?? before.data?.[0]?.name ?? me?.name ?? '';
    const isLate = course.dueOn !== null && new Date(`${course.dueOn}T23:59:59`) < new Date();
    const submit = (event: FormEvent) => {
        event.preventDefault();
        void (async () => {
            for (const one of outbox.paths().filter((other) => other.startsWith(paperPath(paperId))))
                if (!(await outbox.delivered(one))) throw new Error(words.paper.notSavedYet);
            await call('POST', path, { id: next.current, name: given });
            onClose();
            tell(say.given(course.title));
        })().catch((error: Error) => setProblem(error.message));
    };
    return (
        <Dialog title={say.title} open onClose={onClose}>
            <form className={styles.handIn} onSubmit={submit} data-hand-in-form="" noValidate>
                <p>{say.about(course.title)}</p>
                {isLate && <p className={ui.notice}>{say.late(more.day(course.dueOn!))}</p>}
                {missing.length > 0 && (
                    <div className={ui.notice}>
                        {say.missing}
                        <ul>
                            {missing.map((one) => (
                                <li key={one.id}>{one.sentence}</li>
                            ))}
                        </ul>
                    </div>
                )}
                <label>
                    <span>{say.name}</span>
                    <input
                        className={ui.box}
                        value={given}
                        maxLength={80}
                        autoComplete="name"
                        onChange={(event) => setName(event.target.value)}
                        data-hand-in-name=""
                    />
                </label>
                <Alert>{problem}</Alert>
                <p>
                    <Button type="primary" htmlType="submit">
                        {say.give}
                    </Button>
                </p>
                {before.data !== undefined && before.data.length > 0 && (
                    <p className={ui.soft}>
                        {say.before}: {before.data.map((one) => when(one.at)).join('; ')}
                    </p>
                )}
            </form>
        </Dialog>
    );
}
