import type { Point } from '@/api/types';
import { onBeforeUnmount, onMounted, ref, shallowRef } from 'vue';
import type { Gesture } from './gestures/gesture';

/**
 * The gesture that the pointer makes while it is held: one step for each frame, however many moves are reported.
 * Escape, a lost pointer or a blurred window gives it back whole.
 */
export function useHeldPointer() {
    const gesture = shallowRef<Gesture | null>(null);
    const spaceHeld = ref(false);
    let waiting: { at: Point; shift: boolean; alt: boolean } | null = null;

    function follow(at: Point, keys: { shiftKey: boolean; altKey: boolean }): void {
        const first = waiting === null;
        waiting = { at, shift: keys.shiftKey, alt: keys.altKey };
        if (first) requestAnimationFrame(step);
    }

    function step(): void {
        if (waiting && gesture.value) gesture.value.move(waiting.at, waiting);
        waiting = null;
    }

    function end(): void {
        step();
        const ended = gesture.value;
        gesture.value = null;
        ended?.end();
    }

    function giveBack(): void {
        waiting = null;
        const ended = gesture.value;
        gesture.value = null;
        ended?.cancel();
    }

    function onKey(event: KeyboardEvent): void {
        const typing =
            event.target instanceof HTMLElement && event.target.closest('input, textarea, button, [role=dialog]');
        if (event.code === 'Space' && !typing) {
            spaceHeld.value = event.type === 'keydown';
            event.preventDefault();
        }
        if (event.type === 'keydown' && event.key === 'Escape' && gesture.value) {
            event.stopImmediatePropagation();
            giveBack();
        }
    }

    function onBlur(): void {
        spaceHeld.value = false;
        giveBack();
    }

    onMounted(() => {
        window.addEventListener('keydown', onKey, true);
        window.addEventListener('keyup', onKey, true);
        window.addEventListener('blur', onBlur);
    });
    onBeforeUnmount(() => {
        window.removeEventListener('keydown', onKey, true);
        window.removeEventListener('keyup', onKey, true);
        window.removeEventListener('blur', onBlur);
    });

    return { gesture, spaceHeld, follow, end, giveBack };
}
