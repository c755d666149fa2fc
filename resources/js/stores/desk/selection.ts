import { ref, shallowRef, watch } from 'vue';
import type { useContents } from './contents';

/** What is selected on the sheet: items, or slices; and the group that is entered. */
export function useSelection({ stored, slices }: ReturnType<typeof useContents>) {
    const selection = shallowRef<string[]>([]);
    const selectedSlices = shallowRef<string[]>([]);
    const entered = ref<string | null>(null);
    /** the name of what the selection lies on; null for the sheet */
    const ground = ref<string | null>(null);
    /** what was copied last, with its copies, for selecting both */
    const copied = shallowRef<{ originals: string[]; copies: string[] }>({ originals: [], copies: [] });

    function select(ids: string[]): void {
        selection.value = ids.filter((id) => stored.value.has(id));
        if (ids.length > 0) selectedSlices.value = [];
    }

    function toggle(ids: string[]): void {
        const all = ids.every((id) => selection.value.includes(id));
        select(all ? selection.value.filter((id) => !ids.includes(id)) : [...new Set([...selection.value, ...ids])]);
    }

    function clear(): void {
        selection.value = [];
        selectedSlices.value = [];
        entered.value = null;
    }

    /** What is not there any more is not selected. */
    function keepWhatIsThere(): void {
        selection.value = selection.value.filter((id) => stored.value.has(id));
        selectedSlices.value = selectedSlices.value.filter((id) => slices.value.some((slice) => slice.id === id));
        if (entered.value !== null && !stored.value.has(entered.value)) entered.value = null;
    }

    watch([stored, slices], keepWhatIsThere, { flush: 'sync' });

    return { selection, selectedSlices, entered, ground, copied, select, toggle, clear };
}
