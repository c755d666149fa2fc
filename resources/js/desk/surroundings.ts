import { api } from '@/api/client';
import type { Surroundings } from '@/api/types';
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useSending } from '@/stores/sending';
import { onBeforeUnmount, shallowRef, watch } from 'vue';

const REST = 60;

/** What the selection lies on, and how far it is to what lies next: asked anew when it or the sheet changes. */
export function useSurroundings() {
    const desk = useDesk();
    const bench = useBench();
    const sending = useSending();
    const found = shallowRef<Surroundings | null>(null);
    let timer: ReturnType<typeof setTimeout> | undefined;
    let asking: AbortController | null = null;

    async function ask(): Promise<void> {
        const sheet = desk.sheet?.id;
        if (!sheet || desk.selection.length === 0 || sending.waiting > 0) return;
        const mine = (asking = new AbortController());
        try {
            const answer = await api.ask<Surroundings>(
                `sheets/${sheet}/surroundings`,
                { items: desk.selection, by: bench.by },
                mine.signal,
            );
            if (asking !== mine) return;
            found.value = answer;
            desk.ground = answer.ground?.name ?? null;
        } catch {
            // Asked again with the next change; nothing depends on it.
        }
    }

    watch(
        () => [desk.selection, desk.revision, bench.by, sending.waiting === 0],
        () => {
            clearTimeout(timer);
            asking?.abort();
            if (desk.selection.length === 0) {
                found.value = null;
                desk.ground = null;
            } else timer = setTimeout(() => void ask(), REST);
        },
        { immediate: true },
    );
    onBeforeUnmount(() => {
        clearTimeout(timer);
        asking?.abort();
    });

    return found;
}
