/** Words between commas, each once. */
export function tagsIn(typed: string): string[] {
    const tags = new Map<string, string>();
    for (const part of typed.split(',')) {
        const tag = part.replace(/\s+/g, ' ').trim();
        if (tag !== '' && !tags.has(tag.toLowerCase())) tags.set(tag.toLowerCase(), tag);
    }
    return [...tags.values()];
}

/** Whether every word that is asked for begins a word of the text. */
export function hasWords(text: string, asked: string): boolean {
    const there = text.toLowerCase();
    return asked
        .toLowerCase()
        .split(/\s+/)
        .every((word) => there.includes(word));
}

/** A list with one member at another place. */
export function arranged(ids: string[], from: string, to: string): string[] {
    const [at, goal] = [ids.indexOf(from), ids.indexOf(to)];
    if (at < 0 || goal < 0) return ids;
    const rest = ids.filter((id) => id !== from);
    rest.splice(goal, 0, from);
    return rest;
}
