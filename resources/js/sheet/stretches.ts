import type { Axis, Box, Point, Side } from '@/api/types';
import { rounded } from './geometry';

/** A distance that is drawn: from one point of the sheet to another. */
export interface Stretch {
    axis: Axis | 'straight' | 'centres';
    from: Point;
    to: Point;
    size: number;
    side?: Side;
}

/** Across, down, straight and from centre to centre between two boxes, as core/Measure/Distance reckons them. */
export function distances(a: Box, b: Box, only: Axis | null): Stretch[] {
    const [ac, bc] = [centre(a), centre(b)];
    const x = facing(a.x, a.x + a.w, b.x, b.x + b.w);
    const y = facing(a.y, a.y + a.h, b.y, b.y + b.h);
    const found: Stretch[] = [];
    if (x.size > 0) {
        const level = y.size > 0 ? y.from : y.shared;
        found.push({ axis: 'x', from: { x: x.from, y: level }, to: { x: x.to, y: level }, size: x.size });
    }
    if (y.size > 0) {
        const upright = x.size > 0 ? x.to : x.shared;
        found.push({ axis: 'y', from: { x: upright, y: y.from }, to: { x: upright, y: y.to }, size: y.size });
    }
    if (only) return found.filter((one) => one.axis === only);
    if (x.size > 0 && y.size > 0) {
        const size = rounded(Math.hypot(x.size, y.size));
        found.push({ axis: 'straight', from: { x: x.from, y: y.from }, to: { x: x.to, y: y.to }, size });
    }
    const size = rounded(Math.hypot(bc.x - ac.x, bc.y - ac.y));
    return [...found, { axis: 'centres', from: ac, to: bc, size }];
}

/** From a box to the four edges of another that it lies in, or sticks out of. */
export function meetsStraight(a: Box, around: Box): Stretch[] {
    const { x, y } = centre(a);
    const [right, bottom] = [around.x + around.w, around.y + around.h];
    const level = (side: Side, from: number, to: number): Stretch => ({
        axis: 'x',
        side,
        from: { x: from, y },
        to: { x: to, y },
        size: rounded(Math.abs(to - from)),
    });
    const upright = (side: Side, from: number, to: number): Stretch => ({
        axis: 'y',
        side,
        from: { x, y: from },
        to: { x, y: to },
        size: rounded(Math.abs(to - from)),
    });
    return [
        level('left', a.x, around.x),
        level('right', a.x + a.w, right),
        upright('top', a.y, around.y),
        upright('bottom', a.y + a.h, bottom),
    ];
}

/** The two ends that face each other along an axis, or the middle of what is shared. */
function facing(a1: number, a2: number, b1: number, b2: number) {
    const shared = (Math.max(a1, b1) + Math.min(a2, b2)) / 2;
    if (b1 >= a2) return { size: rounded(b1 - a2), from: a2, to: b1, shared };
    if (a1 >= b2) return { size: rounded(a1 - b2), from: a1, to: b2, shared };
    return { size: 0, from: shared, to: shared, shared };
}

const centre = (box: Box): Point => ({ x: box.x + box.w / 2, y: box.y + box.h / 2 });
