import { api } from '@/api/client';
import type { Commands } from '@/api/commands.gen';
import type { Box, Point } from '@/api/types';
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useSnap } from '@/stores/snap';
import { useView } from '@/stores/view';
import { ref, shallowRef } from 'vue';
import { rounded, whole } from '@/sheet/geometry';
import { clearRooms, type Room } from '@/sheet/snap/rooms';
import { after, CENTRE, LEAD, TRAIL, type Candidates, type Dragged, type Kind } from '@/sheet/snap/candidates';
import { metAt, type Met } from '@/sheet/snap/matches';
import { snap as snapped } from '@/sheet/snap/pick';

/** px of the screen within which things snap (RULES 10). */
const TOLERANCE = 6;

/** What is drawn while a drag lasts: lines and equal gaps that were met, and how much room there is on each side. */
export const sights = shallowRef<{ met: Met; rooms: Room[] } | null>(null);

/** Counts the answers about what can be snapped to: a drag that rests meanwhile is looked at again. */
export const answers = ref(0);

export interface SnapQuestion {
    mode: 'move' | 'size' | 'draw';
    items?: string[];
    slices?: string[];
    points?: string[];
    handle?: string;
    from?: Point;
}

/**
 * The snapping of one drag. The server is asked once when it begins; until it has answered, nothing snaps.
 *
 * @param except what it does not snap to, whatever is switched on
 * @param own what is dragged, where that is no item: a guide, the zero, a gauge block, a corner that is drawn
 */
export function beginSnapping(question: SnapQuestion, own?: Dragged, except: Kind[] = []) {
    const desk = useDesk();
    const snap = useSnap();
    const view = useView();
    const bench = useBench();
    const tolerance = () => rounded(TOLERANCE / view.zoom);
    const kinds = snap.kinds.filter(
        (kind) =>
            !except.includes(kind) &&
            (kind !== 'guide' || view.showGuides) &&
            (!['grid', 'module'].includes(kind) || view.showGrid),
    );
    const by = question.items?.length ? bench.by : 'frame';
    let candidates: Candidates | null = null;
    let ended = false;

    const sheet = desk.sheet?.id;
    if (sheet)
        void api
            .ask<Candidates>(`sheets/${sheet}/snap`, { ...question, tolerance: tolerance(), kinds, by })
            .then((answer) => {
                candidates = answer;
                answers.value++;
            })
            .catch(() => undefined);

    /**
     * @param measured whether the room round it is shown, or the box whose room it is, given where it goes
     * @returns how far it goes; as far as it was dragged where it does not snap
     */
    function at(free: Point, suspended: boolean, measured: boolean | ((to: Point) => Box) = true): Point {
        const dragged = own ?? candidates?.dragged ?? null;
        const by = { x: rounded(free.x), y: rounded(free.y) };
        if (!candidates || !dragged || ended) return unsnapped(by);
        const isOn = snap.on && !suspended;
        const got = isOn ? snapped(candidates, dragged, tolerance(), by.x, by.y) : null;
        const to = got ? { x: got.dx, y: got.dy } : unsnapped(by);
        sights.value = {
            met: isOn ? metAt(candidates, dragged, to.x, to.y) : { lines: [], gaps: [], sizes: [] },
            rooms: measured
                ? clearRooms(candidates, measured === true ? after(dragged, to.x, to.y) : measured(to), desk.sheet)
                : [],
        };
        return to;
    }

    function unsnapped(by: Point): Point {
        const dragged = own ?? candidates?.dragged;
        const isWhole = dragged?.whole ?? desk.sheet?.whole_pixels ?? false;
        return isWhole ? { x: whole(by.x), y: whole(by.y) } : by;
    }

    /** What the command that ends the drag is told, so that the server settles it by the same rule. */
    function wish(suspended: boolean): { snap?: Commands['move-by']['snap'] } {
        return candidates && snap.on && !suspended ? { snap: { tolerance: tolerance(), kinds, by } } : {};
    }

    function end(): void {
        ended = true;
        sights.value = null;
    }

    /** Whether it is known by now what can be snapped to. */
    const isKnown = () => candidates !== null;

    return { at, wish, end, isKnown };
}

/** A point that is dragged: a guide along its axis, the zero, the first corner of what is drawn. */
export function point(at: Point, whole: boolean, axes: 'x' | 'y' | 'both' = 'both'): Dragged {
    return {
        box: { ...at, w: 0, h: 0 },
        baseline: null,
        whole,
        sizes: false,
        parts: { x: axes === 'y' ? [] : [LEAD], y: axes === 'x' ? [] : [LEAD] },
    };
}

export function block(box: Dragged['box'], whole: boolean): Dragged {
    return {
        box,
        baseline: null,
        whole,
        sizes: false,
        parts: { x: [LEAD, CENTRE, TRAIL], y: [LEAD, CENTRE, TRAIL] },
    };
}
