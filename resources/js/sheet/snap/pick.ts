import type { Axis, Box } from '@/api/types';
import { rounded, whole } from '@/sheet/geometry';
import {
    after,
    BASELINE,
    extent,
    LEAD,
    lead,
    meets,
    other,
    partAt,
    rankOf,
    TRAIL,
    trail,
    type Candidates,
    type Dragged,
    type Part,
} from './candidates';
import { near, prepared } from './ordered';

/**
 * Where a drag comes to lie, picked from the candidates of its start by the rule of core/Snap/Snapping, which settles it
 * when it ends: on each axis the nearest line within tolerance wins, then whole pixels.
 *
 * @param dx how far it was dragged, px of the sheet; an axis along which nothing was dragged is held
 * @param tolerance px of the sheet, inclusive
 */
export function snap(
    candidates: Candidates,
    dragged: Dragged,
    tolerance: number,
    dx: number,
    dy: number,
): { dx: number; dy: number } {
    const free = after(dragged, dx, dy);
    return {
        dx: dx === 0 ? dx : along('x', candidates, dragged, tolerance, dx, free),
        dy: dy === 0 ? dy : along('y', candidates, dragged, tolerance, dy, free),
    };
}

/** distance, rank, coordinate, part, by how much to move: compared in this order */
type Choice = [number, number, number, number, number];

function along(axis: Axis, of: Candidates, dragged: Dragged, tolerance: number, by: number, free: Box): number {
    const parts = dragged.parts[axis];
    let best: Choice | null = null;
    const offer = (at: number, rank: number, place: number, part: Part): void => {
        const distance = rounded(Math.abs(at - place));
        if (distance > tolerance) return;
        const choice: Choice = [distance, rank, at, part, at - place];
        if (!best || precedes(choice, best)) best = choice;
    };
    for (const part of parts) {
        const place = partAt(dragged, axis, part) + by;
        targets(axis, of, dragged, part, place, tolerance, free, (at, rank) => offer(at, rank, place, part));
    }
    if (best === null && of.module !== null) {
        for (const part of parts) {
            const place = partAt(dragged, axis, part) + by;
            if (part === LEAD || part === TRAIL)
                offer(Math.floor(place / of.module + 0.5) * of.module, rankOf('module'), place, part);
        }
    }
    const chosen = best as Choice | null;
    const snapped = chosen === null ? by : by + chosen[4];
    const [first] = parts;
    if (!dragged.whole || first === undefined) return rounded(snapped);
    const edge = partAt(dragged, axis, first);
    return rounded(whole(edge + snapped) - edge);
}

function precedes(a: Choice, b: Choice): boolean {
    for (let i = 0; i < a.length; i++) {
        const [one, two] = [a[i] as number, b[i] as number];
        if (one !== two) return one < two;
    }
    return false;
}

/** Where a part of what is dragged could go. */
function targets(
    axis: Axis,
    of: Candidates,
    dragged: Dragged,
    part: Part,
    place: number,
    tolerance: number,
    free: Box,
    offer: (at: number, rank: number) => void,
): void {
    for (const line of of.lines[axis]) if (meets(part, line)) offer(line.at, rankOf(line.kind));
    const edges = of.kinds.includes('edge');
    if (part === BASELINE) {
        if (edges) of.baselines.y.forEach((at) => offer(at, rankOf('edge')));
        return;
    }
    // A hair more than the tolerance, which is compared with rounded distances.
    near(prepared(of).lines[axis], place, tolerance + 0.01, offer);
    equal(axis, of, dragged, part, free, offer);
}

function equal(
    axis: Axis,
    of: Candidates,
    dragged: Dragged,
    part: Part,
    free: Box,
    offer: (at: number, rank: number) => void,
): void {
    const gaps = of.gaps[axis];
    const across = other(axis);
    gaps.at.forEach((at, i) => {
        const holds = lead(free, across) < (gaps.high[i] ?? 0) && trail(free, across) > (gaps.low[i] ?? 0);
        if (gaps.part[i] === part && holds) offer(at, rankOf('gap'));
    });
    if (!dragged.sizes || !of.kinds.includes('size')) return;
    const [from, to] = [lead(dragged.box, axis), lead(dragged.box, axis) + extent(dragged.box, axis)];
    for (const size of axis === 'x' ? of.boxes.w : of.boxes.h)
        offer(part === LEAD ? to - size : from + size, rankOf('size'));
}
