import { readSum } from '@/sheet/sums';
import { is } from '@/sheet/kinds';
import type { Order } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { pressed } from '@/stores/rehearsal';
import { useUnits } from '@/stores/units';
import { defineStore } from 'pinia';
import { computed, reactive, ref } from 'vue';

/** px at 96 ppi that an edge may be moved at first, and at most */
const FIRST = 6;
const MOST = 100;

/** Squaring up: what it is asked to do, and whether it is shown before it is done. */
export const useSquaring = defineStore('squaring', () => {
    const desk = useDesk();
    const units = useUnits();
    const isOpen = ref(false);
    /** the tolerance as it is typed; empty until it is another than the first */
    const wish = reactive({ tolerance: '', sizes: false, extent: false });

    const scale = computed(() => Math.max(1, (desk.sheet?.ppi ?? 96) / 96));
    const first = computed(() => units.text(FIRST * scale.value));

    /** Two things that can move, or a group with two things in it. */
    const possible = computed(() => {
        const free = desk.selected.filter((item) => !desk.tree.isLocked(item.id));
        const [only] = free;
        return (
            free.length > 1 ||
            (desk.selected.length === 1 && !!only && is(only, 'holds-items') && desk.tree.children(only.id).length > 1)
        );
    });

    const order = (): Order<'square-up'> => ({
        command: 'square-up',
        params: {
            ...(wish.tolerance.trim() === '' ? {} : { tolerance: wish.tolerance }),
            ...(wish.sizes ? { sizes: true } : {}),
            ...(wish.extent ? { extent: 'keep' as const } : {}),
        },
    });

    /** Opens what shows it beforehand; once that is open, does it. */
    function press(): void {
        if (isOpen.value) void act();
        else isOpen.value = possible.value;
    }

    async function act(): Promise<void> {
        if (possible.value && (await pressed(order()))) isOpen.value = false;
    }

    /** One pixel more or less. */
    function step(by: 1 | -1): void {
        const now = readSum(wish.tolerance || first.value);
        if (now === null) return;
        const px = Math.round(now * units.pixels) + by;
        wish.tolerance = units.text(Math.min(MOST * scale.value, Math.max(1, px)));
    }

    function leaveOut(ids: string[]): void {
        desk.select(desk.selection.filter((id) => !ids.includes(id)));
    }

    return { isOpen, wish, first, possible, order, press, act, step, leaveOut };
});
