/**
 * Lets a press be carried out before the screen changes under it: what leaving a field shows would otherwise move what
 * is being pressed from under the pointer, and the press would be lost.
 */
let isDown = false;
let waiting: (() => void)[] = [];

document.addEventListener('pointerdown', () => (isDown = true), true);
for (const end of ['pointerup', 'pointercancel'])
    document.addEventListener(
        end,
        () => {
            isDown = false;
            const works = waiting;
            waiting = [];
            // The click comes right after.
            if (works.length > 0) setTimeout(() => works.forEach((work) => work()), 0);
        },
        true,
    );

export function afterPress(work: () => void): void {
    if (isDown) waiting.push(work);
    else work();
}
