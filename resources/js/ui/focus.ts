/**
 * Where the focus goes after an action, once the screen is drawn anew: to the best place, or to another one where that
 * does not come.
 *
 * @param places selectors, the best one first
 */
export function focusOn(...places: string[]): void {
    let left = 40;
    const go = () => {
        for (const place of left > 20 ? places.slice(0, 1) : places) {
            const found = [...document.querySelectorAll<HTMLElement>(place)].find((one) => one.checkVisibility());
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
