import type { Box, Item, Point } from '@/api/types';
import { itemsAt } from '@/desk/hit';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed, type Ref } from 'vue';
import { bandGesture } from './gestures/band';
import { drawGesture } from './gestures/draw';
import type { Gesture } from './gestures/gesture';
import { moveGesture } from './gestures/move';
import { panGesture } from './gestures/pan';
import { sizeGesture, type Handle } from './gestures/size';
import { turnGesture } from './gestures/turn';
import { useHeldPointer } from './heldPointer';

/**
 * What the pointer does over the sheet: what it means there, and which gesture it begins.
 *
 * @param plane where the sheet is shown
 * @param raise lifts items off the sheet for a drag
 * @param openMenu opens the menu of what is selected, given all that lies under the pointer
 */
export function usePointing(
    plane: Ref<HTMLElement | null>,
    raise: (ids: string[]) => void,
    openMenu: (event: MouseEvent, under: Item[]) => void,
) {
    const desk = useDesk();
    const view = useView();
    const { gesture, spaceHeld, follow, end, giveBack } = useHeldPointer();

    const cursor = computed(() =>
        spaceHeld.value ? 'grab' : view.tool === 'select' ? 'default' : view.tool === 'text' ? 'text' : 'crosshair',
    );

    function onCanvas(event: MouseEvent): Point {
        const box = plane.value?.getBoundingClientRect();
        return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) };
    }

    const onSheet = (event: MouseEvent) => view.toSheet(onCanvas(event));
    const under = (point: Point) => itemsAt(desk.tree, point, 1 / view.zoom);

    /** What a click takes of what lies there: the child of the group that is entered, or else what lies on the sheet itself. */
    function meant(point: Point, deep: boolean): string | null {
        const [first] = under(point);
        if (!first) return null;
        if (deep) return first.id;
        return (
            (desk.entered ? desk.tree.childOf(desk.entered, first.id)?.id : undefined) ??
            desk.tree.childOf(null, first.id)?.id ??
            null
        );
    }

    function onDown(event: PointerEvent): void {
        if (gesture.value || (event.button !== 0 && event.button !== 1)) return;
        plane.value?.focus({ preventScroll: true });
        const at = onSheet(event);
        if (event.button === 1 || spaceHeld.value) begin(event, panGesture(at));
        else if (view.tool !== 'select') begin(event, drawGesture(view.tool, at));
        else press(event, at);
    }

    function press(event: PointerEvent, at: Point): void {
        const id = meant(at, event.ctrlKey || event.metaKey);
        if (id === null) {
            begin(event, bandGesture(at, event.shiftKey));
            return;
        }
        const was = desk.selection.includes(id);
        if (event.shiftKey) desk.toggle([id]);
        else if (!was) {
            desk.select([id]);
            if (desk.entered && !desk.tree.ancestors(id).some((group) => group.id === desk.entered))
                desk.entered = null;
        }
        if (!desk.selection.includes(id)) return;
        begin(
            event,
            moveGesture(at, raise, () => {
                if (was && !event.shiftKey) desk.select([id]);
            }),
        );
    }

    function grip(event: PointerEvent, handle: Handle, frame: Box, angle: number): void {
        if (event.button !== 0) return;
        event.stopPropagation();
        begin(event, sizeGesture(onSheet(event), handle, frame, angle));
    }

    function turn(event: PointerEvent, frame: Box, angle: number): void {
        if (event.button !== 0) return;
        event.stopPropagation();
        begin(event, turnGesture(onSheet(event), frame, angle));
    }

    function begin(event: PointerEvent, next: Gesture): void {
        gesture.value = next;
        view.hovered = null;
        plane.value?.setPointerCapture(event.pointerId);
        event.preventDefault();
    }

    function onMove(event: PointerEvent): void {
        view.pointer = onCanvas(event);
        const at = onSheet(event);
        if (gesture.value) follow(at, event);
        else view.hovered = view.tool === 'select' ? meant(at, event.ctrlKey || event.metaKey) : null;
    }

    /** The browser may take the capture away while the button is still held, when the page under the pointer changes. */
    function onLost(event: PointerEvent): void {
        if (!gesture.value) return;
        if (event.buttons === 0) giveBack();
        else plane.value?.setPointerCapture(event.pointerId);
    }

    function onLeave(): void {
        if (gesture.value) return;
        view.pointer = null;
        view.hovered = null;
    }

    function onDouble(event: MouseEvent): void {
        const [first] = under(onSheet(event));
        if (!first) return;
        const inside = desk.tree.childOf(desk.entered, first.id) ?? desk.tree.childOf(null, first.id);
        if (inside?.kind === 'group') {
            desk.entered = inside.id;
            desk.select([desk.tree.childOf(inside.id, first.id)?.id ?? inside.id]);
        } else if (first.kind === 'text') {
            desk.select([first.id]);
            view.editing = { item: first.id, at: first.frame };
        }
    }

    /** The menu belongs to what lies under the pointer, unless that is part of what is selected. */
    function onMenu(event: MouseEvent): void {
        const at = onSheet(event);
        const id = meant(at, event.ctrlKey || event.metaKey);
        if (id !== null && !desk.selection.includes(id)) desk.select([id]);
        openMenu(event, under(at));
    }

    function onWheel(event: WheelEvent): void {
        if (event.ctrlKey || event.metaKey) view.zoomTo(view.zoom * Math.exp(-event.deltaY * 0.0022), onCanvas(event));
        else if (event.shiftKey) view.panBy(-(event.deltaY || event.deltaX), 0);
        else view.panBy(-event.deltaX, -event.deltaY);
    }

    return { cursor, grip, turn, end, giveBack, onDown, onMove, onLost, onLeave, onDouble, onMenu, onWheel };
}
