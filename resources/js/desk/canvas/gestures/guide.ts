import type { Axis, Guide, Point } from '@/api/types';
import { onTicks } from '@/desk/canvas/ticks';
import { beginSnapping, point } from '@/desk/snap/snapper';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { ghost, type Gesture } from './gesture';

/**
 * Drags a guide: a new one out of a ruler, or one that is there. Thrown back onto its ruler it is taken away.
 *
 * @param isOnRuler whether a point of the sheet lies under the ruler from which guides of that axis come
 */
export function guideGesture(axis: Axis, guide: Guide | null, isOnRuler: (at: Point) => boolean): Gesture {
    const desk = useDesk();
    const units = useUnits();
    const isWhole = desk.sheet?.whole_pixels ?? false;
    const snapping = beginSnapping({ mode: 'draw' }, point({ x: 0, y: 0 }, isWhole, axis), ['guide']);
    let at: number | null = null;
    let away = false;

    function done(): void {
        ghost.value = null;
        snapping.end();
    }

    return {
        move(pointer, keys) {
            away = isOnRuler(pointer);
            const place = { x: axis === 'x' ? pointer.x : 0, y: axis === 'y' ? pointer.y : 0 };
            const free = keys.ctrl || away;
            const snapped = snapping.at(place, free, false);
            const to = (free ? snapped : onTicks(place, snapped))[axis];
            at = to;
            ghost.value = {
                shape: 'guide',
                axis,
                box: { x: to, y: to, w: 0, h: 0 },
                label: away ? (guide ? 'take away' : '') : `${axis} ${units.place(to, axis)}`,
            };
        },
        end() {
            done();
            if (at === null) return;
            if (away) {
                if (guide) void desk.run('delete-guide', { guides: [guide.id] }, []);
                return;
            }
            const figure = at - (desk.sheet?.zero[axis] ?? 0);
            if (!guide) void desk.run('add-guide', { axis, at: figure }, []);
            else if (at !== guide.at) void desk.run('move-guide', { guide: guide.id, at: figure }, []);
        },
        cancel: done,
    };
}

/** Two presses within this many milliseconds, without a drag, put the zero back. */
const DOUBLE = 450;
let pressed = -Infinity;

/** Drags the zero of the rulers; with Shift along the axis alone that it is dragged further on. */
export function zeroGesture(start: Point): Gesture {
    const desk = useDesk();
    const isWhole = desk.sheet?.whole_pixels ?? false;
    const snapping = beginSnapping({ mode: 'draw' }, point({ x: 0, y: 0 }, isWhole));
    let to: { x?: number; y?: number } | null = null;

    function done(): void {
        ghost.value = null;
        snapping.end();
    }

    return {
        move(at, keys) {
            const snapped = snapping.at(at, keys.ctrl, false);
            const place = keys.ctrl ? snapped : onTicks(at, snapped);
            const across = Math.abs(at.x - start.x) >= Math.abs(at.y - start.y);
            to = !keys.shift ? place : across ? { x: place.x } : { y: place.y };
            const label = Object.entries(to).map(([axis, value]) => `${axis} ${useUnits().text(value)}`);
            ghost.value = {
                shape: 'guide',
                axis: to.x === undefined ? 'y' : to.y === undefined ? 'x' : undefined,
                box: { ...place, w: 0, h: 0 },
                label: `zero at ${label.join('  ')}`,
            };
        },
        end() {
            done();
            const now = performance.now();
            if (to) void desk.run('set-zero', to, []);
            else if (now - pressed < DOUBLE) void desk.run('set-zero', {}, []);
            pressed = to ? -Infinity : now;
        },
        cancel: done,
    };
}
