import { Button } from 'antd';
import { lazy, Suspense, useState } from 'react';
import { NavLink } from 'react-router-dom';
import { useMe } from '../people/useMe';
import { words } from '../words/english';
import styles from './DeskBar.module.css';
import { Home } from './Home';

const SignInDialog = lazy(() => import('../people/SignInDialog'));

const say = words.desk;

/** What stands above every screen that is no paper: where one is, and whether things are kept beyond this browser. */
export function DeskBar() {
    const me = useMe();
    const [wanted, setWanted] = useState<'open' | 'signIn' | null>(null);
    const account = me?.account ?? null;
    return (
        <>
            <header className={styles.bar}>
                <Home />
                <nav aria-label={say.nav}>
                    <NavLink to="/" end>
                        {words.bar.papers}
                    </NavLink>
                    <NavLink to="/courses">{say.courses}</NavLink>
                </nav>
                {me !== undefined && account === null && (
                    <span className={styles.kept}>
                        <span>{say.here}</span>
                        <button
                            type="button"
                            className={styles.plain}
                            onClick={() => setWanted('signIn')}
                            data-to-sign-in=""
                        >
                            {say.signIn}
                        </button>
                        <Button onClick={() => setWanted('open')} data-keep="">
                            {say.keep}
                        </Button>
                    </span>
                )}
                {account !== null && (
                    <span className={styles.kept}>
                        <NavLink to="/account" data-account="">
                            {me?.name || account.email}
                        </NavLink>
                    </span>
                )}
            </header>
            {wanted !== null && (
                <Suspense fallback={null}>
                    <SignInDialog wanted={wanted} onClose={() => setWanted(null)} />
                </Suspense>
            )}
        </>
    );
}
