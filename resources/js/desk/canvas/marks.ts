import type { Box, Item } from '@/api/types';
import { applied } from '@/sheet/geometry';
import { is } from '@/sheet/kinds';
import type { Tree } from '@/sheet/tree';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';

/** The corners of an item's frame, turned as it is, as the points of a polygon on the screen. */
export function outlineOf(item: Item, tree: Tree = useDesk().tree): string {
    const view = useView();
    const placement = tree.toSheet(item.id);
    const origin = is(item, 'named-after-others') ? item.bounds : (item.origin ?? { x: 0, y: 0 });
    const { w, h } = item.frame;
    return [
        { x: 0, y: 0 },
        { x: w, y: 0 },
        { x: w, y: h },
        { x: 0, y: h },
    ]
        .map((corner) => view.toScreen(applied(placement, { x: origin.x + corner.x, y: origin.y + corner.y })))
        .map((point) => `${point.x},${point.y}`)
        .join(' ');
}

export function screenBox(box: Box): Box {
    const view = useView();
    const at = view.toScreen(box);
    return { x: at.x, y: at.y, w: box.w * view.zoom, h: box.h * view.zoom };
}

/** Corner brackets, as on a drawing, a little outside the box. */
export function brackets(box: Box, out = 4, arm = 9): string {
    const [l, t, r, b] = [box.x - out, box.y - out, box.x + box.w + out, box.y + box.h + out];
    return `M${l} ${t + arm}V${t}H${l + arm}M${r - arm} ${t}H${r}V${t + arm}M${r} ${b - arm}V${b}H${r - arm}M${l + arm} ${b}H${l}V${b - arm}`;
}
