import type { Box, Item, Point } from '@/api/types';
import { isTray } from './containers';
import { is } from './kinds';
import type { Tree } from './tree';
import { applied, inverse, rounded } from './geometry';

/** Where things that are dragged would belong: a tray, or the sheet itself. */
export interface Berthing {
    tray: Item | null;
    /** their place in it, from the back; null for in front of all */
    index: number | null;
    /** where they would stand in a rail: a line of the sheet */
    bar: Box | null;
    /** along which edge of every sheet they would run, and where that zone is */
    zone: { edge: 'head' | 'foot'; box: Box } | null;
    /** how far others make way in the space of the rail, by id */
    way: ReadonlyMap<string, Point>;
}

const NO_WAY: ReadonlyMap<string, Point> = new Map();

const covers = (box: Box, at: Point): boolean =>
    at.x >= box.x && at.x <= box.x + box.w && at.y >= box.y && at.y <= box.y + box.h;

/** The innermost tray under a point that things can be put into. */
export function trayAt(tree: Tree, at: Point, without: ReadonlySet<string>, parent: string | null = null): Item | null {
    for (const item of [...tree.children(parent)].reverse()) {
        if (item.hidden || without.has(item.id) || tree.isLocked(item.id) || !is(item, 'holds-items')) continue;
        if (is(item, 'shows-as-one')) continue;
        const inner = trayAt(tree, at, without, item.id);
        if (inner) return inner;
        if (isTray(item) && covers(item.bounds, at)) return item;
    }
    return null;
}

/**
 * Where things would belong if they were let go; undefined where that does not change.
 *
 * @param ids what is dragged, all of which lie on the sheet itself or in one tray
 * @param isCopied whether a copy is dragged, and they stay
 */
export function berthingAt(
    tree: Tree,
    at: Point,
    ids: string[],
    sheet: { width: number; height: number },
    isCopied = false,
): Berthing | undefined {
    const dragged = new Set(ids);
    const parents = new Set(ids.map((id) => tree.items.get(id)?.parent ?? null));
    const [parent = null] = parents;
    const from = parent === null ? null : (tree.items.get(parent) ?? null);
    if (parents.size !== 1 || (from && !isTray(from))) return undefined;
    const found = trayAt(tree, at, isCopied ? new Set() : dragged);
    // A row among rows changes its place in their rail, and does not fall into the one beside it.
    const isRow = ids.some((id) => isTray(tree.items.get(id) as Item));
    const stays = from?.fields.rail && isRow && found && tree.ancestors(found.id).includes(from);
    const tray = stays ? from : found;
    if (tray?.fields.rail) return inRail(tree, tray, at, isCopied ? new Set() : dragged);
    const zone = tray === null && !ids.some((id) => runs(tree.items.get(id))) ? zoneAt(tree, at, sheet) : null;
    if (zone) return { tray: null, index: null, bar: null, zone, way: NO_WAY };
    return (tray?.id ?? null) === parent ? undefined : { tray, index: null, bar: null, zone: null, way: NO_WAY };
}

const runs = (item: Item | undefined): boolean => ['head', 'foot'].includes(item?.fields.twin?.zone ?? '');

/** The zones of what runs along the head and the foot of every sheet: right across, as high as what runs there. */
export function zonesOf(tree: Tree, sheet: { width: number; height: number }): { edge: 'head' | 'foot'; box: Box }[] {
    return (['head', 'foot'] as const).flatMap((edge) => {
        const boxes = tree
            .children(null)
            .filter((item) => !item.hidden && item.fields.twin?.zone === edge)
            .map((item) => item.bounds);
        if (boxes.length === 0) return [];
        const top = edge === 'head' ? 0 : Math.min(...boxes.map((box) => box.y));
        const bottom = edge === 'foot' ? sheet.height : Math.max(...boxes.map((box) => box.y + box.h));
        return bottom > top ? [{ edge, box: { x: 0, y: top, w: sheet.width, h: bottom - top } }] : [];
    });
}

const zoneAt = (tree: Tree, at: Point, sheet: { width: number; height: number }) =>
    zonesOf(tree, sheet).find(({ box }) => covers(box, at)) ?? null;

/**
 * What is drawn on a tray lies in it from the first, as long as that stands upright; in a rail before what it is drawn before.
 *
 * @param start where it is begun, on the sheet
 * @param at its frame's top left, on the sheet
 */
