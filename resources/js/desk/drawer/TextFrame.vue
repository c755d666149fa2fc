<script setup lang="ts">
import { api } from '@/api/client';
import { restingQuestion } from '@/api/restingQuestion';
import { counted } from '@/sheet/words';
import { useDesk } from '@/stores/desk';
import { useSending } from '@/stores/sending';
import type { Setting } from '@/stores/writing';
import { computed, onBeforeUnmount, shallowRef, watch } from 'vue';
import SidesEditor from './SidesEditor.vue';
import { useTypeValues } from './typeValues';

/** How the frame of a text follows its words, the room between the two, and what has none. */
const REST = 80;
const desk = useDesk();
const sending = useSending();
const { texts, common, has, mixed, set } = useTypeValues();

const GROWS = [
    { value: 'both', words: 'Both ways' },
    { value: 'down', words: 'Down' },
    { value: 'none', words: 'Not' },
] as const;
const STANDS = [
    { value: 'top', words: 'Top' },
    { value: 'middle', words: 'Middle' },
    { value: 'bottom', words: 'Bottom' },
] as const;

const FITS = [
    {
        words: 'Largest size that fits',
        params: {},
        hint: (of: string) => `The largest size at which all words of ${of} fit, and none is broken`,
    },
    {
        words: 'Track to the width',
        params: { by: 'tracking' as const },
        hint: (of: string) => `The tracking at which the longest line of ${of} fills its frame`,
    },
];

const overflow = shallowRef<Setting['overflow']>(null);
const question = restingQuestion(REST);
const only = computed(() => (texts.value.length === 1 ? texts.value[0] : undefined));

watch(
    () => [only.value?.id, desk.revision, sending.waiting === 0],
    () => {
        question.drop();
        overflow.value = null;
        const id = only.value?.id;
        if (!id || only.value?.fields.grow !== 'none') return;
        question.ask(
            () => (sending.waiting > 0 ? null : api.setting<Setting>(desk.sheet?.id ?? '', { item: id })),
            (answer) => (overflow.value = answer.overflow),
        );
    },
    { immediate: true },
);
onBeforeUnmount(question.drop);

const said = computed(() => {
    if (!overflow.value) return '';
    const { lines, words } = overflow.value;
    const count = (n: number, one: string) => `${n} ${one}${n === 1 ? '' : 's'}`;
    return `${count(lines, 'line')}, ${count(words, 'word')}: no room in the frame`;
});
</script>

<template>
    <section v-if="has('grow')">
        <h3>Frame grows</h3>
        <div class="choices" role="group" aria-label="What of the frame follows the words">
            <button
                v-for="one in GROWS"
                :key="one.value"
                class="btn"
                type="button"
                :aria-pressed="common('grow') === one.value"
                @click="set({ grow: one.value })"
            >
                {{ one.words }}
            </button>
        </div>
        <p v-if="mixed('grow')" class="mixed">{{ mixed('grow') }}</p>
        <p v-if="said" class="wrong" role="status">{{ said }}</p>
        <button
            v-for="one in FITS"
            :key="one.words"
            class="btn"
            type="button"
            v-tooltip.top="{ value: one.hint(counted(texts)), showDelay: 400 }"
            @click="
                desk.run(
                    'fit-text',
                    one.params,
                    texts.map((item) => item.id),
                )
            "
        >
            {{ one.words }}
        </button>
        <h3>Padding</h3>
        <SidesEditor :items="texts" @set="(padding, run) => set({ padding }, run)" />
        <h3>Words stand</h3>
        <div class="choices" role="group" aria-label="Where the words stand in the frame">
            <button
                v-for="one in STANDS"
                :key="one.value"
                class="btn"
                type="button"
                :aria-pressed="common('stand') === one.value"
                @click="set({ stand: one.value })"
            >
                {{ one.words }}
            </button>
        </div>
    </section>
</template>

<style scoped src="./type.css"></style>

<style scoped>
.wrong {
    margin: 0;
    color: var(--brick);
    font-size: 12px;
}
</style>
