import type { Axis, Box, Point } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import type { Ref } from 'vue';
import { gapGesture } from './gestures/gap';
import { gaugeGesture } from './gestures/gauge';
import type { Gesture } from './gestures/gesture';
import { guideGesture, zeroGesture } from './gestures/guide';
import { sizeGesture, type Handle } from './gestures/size';
import { turnGesture } from './gestures/turn';

/**
 * What is taken hold of beside the things themselves: rulers, the zero, gauge blocks, gaps of rails, handles.
 *
 * @param begin begins a gesture
 * @param gesture the one that is going on
 * @param onSheet where on the sheet the pointer is
 * @param isOnRuler whether a point lies under the ruler from which guides of an axis come
 */
export function useGrips(
    begin: (event: PointerEvent, next: Gesture) => void,
    gesture: Readonly<Ref<Gesture | null>>,
    onSheet: (event: MouseEvent) => Point,
    isOnRuler: (axis: Axis) => (at: Point) => boolean,
) {
    const desk = useDesk();
    const view = useView();

    /** Out of the upper ruler come level guides, out of the one at the side upright ones. */
    function pullGuide(event: PointerEvent, axis: Axis): void {
        if (event.button !== 0 || gesture.value) return;
        view.showGuides = true;
        begin(event, guideGesture(axis, null, isOnRuler(axis)));
    }

    function pullZero(event: PointerEvent): void {
        if (event.button === 0 && !gesture.value) begin(event, zeroGesture(onSheet(event)));
    }

    function dragGauge(event: PointerEvent, id: string, sizing: boolean): void {
        if (event.button !== 0 || gesture.value) return;
        event.stopPropagation();
        begin(event, gaugeGesture(onSheet(event), id, sizing));
    }

    function gripGap(event: PointerEvent, rail: string, next: string): void {
        const item = desk.items.get(rail);
        if (event.button !== 0 || gesture.value || !item) return;
        event.stopPropagation();
        begin(event, gapGesture(onSheet(event), item, next));
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

    return { grip, turn, pullGuide, pullZero, dragGauge, gripGap };
}
