import type { Point } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { berthingAt, type Berthing } from '../trays';
import { dragGesture } from './dragged';
import { berth, ghost, lift, live, type Gesture } from './gesture';

/**
 * Drags what is selected. With Alt at release a copy is put there.
 *
 * @param onLift puts the items into the layer that moves, or back
 * @param onClick when it was no drag after all
 */
export function moveGesture(start: Point, onLift: (ids: string[]) => void, onClick: () => void): Gesture {
    const desk = useDesk();
    const view = useView();
    const units = useUnits();
    const ids = desk.selection.filter((id) => !desk.tree.isLocked(id));
    /** With Ctrl what is dragged stays where it belongs, or goes where it would not. */
    const berthing = (by: Point): Berthing | undefined =>
        berthingAt(desk.tree, { x: start.x + by.x, y: start.y + by.y }, ids);
    return dragGesture(start, {
        question: { mode: 'move', items: ids },
        before: desk.selectedBox,
        begun: () => onLift(ids),
        show(by, box, keys) {
            const to = keys.alt || keys.ctrl ? undefined : berthing(by);
            berth.value = to ? { box: to.tray?.bounds ?? null, bar: to.bar } : null;
            const words = [
                ...(keys.alt ? ['copy'] : []),
                ...(keys.ctrl ? ['free'] : []),
                box && !to?.bar ? units.boxText(box) : '',
                ...(to ? [to.tray ? `into "${to.tray.name}"` : 'out onto the sheet'] : []),
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
            if (keys.alt) void desk.run('duplicate', { dx: by.x, dy: by.y }, ids);
            else {
                const to = keys.ctrl ? undefined : berthing(by);
                const into = to && { parent: to.tray?.id ?? null, ...(to.index === null ? {} : { index: to.index }) };
                void desk.run('move-by', { ...far, ...(into && { into }) }, ids, { shown: by });
            }
        },
        clicked: onClick,
        ended: () => onLift([]),
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
