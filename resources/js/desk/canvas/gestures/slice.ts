import type { Point } from '@/api/types';
import { settled } from '@/sheet/geometry';
import { beginSnapping } from '@/desk/snap/snapper';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { DRAG, draggedFrom, ghost, type Gesture } from './gesture';

/** Drags the slices that are selected. With Shift they are held to one axis; with Ctrl nothing snaps. */
export function sliceGesture(start: Point): Gesture {
    const desk = useDesk();
    const view = useView();
    const units = useUnits();
    const before = desk.selectedBox;
    let snapping: ReturnType<typeof beginSnapping> | null = null;
    let free = { x: 0, y: 0 };
    let by = { x: 0, y: 0 };

    return {
        move(at, keys) {
            if (!snapping && Math.hypot(at.x - start.x, at.y - start.y) * view.zoom < DRAG) return;
            snapping ??= beginSnapping({ mode: 'move', slices: desk.selectedSlices });
            free = draggedFrom(start, at, keys);
            by = snapping.at(free, keys.ctrl);
            if (!before) return;
            const box = { ...before, x: before.x + by.x, y: before.y + by.y };
            ghost.value = { shape: 'frame', box, label: units.boxText(box) };
        },
        end(keys) {
            ghost.value = null;
            snapping?.end();
            if (!snapping || (by.x === 0 && by.y === 0)) return;
            const wish = snapping.wish(keys.ctrl);
            const far = wish.snap ? { dx: settled(free.x), dy: settled(free.y) } : { dx: by.x, dy: by.y };
            void desk.run('move-by', { ...far, ...wish }, []);
        },
        cancel() {
            ghost.value = null;
            snapping?.end();
        },
    };
}
