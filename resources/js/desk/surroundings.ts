import { api } from '@/api/client';
import { restingQuestion } from '@/api/restingQuestion';
import type { Surroundings } from '@/api/measures';
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
    const question = restingQuestion(REST);

    watch(
        () => [desk.selection, desk.revision, bench.by, sending.waiting === 0],
        () => {
            question.drop();
            if (desk.selection.length === 0) {
                found.value = null;
                desk.ground = null;
                return;
            }
            question.ask(
                (signal) => {
                    const sheet = desk.sheet?.id;
                    if (!sheet || desk.selection.length === 0 || sending.waiting > 0) return null;
                    const body = { items: desk.selection, by: bench.by };
                    return api.ask<Surroundings>(`sheets/${sheet}/surroundings`, body, signal);
                },
                (answer) => {
                    found.value = answer;
                    desk.ground = answer.ground?.name ?? null;
                },
            );
        },
        { immediate: true },
    );
    onBeforeUnmount(question.drop);

    return found;
}
