import { is } from '@/sheet/kinds';
import type { Axis, Item, Point } from '@/api/types';
import { itemsAt, lockedAt } from '@/sheet/hit';
import { sliceAt } from '@/sheet/slices';
import { enter } from '@/desk/entering';
import { useDesk } from '@/stores/desk';
import { useMeasuring } from '@/stores/measuring';
import { useRoom } from '@/stores/room';
import { useSquaring } from '@/stores/squaring';
import { useView } from '@/stores/view';
import { useWidths } from '@/stores/widths';
import { computed, onBeforeUnmount, type Ref } from 'vue';
import { useColourAt } from './colourAt';
import { bandGesture, pointBandGesture } from './gestures/band';
import { drawGesture } from './gestures/draw';
import type { Gesture } from './gestures/gesture';
import { fitGesture } from './gestures/fit';
import { guideGesture } from './gestures/guide';
import { moveGesture, sliceGesture } from './gestures/move';
import { usePathDrawing } from './pathDrawing';
import { usePointPressing } from './pointPressing';
import { panGesture } from './gestures/pan';
import { roomGesture } from './gestures/room';
import { useGrips } from './grips';
import { useHeldPointer } from './heldPointer';

/** px of the screen within which a guide is taken hold of. */
const GRASP = 3;

/**
 * What the pointer does over the sheet: what it means there, and which gesture it begins.
 *
 * @param plane where the sheet is shown
 * @param raise lifts items off the sheet for a drag
 * @param openMenu opens the menu of what is selected, given all that lies under the pointer, and what of it is locked
 */
