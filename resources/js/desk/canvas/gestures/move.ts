import type { Point } from '@/api/types';
import { settled } from '@/sheet/geometry';
import { beginSnapping } from '@/desk/snap/snapper';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { DRAG, draggedFrom, lift, live, type Gesture } from './gesture';

/**
 * Drags what is selected. With Shift it is held to one axis; with Alt at release a copy is put there; with Ctrl nothing
 * snaps.
 *
 * @param onLift puts the items into the layer that moves, or back
 * @param onClick when it was no drag after all
 */
export function moveGesture(start: Point, onLift: (ids: string[]) => void, onClick: () => void): Gesture {
    const desk = useDesk();
    const view = useView();
    const units = useUnits();
    const ids = desk.selection.filter((id) => !desk.tree.isLocked(id));
    const before = desk.selectedBox;
    let snapping: ReturnType<typeof beginSnapping> | null = null;
    let free = { x: 0, y: 0 };
    let by = { x: 0, y: 0 };

    return {
        move(at, keys) {
            const far = Math.hypot(at.x - start.x, at.y - start.y) * view.zoom;
            if (!snapping && far < DRAG) return;
            if (!snapping) {
                snapping = beginSnapping({ mode: 'move', items: ids });
                onLift(ids);
            }
            free = draggedFrom(start, at, keys);
            by = snapping.at(free, keys.ctrl);
            const place = before ? units.boxText({ ...before, x: before.x + by.x, y: before.y + by.y }) : '';
            const words = [...(keys.alt ? ['copy'] : []), ...(keys.ctrl ? ['free'] : []), place].join('  ');
            live.value = before && { ...before, x: before.x + by.x, y: before.y + by.y };
            lift.value = { dx: by.x * view.zoom, dy: by.y * view.zoom, label: words };
        },
        end(keys) {
            lift.value = null;
            live.value = null;
            snapping?.end();
            if (!snapping) onClick();
            else if (by.x !== 0 || by.y !== 0) {
                const wish = snapping.wish(keys.ctrl);
                const far = wish.snap ? { dx: settled(free.x), dy: settled(free.y) } : { dx: by.x, dy: by.y };
                if (keys.alt) void desk.run('duplicate', { dx: by.x, dy: by.y }, ids);
                else void desk.run('move-by', { ...far, ...wish }, ids, { shown: by });
            }
            onLift([]);
        },
        cancel() {
            lift.value = null;
            live.value = null;
            snapping?.end();
            onLift([]);
        },
    };
}
