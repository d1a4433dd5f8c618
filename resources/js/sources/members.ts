import type { Contributor, Source } from '../api/types';

/** An id that tells a member of a list from the others for as long as it stands there. */
export function memberId(): string {
    const bytes = crypto.getRandomValues(new Uint8Array(10));
    return Array.from(bytes, (byte) => (byte % 36).toString(36)).join('');
}

/** The source with an id for everybody in it who has none yet. */
export function withMemberIds(source: Source): Source {
    const given = (people: Contributor[] | undefined) =>
        people?.map((one) => (one.id ? one : { ...one, id: memberId() }));
    const containers = source.containers?.map((one) =>
        one.contributors === undefined ? one : { ...one, contributors: given(one.contributors) },
    );
    return {
        ...source,
        ...(source.contributors === undefined ? {} : { contributors: given(source.contributors) }),
        ...(containers === undefined ? {} : { containers }),
    };
}
