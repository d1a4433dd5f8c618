import { BarcodeFormat, BrowserMultiFormatReader, DecodeHintType, NotFoundException } from '@zxing/library';
import { useEffect, useRef, useState } from 'react';
import { Dialog } from '../ui/Dialog';
import styles from './Lookups.module.css';
import { words } from '../words/english';

const say = words.scan;

interface Props {
    onFound: (isbn: string) => void;
    onClose: () => void;
}

/** Only a book's barcode begins like this; what else stands on the back cover is a price or a shop's own code. */
const BOOK = /^97[89]\d{10}$/;

const HINTS = new Map<DecodeHintType, unknown>([
    [DecodeHintType.POSSIBLE_FORMATS, [BarcodeFormat.EAN_13]],
    [DecodeHintType.TRY_HARDER, true],
]);

/** Reads the ISBN off a book's back cover, with the camera or from a photo. Nothing leaves the browser but the number. */
export default function Barcode({ onFound, onClose }: Props) {
    const video = useRef<HTMLVideoElement>(null);
    const [camera, setCamera] = useState(true);
    const [said, setSaid] = useState(say.hold);

    useEffect(() => {
        const reader = new BrowserMultiFormatReader(HINTS, 250);
        let open = true;
        const watch = async () => {
            try {
                await reader.decodeFromConstraints(
                    { video: { facingMode: 'environment' } },
                    video.current ?? 'camera',
                    (result, error) => {
                        if (!open) return;
                        if (result && BOOK.test(result.getText())) {
                            open = false;
                            reader.reset();
                            onFound(result.getText());
                        } else if (result) {
                            setSaid(say.notBook);
                        } else if (error && !(error instanceof NotFoundException)) {
                            setSaid(say.steadier);
                        }
                    },
                );
            } catch {
                if (!open) return;
                setCamera(false);
                setSaid(say.noCamera);
            }
        };
        void watch();
        return () => {
            open = false;
            reader.reset();
        };
    }, [onFound]);

    const fromPhoto = async (photo: File | undefined) => {
        if (photo === undefined) return;
        const url = URL.createObjectURL(photo);
        try {
            const result = await new BrowserMultiFormatReader(HINTS).decodeFromImageUrl(url);
            if (BOOK.test(result.getText())) onFound(result.getText());
            else setSaid(say.photoNotBook);
        } catch {
            setSaid(say.unreadable);
        } finally {
            URL.revokeObjectURL(url);
        }
    };

    return (
        <Dialog title={words.lead.scan} open onClose={onClose}>
            <div className={styles.scan}>
                <video ref={video} hidden={!camera} muted playsInline aria-label={say.camera} />
                <p role="status">{said}</p>
                <label>
                    <span>{say.photo}</span>{' '}
                    <input type="file" accept="image/*" onChange={(event) => void fromPhoto(event.target.files?.[0])} />
                </label>
            </div>
        </Dialog>
    );
}
