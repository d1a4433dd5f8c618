import { useEffect, useRef, useState } from 'react';
import { droppedLead } from '../lookup/files';

/** Takes a file or a link dropped anywhere on the screen; says whether one is held over it. */
export function useDropped(onDropped: (dropped: File | string) => void): boolean {
    const [isOver, setOver] = useState(false);
    const latest = useRef(onDropped);
    useEffect(() => {
        latest.current = onDropped;
    });
    useEffect(() => {
        // Text dragged within a field stays the field's.
        const wanted = (event: DragEvent) =>
            event.dataTransfer !== null &&
            [...event.dataTransfer.types].some((type) => type === 'Files' || type === 'text/uri-list');
        const over = (event: DragEvent) => {
            if (!wanted(event)) return;
            event.preventDefault();
            setOver(true);
        };
        const leave = (event: DragEvent) => {
            if (event.relatedTarget === null) setOver(false);
        };
        const drop = (event: DragEvent) => {
            setOver(false);
            if (!wanted(event)) return;
            event.preventDefault();
            const dropped = droppedLead(event.dataTransfer!);
            if (dropped !== null) latest.current(dropped);
        };
        document.addEventListener('dragover', over);
        document.addEventListener('dragleave', leave);
        document.addEventListener('drop', drop);
        return () => {
            document.removeEventListener('dragover', over);
            document.removeEventListener('dragleave', leave);
            document.removeEventListener('drop', drop);
        };
    }, []);
    return isOver;
}
