import type { Contributor, Name, Source } from '../api/types';

export function shown(name: Name): string {
    return (
        name.screen ??
        name.group ??
        [name.given, name.dropping, name.particle, name.family, name.suffix].filter(Boolean).join(' ')
    );
}

export function listed(people: Contributor[] | undefined): string {
    return (people ?? [])
        .map((one) => shown(one.name))
        .filter(Boolean)
        .join(', ');
}

/** What a source is called in lists and messages. */
export function called(source: Source): string {
    return (
        source.title?.main?.replace(/<\/?i>/g, '') ||
        listed(source.contributors) ||
        String(source.containers?.[0]?.url ?? '') ||
        'Source without a title'
    );
}
