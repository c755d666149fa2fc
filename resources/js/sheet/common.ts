/** What all of them have in common; undefined while they differ. */
export function commonOf<O, T>(things: O[], read: (thing: O) => T): T | undefined {
    const values = new Map(things.map((thing) => [JSON.stringify(read(thing)), read(thing)]));
    const [only] = values.values();
    return values.size === 1 ? only : undefined;
}

/** Of values that differ, how often each occurs, the most frequent first: "3 × #dfeaec, 2 × none". */
export function tallied(values: string[]): string {
    const counts = new Map<string, number>();
    for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
    const list = [...counts].sort((a, b) => b[1] - a[1]).map(([value, count]) => `${count} × ${value}`);
    return list.length > MOST_TOLD ? `${list.slice(0, MOST_TOLD).join(', ')} and others` : list.join(', ');
}

const MOST_TOLD = 4;
