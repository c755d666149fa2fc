import type { Item } from '@/api/types';
import { readRef, runsOf } from '@/sheet/points';
import { ref, shallowRef, watch } from 'vue';
import type { useContents } from './contents';

const nothing = { fields: {} } as Item;

/** What is selected on the sheet: items, slices, or points of paths; and the group that is entered. */
export function useSelection({ stored, slices }: ReturnType<typeof useContents>) {
    const selection = shallowRef<string[]>([]);
    const selectedSlices = shallowRef<string[]>([]);
    /** the paths whose points are edited, and those of them that are selected */
    const edited = shallowRef<string[]>([]);
    const selectedPoints = shallowRef<string[]>([]);
    const entered = ref<string | null>(null);
    /** the name of what the selection lies on; null for the sheet */
    const ground = ref<string | null>(null);
    /** what was copied last, with its copies, for selecting both */
    const copied = shallowRef<{ originals: string[]; copies: string[] }>({ originals: [], copies: [] });

    function select(ids: string[]): void {
        selection.value = ids.filter((id) => stored.value.has(id));
        if (ids.length > 0) {
            selectedSlices.value = [];
            selectedPoints.value = [];
        }
        if (ids.length === 0 || !ids.every((id) => edited.value.includes(id))) edited.value = [];
    }

    /** Shows the points of paths, which are then what is selected. */
    function editPoints(ids: string[]): void {
        selection.value = [...ids];
        selectedSlices.value = [];
        selectedPoints.value = [];
        edited.value = [...ids];
    }

    /** Selects points; with none, the paths they belong to are selected again. */
    function selectPoints(refs: string[]): void {
        selectedPoints.value = refs;
        selection.value = refs.length > 0 ? [] : [...edited.value];
    }

    function toggle(ids: string[]): void {
        const all = ids.every((id) => selection.value.includes(id));
        select(all ? selection.value.filter((id) => !ids.includes(id)) : [...new Set([...selection.value, ...ids])]);
    }

    function clear(): void {
        selection.value = [];
        selectedSlices.value = [];
        selectedPoints.value = [];
        edited.value = [];
        entered.value = null;
    }

    /** What is not there any more is not selected. */
    function keepWhatIsThere(): void {
        selection.value = selection.value.filter((id) => stored.value.has(id));
        selectedSlices.value = selectedSlices.value.filter((id) => slices.value.some((slice) => slice.id === id));
        edited.value = edited.value.filter((id) => stored.value.has(id));
        const points = selectedPoints.value.filter((ref) => isThere(ref));
        if (points.length !== selectedPoints.value.length) selectPoints(points);
        if (entered.value !== null && !stored.value.has(entered.value)) entered.value = null;
    }

    function isThere(ref: string): boolean {
        const { item, run, point, control } = readRef(ref);
        const found = runsOf(stored.value.get(item) ?? nothing)[run]?.points[point];
        return found !== undefined && (control === null || found[control] !== undefined);
    }

    watch([stored, slices], keepWhatIsThere, { flush: 'sync' });

    return {
        selection,
        selectedSlices,
        edited,
        selectedPoints,
        entered,
        ground,
        copied,
        select,
        toggle,
        clear,
        editPoints,
        selectPoints,
    };
}
