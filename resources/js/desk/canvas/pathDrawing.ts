import type { Commands } from '@/api/commands.gen';
import type { Point } from '@/api/types';
import { beginSnapping, point } from '@/desk/snap/snapper';
import { figure, rounded } from '@/sheet/geometry';
import { course, pathData, type PathPoint } from '@/sheet/points';
import type { DrawnKind } from '@/sheet/kinds';
import { readSum } from '@/sheet/sums';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { computed, ref, shallowRef, watch } from 'vue';
import { DRAG, type Gesture } from './gestures/gesture';

/** px of the screen within which the first point is met, which closes the path. */
const CLOSE = 8;
/** A part of 45 degrees with Shift. */
const EIGHTH = Math.PI / 4;

/** the points drawn so far, and where the next one would lie */
const points = shallowRef<PathPoint[]>([]);
const next = shallowRef<Point | null>(null);
/** what is typed of the next part: its length, or its length and angle */
const typed = ref('');
let snapping: ReturnType<typeof beginSnapping> | null = null;
/** what it is that is drawn, also when another tool has been taken meanwhile */
let kind: DrawnKind | null = null;

/** A path that is drawn: clicks make straight parts, drags curves; numbers may be typed instead. */
export function usePathDrawing() {
    const desk = useDesk();
    const view = useView();
    const units = useUnits();
    const isOn = () => view.tool === 'draw' && view.drawn?.tool.ghost === 'path';

    // Whoever takes another tool meanwhile has drawn what is there.
    watch(isOn, (on) => {
        if (!on && points.value.length > 0) finish(false);
    });

    const first = computed(() => points.value[0]);
    const closes = computed(() => {
        const [start, at] = [first.value, next.value];
        return (
            points.value.length > 2 &&
            start !== undefined &&
            at !== null &&
            Math.hypot(at.x - start.x, at.y - start.y) * view.zoom < CLOSE
        );
    });

    /** Where the pointer would put the next point: snapped; with Shift level, upright or at 45 degrees from the last. */
    function place(at: Point, keys: { shiftKey: boolean; ctrlKey: boolean }): Point {
        snapping ??= beginSnapping({ mode: 'draw' }, point({ x: 0, y: 0 }, desk.sheet?.whole_pixels ?? false));
        const to = snapping.at(at, keys.ctrlKey || keys.shiftKey, false);
        const from = points.value.at(-1);
        if (!keys.shiftKey || !from) return to;
        const { x, y } = { x: to.x - from.x, y: to.y - from.y };
        const turn = Math.round(Math.atan2(y, x) / EIGHTH) * EIGHTH;
        const far = x * Math.cos(turn) + y * Math.sin(turn);
        // At 45 degrees whole steps stay whole along both axes.
        const [dx, dy] = [far * Math.cos(turn), far * Math.sin(turn)];
        const isAslant = Math.abs(Math.abs(dx) - Math.abs(dy)) < 1e-6;
        const step = isAslant ? Math.round(Math.abs(dx)) : 0;
        return isAslant
            ? { x: from.x + Math.sign(dx) * step, y: from.y + Math.sign(dy) * step }
            : { x: rounded(from.x + dx), y: rounded(from.y + dy) };
    }

    function hover(at: Point, event: MouseEvent): void {
        next.value = place(at, event);
    }

    /** A press puts a point there, or closes the path; dragging on bends it. */
    function press(at: Point, event: PointerEvent): Gesture {
        next.value = place(at, event);
        kind = view.drawn;
        if (closes.value) {
            finish(true);
            return { move: () => undefined, end: () => undefined, cancel: () => undefined };
        }
        add(next.value);
        const here = points.value.at(-1) as PathPoint;
        return {
            move(to) {
                if (Math.hypot(to.x - at.x, to.y - at.y) * view.zoom < DRAG) return;
                const out = { x: rounded(to.x), y: rounded(to.y) };
                const into = { x: rounded(2 * here.x - out.x), y: rounded(2 * here.y - out.y) };
                points.value = [...points.value.slice(0, -1), { ...here, in: into, out, smooth: true }];
            },
            end: () => undefined,
            cancel: () => undefined,
        };
    }

    function add(at: Point): void {
        const last = points.value.at(-1);
        typed.value = '';
        if (!last || last.x !== at.x || last.y !== at.y)
            points.value = [...points.value, { x: rounded(at.x), y: rounded(at.y) }];
    }

    /** Puts the path on the sheet; of fewer than two points there is nothing. */
    function finish(closed: boolean): void {
        const drawn = points.value;
        points.value = [];
        next.value = null;
        typed.value = '';
        snapping?.end();
        snapping = null;
        if (isOn()) view.tool = 'select';
        if (drawn.length < 2 || !kind) return;
        const subpaths = [{ closed, points: drawn }] as unknown as Commands['add-item']['subpaths'];
        void desk.run('add-item', { kind: kind.name, x: 0, y: 0, subpaths }, []);
    }

    /** The next part by what is typed: 120 in the direction of the pointer, or 120 < 30 at that angle. */
    function placed(): Point | null {
        const from = points.value.at(-1);
        const [far, turn] = typed.value.split('<').map((part) => readSum(part.trim()));
        if (!from || far === null || far === undefined || (typed.value.includes('<') && turn === null)) return null;
        const towards = next.value ? course(from, next.value).angle : 0;
        const angle = ((turn ?? towards) * Math.PI) / 180;
        const length = far * units.pixels;
        return { x: rounded(from.x + Math.cos(angle) * length), y: rounded(from.y + Math.sin(angle) * length) };
    }

    /** @returns whether the key was meant for the path that is drawn */
    function onKey(event: KeyboardEvent): boolean {
        if (!isOn() || event.ctrlKey || event.metaKey || event.altKey) return false;
        if (/^[0-9.,<+*/() -]$/.test(event.key) && points.value.length > 0)
            typed.value += event.key === ',' ? '.' : event.key;
        else if (event.key === 'Backspace') {
            if (typed.value) typed.value = typed.value.slice(0, -1);
            else points.value = points.value.slice(0, -1);
        } else if (event.key === 'Enter' && typed.value) {
            const at = placed();
            if (at) add(at);
            else desk.say(`"${typed.value}" is no length. Type 120, or 120 < 30 for an angle too.`, 'refused');
        } else if (event.key === 'Escape' && typed.value) typed.value = '';
        else if (points.value.length > 0 && (event.key === 'Enter' || event.key === 'Escape')) finish(false);
        else return false;
        event.preventDefault();
        return true;
    }

    /** What is shown of it on the screen. */
    const shown = computed(() => {
        if (!isOn()) return null;
        const to = typed.value ? (placed() ?? next.value) : next.value;
        const from = points.value.at(-1);
        const runs = [{ closed: false, points: to && from ? [...points.value, to] : points.value }];
        const marks = points.value.map(view.toScreen);
        const part = from && to ? course(from, to) : null;
        const label = typed.value
            ? typed.value
            : closes.value
              ? 'close'
              : part
                ? `${units.text(rounded(part.length))}  ${figure(Math.round(part.angle * 10) / 10)}°`
                : '';
        const handles = points.value.flatMap((at) =>
            at.in && at.out ? [{ from: view.toScreen(at.in), to: view.toScreen(at.out) }] : [],
        );
        return { path: pathData(runs, view.toScreen), marks, handles, label, closes: closes.value };
    });

    return { isOn, hover, press, onKey, shown };
}
