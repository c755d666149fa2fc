import type { Axis, Box, Dimension, Point, Side } from '@/api/types';
import { meetsStraight, distances, type Stretch } from '@/sheet/stretches';
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';

/** Measuring by pointing: at one thing, then at another or at empty space. A click keeps what is shown. */
export const useMeasuring = defineStore('measuring', () => {
    const desk = useDesk();
    const bench = useBench();
    const first = ref<string | null>(null);
    const second = ref<string | null>(null);
    const pointer = ref<Point | null>(null);
    const locked = ref(false);

    const boxOf = (id: string | null): Box | null => {
        const item = id === null ? undefined : desk.items.get(id);
        return item ? (bench.by === 'ink' ? item.ink : item.bounds) : null;
    };

    /** What is measured and drawn: between two things, or from one to the edges of the sheet. */
    const stretches = computed<Stretch[]>(() => {
        const [a, b] = [boxOf(first.value), boxOf(second.value)];
        if (!a || !desk.sheet) return [];
        if (b) return distances(a, b, locked.value ? direction.value : null);
        const { width, height } = desk.sheet;
        const all = meetsStraight(a, { x: 0, y: 0, w: width, h: height });
        return locked.value ? all.filter((one) => one.side === side.value) : all;
    });

    /** The direction in which the pointer lies from the first thing. */
    const direction = computed<Axis>(() => {
        const box = boxOf(first.value);
        if (!box || !pointer.value) return 'x';
        const dx = Math.abs(pointer.value.x - box.x - box.w / 2);
        return dx >= Math.abs(pointer.value.y - box.y - box.h / 2) ? 'x' : 'y';
    });

    const side = computed<Side>(() => {
        const box = boxOf(first.value);
        if (!box || !pointer.value) return 'left';
        if (direction.value === 'x') return pointer.value.x < box.x + box.w / 2 ? 'left' : 'right';
        return pointer.value.y < box.y + box.h / 2 ? 'top' : 'bottom';
    });

    function begin(): void {
        first.value = desk.selection.length === 1 ? (desk.selection[0] ?? null) : null;
        second.value = null;
    }

    function hover(at: Point, id: string | null, shift: boolean): void {
        pointer.value = at;
        locked.value = shift;
        second.value = first.value !== null && id !== first.value ? id : null;
    }

    /** The first click says from where, the next keeps what is shown. */
    function click(id: string | null): void {
        if (first.value === null || id === first.value) {
            first.value = id;
            second.value = null;
            return;
        }
        const wanted = kept(id);
        if (wanted) void desk.run('add-dimension', { ...wanted, by: bench.by }, []);
        first.value = id;
        second.value = null;
    }

    function kept(id: string | null): Pick<Dimension, 'a' | 'b' | 'axis'> | null {
        const [a, b] = [boxOf(first.value), boxOf(id)];
        if (!a || first.value === null) return null;
        if (id === null || !b) return { a: first.value, b: side.value, axis: direction.value };
        if (locked.value) return { a: first.value, b: id, axis: direction.value };
        const found = distances(a, b, null).map((one) => one.axis);
        const along = found[0] === 'y' ? 'y' : 'x';
        return { a: first.value, b: id, axis: found.includes('straight') ? 'straight' : along };
    }

    return { first, second, stretches, begin, hover, click };
});
