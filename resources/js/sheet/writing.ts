import type { Point } from '@/api/types';

/** A line of words as it is painted, in px of its item; a caret stands before each of its characters, and behind the last. */
export interface Line {
    from: number;
    to: number;
    top: number;
    height: number;
    baseline: number;
    carets: number[];
}

export interface Caret {
    x: number;
    top: number;
    height: number;
    line: number;
}

/** Characters are counted by code points, as the server counts them; what the browser selects by UTF-16 units. */
export const toCharacters = (text: string, unit: number): number => [...text.slice(0, unit)].length;
export const toUnits = (text: string, character: number): number => [...text].slice(0, character).join('').length;

/** Where a caret stands before a character. At a line that was broken, that is at the beginning of the next one. */
export function caretAt(lines: Line[], at: number): Caret | null {
    let found = lines.length - 1;
    for (let i = 0; i < lines.length; i++) {
        const [line, next] = [lines[i], lines[i + 1]];
        if (line && at >= line.from && (at < line.to || (at === line.to && next?.from !== at))) {
            found = i;
            break;
        }
    }
    return caretIn(lines, found, at);
}

function caretIn(lines: Line[], index: number, at: number): Caret | null {
    const line = lines[index];
    if (!line) return null;
    const x = line.carets[Math.min(Math.max(at - line.from, 0), line.carets.length - 1)] ?? 0;
    return { x, top: line.top, height: line.height, line: index };
}

/** The place between two characters that is nearest to a point. */
export function nearest(lines: Line[], point: Point): number {
    let index = lines.findIndex((line) => point.y < line.top + line.height);
    if (index < 0) index = lines.length - 1;
    return inLine(lines, index, point.x);
}

function inLine(lines: Line[], index: number, x: number): number {
    const line = lines[index];
    if (!line) return 0;
    let best = 0;
    line.carets.forEach((caret, i) => {
        if (Math.abs(caret - x) < Math.abs((line.carets[best] ?? 0) - x)) best = i;
    });
    return keptInLine(lines, index, line.from + best);
}

/** The end of a line that was broken is before the blank at which it was: behind it the next line begins. */
function keptInLine(lines: Line[], index: number, at: number): number {
    const [line, next] = [lines[index], lines[index + 1]];
    return line && at === line.to && next?.from === line.to && at > line.from ? at - 1 : at;
}

/** One line up or down, as near as can be to where the way began. */
export function stepped(lines: Line[], at: number, by: 1 | -1, x: number): number {
    const line = caretAt(lines, at)?.line ?? 0;
    if (line + by < 0) return 0;
    if (line + by >= lines.length) return lines[lines.length - 1]?.to ?? at;
    return inLine(lines, line + by, x);
}

/** The beginning or the end of the line that a caret stands in. */
export function lineEnd(lines: Line[], at: number, end: boolean): number {
    const index = caretAt(lines, at)?.line ?? 0;
    const line = lines[index];
    if (!line) return at;
    return end ? keptInLine(lines, index, line.to) : line.from;
}

/** What is selected, line by line. */
export function selectionBoxes(
    lines: Line[],
    from: number,
    to: number,
): { x: number; y: number; w: number; h: number }[] {
    return lines.flatMap((line) => {
        const [first, last] = [Math.max(from, line.from), Math.min(to, line.to)];
        if (first > last || (first === last && !(from <= line.from && to > line.to))) return [];
        const x = line.carets[first - line.from] ?? 0;
        const right = line.carets[last - line.from] ?? x;
        // A line end that is selected is seen as well.
        const more = to > line.to ? line.height * 0.25 : 0;
        return [{ x, y: line.top, w: Math.max(right - x, 0) + more, h: line.height }];
    });
}

const WORD = /[\p{L}\p{N}\p{M}_'’]/u;

/** The word, or the run of what is no word, round a character. */
export function wordRound(text: string, at: number): [number, number] {
    const characters = [...text];
    const isWord = WORD.test(characters[at] ?? '');
    const same = (character: string | undefined) =>
        character !== undefined && character !== '\n' && WORD.test(character) === isWord;
    let [from, to] = [at, at];
    while (same(characters[from - 1])) from--;
    while (same(characters[to])) to++;
    return [from, to];
}

export function paragraphRound(text: string, at: number): [number, number] {
    const characters = [...text];
    let [from, to] = [at, at];
    while (from > 0 && characters[from - 1] !== '\n') from--;
    while (to < characters.length && characters[to] !== '\n') to++;
    return [from, to];
}
