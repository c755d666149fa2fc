import type { Axis, Box } from '@/api/types';
import {
    after,
    BASELINE,
    boxAt,
    CENTRE,
    extent,
    LEAD,
    lead,
    meets,
    other,
    partAt,
    trail,
    type Candidates,
    type Dragged,
} from './candidates';
import { near, prepared } from './ordered';

/** A line that what is dragged lies on, from end to end of all that meet there. */
export interface Sight {
    axis: Axis;
    at: number;
    low: number;
    high: number;
}

/** Gaps that are equal, each drawn from here to there at a place across. */
export interface EqualGaps {
    axis: Axis;
    size: number;
    gaps: [number, number, number][];
}

/** Things that are as wide, or as high. */
export interface EqualSize {
    axis: Axis;
    size: number;
    from: string;
}

export interface Met {
    lines: Sight[];
    gaps: EqualGaps[];
    sizes: EqualSize[];
}

const SAME = 0.0005;
const same = (a: number, b: number) => Math.abs(a - b) < SAME;

/** What is true of the place where something was dragged to, as core/Snap/Met reports it when it ends. */
export function metAt(candidates: Candidates, dragged: Dragged, dx: number, dy: number): Met {
    const box = after(dragged, dx, dy);
    const found: Met = { lines: [], gaps: [], sizes: [] };
    for (const [axis, by] of [['x', dx] as const, ['y', dy] as const]) {
        const lines = new Map<string, Sight>();
        for (const part of dragged.parts[axis]) {
            const place = partAt(dragged, axis, part) + by;
            const add = (at: number, low: number, high: number) => reach(lines, axis, at, low, high, box);
            for (const line of candidates.lines[axis])
                if (same(line.at, place) && meets(part, line)) add(line.at, line.low, line.high);
            if (part === BASELINE) {
                candidates.baselines.y.forEach((at, i) => {
                    const other = boxAt(candidates, candidates.baselines.at[i] ?? 0);
                    if (same(at, place) && candidates.kinds.includes('edge')) add(at, other.x, other.x + other.w);
                });
            } else others(candidates, axis, place, add);
            if (candidates.module !== null && part !== CENTRE) {
                const step = Math.floor(place / candidates.module + 0.5) * candidates.module;
                if (same(place, step)) add(place, Infinity, -Infinity);
            }
        }
        found.lines.push(...lines.values());
        found.gaps.push(...gaps(candidates, axis, box));
        found.sizes.push(...sizes(candidates, dragged, axis, box));
    }
    return found;
}

function others(of: Candidates, axis: Axis, place: number, add: (at: number, low: number, high: number) => void): void {
    const across = other(axis);
    const { lines, boxes } = prepared(of);
    near(lines[axis], place, SAME, (at, _, i) => {
        const box = boxes[i];
        if (box && same(at, place)) add(place, lead(box, across), trail(box, across));
    });
}

function reach(lines: Map<string, Sight>, axis: Axis, at: number, low: number, high: number, box: Box): void {
    const across = other(axis);
    const key = at.toFixed(3);
    const was = lines.get(key) ?? { axis, at, low: lead(box, across), high: trail(box, across) };
    lines.set(key, { ...was, low: Math.min(was.low, low), high: Math.max(was.high, high) });
}

function gaps(of: Candidates, axis: Axis, box: Box): EqualGaps[] {
    const across = other(axis);
    const found = new Map<string, EqualGaps>();
    of.gaps[axis].at.forEach((at, i) => {
        const g = of.gaps[axis];
        const isLead = g.part[i] === LEAD;
        const [low, high] = [g.low[i] ?? 0, g.high[i] ?? 0];
        if (!same(isLead ? lead(box, axis) : trail(box, axis), at)) return;
        if (lead(box, across) >= high || trail(box, across) <= low) return;
        const [a, b] = [boxAt(of, g.a[i] ?? 0), boxAt(of, g.b[i] ?? 0)];
        const middle = (Math.max(low, lead(box, across)) + Math.min(high, trail(box, across))) / 2;
        const between = isLead && lead(box, axis) < lead(b, axis);
        const pairs = between
            ? [
                  [trail(a, axis), lead(box, axis)],
                  [trail(box, axis), lead(b, axis)],
              ]
            : [
                  [trail(a, axis), lead(b, axis)],
                  isLead ? [trail(b, axis), lead(box, axis)] : [trail(box, axis), lead(a, axis)],
              ];
        const size = g.size[i] ?? 0;
        const one = found.get(size.toFixed(3)) ?? { axis, size, gaps: [] };
        for (const [from, to] of pairs) {
            if (!one.gaps.some((gap) => same(gap[0], from ?? 0) && same(gap[2], middle)))
                one.gaps.push([from ?? 0, to ?? 0, middle]);
        }
        found.set(size.toFixed(3), one);
    });
    return [...found.values()];
}

function sizes(of: Candidates, dragged: Dragged, axis: Axis, box: Box): EqualSize[] {
    if (!dragged.sizes || dragged.parts[axis].length === 0 || !of.kinds.includes('size')) return [];
    const size = extent(box, axis);
    const i = (axis === 'x' ? of.boxes.w : of.boxes.h).findIndex((one) => same(one, size));
    return i < 0 ? [] : [{ axis, size, from: of.ids[i] ?? '' }];
}
