<script setup lang="ts">
import { commonOf } from '@/sheet/common';
import { rounded } from '@/sheet/geometry';
import { computed } from 'vue';
import NumberField from './NumberField.vue';
import { useTypeValues } from './typeValues';

/** Alignment, line height, space round paragraphs, indent and lists. */
const { parts, common, number, has, mixed, set } = useTypeValues();

const SIDES = [
    { value: 'start', words: 'Lines begin at the left', sign: 'M1 2h12M1 5.500h8M1 9h11M1 12.500h6' },
    { value: 'centre', words: 'Lines are centred', sign: 'M1 2h12M3 5.500h8M1.500 9h11M4 12.500h6' },
    { value: 'end', words: 'Lines end at the right', sign: 'M1 2h12M5 5.500h8M2 9h11M7 12.500h6' },
    {
        value: 'both',
        words: 'Lines are as wide as the frame, but the last',
        sign: 'M1 2h12M1 5.500h12M1 9h12M1 12.500h7',
    },
] as const;
const LISTS = [
    { value: 'none', words: 'No list', sign: 'M1 2.500h12M1 7h12M1 11.500h12' },
    {
        value: 'bullets',
        words: 'Bullets',
        sign: 'M5 2.500h8M5 7h8M5 11.500h8M1.500 2.500h.5M1.500 7h.5M1.500 11.500h.5',
    },
    {
        value: 'numbers',
        words: 'Numbers',
        sign: 'M6 2.500h7M6 11h7M1.500 1.500l1-.7v4M1 9.500q.3-1 1.200-1t1 1q0 .8-2.200 3h2.400',
    },
] as const;

/** The line height in px, where it is the same for all. */
const leading = computed(() =>
    commonOf(parts.value, ({ fields }) => rounded((fields.size ?? 16) * (fields.line_height ?? 1.3))),
);
const size = computed(() => commonOf(parts.value, ({ fields }) => fields.size ?? 16));

function setLeading(px: number, run?: string): void {
    if (size.value) set({ line_height: Math.min(10, Math.max(0.1, px / size.value)) }, run);
}
</script>

<template>
    <section v-if="has('line_height')">
        <h3>Paragraphs</h3>
        <div class="choices" role="group" aria-label="Alignment of the lines">
            <button
                v-for="side in SIDES"
                :key="side.value"
                class="btn"
                type="button"
                :aria-pressed="common('align') === side.value"
                :aria-label="side.words"
                v-tooltip.top="{ value: side.words, showDelay: 400 }"
                @click="set({ align: side.value })"
            >
                <svg width="14" height="15" aria-hidden="true"><path :d="side.sign" /></svg>
            </button>
        </div>
        <p v-if="mixed('align')" class="mixed">{{ mixed('align') }}</p>
        <NumberField
            class="half"
            label="lines"
            unit="×"
            :value="number('line_height')"
            :min="0.1"
            :max="10"
            :step="0.1"
            v-tooltip.top="{ value: 'Line height, as a factor of the size', showDelay: 600 }"
            @set="(line_height, run) => set({ line_height }, run)"
        />
        <NumberField
            class="half"
            label="="
            unit="px"
            :value="leading"
            :disabled="size === undefined"
            :min="(size ?? 16) * 0.1"
            :max="(size ?? 16) * 10"
            @set="setLeading"
        />
        <p v-if="mixed('line_height')" class="mixed">{{ mixed('line_height') }} ×</p>
        <NumberField
            class="half"
            label="before"
            unit="px"
            :value="number('space_before')"
            :min="0"
            :max="10000"
            v-tooltip.top="{ value: 'Space above each paragraph but the first', showDelay: 600 }"
            @set="(space_before, run) => set({ space_before }, run)"
        />
        <NumberField
            class="half"
            label="after"
            unit="px"
            :value="number('space_after')"
            :min="0"
            :max="10000"
            v-tooltip.top="{ value: 'Space below each paragraph but the last', showDelay: 600 }"
            @set="(space_after, run) => set({ space_after }, run)"
        />
        <NumberField
            class="half"
            label="indent"
            unit="px"
            :value="number('indent')"
            :min="-10000"
            :max="10000"
            v-tooltip.top="{ value: 'Space before the first line of each paragraph', showDelay: 600 }"
            @set="(indent, run) => set({ indent }, run)"
        />
        <div class="choices half" role="group" aria-label="List">
            <button
                v-for="list in LISTS"
                :key="list.value"
                class="btn"
                type="button"
                :aria-pressed="common('list') === list.value"
                :aria-label="list.words"
                v-tooltip.top="{ value: list.words, showDelay: 400 }"
                @click="set({ list: list.value })"
            >
                <svg width="14" height="14" aria-hidden="true"><path :d="list.sign" /></svg>
            </button>
        </div>
    </section>
</template>

<style scoped src="./type.css"></style>
