import type { Axis, Box, SheetSettings, Side } from '@/api/types';
import { contains } from '@/sheet/geometry';
import { lead, other, trail, type Candidates } from './candidates';
import { prepared } from './ordered';

/** The clear room from one side of something to what lies next there. */
export interface Room {
    side: Side;
    axis: Axis;
    from: number;
    to: number;
    /** where across it is drawn */
    across: number;
}

const SIDES: { side: Side; axis: Axis; ahead: boolean }[] = [
    { side: 'left', axis: 'x', ahead: false },
    { side: 'right', axis: 'x', ahead: true },
    { side: 'top', axis: 'y', ahead: false },
    { side: 'bottom', axis: 'y', ahead: true },
];

/** On all four sides: to the nearest thing beside it, else to the edge of what it lies on, else of the sheet. */
export function clearRooms(candidates: Candidates, box: Box, sheet: SheetSettings | null): Room[] {
    const grounds: Box[] = sheet ? [{ x: 0, y: 0, w: sheet.width, h: sheet.height }] : [];
    const beside: Box[] = [];
    for (const one of prepared(candidates).boxes) {
        if (contains(one, box)) grounds.push(one);
        else beside.push(one);
    }
    const ground = grounds.filter((one) => contains(one, box)).sort((a, b) => a.w * a.h - b.w * b.h)[0];
    return SIDES.flatMap(({ side, axis, ahead }) => {
        const across = other(axis);
        const from = ahead ? trail(box, axis) : lead(box, axis);
        let near: { at: number; low: number; high: number } | null = null;
        for (const one of beside) {
            const low = Math.max(lead(one, across), lead(box, across));
            const high = Math.min(trail(one, across), trail(box, across));
            const at = ahead ? lead(one, axis) : trail(one, axis);
            if (high - low <= 0 || (ahead ? at < from : at > from)) continue;
            if (!near || (ahead ? at < near.at : at > near.at)) near = { at, low, high };
        }
        if (!near && ground) {
            const at = ahead ? trail(ground, axis) : lead(ground, axis);
            near = { at, low: lead(box, across), high: trail(box, across) };
        }
        return near ? [{ side, axis, from, to: near.at, across: (near.low + near.high) / 2 }] : [];
    });
}
