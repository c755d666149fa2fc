import type { Item, Painting, Point } from '@/api/types';
import { applied, inverse, mirrored } from './geometry';
import { is } from './kinds';
import type { Tree } from './tree';

/** Hairlines and the outlines of unfilled shapes are hit this far off, in screen pixels. */
const REACH = 4;

/** Nothing is drawn with it: it knows whether points lie in paths and on them. */
const context = globalThis.document?.createElement('canvas').getContext('2d') ?? null;
const paths = new Map<string, Path2D>();
const MOST_PATHS = 20_000;

/**
 * What lies under a point, the foremost first. Locked and hidden items let the pointer through.
 *
 * @param pixel sheet px to one screen px
 * @param opened what is entered: of what is shown as one that which is in it is hit by itself, of what cuts off also that which is cut off
 */
export function itemsAt(
    tree: Tree,
    point: Point,
    pixel: number,
    parent: string | null = null,
    opened: string | null = null,
): Item[] {
    return found(tree, point, pixel, parent, (item) => !item.locked && !item.reference, opened);
}

/** What is locked, or a reference, under a point: the outermost that is, the foremost first. */
export function lockedAt(tree: Tree, point: Point, pixel: number): Item[] {
    const locks = found(tree, point, pixel, null, () => true).flatMap((item) => {
        const outermost = [...tree.ancestors(item.id).reverse(), item].find((one) => one.locked || one.reference);
        return outermost ? [outermost] : [];
    });
    return [...new Set(locks)];
}

function found(
    tree: Tree,
    point: Point,
    pixel: number,
    parent: string | null,
    counts: (item: Item) => boolean,
    opened: string | null = null,
): Item[] {
    const list: Item[] = [];
    // What masks the others is not seen: it is hit where none of them is.
    const mask = tree.mask(parent);
    const siblings = mask ? [mask, ...tree.children(parent).filter((item) => item !== mask)] : tree.painted(parent);
    for (let i = siblings.length - 1; i >= 0; i--) {
        const item = siblings[i];
        if (!item || item.hidden || !counts(item)) continue;
        // What is in an opened shape may lie where nothing is left of it.
        if (item.id !== opened && !isNear(item, point, REACH * pixel)) continue;
        const own = applied(inverse(tree.toSheet(item.id)), point);
        const clip = item.painting?.clip;
        // What is shown as one is one, but while it is opened.
        const isOpen = !is(item, 'shows-as-one') || item.id === opened;
        if (isOpen && (clip === undefined || item.id === opened || isInside(clip.path, own, clip.rule)))
            list.push(...found(tree, point, pixel, item.id, counts, opened));
        if (isHit(item, own, REACH * pixel)) list.push(item);
    }
    return list;
}

function isNear(item: Item, point: Point, reach: number): boolean {
    const inside = (box: Item['bounds']) =>
        point.x >= box.x - reach &&
        point.x <= box.x + box.w + reach &&
        point.y >= box.y - reach &&
        point.y <= box.y + box.h + reach;
    return inside(item.bounds) || inside(item.painted ?? item.ink);
}

/**
 * A filled shape is hit inside and on its outline, another one on its outline alone; what is small, also beside it.
 *
 * @param p in the item's own space
 */
function isHit(item: Item, p: Point, reach: number): boolean {
    const hit: Painting['hit'] = item.painting?.hit;
    if (!hit) return false;
    const at = mirrored(item, p);
    const isSmall = Math.min(item.frame.w, item.frame.h) < 2 * reach;
    const width = Math.max(hit.weight, hit.inside && !isSmall ? 0 : 2 * reach);
    return (hit.inside && isInside(hit.path, at)) || (width > 0 && isOn(hit.path, at, width));
}

function isInside(path: string, p: Point, rule: CanvasFillRule = 'nonzero'): boolean {
    return context?.isPointInPath(pathOf(path), p.x, p.y, rule) ?? false;
}

function isOn(path: string, p: Point, width: number): boolean {
    if (!context) return false;
    context.lineWidth = width;
    context.lineCap = context.lineJoin = 'round';
    return context.isPointInStroke(pathOf(path), p.x, p.y);
}

function pathOf(data: string): Path2D {
    let path = paths.get(data);
    if (!path) {
        if (paths.size >= MOST_PATHS) paths.clear();
        path = new Path2D(data);
        paths.set(data, path);
    }
    return path;
}
