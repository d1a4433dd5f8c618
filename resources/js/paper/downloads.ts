import { Problem, token } from '../api/client';

/** Hands a file over to the browser, as pressing a link to it would. */
export function download(path: string): void {
    const link = document.createElement('a');
    link.href = path;
    link.download = '';
    document.body.append(link);
    link.click();
    link.remove();
}

/** The records of some sources as a file; their ids may be too many for an address. */
export async function downloadSome(path: string, only: string[]): Promise<void> {
    const answer = await fetch(path, {
        method: 'POST',
        headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token() },
        body: JSON.stringify({ only: only.join(',') }),
    });
    if (!answer.ok) throw new Problem(answer.status, await answer.text());
    const name = /filename="([^"]+)"/.exec(answer.headers.get('Content-Disposition') ?? '')?.[1] ?? 'sources';
    const url = URL.createObjectURL(await answer.blob());
    const link = document.createElement('a');
    link.href = url;
    link.download = name;
    link.click();
    URL.revokeObjectURL(url);
}
