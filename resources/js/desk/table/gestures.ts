import type { Tracks } from '@/api/tables';
import type { Axis, Item, Point } from '@/api/types';
import { beginSnapping, point } from '@/desk/snap/snapper';
import { ghost } from '@/desk/canvas/gestures/gesture';
import { followPointer } from '@/parts/dragging';
import { applied, rounded, whole } from '@/sheet/geometry';
import { sizeOf, trackAt } from '@/sheet/cells';
import { useDesk } from '@/stores/desk';
import { useTable } from '@/stores/table';
import { useUnits } from '@/stores/units';
import { shallowRef } from 'vue';

/** Where edges would lie while one is dragged, px from the table's top left. */
export const dragged = shallowRef<{ axis: Axis; edges: number[] } | null>(null);

/** Where columns or rows would go that are dragged by their heads: the edge that they would stand behind. */
export const moving = shallowRef<{ axis: Axis; at: number } | null>(null);

/**
 * Drags the far edge of a column or row: it snaps to guides, grid and the edges of others. What lies behind gives way or goes along, as is
 * chosen; with Shift the other of both.
 *
 * @param own where the pointer is, px from the table's top left
 */
export function dragEdge(
    event: PointerEvent,
    item: Item,
    tracks: Tracks,
    axis: Axis,
    i: number,
    own: (event: PointerEvent) => Point,
): void {
    const desk = useDesk();
    const table = useTable();
    const units = useUnits();
    const placement = desk.tree.toSheet(item.id);
    const upright = placement.angle === 0 && item.flip === 'none';
    const isWhole = desk.sheet?.whole_pixels ?? false;
    const snapping = upright ? beginSnapping({ mode: 'draw' }, point({ x: 0, y: 0 }, isWhole, axis)) : null;
    const edges = tracks[axis];
    const [begin, edge] = [edges[2 * i] ?? 0, edges[2 * i + 1] ?? 0];
    const start = own(event)[axis] - edge;
    let size = sizeOf(edges, i);
    let gives = table.gives;

    followPointer(
        (to) => {
            const free = own(to)[axis] - start;
            const onSheet = applied(placement, axis === 'x' ? { x: free, y: 0 } : { x: 0, y: free });
            const met = snapping?.at(
                { x: axis === 'x' ? onSheet.x : 0, y: axis === 'y' ? onSheet.y : 0 },
                to.ctrlKey,
                false,
            );
            const at = met
                ? met[axis] - applied(placement, { x: 0, y: 0 })[axis]
                : isWhole
                  ? whole(free)
                  : rounded(free);
            size = Math.max(1, rounded(at - begin));
            gives = to.shiftKey ? !table.gives : table.gives;
            const by = begin + size - edge;
            dragged.value = {
                axis,
                edges: gives ? [begin + size] : edges.filter((_, k) => k > 2 * i && k % 2 === 1).map((one) => one + by),
            };
            ghost.value = {
                shape: 'frame',
                box: { ...onSheet, w: 0, h: 0 },
                label: `${units.text(size)} ${axis === 'x' ? 'wide' : 'high'}`,
            };
        },
        (ended) => {
            snapping?.end();
            dragged.value = ghost.value = null;
            if (ended && size !== sizeOf(edges, i))
                void table.size(axis, { sizing: 'fixed', size, rest: gives ? 'gives' : 'grows' }, [i]);
        },
    );
}

/** Drags what is chosen of columns or rows to another place; a press alone chooses. */
export function dragTracks(item: Item, tracks: Tracks, axis: Axis, own: (event: PointerEvent) => Point): void {
    const desk = useDesk();
    const table = useTable();
    const edges = tracks[axis];
    const { area } = table;
    const [from, count] = axis === 'x' ? [area.column, area.columns] : [area.row, area.rows];
    let to: number | null = null;

    followPointer(
        (move) => {
            const at = own(move)[axis];
            const over = trackAt(edges, at);
            const behind = at > ((edges[2 * over] ?? 0) + (edges[2 * over + 1] ?? 0)) / 2 ? over + 1 : over;
            const stays = behind >= from && behind <= from + count;
            to = stays ? null : behind > from ? behind - count : behind;
            moving.value = stays ? null : { axis, at: behind === 0 ? (edges[0] ?? 0) : (edges[2 * behind - 1] ?? 0) };
        },
        (ended) => {
            moving.value = null;
            if (!ended || to === null) return;
            const end = { row: axis === 'y' ? to : 0, column: axis === 'x' ? to : 0 };
            void desk.run('move-tracks', { axis, from, count, to }, [item.id]).then((done) => {
                if (!done) return;
                const last = {
                    row: axis === 'y' ? end.row + count - 1 : 0,
                    column: axis === 'x' ? end.column + count - 1 : 0,
                };
                table.choose(end, last, axis === 'x' ? 'columns' : 'rows');
            });
        },
    );
}
