import { KINDS, type Kind } from '@/desk/snap/candidates';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';

const KEPT = 'allsquare-snap';

/** What things snap to while they are dragged: each kind by itself, and all of it. */
export const useSnap = defineStore('snap', () => {
    const kept = JSON.parse(localStorage.getItem(KEPT) ?? 'null') as { on: boolean; off: Kind[] } | null;
    const on = ref(kept?.on ?? true);
    const off = ref<Kind[]>(kept?.off ?? []);
    const kinds = computed(() => KINDS.map((kind) => kind.key).filter((key) => !off.value.includes(key)));

    function toggle(kind: Kind): void {
        off.value = off.value.includes(kind) ? off.value.filter((one) => one !== kind) : [...off.value, kind];
    }

    watch([on, off], () => localStorage.setItem(KEPT, JSON.stringify({ on: on.value, off: off.value })));

    return { on, off, kinds, toggle };
});
