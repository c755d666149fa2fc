import type { Point } from '@/api/types';
import { rounded, whole } from '@/sheet/geometry';
import { beginSnapping, block as dragged } from '@/desk/snap/snapper';
import { useDesk } from '@/stores/desk';
import { useGauge } from '@/stores/gauge';
import type { Gesture } from './gesture';

/**
 * Drags a gauge block about, snapping between things; with Alt another is left where it was. Dragged by its corner it is
 * sized by eye, and so becomes the sheet's unit of spacing.
 */
export function gaugeGesture(start: Point, id: string, sizing: boolean): Gesture {
    const desk = useDesk();
    const gauge = useGauge();
    const was = gauge.blocks.find((one) => one.id === id) ?? { id, ...start };
    const size = gauge.size;
    const isWhole = desk.sheet?.whole_pixels ?? false;
    const snapping = beginSnapping({ mode: 'draw' }, dragged(gauge.boxOf(was), isWhole));

    function back(): void {
        snapping.end();
        gauge.sizing = null;
        gauge.move(id, was);
    }

    return {
        move(at, keys) {
            const far = { x: at.x - start.x, y: at.y - start.y };
            if (!sizing) {
                const by = snapping.at(far, keys.ctrl, false);
                gauge.move(id, { x: rounded(was.x + by.x), y: rounded(was.y + by.y) });
                return;
            }
            const wanted = size + Math.max(far.x, far.y);
            gauge.sizing = Math.max(1, isWhole ? whole(wanted) : rounded(wanted));
        },
        end(keys) {
            snapping.end();
            if (sizing && gauge.sizing !== null && gauge.sizing !== size) {
                const next = gauge.sizing;
                void desk.run('set-sheet', { unit_of_spacing: next }, []).then(() => (gauge.sizing = null));
            } else {
                gauge.sizing = null;
                if (keys.alt && !sizing) gauge.drop({ x: was.x, y: was.y });
            }
        },
        cancel: back,
    };
}
