import type { Axis, Box } from '@/api/types';
import { boxAt, rankOf, type Candidates } from './candidates';

/** The lines of all boxes along an axis in their order, so that only those near a place are looked at. */
interface Ordered {
    at: Float64Array;
    rank: Uint8Array;
    /** place among the candidates */
    of: Uint32Array;
}

/** What is made of candidates once, when they arrive, for all moves of the drag. */
export interface Prepared {
    lines: Record<Axis, Ordered>;
    boxes: Box[];
}

const known = new WeakMap<Candidates, Prepared>();

export function prepared(candidates: Candidates): Prepared {
    const before = known.get(candidates);
    if (before) return before;
    const made = {
        lines: { x: ordered(candidates, 'x'), y: ordered(candidates, 'y') },
        boxes: candidates.ids.map((_, i) => boxAt(candidates, i)),
    };
    known.set(candidates, made);
    return made;
}

function ordered(of: Candidates, axis: Axis): Ordered {
    const leads = axis === 'x' ? of.boxes.x : of.boxes.y;
    const sizes = axis === 'x' ? of.boxes.w : of.boxes.h;
    const edges = of.kinds.includes('edge');
    const centres = of.kinds.includes('centre');
    const found: [number, number, number][] = [];
    leads.forEach((from, i) => {
        const size = sizes[i] ?? 0;
        if (edges) found.push([from, rankOf('edge'), i], [from + size, rankOf('edge'), i]);
        if (centres) found.push([from + size / 2, rankOf('centre'), i]);
    });
    found.sort((a, b) => a[0] - b[0]);
    return {
        at: Float64Array.from(found, (one) => one[0]),
        rank: Uint8Array.from(found, (one) => one[1]),
        of: Uint32Array.from(found, (one) => one[2]),
    };
}

/** Those of the lines that lie within a distance of a place. */
export function near(
    lines: Ordered,
    place: number,
    distance: number,
    take: (at: number, rank: number, of: number) => void,
): void {
    let from = 0;
    let to = lines.at.length;
    while (from < to) {
        const middle = (from + to) >> 1;
        if ((lines.at[middle] as number) < place - distance) from = middle + 1;
        else to = middle;
    }
    for (let i = from; i < lines.at.length && (lines.at[i] as number) <= place + distance; i++)
        take(lines.at[i] as number, lines.rank[i] as number, lines.of[i] as number);
}
