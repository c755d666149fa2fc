import type { Rail } from '@/api/rails';
import type { Item } from '@/api/types';
import { is } from './kinds';

/** What all of these lie in; undefined where they lie on the sheet itself, or in several things. */
export function holderOf(things: Item[], items: ReadonlyMap<string, Item>): Item | undefined {
    const parents = new Set(things.map((item) => item.parent));
    const [only] = parents;
    return parents.size === 1 && only ? items.get(only) : undefined;
}

/** The rules of the rail that all of these lie in. */
export function railOf(things: Item[], items: ReadonlyMap<string, Item>): Rail | undefined {
    return holderOf(things, items)?.fields.rail ?? undefined;
}

/** Whether things lie in it in a frame of its own. */
export const isTray = (item: Item): boolean =>
    is(item, 'holds-items') && !is(item, 'framed-by-items') && !is(item, 'shows-as-one');
