import type { Box, Point } from '@/api/types';
import { figure, rounded } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useSnap } from '@/stores/snap';
import { ghost, type Gesture } from './gesture';

const STEP = 15;

/** Degrees within which it snaps to quarters, halves of these, and to how others are turned. */
const NEAR = 1.5;

/**
 * Turns what is selected about its centre; with Shift to steps of 15 degrees. It snaps to eighths of a turn and
 * to how other things are turned.
 *
 * @param frame the box that is turned, before turning, in px of the sheet
 * @param angle that it has now
 */
export function turnGesture(start: Point, frame: Box, angle: number): Gesture {
    const desk = useDesk();
    const centre = { x: frame.x + frame.w / 2, y: frame.y + frame.h / 2 };
    const bearing = (at: Point) => (Math.atan2(at.y - centre.y, at.x - centre.x) * 180) / Math.PI;
    const from = bearing(start);
    const snap = useSnap();
    const others = [
        ...[0, 45, 90, 135, 180, -45, -90, -135],
        ...new Set(
            [...desk.items.values()].filter((item) => !desk.selection.includes(item.id)).map((item) => item.angle),
        ),
    ];
    let by = 0;

    return {
        move(at, keys) {
            const free = angle + bearing(at) - from;
            const near = snap.on && !keys.ctrl ? others.find((one) => Math.abs(kept(free - one)) <= NEAR) : undefined;
            const to = keys.shift ? Math.round(free / STEP) * STEP : (near ?? rounded(Math.round(free * 10) / 10));
            by = rounded(kept(to - angle));
            ghost.value = { shape: 'frame', box: frame, angle: angle + by, label: `${figure(kept(angle + by))}°` };
        },
        end() {
            ghost.value = null;
            if (by !== 0) void desk.run('turn', desk.selection.length > 1 ? { by, as: 'one' } : { by });
        },
        cancel() {
            ghost.value = null;
        },
    };
}

/** As angles are kept: in (-180, 180]. */
function kept(degrees: number): number {
    const turn = ((degrees % 360) + 360) % 360;
    return turn > 180 ? turn - 360 : turn;
}
