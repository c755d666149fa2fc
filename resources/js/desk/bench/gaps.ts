import type { Item } from '@/api/types';
import { rounded } from '@/sheet/geometry';
import { useUnits } from '@/stores/units';

const SIDES = { x: ['x', 'w'], y: ['y', 'h'] } as const;

function ordered(items: Item[], axis: 'x' | 'y'): Item[] {
    const [lead, size] = SIDES[axis];
    const centre = (item: Item) => item.bounds[lead] + item.bounds[size] / 2;
    return [...items].sort((a, b) => a.bounds[lead] - b.bounds[lead] || centre(a) - centre(b));
}

/** The gaps between items in their order along an axis, px. */
export function gapsOf(items: Item[], axis: 'x' | 'y'): number[] {
    const [lead, size] = SIDES[axis];
    const row = ordered(items, axis);
    return row.slice(1).map((item, i) => {
        const before = row[i]?.bounds;
        return rounded(item.bounds[lead] - (before ? before[lead] + before[size] : 0));
    });
}

/** "3 gaps of 24", "24, 24, 31" or, of many, "19 to 31". */
export function gapWords(gaps: number[]): string {
    if (gaps.length === 0) return '';
    if (new Set(gaps).size === 1)
        return `${gaps.length} ${gaps.length === 1 ? 'gap' : 'gaps'} of ${useUnits().text(gaps[0] ?? 0)}`;
    return gaps.length <= 5
        ? gaps.map(useUnits().text).join(', ')
        : `${useUnits().text(Math.min(...gaps))} to ${useUnits().text(Math.max(...gaps))}`;
}

/** The nearest extents that divide into whole gaps, where the present one does not (RULES 5). */
export function dividing(items: Item[], axis: 'x' | 'y'): { extent: number; words: string; short: string }[] {
    const [lead, size] = SIDES[axis];
    const row = ordered(items, axis);
    const [first, last] = [row[0], row.at(-1)];
    if (!first || !last) return [];
    const sizes = row.reduce((sum, item) => sum + item.bounds[size], 0);
    const rest = rounded(last.bounds[lead] + last.bounds[size] - first.bounds[lead] - sizes);
    const count = row.length - 1;
    if (rest < 0 || !Number.isInteger(rest) || rest % count === 0) return [];
    return [Math.floor(rest / count), Math.ceil(rest / count)].map((gap) => ({
        extent: rounded(sizes + gap * count),
        words: Array(Math.min(count, 12)).fill(useUnits().text(gap)).join(' '),
        short: count <= 4 ? Array(count).fill(useUnits().text(gap)).join(' ') : `${count} × ${useUnits().text(gap)}`,
    }));
}
