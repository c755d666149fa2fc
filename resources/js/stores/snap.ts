import { KINDS, type Kind } from '@/sheet/snap/candidates';
import { defineStore } from 'pinia';
import { computed } from 'vue';
import { kept } from './kept';

/** What things snap to while they are dragged: each kind by itself, and all of it. */
export const useSnap = defineStore('snap', () => {
    const setting = kept<{ on: boolean; off: Kind[] }>('allsquare-snap', { on: true, off: [] });
    const on = computed({ get: () => setting.value.on, set: (next) => (setting.value.on = next) });
    const off = computed(() => setting.value.off);
    const kinds = computed(() => KINDS.map((kind) => kind.key).filter((key) => !off.value.includes(key)));

    function toggle(kind: Kind): void {
        setting.value.off = off.value.includes(kind) ? off.value.filter((one) => one !== kind) : [...off.value, kind];
    }

    return { on, off, kinds, toggle };
});
