import type { Commands } from '@/api/commands.gen';
import type { Item, Point } from '@/api/types';
import { applied, chained, inverse, mirrored, toParent, type Placement } from './geometry';
import { asItem } from './slices';
import type { Tree } from './tree';

/** A point of a path, with the control points of the curves that come in and go out. */
export interface PathPoint extends Point {
    in?: Point;
    out?: Point;
    smooth?: boolean;
}

export interface Run {
    closed: boolean;
    points: PathPoint[];
}

export type Ref = Commands['add-point']['part'];

/** A point, or a control point, of a path on the sheet. */
export interface Mark {
    ref: string;
    item: string;
    run: number;
    point: number;
    control: 'in' | 'out' | null;
    /** px of the sheet */
    at: Point;
    smooth: boolean;
}

export const refOf = (item: string, run: number, point: number, control: Mark['control'] = null): string =>
    `${item}:${run}:${point}${control ? `:${control}` : ''}`;

export function readRef(ref: string): { item: string; run: number; point: number; control: Mark['control'] } {
    const [item = '', run = '0', point = '0', control] = ref.split(':');
    return { item, run: Number(run), point: Number(point), control: (control as Mark['control']) ?? null };
}

export const runsOf = (item: Item): Run[] => (item.fields.subpaths as Run[] | undefined) ?? [];

/** From the points of a path to the sheet. */
export function placed(tree: Tree, item: Item): (point: Point) => Point {
    const placement = onSheet(tree, item);
    return (point) => applied(placement, mirrored(item, point));
}

/** From the sheet to the points of a path. */
export function unplaced(tree: Tree, item: Item): (point: Point) => Point {
    const back = inverse(onSheet(tree, item));
    return (point) => mirrored(item, applied(back, point));
}

const onSheet = (tree: Tree, item: Item): Placement => chained(tree.toSheet(item.parent), toParent(item));

/** All points of a path as they lie on the sheet; control points of those that are named. */
export function marksOf(tree: Tree, item: Item, named: ReadonlySet<string>): Mark[] {
    const at = placed(tree, item);
    return runsOf(item).flatMap((run, r) =>
        run.points.flatMap((point, p): Mark[] => {
            const base = { item: item.id, run: r, point: p, smooth: point.smooth ?? false };
            const shows = (['in', 'out'] as const).filter(
                (control) =>
                    point[control] &&
                    [null, 'in', 'out'].some((of) => named.has(refOf(item.id, r, p, of as Mark['control']))),
            );
            return [
                { ...base, ref: refOf(item.id, r, p), control: null, at: at(point) },
                ...shows.map((control) => ({
                    ...base,
                    ref: refOf(item.id, r, p, control),
                    control,
                    at: at(point[control] as Point),
                })),
            ];
        }),
    );
}

/** A point as something that is arranged: a box of no size on the sheet. */
export function pointAsItem(mark: Mark, path: string): Item {
    return {
        ...asItem({ id: mark.ref, name: `point ${mark.point + 1} of ${path}`, ...mark.at, w: 0, h: 0 } as never),
        kind: 'point',
    };
}

/** Runs as they are while some of their points are moved, in the path's own space. */
export function withMoved(item: Item, refs: ReadonlySet<string>, by: Point): Run[] {
    return runsOf(item).map((run, r) => ({
        closed: run.closed,
        points: run.points.map((point, p) => {
            const shift = (at: Point | undefined) => (at ? { x: at.x + by.x, y: at.y + by.y } : undefined);
            if (refs.has(refOf(item.id, r, p)))
                return { ...point, x: point.x + by.x, y: point.y + by.y, in: shift(point.in), out: shift(point.out) };
            let moved = point;
            for (const control of ['in', 'out'] as const)
                if (refs.has(refOf(item.id, r, p, control)))
                    moved = withControl(moved, control, shift(point[control]) as Point);
            return moved;
        }),
    }));
}

