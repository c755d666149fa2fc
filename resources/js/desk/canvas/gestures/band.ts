import type { Box, Item, Point } from '@/api/types';
import { boxBetween, meets } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { DRAG, ghost, type Gesture } from './gesture';

/** A rubber band over the points of paths that are edited; a click beside them selects none, and then leaves them. */
export function pointBandGesture(start: Point, adding: boolean): Gesture {
    const desk = useDesk();
    const view = useView();
    const before = adding ? [...desk.selectedPoints] : [];
    const had = desk.selectedPoints.length > 0;
    let box: Box | null = null;

    return {
        move(at) {
            if (!box && Math.hypot(at.x - start.x, at.y - start.y) * view.zoom < DRAG) return;
            const band = (box = boxBetween(start, at));
            ghost.value = { shape: 'band', box };
            const caught = desk.marks.filter(
                (mark) => mark.control === null && meets({ ...mark.at, w: 0, h: 0 }, band),
            );
            desk.selectPoints([...new Set([...before, ...caught.map((mark) => mark.ref)])]);
        },
        end() {
            ghost.value = null;
            if (box || adding) return;
            desk.selectPoints([]);
            if (!had) desk.select([]);
        },
        cancel() {
            ghost.value = null;
            desk.selectPoints(before);
        },
    };
}

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
