import type { ReadPage, Reference } from '../api/types';
import { Sheets } from './Sheets';

const NONE: never[] = [];
const NOTHING = {};

interface Props {
    shown: ReadPage;
    reference: Reference;
    openSource?: string | null;
    onPick?: (source: string) => void;
}

/** A page that is only read: by somebody with a link, by a teacher. */
export function ReadSheets({ shown, reference, openSource = null, onPick }: Props) {
    const style = reference.styles.find((one) => one.label === shown.style) ?? reference.styles[0]!;
    return (
        <Sheets
            page={shown.page}
            reference={reference}
            style={style.id}
            head={shown.head}
            course={{ paper: shown.size, firstPage: shown.firstPage }}
            openSource={openSource}
            litField={null}
            missing={NOTHING}
            held={NONE}
            onPick={(source) => onPick?.(source)}
            onTurn={() => undefined}
        />
    );
}
