import type { Box, Item, Point } from '@/api/types';

/** A move and a turn of the plane, as in core/Geometry/Matrix; what is painted may be mirrored besides. Angles are degrees clockwise. */
export interface Placement {
    angle: number;
    x: number;
    y: number;
}

export const still: Placement = { angle: 0, x: 0, y: 0 };

export function turned(point: Point, angle: number): Point {
    if (angle === 0) return point;
    const radians = (angle * Math.PI) / 180;
    const [cos, sin] = [Math.cos(radians), Math.sin(radians)];
    return { x: point.x * cos - point.y * sin, y: point.x * sin + point.y * cos };
}

export function applied(placement: Placement, point: Point): Point {
    const turnedPoint = turned(point, placement.angle);
    return { x: turnedPoint.x + placement.x, y: turnedPoint.y + placement.y };
}

export function inverse(placement: Placement): Placement {
    const back = turned({ x: -placement.x, y: -placement.y }, -placement.angle);
    return { angle: -placement.angle, ...back };
}

/** First the inner one, then the outer one. */
export function chained(outer: Placement, inner: Placement): Placement {
    return { angle: outer.angle + inner.angle, ...applied(outer, inner) };
}

/** From an item's own space (for a group, its children's) to its parent's. */
export function toParent(item: Item): Placement {
    const { x, y, w, h } = item.frame;
    const origin = item.origin ?? { x: 0, y: 0 };
    const centre = { x: x + w / 2, y: y + h / 2 };
    const corner = turned({ x: x - origin.x - centre.x, y: y - origin.y - centre.y }, item.angle);
    return { angle: item.angle, x: corner.x + centre.x, y: corner.y + centre.y };
}

/** A point of an item's own space, in the mirror where the item is flipped. */
export function mirrored(item: Item, point: Point): Point {
    const { flip, frame } = item;
    const { x, y } = item.origin ?? { x: 0, y: 0 };
    return {
        x: flip === 'across' || flip === 'both' ? 2 * x + frame.w - point.x : point.x,
        y: flip === 'down' || flip === 'both' ? 2 * y + frame.h - point.y : point.y,
    };
}

/** The same as an SVG transform. */
export function mirrorTransform(item: Item): string {
    const [across, down] = [
        item.flip === 'across' || item.flip === 'both',
        item.flip === 'down' || item.flip === 'both',
    ];
    const from = mirrored(item, { x: 0, y: 0 });
    return `translate(${from.x} ${from.y}) scale(${across ? -1 : 1} ${down ? -1 : 1})`;
}

/** As an SVG transform; six decimals, as PHP writes it. */
export function svgTransform(placement: Placement): string {
    const figure = (value: number) => String(Math.round(value * 1e6) / 1e6);
    const shift = `translate(${figure(placement.x)} ${figure(placement.y)})`;
    return placement.angle === 0 ? shift : `${shift} rotate(${figure(placement.angle)})`;
}

export function union(boxes: Box[]): Box | null {
    if (boxes.length === 0) return null;
    const left = Math.min(...boxes.map((b) => b.x));
    const top = Math.min(...boxes.map((b) => b.y));
    const right = Math.max(...boxes.map((b) => b.x + b.w));
    const bottom = Math.max(...boxes.map((b) => b.y + b.h));
    return { x: left, y: top, w: right - left, h: bottom - top };
}

export function boxBetween(a: Point, b: Point): Box {
    return { x: Math.min(a.x, b.x), y: Math.min(a.y, b.y), w: Math.abs(a.x - b.x), h: Math.abs(a.y - b.y) };
}

export function meets(a: Box, b: Box): boolean {
    return a.x <= b.x + b.w && b.x <= a.x + a.w && a.y <= b.y + b.h && b.y <= a.y + a.h;
}

export function contains(outer: Box, inner: Box): boolean {
    return (
        outer.x <= inner.x &&
        outer.y <= inner.y &&
        outer.x + outer.w >= inner.x + inner.w &&
        outer.y + outer.h >= inner.y + inner.h
    );
}

/** Whole pixels as in core/Geometry/Length: half up. */
export function whole(value: number): number {
    return Math.floor(value + 0.5 + 1e-6) + 0;
}

/** To 1/1000 px, as lengths are stored. */
export function rounded(value: number): number {
    return Math.floor(value * 1000 + 0.5) / 1000 + 0;
}

/** As it is read: 3 decimals at most, no trailing zeros. */
export function figure(value: number): string {
    return String(rounded(value));
}
