import type { Point } from '@/api/types';
import { is } from '@/sheet/kinds';
import { partNear, readRef, refOf, runsOf, type Mark, type Near } from '@/sheet/points';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import type { Gesture } from './gestures/gesture';
import { pointsGesture } from './gestures/points';

/** px of the screen within which a point of a path, or a part of it, is taken hold of. */
const POINT = 6;

/** What presses mean on the points of paths that are edited. */
export function usePointPressing(begin: (event: PointerEvent, gesture: Gesture) => void) {
    const desk = useDesk();
    const view = useView();

    /** The point of an edited path under the pointer; control points lie above points. */
    function pointAt(at: Point): Mark | undefined {
        const near = desk.marks.filter((mark) => Math.hypot(mark.at.x - at.x, mark.at.y - at.y) * view.zoom <= POINT);
        return near.find((mark) => mark.control !== null) ?? near[0];
    }

    /** Points, and the straight parts between them, are taken hold of before all else. */
    function press(event: PointerEvent, at: Point): boolean {
        if (desk.edited.length === 0) return false;
        const point = pointAt(at);
        const part = point ? null : partAt(at);
        if (!point && !part) return false;
        const refs = point ? [point.ref] : part ? endsOf(part.ref) : [];
        const was = refs.every((ref) => desk.selectedPoints.includes(ref));
        if (event.shiftKey)
            desk.selectPoints(
                was
                    ? desk.selectedPoints.filter((ref) => !refs.includes(ref))
                    : [...new Set([...desk.selectedPoints, ...refs])],
            );
        else if (!was) desk.selectPoints(refs);
        if (desk.selectedPoints.length > 0)
            begin(
                event,
                pointsGesture(at, () => {
                    if (was && !event.shiftKey) desk.selectPoints(refs);
                }),
            );
        return true;
    }

    function partAt(at: Point): Near | null {
        const near = desk.edited
            .flatMap((id) => desk.items.get(id) ?? [])
            .flatMap((item) => partNear(desk.tree, item, at) ?? [])
            .sort((a, b) => a.off - b.off)[0];
        return near && near.off * view.zoom <= POINT ? near : null;
    }

    /** The points at both ends of a part. */
    function endsOf(ref: string): string[] {
        const { item, run, point } = readRef(ref);
        const found = desk.items.get(item);
        const count = found ? (runsOf(found)[run]?.points.length ?? 1) : 1;
        return [ref, refOf(item, run, (point + 1) % count)];
    }

    /** A double click on a part adds a point there. @returns whether it was on a part, or on a point */
    function addAt(at: Point): boolean {
        if (desk.edited.length === 0) return false;
        const point = pointAt(at);
        const part = point ? null : partAt(at);
        if (part) void desk.run('add-point', { part: part.ref, at: part.at }, []);
        return point !== undefined || part !== null;
    }

    /** Shows the points of a path; of several that are selected, those of all of them. */
    function edit(id: string): void {
        const paths = desk.selected.filter((item) => is(item, 'has-points') && !desk.tree.isLocked(item.id));
        desk.editPoints(desk.selection.includes(id) ? paths.map((item) => item.id) : [id]);
    }

    return { press, addAt, edit };
}
