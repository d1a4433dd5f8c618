/**
 * Where the focus goes after an action: to the first of the places that is there once the screen is drawn anew.
 *
 * @param places selectors, the best one first
 */
export function focusOn(...places: string[]): void {
    let left = 20;
    const go = () => {
        for (const place of places) {
            const found = [...document.querySelectorAll<HTMLElement>(place)].find((one) => one.offsetParent !== null);
            if (found !== undefined) {
                found.focus();
                return;
            }
        }
        if (--left > 0) requestAnimationFrame(go);
    };
    requestAnimationFrame(go);
}

/** Whether somebody is in the middle of typing something other than a lead. */
export function isTyping(): boolean {
    const at = document.activeElement;
    return at instanceof HTMLElement && at.matches('input, textarea, select') && !at.matches('[data-lead]');
}
