import type { Box, Point } from '@/api/types';
import { figure, settled, turned, whole } from '@/desk/geometry';
import { useDesk } from '@/stores/desk';
import { ghost, type Gesture } from './gesture';

export const HANDLES = [
    'top-left',
    'top',
    'top-right',
    'right',
    'bottom-right',
    'bottom',
    'bottom-left',
    'left',
] as const;
export type Handle = (typeof HANDLES)[number];

/** The share of a box across and down at which a handle lies. */
export function handlePlace(handle: Handle): Point {
    return {
        x: handle.includes('left') ? 0 : handle.includes('right') ? 1 : 0.5,
        y: handle.includes('top') ? 0 : handle.includes('bottom') ? 1 : 0.5,
    };
}

/**
 * Sizes what is selected by a handle: Shift keeps the proportions, Alt sizes about the centre.
 *
 * @param frame the box that is dragged, before turning, in px of the sheet
 * @param angle by which it is turned about its centre
 */
export function sizeGesture(start: Point, handle: Handle, frame: Box, angle: number): Gesture {
    const desk = useDesk();
    const place = handlePlace(handle);
    let params: { dx: number; dy: number; ratio: boolean; centre: boolean } | null = null;

    return {
        move(at, keys) {
            const step = desk.sheet?.whole_pixels ? whole : settled;
            const by = turned({ x: at.x - start.x, y: at.y - start.y }, -angle);
            const dx = place.x === 0.5 ? 0 : step(by.x);
            const dy = place.y === 0.5 ? 0 : step(by.y);
            params = { dx, dy, ratio: keys.shift, centre: keys.alt };
            const box = dragged(frame, place, params);
            ghost.value = { kind: 'box', box, angle, label: `${figure(box.w)} × ${figure(box.h)}` };
        },
        end() {
            ghost.value = null;
            if (params && (params.dx !== 0 || params.dy !== 0)) void desk.run('resize', { handle, ...params });
        },
        cancel() {
            ghost.value = null;
        },
    };
}

/** As core/Command/Resize reckons it, for the ghost; what counts is what the server does. */
function dragged(frame: Box, place: Point, by: { dx: number; dy: number; ratio: boolean; centre: boolean }): Box {
    const grow = (share: number, d: number) => (share === 0 ? -d : share === 1 ? d : 0) * (by.centre ? 2 : 1);
    let w = frame.w + grow(place.x, by.dx);
    let h = frame.h + grow(place.y, by.dy);
    if (by.ratio && frame.w > 0 && frame.h > 0) {
        const [across, down] = [w / frame.w, h / frame.h];
        const factor = Math.abs(across - 1) >= Math.abs(down - 1) ? across : down;
        [w, h] = [frame.w * factor, frame.h * factor];
    }
    const held = by.centre ? { x: 0.5, y: 0.5 } : { x: 1 - place.x, y: 1 - place.y };
    const x = frame.x + frame.w * held.x - w * held.x;
    const y = frame.y + frame.h * held.y - h * held.y;
    return { x: Math.min(x, x + w), y: Math.min(y, y + h), w: Math.abs(w), h: Math.abs(h) };
}
