import type { Point } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { berthingAt, type Berthing } from '@/sheet/trays';
import { dragGesture } from './dragged';
import { berth, closeUp, ghost, lift, live, way, type Gesture, type Held } from './gesture';

/**
 * Drags what is selected. With Alt at release a copy is put there. What is dragged belongs where it is let go: to the tray
 * that lights up, or to the sheet itself; with Ctrl it belongs where it did.
 *
 * @param onLift puts the items into the layer that moves, or back
 * @param onClick when it was no drag after all
 */
export function moveGesture(start: Point, onLift: (ids: string[]) => void, onClick: () => void): Gesture {
    const desk = useDesk();
    const view = useView();
    const units = useUnits();
    const ids = desk.selection.filter((id) => !desk.tree.isLocked(id));
    const berthing = (by: Point, keys: Held): Berthing | undefined =>
        keys.ctrl || !desk.sheet
            ? undefined
            : berthingAt(desk.tree, { x: start.x + by.x, y: start.y + by.y }, ids, desk.sheet, keys.alt);
    /** What is said of where it would belong. */
    const belongs = (to: Berthing): string =>
        to.zone
            ? `belongs to the ${to.zone.edge} on all sheets`
            : to.tray
              ? `into "${to.tray.name}"`
              : 'out onto the sheet';
    return dragGesture(start, {
        question: { mode: 'move', items: ids },
        before: desk.selectedBox,
        begun: () => onLift(ids),
        show(by, box, keys) {
            const to = berthing(by, keys);
            berth.value = to ? { box: to.zone?.box ?? to.tray?.bounds ?? null, bar: to.bar } : null;
            if (to?.way.size) way.value = to.way;
            else closeUp();
            const words = [
                ...(keys.alt ? ['copy'] : []),
                ...(keys.ctrl ? [keys.alt ? 'belonging where it did' : 'free'] : []),
                box && !to?.bar ? units.boxText(box) : '',
                ...(to ? [belongs(to)] : []),
            ];
            live.value = box;
            lift.value = { dx: by.x * view.zoom, dy: by.y * view.zoom, label: words.join('  ') };
        },
        hide() {
            berth.value = null;
            lift.value = null;
            live.value = null;
        },
        dropped(by, far, keys) {
            const to = berthing(by, keys);
            const into = to && {
                parent: to.tray?.id ?? null,
                ...(to.index === null ? {} : { index: to.index }),
                ...(to.zone && { zone: to.zone.edge }),
            };
            const done = keys.alt
                ? desk.run('duplicate', { dx: by.x, dy: by.y, ...(into && { into }) }, ids)
                : desk.run('move-by', { ...far, ...(into && { into }) }, ids, { shown: by });
            void done.finally(closeUp);
        },
        clicked: onClick,
        ended: () => onLift([]),
        cancelled: closeUp,
    });
}

/** Drags the slices that are selected. */
export function sliceGesture(start: Point): Gesture {
    const desk = useDesk();
    const units = useUnits();
    return dragGesture(start, {
        question: { mode: 'move', slices: desk.selectedSlices },
        before: desk.selectedBox,
        show(_, box) {
            if (box) ghost.value = { shape: 'frame', box, label: units.boxText(box) };
        },
        hide: () => (ghost.value = null),
        dropped: (_, far) => void desk.run('move-by', far, []),
    });
}
