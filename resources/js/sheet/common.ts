/** What all of them have in common; undefined while they differ. */
export function commonOf<O, T>(things: O[], read: (thing: O) => T): T | undefined {
    const values = new Map(things.map((thing) => [JSON.stringify(read(thing)), read(thing)]));
    const [only] = values.values();
    return values.size === 1 ? only : undefined;
}
