/** Words for those who hear the screen: each is said once, and none twice in a row. */
let place: HTMLElement | null = null;
let timer: ReturnType<typeof setTimeout> | undefined;
let waiting: string[] = [];

function region(): HTMLElement {
    if (place === null) {
        place = document.createElement('div');
        place.setAttribute('role', 'status');
        place.dataset.announced = '';
        place.style.cssText = 'position:absolute;width:1px;height:1px;overflow:hidden;clip-path:inset(50%)';
        (document.querySelector('main') ?? document.body).append(place);
    }
    if (!place.isConnected) (document.querySelector('main') ?? document.body).append(place);
    return place;
}

export function announce(words: string): void {
    if (words === '' || waiting.includes(words)) return;
    waiting.push(words);
    clearTimeout(timer);
    const target = region();
    timer = setTimeout(() => {
        target.textContent = waiting.join(' ');
        waiting = [];
    }, 150);
}
