import type { Point } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useRoom } from '@/stores/room';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { lift, type Gesture } from './gesture';

/**
 * Drags the line at which room is made: what lies past it goes along.
 *
 * @param raise puts things into the layer that moves, or back
 */
export function roomGesture(start: Point, raise: (ids: string[]) => void): Gesture {
    const desk = useDesk();
    const room = useRoom();
    const units = useUnits();
    const view = useView();
    const { axis, moving } = room;
    let by = 0;
    let isRaised = false;

    function done(): void {
        room.dragged = null;
        lift.value = null;
        if (isRaised) raise([]);
    }

    return {
        move(at) {
            const far = at[axis] - start[axis];
            by = desk.sheet?.whole_pixels ? Math.round(far) : Math.round(far * 1000) / 1000;
            if (!isRaised && by !== 0) {
                raise(moving);
                isRaised = true;
            }
            room.dragged = by;
            const label = `${by > 0 ? '+' : ''}${units.text(by)}`;
            lift.value = {
                dx: axis === 'x' ? by * view.zoom : 0,
                dy: axis === 'y' ? by * view.zoom : 0,
                label,
            };
        },
        end() {
            done();
            if (by !== 0) void room.make(by);
        },
        cancel: done,
    };
}
