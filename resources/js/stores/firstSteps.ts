import { useDesk } from '@/stores/desk';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';
import { kept } from './kept';

interface Step {
    words: string;
    how: string;
    /** whether it was done, as the desk is now */
    done: (desk: ReturnType<typeof useDesk>) => boolean;
}

export const STEPS: Step[] = [
    {
        words: 'Draw a band round the four cards',
        how: 'Press beside them and drag across them.',
        done: (desk) => desk.selection.length > 2,
    },
    {
        words: 'Align their tops',
        how: 'Rest on “Align tops” in the bench: ghosts show where they will land. Then press it, or Alt ↑.',
        done: (desk) => desk.last === 'align',
    },
    {
        words: 'Even out the gaps',
        how: 'Press “↔ Even out” in the Space well, or e.',
        done: (desk) => desk.last === 'distribute',
    },
    {
        words: 'Read the line at the bottom',
        how: 'It says in numbers what moved, and how far. Every action does.',
        done: () => false,
    },
    {
        words: 'Take it all back',
        how: 'Ctrl Z undoes every step, also after a restart.',
        done: (desk) => desk.last === 'undo',
    },
];

/** The step that is done by reading. */
export const READING = 3;

/** A short guided piece for the first minutes: it watches what is done, and is put away for good. */
export const useFirstSteps = defineStore('first-steps', () => {
    const desk = useDesk();
    /** never shown again once it was put away */
    const putAway = kept<boolean>('allsquare-first-steps', false);
    const begun = ref(false);
    const at = ref(0);
    const isOver = computed(() => at.value >= STEPS.length);
    const isShown = computed(() => begun.value && !putAway.value);

    function begin(): void {
        begun.value = true;
        at.value = 0;
    }

    function next(): void {
        at.value += 1;
    }

    function end(): void {
        putAway.value = true;
        begun.value = false;
    }

    watch(
        () => [desk.selection.length, desk.last, desk.status],
        () => {
            if (isShown.value && STEPS[at.value]?.done(desk)) next();
        },
    );

    return { putAway, at, isOver, isShown, begin, next, end };
});
