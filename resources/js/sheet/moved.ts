import type { Commands } from '@/api/commands.gen';
import type { Item, Point } from '@/api/types';
import { inverse, rounded, turned } from './geometry';
import { Tree } from './tree';

/** The items with some of them moved by a distance of the sheet: what is shown until the server has answered. */
export function moved(
    items: ReadonlyMap<string, Item>,
    move: { ids: string[]; dx: number; dy: number },
): ReadonlyMap<string, Item> {
    const map = new Map(items);
    const tree = new Tree(items);
    for (const id of move.ids) {
        const item = items.get(id);
        if (!item || tree.isLocked(id)) continue;
        const by = turned({ x: move.dx, y: move.dy }, inverse(tree.toSheet(item.parent)).angle);
        const frame = { ...item.frame, x: rounded(item.frame.x + by.x), y: rounded(item.frame.y + by.y) };
        map.set(id, { ...item, frame });
        shiftBoxes(map, tree, id, move.dx, move.dy);
    }
    return map;
}

function shiftBoxes(map: Map<string, Item>, tree: Tree, id: string, dx: number, dy: number): void {
    const item = map.get(id);
    if (!item) return;
    const shift = (box: Item['bounds']) => ({ ...box, x: rounded(box.x + dx), y: rounded(box.y + dy) });
    map.set(id, {
        ...item,
        bounds: shift(item.bounds),
        ink: shift(item.ink),
        painted: item.painted && shift(item.painted),
    });
    tree.children(id).forEach((child) => shiftBoxes(map, tree, child.id, dx, dy));
}

/** By how much a move is shown before it is answered. */
export function distance(params: Commands['move-by'], shown?: Point): { dx: number; dy: number } {
    if (shown) return { dx: shown.x, dy: shown.y };
    const figure = (given: number | string | undefined) => (typeof given === 'number' ? given : 0);
    return { dx: figure(params.dx), dy: figure(params.dy) };
}
