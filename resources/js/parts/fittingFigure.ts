import { computed, ref, type ComponentPublicInstance, type Ref } from 'vue';
import { useSize } from './sized';

/** The advance of a figure of the monospaced font, by its size. */
const ADVANCE = 0.616;

/** px; what does not fit at the least is cut off with an ellipsis, and stands whole in the tooltip */
const [LARGEST, SMALLEST] = [12, 11];

/**
 * Sets a long number a little smaller before it is cut off.
 *
 * @param field the component of the input; its padding is no room
 * @param shown what stands in it
 * @returns the size of the type, in px
 */
export function useFittingFigure(field: Ref<ComponentPublicInstance | null>, shown: Ref<string>) {
    const room = ref(Number.POSITIVE_INFINITY);
    useSize(field, (width) => {
        // Folded away it has no room at all, which says nothing about the number.
        if (width > 0) room.value = width;
    });

    return computed(() => {
        const fitting = Math.floor((room.value / (Math.max(1, shown.value.length) * ADVANCE)) * 4) / 4;
        return Math.min(LARGEST, Math.max(SMALLEST, fitting));
    });
}
