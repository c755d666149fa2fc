/** Sizes of files as they are read: 840 bytes, 12 kB, 3.4 MB. */
export function bytes(count: number): string {
    if (count < 1000) return `${count} bytes`;
    if (count < 999_500) return `${Math.round(count / 1000)} kB`;
    return `${(count / 1_000_000).toFixed(1)} MB`;
}

export function counted(count: number, one: string, several = `${one}s`): string {
    return `${count} ${count === 1 ? one : several}`;
}

/** A time of today by its hour, an earlier one with its day. */
export function when(time: string): string {
    const then = new Date(time);
    const hour = then.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
    return then.toDateString() === new Date().toDateString()
        ? hour
        : `${then.toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })}, ${hour}`;
}