export function drawnIn(
    tree: Tree,
    start: Point,
    at: Point,
): { parent: string; index?: number; x: number; y: number } | undefined {
    const tray = trayAt(tree, start, new Set());
    const space = tray && tree.toSheet(tray.id);
    if (!tray || !space || space.angle !== 0) return undefined;
    const index = tray.fields.rail ? inRail(tree, tray, start, new Set()).index : null;
    const { x, y } = applied(inverse(space), at);
    return { parent: tray.id, ...(index !== null && { index }), x: rounded(x), y: rounded(y) };
}

/** The place in a rail that is nearest to the pointer. */
function inRail(tree: Tree, tray: Item, at: Point, dragged: ReadonlySet<string>): Berthing {
    const point = applied(inverse(tree.toSheet(tray.id)), at);
    const isRow = tray.fields.rail?.direction === 'row';
    const others = tree.children(tray.id).filter((child) => !dragged.has(child.id));
    const seen = others.filter((child) => !child.hidden);
    const isBefore = ({ frame }: Item): boolean =>
        isRow
            ? frame.y + frame.h < point.y || (frame.y <= point.y && frame.x + frame.w / 2 < point.x)
            : frame.x + frame.w < point.x || (frame.x <= point.x && frame.y + frame.h / 2 < point.y);
    const wraps = tray.fields.rail?.wrap ?? false;
    const along = (child: Item): boolean =>
        isRow ? child.frame.x + child.frame.w / 2 < point.x : child.frame.y + child.frame.h / 2 < point.y;
    const next = seen.find((child) => !(wraps ? isBefore(child) : along(child)));
    const index = next ? others.indexOf(next) : others.length;
    const way = wraps ? NO_WAY : wayFor(tree, tray, seen, next, dragged);
    return { tray, index, bar: barAt(seen, next, isRow), zone: null, way };
}

/** In a rail that does not wrap, how far the others go to make room for what is dragged, and close up where that was. */
function wayFor(
    tree: Tree,
    tray: Item,
    seen: Item[],
    next: Item | undefined,
    dragged: ReadonlySet<string>,
): ReadonlyMap<string, Point> {
    const { rail } = tray.fields;
    if (!rail || seen.length + dragged.size > MOST_SLIDING) return NO_WAY;
    const isRow = rail.direction === 'row';
    const lengths = [...dragged].map((id) => {
        const item = tree.items.get(id);
        const size = item ? (isRow ? item.bounds.w : item.bounds.h) : 0;
        return size + rail.gap + (item?.parent === tray.id ? (item.fields.berth?.before ?? 0) : 0);
    });
    const length = lengths.reduce((sum, one) => sum + one, 0);
    const all = tree.children(tray.id).filter((child) => !child.hidden);
    const from = all.filter((child) => dragged.has(child.id));
    const isInside = from.length === dragged.size;
    // What comes from outside makes the rail longer, unless that is fixed and its things are not at its start.
    const share = isInside || rail.along === 'start' ? 0 : { centre: 0.5, end: 1, between: 0 }[rail.along];
    const way = new Map<string, Point>();
    for (const child of seen) {
        const gone = from.filter((one) => all.indexOf(one) < all.indexOf(child)).length / Math.max(1, dragged.size);
        const isPast = next !== undefined && seen.indexOf(child) >= seen.indexOf(next);
        const far = (isPast ? length : 0) - (isInside ? gone * length : share * length);
        if (Math.abs(far) > 0.01) way.set(child.id, isRow ? { x: far, y: 0 } : { x: 0, y: far });
    }
    return way;
}

/** More things than this would not slide smoothly. */
const MOST_SLIDING = 400;

/** Half way between the two things that they would come between, in the bounds of the sheet. */
function barAt(seen: Item[], next: Item | undefined, isRow: boolean): Box | null {
    const last = next ? seen[seen.indexOf(next) - 1] : seen[seen.length - 1];
    const beside = next ?? last;
    if (!beside) return null;
    const { bounds } = beside;
    const [lead, size] = isRow ? (['x', 'w'] as const) : (['y', 'h'] as const);
    const edge = next ? bounds[lead] : bounds[lead] + bounds[size];
    const isSameLine = last && next && last.bounds[lead] + last.bounds[size] <= bounds[lead];
    const middle = isSameLine ? (last.bounds[lead] + last.bounds[size] + edge) / 2 : edge;
    return isRow ? { x: middle, y: bounds.y, w: 0, h: bounds.h } : { x: bounds.x, y: middle, w: bounds.w, h: 0 };
}
