import type { Commands } from '@/api/commands.gen';
import type { Box, Point } from '@/api/types';
import { rounded } from '@/sheet/geometry';
import { beginSnapping } from '@/desk/snap/snapper';
import { useView } from '@/stores/view';
import { DRAG, draggedFrom, type Gesture, type Held } from './gesture';

interface Dragging {
    /** what is dragged, as the question what it can snap to names it */
    question: Parameters<typeof beginSnapping>[0];
    /** the box round it before */
    before: Box | null;
    begun?: () => void;
    /** @param box where it lies meanwhile */
    show: (by: Point, box: Box | null, keys: Held) => void;
    hide: () => void;
    /** @param far what the command is told: the distance as it was dragged where it snaps, or as it is shown */
    dropped: (by: Point, far: Commands['move-by'], keys: Held) => void;
    /** it was no drag after all */
    clicked?: () => void;
    ended?: () => void;
    /** it was given back */
    cancelled?: () => void;
}

/** A drag of what is selected that snaps: with Shift it is held to one axis, with Ctrl nothing snaps. */
export function dragGesture(start: Point, dragging: Dragging): Gesture {
    const view = useView();
    const { before } = dragging;
    let snapping: ReturnType<typeof beginSnapping> | null = null;
    let free = { x: 0, y: 0 };
    let by = { x: 0, y: 0 };

    function end(): void {
        dragging.hide();
        snapping?.end();
    }

    return {
        move(at, keys) {
            if (!snapping && Math.hypot(at.x - start.x, at.y - start.y) * view.zoom < DRAG) return;
            if (!snapping) {
                snapping = beginSnapping(dragging.question);
                dragging.begun?.();
            }
            free = draggedFrom(start, at, keys);
            by = snapping.at(free, keys.ctrl);
            dragging.show(by, before && { ...before, x: before.x + by.x, y: before.y + by.y }, keys);
        },
        end(keys) {
            end();
            if (!snapping) dragging.clicked?.();
            else if (by.x !== 0 || by.y !== 0) {
                const wish = snapping.wish(keys.ctrl);
                const far = wish.snap ? { dx: rounded(free.x), dy: rounded(free.y) } : { dx: by.x, dy: by.y };
                dragging.dropped(by, { ...far, ...wish }, keys);
            } else dragging.cancelled?.();
            dragging.ended?.();
        },
        cancel() {
            end();
            dragging.cancelled?.();
            dragging.ended?.();
        },
    };
}
