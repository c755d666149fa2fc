import type { Point } from '@/api/types';
import { useView } from '@/stores/view';
import type { Gesture } from './gesture';

/** Moves the desk under the pointer. */
export function panGesture(start: Point): Gesture {
    const view = useView();
    const before = view.pan;
    return {
        move(at) {
            view.panBy((at.x - start.x) * view.zoom, (at.y - start.y) * view.zoom);
        },
        end() {},
        cancel() {
            view.pan = before;
        },
    };
}
