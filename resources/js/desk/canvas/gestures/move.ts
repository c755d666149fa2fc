import type { Point } from '@/api/types';
import { figure, settled, whole } from '@/desk/geometry';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { DRAG, lift, type Gesture } from './gesture';

/**
 * Drags what is selected. With Shift it is held to one axis; with Alt at release a copy is put there.
 *
 * @param onLift puts the items into the layer that moves, or back
 * @param onClick when it was no drag after all
 */
export function moveGesture(start: Point, onLift: (ids: string[]) => void, onClick: () => void): Gesture {
    const desk = useDesk();
    const view = useView();
    const ids = desk.selection.filter((id) => !desk.tree.isLocked(id));
    const before = desk.selectedBox;
    let dragged = false;
    let by = { x: 0, y: 0 };

    return {
        move(at, keys) {
            const far = Math.hypot(at.x - start.x, at.y - start.y) * view.zoom;
            if (!dragged && far < DRAG) return;
            if (!dragged) {
                dragged = true;
                onLift(ids);
            }
            const step = desk.sheet?.whole_pixels ? whole : settled;
            by = { x: step(at.x - start.x), y: step(at.y - start.y) };
            if (keys.shift) by = Math.abs(by.x) >= Math.abs(by.y) ? { x: by.x, y: 0 } : { x: 0, y: by.y };
            const place = before
                ? `x ${figure(before.x + by.x - (desk.sheet?.zero.x ?? 0))}  y ${figure(before.y + by.y - (desk.sheet?.zero.y ?? 0))}`
                : '';
            lift.value = { dx: by.x * view.zoom, dy: by.y * view.zoom, label: keys.alt ? `copy  ${place}` : place };
        },
        end(keys) {
            lift.value = null;
            if (!dragged) onClick();
            else if (by.x !== 0 || by.y !== 0)
                void desk.run(keys.alt ? 'duplicate' : 'move-by', { dx: by.x, dy: by.y }, ids);
            onLift([]);
        },
        cancel() {
            lift.value = null;
            onLift([]);
        },
    };
}
