/** A moment as one would say it: "25 November, 21:40". */
export function when(moment: string): string {
    return new Date(moment).toLocaleString('en-GB', {
        day: 'numeric',
        month: 'long',
        hour: '2-digit',
        minute: '2-digit',
    });
}