/** Where the curve runs through smoothly, the control point opposite turns along and keeps its distance. */
export function withControl(point: PathPoint, control: 'in' | 'out', to: Point): PathPoint {
    const opposite = control === 'in' ? 'out' : 'in';
    const other = point[opposite];
    const away = { x: point.x - to.x, y: point.y - to.y };
    const length = Math.hypot(away.x, away.y);
    if (!point.smooth || !other || length < 1e-9) return { ...point, [control]: to };
    const reach = Math.hypot(other.x - point.x, other.y - point.y) / length;
    return { ...point, [control]: to, [opposite]: { x: point.x + away.x * reach, y: point.y + away.y * reach } };
}

/** As path data of SVG, each point brought to where it is shown. */
export function pathData(runs: Run[], at: (point: Point) => Point = (point) => point): string {
    const pair = (point: Point) => {
        const to = at(point);
        return `${to.x.toFixed(2)} ${to.y.toFixed(2)}`;
    };
    return runs
        .map(({ points, closed }) => {
            const [first] = points;
            if (!first) return '';
            const parts = points.map((point, i) => {
                const next = points[i + 1] ?? (closed ? first : undefined);
                if (!next) return '';
                return point.out || next.in
                    ? `C${pair(point.out ?? point)} ${pair(next.in ?? next)} ${pair(next)}`
                    : `L${pair(next)}`;
            });
            return `M${pair(first)}${parts.join('')}${closed ? 'Z' : ''}`;
        })
        .join('');
}

/** A part of a path near a place, and where on it. */
export interface Near {
    ref: string;
    at: number;
    /** px of the sheet between it and the place */
    off: number;
}

/** The part of a path that lies nearest to a place of the sheet. */
export function partNear(tree: Tree, item: Item, place: Point): Near | null {
    const to = placed(tree, item);
    let best: Near | null = null;
    runsOf(item).forEach((run, r) => {
        run.points.forEach((point, p) => {
            const next = run.points[p + 1] ?? (run.closed ? run.points[0] : undefined);
            if (!next) return;
            const isStraight = !point.out && !next.in;
            const [a, b, c, d] = [point, point.out ?? point, next.in ?? next, next].map(to) as [
                Point,
                Point,
                Point,
                Point,
            ];
            const pieces = isStraight ? 1 : 24;
            for (let i = 0; i < pieces; i++) {
                const [from, till] = [i / pieces, (i + 1) / pieces];
                const [p0, p1] = [onCurve(a, b, c, d, from, isStraight), onCurve(a, b, c, d, till, isStraight)];
                const along = { x: p1.x - p0.x, y: p1.y - p0.y };
                const square = along.x ** 2 + along.y ** 2;
                const share =
                    square < 1e-12
                        ? 0
                        : Math.min(1, Math.max(0, ((place.x - p0.x) * along.x + (place.y - p0.y) * along.y) / square));
                const off = Math.hypot(p0.x + along.x * share - place.x, p0.y + along.y * share - place.y);
                if (!best || off < best.off)
                    best = { ref: refOf(item.id, r, p), at: from + (till - from) * share, off };
            }
        });
    });
    return best;
}

function onCurve(a: Point, b: Point, c: Point, d: Point, t: number, isStraight: boolean): Point {
    const u = 1 - t;
    if (isStraight) return { x: a.x * u + d.x * t, y: a.y * u + d.y * t };
    const [p, q, r, s] = [u ** 3, 3 * u * u * t, 3 * u * t * t, t ** 3];
    return { x: p * a.x + q * b.x + r * c.x + s * d.x, y: p * a.y + q * b.y + r * c.y + s * d.y };
}

/** Length and direction of what lies between two places, degrees clockwise from level. */
export function course(from: Point, to: Point): { length: number; angle: number } {
    return {
        length: Math.hypot(to.x - from.x, to.y - from.y),
        angle: (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI,
    };
}
