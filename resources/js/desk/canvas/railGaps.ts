import type { Box, Item } from '@/api/types';
import type { Tree } from '@/sheet/tree';

/** What lies between two things that follow each other in a rail. */
export interface RailGap {
    /** px of the sheet; where they overlap, what they share */
    box: Box;
    /** px, below 0 where they overlap */
    length: number;
    /** what lies behind it */
    next: string;
}

/** The gaps of a rail whose things stand upright, in their order; of one that wraps those within its lines. */
export function gapsIn(tree: Tree, rail: Item): RailGap[] {
    const isRow = rail.fields.rail?.direction === 'row';
    const [lead, size] = isRow ? (['x', 'w'] as const) : (['y', 'h'] as const);
    const [side, thickness] = isRow ? (['y', 'h'] as const) : (['x', 'w'] as const);
    const things = tree.children(rail.id).filter((child) => !child.hidden);
    const gaps: RailGap[] = [];
    things.forEach((next, i) => {
        const last = things[i - 1];
        if (!last) return;
        const [a, b] = [last.bounds, next.bounds];
        const from = a[lead] + a[size];
        // In a new line it begins before where the last one began.
        if (rail.fields.rail?.wrap && b[lead] + b[size] <= a[lead]) return;
        const top = Math.max(a[side], b[side]);
        const bottom = Math.min(a[side] + a[thickness], b[side] + b[thickness]);
        const [at, length] = [Math.min(from, b[lead]), Math.abs(b[lead] - from)];
        const [across, down] =
            bottom > top ? [top, bottom - top] : [Math.min(a[side], b[side]), Math.max(a[thickness], b[thickness])];
        const box = isRow ? { x: at, y: across, w: length, h: down } : { x: across, y: at, w: down, h: length };
        gaps.push({ box, length: b[lead] - from, next: next.id });
    });
    return gaps;
}
