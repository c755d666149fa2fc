import { is } from '@/sheet/kinds';
import type { Box, Point } from '@/api/types';
import { figure } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { kept } from './kept';

export interface Block extends Point {
    id: string;
}

/** What a block lies between: how much room there is, and how far that is from fitting exactly. */
export interface Fit {
    axis: 'x' | 'y';
    room: number;
    off: number;
}

const FIRST = 24;
/** Only where there is less room than this many blocks does a block say how well it fits. */
const NEAR = 4;

/** Gauge blocks: squares of the spacing unit that are laid between things. Part of the desk, never of the sheet. */
export const useGauge = defineStore('gauge', () => {
    const desk = useDesk();
    const view = useView();
    const bySheet = kept<Record<string, Block[]>>('allsquare-gauges', {});
    const shown = ref(false);
    /** the size while one is being sized by eye */
    const sizing = ref<number | null>(null);

    const size = computed(() => sizing.value ?? desk.sheet?.unit_of_spacing ?? FIRST);
    const blocks = computed(() => (desk.sheet ? (bySheet.value[desk.sheet.id] ?? []) : []));

    function keep(next: Block[]): void {
        if (desk.sheet) bySheet.value = { ...bySheet.value, [desk.sheet.id]: next };
    }

    function drop(at?: Point): void {
        const v = view.visible;
        const middle = at ?? { x: Math.round(v.x + v.w / 2), y: Math.round(v.y + v.h / 2) };
        const step = at ? 0 : blocks.value.length * 8;
        keep([...blocks.value, { id: crypto.randomUUID(), x: middle.x + step, y: middle.y + step }]);
        shown.value = true;
    }

    const move = (id: string, to: Point) =>
        keep(blocks.value.map((block) => (block.id === id ? { id, x: to.x, y: to.y } : block)));
    const remove = (id: string) => keep(blocks.value.filter((block) => block.id !== id));

    /** The key that takes them out and puts them away. */
    function toggle(): void {
        shown.value = !shown.value;
        if (shown.value && blocks.value.length === 0) drop();
    }

    const boxOf = (block: Block): Box => ({ x: block.x, y: block.y, w: size.value, h: size.value });

    /** Between the nearest edges on both sides of its middle, along the direction in which there is less room. */
    function fitOf(block: Block): Fit | null {
        const box = boxOf(block);
        const rooms = (['x', 'y'] as const).flatMap((axis) => {
            const room = roomAt(box, axis);
            return room !== null && room <= NEAR * size.value ? [{ axis, room, off: room - size.value }] : [];
        });
        return rooms.sort((a, b) => Math.abs(a.off) - Math.abs(b.off))[0] ?? null;
    }

    function roomAt(box: Box, axis: 'x' | 'y'): number | null {
        const [start, extent, low, across] = axis === 'x' ? [box.x, box.w, box.y, box.h] : [box.y, box.h, box.x, box.w];
        const middle = start + extent / 2;
        let before = -Infinity;
        let after = Infinity;
        const edge = (at: number) => {
            if (at <= middle) before = Math.max(before, at);
            else after = Math.min(after, at);
        };
        for (const item of desk.items.values()) {
            if (
                (is(item, 'framed-by-items') && !is(item, 'shows-as-one')) ||
                desk.tree.isHidden(item.id) ||
                desk.tree.isReference(item.id)
            )
                continue;
            const b = item.bounds;
            const [from, size, itsLow, itsAcross] = axis === 'x' ? [b.x, b.w, b.y, b.h] : [b.y, b.h, b.x, b.w];
            if (itsLow >= low + across || itsLow + itsAcross <= low) continue;
            edge(from);
            edge(from + size);
        }
        const sheet = desk.sheet;
        if (sheet) [0, axis === 'x' ? sheet.width : sheet.height].forEach(edge);
        return Number.isFinite(before) && Number.isFinite(after) ? after - before : null;
    }

    /** How many units a length is, to two decimals. */
    const inUnits = (length: number) => figure(Math.round((length / size.value) * 100) / 100);

    return { shown, size, sizing, blocks, drop, move, remove, toggle, boxOf, fitOf, inUnits };
});
