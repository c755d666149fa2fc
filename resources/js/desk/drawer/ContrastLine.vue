<script setup lang="ts">
import { api } from '@/api/client';
import { restingQuestion } from '@/api/restingQuestion';
import { useDesk } from '@/stores/desk';
import { onBeforeUnmount, ref, watch } from 'vue';

/** How much a text stands out from what lies beneath it, by the painted colours (WCAG 2.2). */
const props = defineProps<{ item: string }>();
const REST = 250;
const desk = useDesk();
const said = ref<{ words: string; enough: boolean } | null>(null);
const question = restingQuestion(REST);

watch(
    () => [props.item, desk.revision] as const,
    () => {
        const sheet = desk.sheet?.id;
        question.ask(
            (signal) =>
                sheet
                    ? api.look<{ ratio: number | null; needed: number }>(
                          `sheets/${sheet}/contrast?item=${props.item}`,
                          signal,
                      )
                    : null,
            ({ ratio, needed }) => {
                const enough = ratio !== null && ratio >= needed;
                const figure = (value: number) => (Math.floor(value * 10) / 10).toFixed(1);
                said.value =
                    ratio === null
                        ? { words: 'No letter of it is seen.', enough: false }
                        : {
                              words: `Contrast ${figure(ratio)} : 1${enough ? '' : `, less than the ${figure(needed)} that is needed to read it`}`,
                              enough,
                          };
            },
            () => (said.value = null),
        );
    },
    { immediate: true },
);
onBeforeUnmount(() => question.drop());
</script>

<template>
    <p v-if="said" class="contrast" :class="{ low: !said.enough }" role="status">{{ said.words }}</p>
</template>

<style scoped>
.contrast {
    margin: 0;
    font-size: 12px;
    color: var(--soft);
}
.low {
    color: var(--brick);
    font-weight: 600;
}
</style>
