import type { Item, Point } from '@/api/types';
import { write } from '@/desk/writing';
import { placeAt } from '@/sheet/cells';
import { applied, inverse, mirrored } from '@/sheet/geometry';
import { is } from '@/sheet/kinds';
import { useDesk } from '@/stores/desk';
import { usePictures } from '@/stores/pictures';
import { useTable } from '@/stores/table';

/**
 * Begins to work in a thing: on its words, its cells, its picture.
 *
 * @param at the point of the sheet at which it was pressed
 * @returns whether there is something to work in
 */
export function enter(item: Item, at?: Point): boolean {
    const desk = useDesk();
    if (desk.tree.isLocked(item.id)) return false;
    if (is(item, 'has-words')) {
        desk.select([item.id]);
        void write(item);
    } else if (is(item, 'has-cells')) {
        const tracks = item.painting?.tracks;
        const own = at ? mirrored(item, applied(inverse(desk.tree.toSheet(item.id)), at)) : undefined;
        useTable().enter(item.id, own && tracks ? placeAt(tracks, own) : undefined);
    } else if (is(item, 'has-picture') && item.fields.picture) {
        desk.select([item.id]);
        usePictures().moved = item.id;
    } else return false;
    return true;
}
