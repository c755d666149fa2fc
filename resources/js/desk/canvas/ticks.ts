import type { Axis, Point } from '@/api/types';
import { rounded } from '@/sheet/geometry';
import { sights } from '@/desk/snap/snapper';
import { useDesk } from '@/stores/desk';
import { useSnap } from '@/stores/snap';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';

/** Into how many parts a step of a beginning figure is divided, so that every tick is a figure that can be read. */
const PARTS: Record<string, number> = { 1: 10, 2: 4, 5: 5 };
/** Figures stand at least this far apart on the screen. */
const APART = 56;
/** px of the screen within which a guide or the zero goes to a tick */
const TOLERANCE = 6;

/** The least step of 1, 2 or 5 times a power of ten, in the desk's unit, whose figures stand far enough apart. */
export function rulerSteps(): { step: number; parts: number } {
    const units = useUnits();
    const least = APART / useView().zoom / units.pixels;
    // Nothing on a sheet is placed by less than a pixel's figure.
    const smallest = units.unit === 'px' ? 1 : 0.001;
    for (let power = Math.floor(Math.log10(Math.max(least, smallest))); ; power++) {
        for (const digit of [1, 2, 5]) {
            const step = Number(`${digit}e${power}`);
            if (step < least || step < smallest) continue;
            const parts = PARTS[digit] ?? 1;
            return { step, parts: units.unit === 'px' && step / parts < 1 ? step : parts };
        }
    }
}

/** Where a guide or the zero comes to lie that met nothing on the sheet: on the nearest tick of the ruler, where one is near. */
export function onTicks(free: Point, to: Point): Point {
    if (!useSnap().on) return to;
    const met = new Set(sights.value?.met.lines.map(({ axis }) => axis));
    const along = (axis: Axis) => (met.has(axis) ? to[axis] : (nearestTick(free[axis], axis) ?? to[axis]));
    return { x: along('x'), y: along('y') };
}

function nearestTick(at: number, axis: Axis): number | null {
    const { step, parts } = rulerSteps();
    const small = (step / parts) * useUnits().pixels;
    const zero = useDesk().sheet?.zero[axis] ?? 0;
    const tick = rounded(zero + Math.round((at - zero) / small) * small);
    return Math.abs(tick - at) * useView().zoom <= TOLERANCE ? tick : null;
}
