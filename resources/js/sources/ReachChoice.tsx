import { Radio } from 'antd';
import type { Kind, Source } from '../api/types';

interface Props {
    kind: Kind;
    source: Source;
    onEdit: (source: Source) => void;
}

/** How the student got at the source; it decides which fields matter. */
export function ReachChoice({ kind, source, onEdit }: Props) {
    if (kind.accessMethods.length < 2) return null;
    return (
        <div className="reach">
            <span className="soft" id="reach-label">
                You used it
            </span>
            <Radio.Group
                aria-labelledby="reach-label"
                value={source.reached ?? ''}
                onChange={(event) => onEdit({ ...source, reached: event.target.value as string })}
            >
                {kind.accessMethods.map((reach) => (
                    <Radio key={reach.id} value={reach.id}>
                        {reach.label.charAt(0).toLowerCase() + reach.label.slice(1)}
                    </Radio>
                ))}
            </Radio.Group>
        </div>
    );
}
