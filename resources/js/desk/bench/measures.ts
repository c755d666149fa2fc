import type { Commands } from '@/api/commands.gen';
import type { Box, Item } from '@/api/types';
import { rounded } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';

export type Ref = NonNullable<Commands['place']['ref']>;
export type Side = 'x' | 'y' | 'w' | 'h';

/** The nine points that x and y can be those of. */
export const POINTS: { ref: Ref; x: number; y: number; words: string }[] = (
    [
        ['top-left', 0, 0],
        ['top', 0.5, 0],
        ['top-right', 1, 0],
        ['left', 0, 0.5],
        ['centre', 0.5, 0.5],
        ['right', 1, 0.5],
        ['bottom-left', 0, 1],
        ['bottom', 0.5, 1],
        ['bottom-right', 1, 1],
    ] as const
).map(([point, x, y]) => ({ ref: point, x, y, words: point.replace('-', ' ') }));

/** What a field shows of one item: its bounds from the zero; of a turned one, its own width and height. */
export function measure(item: Item, side: Side, reference: Ref): number {
    const upright = useDesk().tree.toSheet(item.id).angle % 90 === 0;
    if (side === 'w' || side === 'h') return upright ? item.bounds[side] : item.frame[side];
    return fromZero(item.bounds, side, reference);
}

export function fromZero(box: Box, side: 'x' | 'y', reference: Ref): number {
    const point = POINTS.find((p) => p.ref === reference);
    const along = side === 'x' ? box.x + box.w * (point?.x ?? 0) : box.y + box.h * (point?.y ?? 0);
    return rounded(along - (useDesk().sheet?.zero[side] ?? 0));
}

export interface Occurrence {
    value: number;
    ids: string[];
    words: string;
}

/** How often each value of a measure occurs, the most frequent first: "144 five times" as "144 ×5". */
export function mixedOf(items: Item[], side: Side, reference: Ref): { values: Occurrence[]; words: string } {
    const found = new Map<number, string[]>();
    for (const item of items) {
        const value = rounded(measure(item, side, reference));
        found.set(value, [...(found.get(value) ?? []), item.id]);
    }
    const values = [...found]
        .map(([value, ids]) => ({ value, ids, words: `${useUnits().text(value)} ×${ids.length}` }))
        .sort((a, b) => b.ids.length - a.ids.length || a.value - b.value);
    const more = values.length > 6 ? ` and ${values.length - 6} more` : '';
    const words =
        values.length < 2
            ? ''
            : values
                  .slice(0, 6)
                  .map((one) => one.words)
                  .join(', ') + more;
    return { values, words };
}
