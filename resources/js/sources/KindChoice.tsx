import { Select } from 'antd';
import { useRef, useState } from 'react';
import { call } from '../api/client';
import type { Kind, KindId, Reference, Source } from '../api/types';

/** A kind, or a heading with kinds below it. */
interface Shown {
    label: string;
    value?: string;
    options?: { value: string; label: string }[];
}

interface Props {
    source: Source;
    reference: Reference;
    onEdit: (source: Source) => void;
}

/** What the source really is, found by any everyday word; the server knows which word means which kind. */
export function KindChoice({ source, reference, onEdit }: Props) {
    const [found, setFound] = useState<string[] | null>(null);
    const asked = useRef(0);
    const option = (kind: Kind) => ({ value: kind.id, label: kind.label });
    const groups = [...new Set(reference.kinds.map((kind) => kind.group))];
    const find = async (typed: string) => {
        const turn = ++asked.current;
        const ids = typed.trim() === '' ? null : await call<string[]>('GET', `kinds?find=${encodeURIComponent(typed)}`);
        if (turn === asked.current) setFound(ids);
    };

    return (
        <Select<KindId, Shown>
            showSearch={{ filterOption: false, onSearch: (typed) => void find(typed) }}
            aria-label="Kind of source"
            value={source.kind}
            style={{ width: 250 }}
            popupMatchSelectWidth={320}
            notFoundContent="No kind by that word. “Something else” takes any source."
            onChange={(kind: KindId) => onEdit({ ...source, kind })}
            onOpenChange={() => setFound(null)}
            options={
                found === null
                    ? [
                          { label: 'Common', options: reference.kinds.slice(0, 8).map(option) },
                          ...groups.map((group) => ({
                              label: group,
                              options: reference.kinds.filter((kind, i) => kind.group === group && i >= 8).map(option),
                          })),
                      ]
                    : found.map((id) => option(reference.kinds.find((kind) => kind.id === id)!))
            }
        />
    );
}
