import { message } from 'antd';
import { createContext, useCallback, useContext, useRef, type ReactNode } from 'react';
import { words } from '../words/english';
import styles from './Messages.module.css';
import ui from './ui.module.css';

/** Seconds a message stays where nobody points at it; what it takes back lies in a bin for longer. */
const SECONDS = 12;

type Say = (text: string, undo?: () => void) => void;

const Context = createContext<Say>(() => undefined);

/** Says what was done, and takes it back with one press; several stand one above the other and go by themselves. */
export const useSay = () => useContext(Context);

export function Messages({ children }: { children: ReactNode }) {
    const place = useRef<HTMLDivElement>(null);
    const [api, holder] = message.useMessage({
        duration: SECONDS,
        maxCount: 4,
        pauseOnHover: true,
        getContainer: () => place.current ?? document.body,
    });
    const number = useRef(0);
    const say = useCallback<Say>(
        (text, undo) => {
            const key = `said-${++number.current}`;
            void api.open({
                key,
                icon: null,
                content: (
                    <span className={styles.said}>
                        <span>{text}</span>
                        {undo !== undefined && (
                            <button
                                className={ui.link}
                                type="button"
                                onClick={() => {
                                    api.destroy(key);
                                    undo();
                                }}
                            >
                                {words.message.undo}
                            </button>
                        )}
                        <button
                            className={`${ui.link} ${styles.close}`}
                            type="button"
                            aria-label={words.message.close}
                            onClick={() => api.destroy(key)}
                        >
                            ×
                        </button>
                    </span>
                ),
            });
        },
        [api],
    );
    return (
        <Context.Provider value={say}>
            {children}
            <div
                className={styles.place}
                ref={place}
                role="region"
                aria-label={words.message.region}
                data-messages=""
            />
            {holder}
        </Context.Provider>
    );
}
