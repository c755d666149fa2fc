import { api } from '@/api/client';
import type { Gap, Inset, Ledger } from '@/api/types';
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useSending } from '@/stores/sending';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';

/** The gaps of the sheet, or among what is selected, as the server counts them. */
export const useLedger = defineStore('ledger', () => {
    const desk = useDesk();
    const bench = useBench();
    const sending = useSending();
    const found = shallowRef<Ledger | null>(null);
    /** of which size the gaps are lit up on the sheet; "odd" for those */
    const chosen = ref<{ axis: 'x' | 'y'; size: number | 'odd' } | null>(null);
    let asking: AbortController | null = null;

    const ofSelection = computed(() => desk.selection.length > 1);

    async function ask(): Promise<void> {
        const sheet = desk.sheet?.id;
        if (!sheet || sending.waiting > 0) return;
        asking?.abort();
        const mine = (asking = new AbortController());
        const by = bench.by === 'frame' ? '' : `?by=${bench.by}`;
        try {
            const answer = ofSelection.value
                ? await api.ask<Ledger>(`sheets/${sheet}/gaps`, { items: desk.selection, by: bench.by }, mine.signal)
                : await api.look<Ledger>(`sheets/${sheet}/gaps${by}`, mine.signal);
            if (asking === mine) found.value = answer;
        } catch {
            // Asked again with the next change; nothing depends on it.
        }
    }

    const half = (size: number) => Math.floor(size * 2 + 0.5) / 2;
    const odd = computed<Gap[]>(() => found.value?.gaps.filter((gap) => gap.odd) ?? []);
    const oddInsets = computed<Inset[]>(() => found.value?.insets.filter((inset) => inset.odd) ?? []);

    const lit = computed<Gap[]>(() => {
        const { axis, size } = chosen.value ?? {};
        if (!found.value || axis === undefined) return [];
        return found.value.gaps.filter(
            (gap) => gap.axis === axis && (size === 'odd' ? gap.odd : half(gap.size) === size),
        );
    });

    function choose(axis: 'x' | 'y', size: number | 'odd'): void {
        const same = chosen.value?.axis === axis && chosen.value.size === size;
        chosen.value = same ? null : { axis, size };
    }

    return { found, chosen, ofSelection, odd, oddInsets, lit, half, ask, choose };
});