export function usePointing(
    plane: Ref<HTMLElement | null>,
    raise: (ids: string[]) => void,
    openMenu: (event: MouseEvent, under: Item[], locked: Item[]) => void,
) {
    const desk = useDesk();
    const view = useView();
    const squaring = useSquaring();
    const measuring = useMeasuring();
    const room = useRoom();
    const widths = useWidths();
    const colour = useColourAt();
    const drawing = usePathDrawing();
    const points = usePointPressing(begin);
    const { gesture, spaceHeld, follow, end, giveBack } = useHeldPointer();
    const grips = useGrips(begin, gesture, onSheet, isOnRuler);

    const cursor = computed(() =>
        spaceHeld.value
            ? 'grab'
            : view.tool === 'draw' && view.drawn?.tool.ghost === 'typed'
              ? 'text'
              : view.tool !== 'select'
                ? 'crosshair'
                : view.guideOver && !gesture.value
                  ? desk.guides.find((guide) => guide.id === view.guideOver)?.axis === 'x'
                      ? 'ew-resize'
                      : 'ns-resize'
                  : 'default',
    );

    function onCanvas(event: MouseEvent): Point {
        const box = plane.value?.getBoundingClientRect();
        return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) };
    }

    function onSheet(event: MouseEvent): Point {
        return view.toSheet(onCanvas(event));
    }

    const under = (point: Point) => itemsAt(desk.tree, point, 1 / view.zoom, null, desk.entered);

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
        else if (view.tool === 'measure') measuring.click(pointed(at));
        else if (view.tool === 'colour') void colour.take(at, event.shiftKey);
        else if (view.tool === 'fit') begin(event, fitGesture(at));
        else if (view.tool === 'room') {
            room.hover(at);
            begin(event, roomGesture(at, raise));
        } else if (view.tool === 'slice') begin(event, drawGesture('slice', at));
        else if (drawing.isOn()) begin(event, drawing.press(at, event));
        else if (view.tool === 'draw' && view.drawn) begin(event, drawGesture(view.drawn, at));
        else if (!points.press(event, at)) {
            const guide = guideAt(at);
            if (guide) begin(event, guideGesture(guide.axis, guide, isOnRuler(guide.axis)));
            else if (!goBeside(at)) press(event, at);
        }
    }

    /** A press on a width of the page that is shown beside the sheet goes there. */
    function goBeside(at: Point): boolean {
        const width = under(at).length === 0 ? widths.at(at) : undefined;
        if (width) widths.wanted = width.sheet.id;
        return width !== undefined;
    }

    /** What measuring and guides point at: whatever lies there, however deep in groups. */
    const pointed = (at: Point) => under(at)[0]?.id ?? null;

    /** A guide that is shown, not locked, and so near that it is meant. */
    const guideAt = (at: Point) =>
        view.showGuides && !view.bare
            ? desk.guides.find((guide) => !guide.locked && Math.abs(at[guide.axis] - guide.at) * view.zoom <= GRASP)
            : undefined;

    function isOnRuler(axis: Axis): (at: Point) => boolean {
        return (at) => view.toScreen(at)[axis] < 0;
    }

    function press(event: PointerEvent, at: Point): void {
        const slice = view.showSlices && !view.bare ? sliceAt(desk.slices, at, view.zoom) : undefined;
        if (slice) {
            pressSlice(event, at, slice.id);
            return;
        }
        if (!event.shiftKey) desk.selectedSlices = [];
        if (desk.edited.length > 0 && picked(at) === null && meant(at, false) === null) {
            begin(event, pointBandGesture(at, event.shiftKey));
            return;
        }
        const id = picked(at) ?? meant(at, event.ctrlKey || event.metaKey);
        if (id === null) {
            begin(event, bandGesture(at, event.shiftKey));
            return;
        }
        const was = desk.selection.includes(id);
        if (event.shiftKey && !was) desk.toggle([id]);
        else if (!was) {
            desk.select([id]);
            if (desk.entered && !desk.tree.ancestors(id).some((group) => group.id === desk.entered))
                desk.entered = null;
        }
        begin(
            event,
            moveGesture(at, raise, () => {
                // Shift takes it from the selection only when it was no drag along one axis.
                if (was && event.shiftKey) desk.toggle([id]);
                else if (was) desk.select([meant(at, event.ctrlKey || event.metaKey) ?? id]);
            }),
        );
    }

    /** What was picked from among the things that lie here stays what a press means, though others lie in front of it. */
    function picked(at: Point): string | null {
        const [only, more] = desk.selection;
        if (only === undefined || more !== undefined || only !== view.picked) view.picked = null;
        return under(at).some((item) => item.id === view.picked) ? view.picked : null;
    }

    function pressSlice(event: PointerEvent, at: Point, id: string): void {
        const was = desk.selectedSlices.includes(id);
        desk.select([]);
        if (event.shiftKey && was) desk.selectedSlices = desk.selectedSlices.filter((other) => other !== id);
        else if (!was) desk.selectedSlices = event.shiftKey ? [...desk.selectedSlices, id] : [id];
        if (desk.selectedSlices.includes(id)) begin(event, sliceGesture(at));
    }

    function begin(event: PointerEvent, next: Gesture): void {
        gesture.value = next;
        view.hovered = null;
        window.addEventListener('pointermove', onDrag);
        window.addEventListener('pointerup', onUp);
        plane.value?.setPointerCapture(event.pointerId);
        event.preventDefault();
    }

    /** A drag is followed wherever the pointer goes, whether the browser lets the plane keep it or not. */
    function onDrag(event: PointerEvent): void {
        if (!gesture.value) {
            onUp(event);
            return;
        }
        view.pointer = onCanvas(event);
        follow(onSheet(event), event);
    }

    function onUp(event: PointerEvent): void {
        window.removeEventListener('pointermove', onDrag);
        window.removeEventListener('pointerup', onUp);
        if (gesture.value) end(event);
    }

    function onMove(event: PointerEvent): void {
        if (gesture.value) return;
        view.pointer = onCanvas(event);
        const at = onSheet(event);
        const guide = view.tool === 'select' ? guideAt(at) : undefined;
        view.guideOver = guide?.id ?? null;
        if (view.tool === 'measure') measuring.hover(at, pointed(at), event.shiftKey);
        if (view.tool === 'colour') colour.hover(at);
        if (view.tool === 'room') room.hover(at);
        if (drawing.isOn()) drawing.hover(at, event);
        const points = view.tool === 'measure' ? pointed(at) : meant(at, event.ctrlKey || event.metaKey);
        view.hovered = ['select', 'measure'].includes(view.tool) && !guide ? points : null;
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
        view.guideOver = null;
    }

    function onDouble(event: MouseEvent): void {
        if (view.tool !== 'select') return;
        const at = onSheet(event);
        if (points.addAt(at)) return;
        const [first] = under(at);
        if (!first) return;
        const inside = desk.tree.childOf(desk.entered, first.id) ?? desk.tree.childOf(null, first.id);
        if (inside && is(inside, 'holds-items')) {
            desk.entered = inside.id;
            const [found = first] = under(at);
            desk.select([desk.tree.childOf(inside.id, found.id)?.id ?? inside.id]);
        } else if (is(first, 'has-points')) {
            points.edit(first.id);
        } else enter(first, at);
    }

    /** The menu belongs to what lies under the pointer, unless that is part of what is selected. */
    function onMenu(event: MouseEvent): void {
        event.preventDefault();
        const at = onSheet(event);
        const id = meant(at, event.ctrlKey || event.metaKey);
        if (id !== null && !desk.selection.includes(id)) desk.select([id]);
        openMenu(event, under(at), lockedAt(desk.tree, at, 1 / view.zoom));
    }

    function onWheel(event: WheelEvent): void {
        event.preventDefault();
        const isPlain = !event.ctrlKey && !event.metaKey && !event.shiftKey;
        if (squaring.isOpen && isPlain && event.deltaY !== 0) squaring.step(event.deltaY < 0 ? 1 : -1);
        else if (event.ctrlKey || event.metaKey)
            view.zoomTo(view.zoom * Math.exp(-event.deltaY * 0.0022), onCanvas(event));
        else if (event.shiftKey) view.panBy(-(event.deltaY || event.deltaX), 0);
        else view.panBy(-event.deltaX, -event.deltaY);
    }

    onBeforeUnmount(() => {
        window.removeEventListener('pointermove', onDrag);
        window.removeEventListener('pointerup', onUp);
    });

    /** What the plane listens to. */
    const handlers = {
        pointerdown: onDown,
        pointermove: onMove,
        pointercancel: giveBack,
        lostpointercapture: onLost,
        pointerleave: onLeave,
        dblclick: onDouble,
        wheel: onWheel,
        contextmenu: onMenu,
    };

    return { cursor, ...grips, handlers };
}
