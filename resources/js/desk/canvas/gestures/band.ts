import type { Box, Item, Point } from '@/api/types';
import { boxBetween, meets } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { DRAG, ghost, type Gesture } from './gesture';

/** A rubber band: selects what it meets, or, with Shift, adds it. */
export function bandGesture(start: Point, adding: boolean): Gesture {
    const desk = useDesk();
    const view = useView();
    const before = adding ? [...desk.selection] : [];
    let box: Box | null = null;

    return {
        move(at) {
            if (!box && Math.hypot(at.x - start.x, at.y - start.y) * view.zoom < DRAG) return;
            box = boxBetween(start, at);
            ghost.value = { shape: 'band', box };
            const caught = met(box).map((item) => item.id);
            desk.select([...new Set([...before, ...caught])]);
        },
        end() {
            ghost.value = null;
            if (!box && !adding) {
                desk.select([]);
                desk.entered = null;
            }
        },
        cancel() {
            ghost.value = null;
            desk.select(before);
        },
    };

    function met(band: Box): Item[] {
        return desk.tree
            .children(desk.entered)
            .filter(
                (item) =>
                    !item.hidden && !desk.tree.isLocked(item.id) && meets(item.bounds, band) && !holds(item, band),
            );
    }

    /** A backdrop that the band lies in wholly is not meant. */
    function holds(item: Item, band: Box): boolean {
        const b = item.bounds;
        return band.x > b.x && band.y > b.y && band.x + band.w < b.x + b.w && band.y + band.h < b.y + b.h;
    }
}
