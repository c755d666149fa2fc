import type { Box, Item } from '@/api/types';
import { contains, meets } from './geometry';
import { is } from './kinds';
import type { Tree } from './tree';

/** Why something is not seen, or not all of it; what keeps others from being seen; or that it is at one width of the page alone. */
export type Unseen = 'off' | 'cut' | 'masked' | 'mask' | 'covered' | 'alone';

const orders = new WeakMap<Tree, Item[]>();

/** All that is painted, back to front. */
function inOrder(tree: Tree): Item[] {
    let list = orders.get(tree);
    if (!list) {
        list = [];
        const walk = (parent: string | null, into: Item[]): void => {
            for (const item of tree.painted(parent)) {
                if (item.hidden) continue;
                into.push(item);
                if (!is(item, 'shows-as-one')) walk(item.id, into);
            }
        };
        walk(null, list);
        orders.set(tree, list);
    }
    return list;
}

/** A rectangle that stands upright and lets nothing through. */
function isPlate(item: Item, tree: Tree): boolean {
    const { fill, opacity = 1 } = item.fields;
    if (is(item, 'has-words')) return false;
    const isFilled = typeof fill === 'string' && /^#[0-9a-f]{6}$/i.test(fill);
    if (!isFilled || opacity < 1 || item.reference || tree.toSheet(item.id).angle !== 0) return false;
    return /^M0 0H[\d.]+V[\d.]+H0Z$/.test(item.painting?.hit?.path ?? '') && isWhole(item, tree);
}

/** Whether nothing that it lies in lets it through or cuts it off. */
const isWhole = (item: Item, tree: Tree): boolean =>
    tree.ancestors(item.id).every((held) => (held.fields.opacity ?? 1) === 1 && !held.painting?.clip);

/**
 * What Contents says of a thing that is shown and yet not seen whole.
 *
 * @param sheet its extent
 */
export function unseen(tree: Tree, item: Item, sheet: Box): Unseen | null {
    if (tree.isHidden(item.id)) return null;
    const [holder] = tree.ancestors(item.id);
    if (holder && tree.mask(holder.id) === item) return 'mask';
    if (!meets(item.painted ?? item.bounds, sheet) && !meets(item.bounds, sheet)) return 'off';
    for (const held of tree.ancestors(item.id)) {
        if (is(held, 'masks-others')) return 'masked';
        if (held.painting?.clip && !contains(held.bounds, item.bounds)) return 'cut';
    }
    return isCovered(tree, item) ? 'covered' : null;
}

function isCovered(tree: Tree, item: Item): boolean {
    const box = item.painted ?? item.ink;
    if (box.w <= 0 && box.h <= 0) return false;
    const list = inOrder(tree);
    for (let i = list.length - 1; i >= 0; i--) {
        const over = list[i];
        if (!over || over === item) return false;
        if (contains(over.bounds, box) && isPlate(over, tree) && !tree.ancestors(over.id).includes(item)) return true;
    }
    return false;
}
