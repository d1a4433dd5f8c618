import type { Mix } from '../api/types';
import ui from '../ui/ui.module.css';
import { more } from '../words/more';
import styles from './Mix.module.css';

const say = more.mix;

/** As many bars as are drawn before the rest is told in the table only. */
const DRAWN = 12;

type Measure = Mix['measures'][number];

/** One question about the sources: a bar a sort, told apart by pattern as well as by colour, and a table under them. */
export function Chart({ measure, count }: { measure: Measure; count: number }) {
    const most = Math.max(1, ...measure.shares.map((one) => one.count));
    const percent = (part: number) => Math.round((part / count) * 100);
    return (
        <section className={styles.chart} aria-label={measure.label} data-measure={measure.id}>
            <h2>{measure.label}</h2>
            <div aria-hidden="true">
                {measure.shares.slice(0, DRAWN).map((share, i) => (
                    <div key={share.id} className={styles.row}>
                        <span className={styles.label}>{share.label}</span>
                        <span className={styles.track}>
                            <i
                                className={styles[`bar${i % 6}`]}
                                style={{ width: `${(share.count / most) * 100}%` }}
                                data-bar={share.count}
                            />
                        </span>
                        <span className={styles.number}>{share.count}</span>
                    </div>
                ))}
            </div>
            <details>
                <summary className={`${ui.soft} ${ui.small}`}>{say.table(measure.label)}</summary>
                <table className={styles.table}>
                    <thead>
                        <tr>
                            <th scope="col">{say.sort}</th>
                            <th scope="col">{say.count}</th>
                            <th scope="col">{say.share}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {measure.shares.map((share) => (
                            <tr key={share.id}>
                                <th scope="row">{share.label}</th>
                                <td>{share.count}</td>
                                <td>{percent(share.count)} %</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            </details>
        </section>
    );
}
