import { api } from '@/api/client';
import { restingQuestion } from '@/api/restingQuestion';
import type { Gap, Inset, Ledger } from '@/api/measures';
import type { Axis } from '@/api/types';
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useSending } from '@/stores/sending';
import { useUnits } from '@/stores/units';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';

/** How long the sheet rests before its gaps are counted anew, in milliseconds. */
const REST = 180;

/** A gap or an inset as it lies on the sheet. */
export interface Strip {
    key: string;
    axis: Axis;
    size: number;
    odd: boolean;
    /** what it is meant to be, where it is odd */
    expected: number | null;
    from: number;
    to: number;
    across: [number, number];
}

/** The gaps of the sheet, or among what is selected, as the server counts them. */
export const useLedger = defineStore('ledger', () => {
    const desk = useDesk();
    const bench = useBench();
    const sending = useSending();
    const units = useUnits();
    const found = shallowRef<Ledger | null>(null);
    /** of which size the gaps are lit up on the sheet; "odd" for those */
    const chosen = ref<{ axis: Axis; size: number | 'odd' } | null>(null);
    /** gaps between things, or insets from what they lie on */
    const what = ref<'gaps' | 'insets'>('gaps');

    const ofSelection = computed(() => desk.selection.length > 1);

    const question = restingQuestion(REST);

    function ask(): void {
        question.ask(
            (signal) => {
                const sheet = desk.sheet?.id;
                if (!sheet || sending.waiting > 0) return null;
                const by = bench.by === 'frame' ? '' : `?by=${bench.by}`;
                return ofSelection.value
                    ? api.ask<Ledger>(`sheets/${sheet}/gaps`, { items: desk.selection, by: bench.by }, signal)
                    : api.look<Ledger>(`sheets/${sheet}/gaps${by}`, signal);
            },
            (answer) => (found.value = answer),
        );
    }

    /** As sizes are listed: to the nearest half pixel, or, without whole pixels, hundredth of the unit that is shown. */
    function listed(size: number): number {
        const step = desk.sheet?.whole_pixels ? 0.5 : units.pixels / 100;
        return Math.floor(size / step + 0.5) * step;
    }
    const odd = computed<Gap[]>(() => found.value?.gaps.filter((gap) => gap.odd) ?? []);
    const oddInsets = computed<Inset[]>(() => found.value?.insets.filter((inset) => inset.odd) ?? []);

    const strips = computed<Strip[]>(() =>
        what.value === 'gaps'
            ? (found.value?.gaps ?? []).map((gap) => ({ ...gap, key: `${gap.axis} ${gap.a} ${gap.b}` }))
            : (found.value?.insets ?? []).flatMap((inset) => stripOf(inset) ?? []),
    );

    /** An inset as a strip from the side of the thing to the edge of what it lies on. */
    function stripOf(inset: Inset): Strip | null {
        const item = desk.items.get(inset.item)?.bounds;
        const sheet = desk.sheet;
        if (!item || !sheet) return null;
        const axis = inset.side === 'left' || inset.side === 'right' ? 'x' : 'y';
        const [start, extent, low, high] =
            axis === 'x' ? [item.x, item.w, item.y, item.y + item.h] : [item.y, item.h, item.x, item.x + item.w];
        const isLeading = inset.side === 'left' || inset.side === 'top';
        const from = isLeading ? start - inset.size : start + extent;
        const key = `${inset.item} ${inset.side}`;
        return {
            key,
            axis,
            size: inset.size,
            odd: inset.odd,
            expected: inset.expected,
            from,
            to: from + inset.size,
            across: [low, high],
        };
    }

    /** The size that a gap is, or is meant to be. */
    const meant = (strip: Strip) => listed(strip.expected ?? strip.size);

    /** How often each size is meant along an axis, the most frequent first. */
    function census(axis: Axis): { size: number; count: number; odd: number }[] {
        const counts = new Map<number, { size: number; count: number; odd: number }>();
        for (const strip of strips.value) {
            if (strip.axis !== axis) continue;
            const size = meant(strip);
            const was = counts.get(size) ?? { size, count: 0, odd: 0 };
            counts.set(size, { size, count: was.count + 1, odd: was.odd + Number(strip.odd) });
        }
        return [...counts.values()].sort((a, b) => b.count - a.count || a.size - b.size);
    }

    const lit = computed<Strip[]>(() => {
        const { axis, size } = chosen.value ?? {};
        if (axis === undefined) return [];
        return strips.value.filter(
            (strip) => strip.axis === axis && (size === 'odd' ? strip.odd : meant(strip) === size),
        );
    });

    function choose(axis: Axis, size: number | 'odd'): void {
        const same = chosen.value?.axis === axis && chosen.value.size === size;
        chosen.value = same ? null : { axis, size };
    }

    return { found, what, chosen, ofSelection, odd, oddInsets, strips, census, lit, ask, drop: question.drop, choose };
});
