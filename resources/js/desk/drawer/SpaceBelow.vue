<script setup lang="ts">
import { api } from '@/api/client';
import { restingQuestion } from '@/api/restingQuestion';
import type { Clearance, Surroundings } from '@/api/measures';
import { rounded } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useSending } from '@/stores/sending';
import { computed, onBeforeUnmount, shallowRef, watch } from 'vue';
import NumberField from './NumberField.vue';
import { useTypeValues } from './typeValues';

/** The space from a text to what follows below it, in px and in lines of the text. */
const REST = 80;
const desk = useDesk();
const sending = useSending();
const { texts } = useTypeValues();
const found = shallowRef<Clearance | null>(null);
const question = restingQuestion(REST);
const text = computed(() => texts.value[0]);

watch(
    () => [text.value?.id, desk.revision, sending.waiting === 0],
    () => {
        question.drop();
        const id = text.value?.id;
        if (!id) return;
        question.ask(
            (signal) =>
                sending.waiting > 0
                    ? null
                    : api.ask<Surroundings>(
                          `sheets/${desk.sheet?.id ?? ''}/surroundings`,
                          { items: [id], by: 'frame' },
                          signal,
                      ),
            (answer) => (found.value = answer.clearances.find(({ side }) => side === 'bottom') ?? null),
        );
    },
    { immediate: true },
);
onBeforeUnmount(question.drop);

const leading = computed(() => (text.value?.fields.size ?? 16) * (text.value?.fields.line_height ?? 1.3));
const lines = computed(() => (found.value ? rounded(found.value.size / leading.value) : undefined));

function set(value: number): void {
    if (text.value) void desk.run('set-clearance', { side: 'bottom', value: rounded(value) }, [text.value.id]);
}
</script>

<template>
    <section v-if="found && text?.fields.line_height !== undefined">
        <h3>Space to what follows</h3>
        <NumberField
            class="half"
            label="below"
            unit="px"
            :value="found.size"
            :min="-1000000"
            :max="1000000"
            @set="set"
        />
        <NumberField
            class="half"
            label="="
            unit="lines"
            :value="lines"
            :min="-10000"
            :max="10000"
            :step="0.5"
            @set="(to) => set(to * leading)"
        />
    </section>
</template>

<style scoped src="./type.css"></style>
