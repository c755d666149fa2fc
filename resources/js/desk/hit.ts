import type { Item, Point } from '@/api/types';
import { applied, inverse } from './geometry';
import type { Tree } from './tree';

/** Hairlines and the outlines of unfilled shapes are hit this far off, in screen pixels. */
const REACH = 4;

/**
 * What lies under a point, the foremost first. Locked and hidden items let the pointer through.
 *
 * @param pixel sheet px to one screen px
 */
export function itemsAt(tree: Tree, point: Point, pixel: number, parent: string | null = null): Item[] {
    return found(tree, point, pixel, parent, (item) => !item.locked && !item.reference);
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
): Item[] {
    const list: Item[] = [];
    const siblings = tree.children(parent);
    for (let i = siblings.length - 1; i >= 0; i--) {
        const item = siblings[i];
        if (!item || item.hidden || !counts(item) || !isNear(item, point, REACH * pixel)) continue;
        if (item.kind === 'group') list.push(...found(tree, point, pixel, item.id, counts));
        else if (isHit(item, applied(inverse(tree.toSheet(item.id)), point), REACH * pixel)) list.push(item);
    }
    return list;
}

function isNear(item: Item, point: Point, reach: number): boolean {
    const { bounds: b, ink } = item;
    const inside = (box: typeof b) =>
        point.x >= box.x - reach &&
        point.x <= box.x + box.w + reach &&
        point.y >= box.y - reach &&
        point.y <= box.y + box.h + reach;
    return inside(b) || inside(ink);
}

/** @param p in the item's own space */
function isHit(item: Item, p: Point, reach: number): boolean {
    const { w, h } = item.frame;
    const half = Math.max((item.outline?.weight ?? 0) / 2, 0);
    if (item.kind === 'line') {
        const past = Math.max(0, -p.x, p.x - w);
        return Math.hypot(past, p.y) <= Math.max(half, reach);
    }
    if (item.kind === 'text') return p.x >= -reach && p.x <= w + reach && p.y >= -reach && p.y <= h + reach;
    const filled = item.fill !== null && item.fill !== undefined;
    const edge = Math.max(half, reach);
    const off = item.kind === 'round' ? roundDistance(p, w / 2, h / 2) : boxDistance(p, w, h);
    return filled ? off <= Math.max(half, Math.min(w, h) < 2 * reach ? reach : 0) : Math.abs(off) <= edge;
}

/** How far outside the box; negative inside. */
function boxDistance(p: Point, w: number, h: number): number {
    const dx = Math.abs(p.x - w / 2) - w / 2;
    const dy = Math.abs(p.y - h / 2) - h / 2;
    return Math.max(dx, dy) <= 0 ? Math.max(dx, dy) : Math.hypot(Math.max(dx, 0), Math.max(dy, 0));
}

/** About how far outside the ellipse, along the ray from its centre; negative inside. */
function roundDistance(p: Point, rx: number, ry: number): number {
    if (rx <= 0 || ry <= 0) return boxDistance(p, rx * 2, ry * 2);
    const [dx, dy] = [p.x - rx, p.y - ry];
    const ratio = Math.hypot(dx / rx, dy / ry);
    return ratio === 0 ? -Math.min(rx, ry) : Math.hypot(dx, dy) * (1 - 1 / ratio);
}
