import type { Point } from '@/api/types';
import { answers } from '@/desk/snap/snapper';
import { onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import type { Gesture, Held } from './gestures/gesture';

type Keys = Pick<PointerEvent, 'shiftKey' | 'altKey' | 'ctrlKey' | 'metaKey'>;

const held = (keys: Keys): Held => ({ shift: keys.shiftKey, alt: keys.altKey, ctrl: keys.ctrlKey || keys.metaKey });

/**
 * The gesture that the pointer makes while it is held: one step for each frame, however many moves are reported.
 * Escape, a lost pointer or a blurred window gives it back whole.
 */
export function useHeldPointer() {
    const gesture = shallowRef<Gesture | null>(null);
    const spaceHeld = ref(false);
    let waiting: (Held & { at: Point }) | null = null;
    let last: { at: Point; keys: Keys } | null = null;

    function follow(at: Point, keys: Keys): void {
        const first = waiting === null;
        last = { at, keys };
        waiting = { at, ...held(keys) };
        if (first) requestAnimationFrame(step);
    }

    function step(): void {
        if (waiting && gesture.value) gesture.value.move(waiting.at, waiting);
        waiting = null;
    }

    function end(event: Keys): void {
        const keys = held(event);
        if (waiting) waiting = { ...waiting, ...keys };
        step();
        const ended = gesture.value;
        gesture.value = null;
        last = null;
        ended?.end(keys);
    }

    function giveBack(): void {
        waiting = null;
        last = null;
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
        // What a held key will do is shown at once, also while the pointer rests.
        if (['Shift', 'Alt', 'Control', 'Meta'].includes(event.key) && gesture.value && last) {
            event.preventDefault();
            follow(last.at, event);
        }
        if (event.type === 'keydown' && event.key === 'Escape' && gesture.value) {
            event.stopImmediatePropagation();
            giveBack();
        }
    }

    // What a drag can snap to is known only after it has begun.
    watch(answers, () => gesture.value && last && follow(last.at, last.keys));

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
