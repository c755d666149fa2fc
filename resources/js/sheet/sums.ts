/**
 * A sum of plain numbers, as fields for counts and angles take it: + - * / ( ), as core/Geometry/Sum reads it for lengths.
 *
 * @returns null where it cannot be read
 */
export function readSum(text: string): number | null {
    const parts = text.replace(/−/g, '-').match(/\d+(?:\.\d+)?|\.\d+|[-+*/()]|\S/g) ?? [];
    let at = 0;
    const isNumber = (part?: string) => part !== undefined && /^\.?\d/.test(part);

    function factor(): number {
        const part = parts[at++];
        if (part === '-') return -factor();
        if (part === '+') return factor();
        if (part === '(') {
            const inner = sum();
            return parts[at++] === ')' ? inner : NaN;
        }
        return isNumber(part) ? Number(part) : NaN;
    }

    function product(): number {
        let value = factor();
        while (parts[at] === '*' || parts[at] === '/')
            value = parts[at++] === '*' ? value * factor() : value / factor();
        return value;
    }

    function sum(): number {
        let value = product();
        while (parts[at] === '+' || parts[at] === '-')
            value = parts[at++] === '+' ? value + product() : value - product();
        return value;
    }

    const value = sum();
    return at === parts.length && Number.isFinite(value) ? value : null;
}

/** A count: what comes to a whole number, from 1 or another least one up. */
export function readCount(text: string, least = 1): number | null {
    const value = readSum(text);
    return value !== null && Number.isInteger(value) && value >= least ? value : null;
}

/**
 * What stands in a field, where what is typed begins with a sign: `+40` is 40 more, `*2` twice as much. A minus begins a
 * negative number.
 *
 * @param own what the field holds, as a sum names it
 */
export function relative(typed: string, own: string): string {
    return /^[+*/]/.test(typed) ? `${own} ${typed}` : typed;
}
