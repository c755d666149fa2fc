import type { Point } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { dragGesture } from './dragged';
import { ghost, lift, live, type Gesture } from './gesture';

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
    return dragGesture(start, {
        question: { mode: 'move', items: ids },
        before: desk.selectedBox,
        begun: () => onLift(ids),
        show(by, box, keys) {
            const words = [
                ...(keys.alt ? ['copy'] : []),
                ...(keys.ctrl ? ['free'] : []),
                box ? units.boxText(box) : '',
            ];
            live.value = box;
            lift.value = { dx: by.x * view.zoom, dy: by.y * view.zoom, label: words.join('  ') };
        },
        hide() {
            lift.value = null;
            live.value = null;
        },
        dropped(by, far, keys) {
            if (keys.alt) void desk.run('duplicate', { dx: by.x, dy: by.y }, ids);
            else void desk.run('move-by', far, ids, { shown: by });
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
