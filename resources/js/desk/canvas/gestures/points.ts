import type { Point } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { shallowRef } from 'vue';
import { dragGesture } from './dragged';
import { live, type Gesture } from './gesture';

/** How far the selected points are dragged meanwhile, px of the sheet. */
export const dragged = shallowRef<Point | null>(null);

/** Drags the points that are selected, with their control points. */
export function pointsGesture(start: Point, onClick: () => void): Gesture {
    const desk = useDesk();
    const units = useUnits();
    return dragGesture(start, {
        question: { mode: 'move', points: desk.selectedPoints },
        before: desk.selectedBox,
        show(by, box) {
            dragged.value = by;
            live.value = box;
            label.value = box && desk.selectedPoints.length === 1 ? units.boxText({ ...box, w: 0, h: 0 }) : '';
        },
        hide() {
            dragged.value = null;
            live.value = null;
            label.value = '';
        },
        dropped: (_, far) => void desk.run('move-by', far, []),
        clicked: onClick,
    });
}

/** Words beside the pointer while points are dragged. */
export const label = shallowRef('');
