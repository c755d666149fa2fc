import type { Commands } from '@/api/commands.gen';
import type { Box, Point } from '@/api/types';
import { rounded, turned, whole } from '@/sheet/geometry';
import { beginSnapping } from '@/desk/snap/snapper';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { ghost, live, type Gesture } from './gesture';

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
 * Sizes what is selected by a handle: Shift keeps the proportions, Alt sizes about the centre; then, and
 * with Ctrl or where it is turned, nothing snaps.
 *
 * @param frame the box that is dragged, before turning, in px of the sheet
 * @param angle by which it is turned about its centre
 */
export function sizeGesture(start: Point, handle: Handle, frame: Box, angle: number): Gesture {
    const desk = useDesk();
    const place = handlePlace(handle);
    const units = useUnits();
    const snapping = beginSnapping({ mode: 'size', items: desk.selection, slices: desk.selectedSlices, handle });
    let wish: Commands['resize'] | null = null;
    let params: { dx: number; dy: number; ratio: boolean; centre: boolean } | null = null;

    return {
        move(at, keys) {
            const step = desk.sheet?.whole_pixels ? whole : rounded;
            const by = turned({ x: at.x - start.x, y: at.y - start.y }, -angle);
            const isFree = keys.ctrl || keys.shift || keys.alt || angle % 90 !== 0;
            const far = { x: place.x === 0.5 ? 0 : by.x, y: place.y === 0.5 ? 0 : by.y };
            const to = isFree ? { x: step(far.x), y: step(far.y) } : snapping.at(far, false);
            if (isFree) snapping.at({ x: 0, y: 0 }, true, false);
            params = { dx: to.x, dy: to.y, ratio: keys.shift, centre: keys.alt };
            const snap = isFree ? {} : snapping.wish(false);
            wish = {
                handle,
                ...params,
                ...('snap' in snap ? { dx: rounded(far.x), dy: rounded(far.y) } : {}),
                ...snap,
            };
            const box = dragged(frame, place, params);
            live.value = angle % 90 === 0 ? box : null;
            ghost.value = {
                shape: 'frame',
                box,
                angle,
                label: units.boxText(box),
            };
        },
        end() {
            ghost.value = null;
            live.value = null;
            snapping.end();
            if (wish && params && (params.dx !== 0 || params.dy !== 0)) void desk.run('resize', wish);
        },
        cancel() {
            ghost.value = null;
            live.value = null;
            snapping.end();
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
