<script setup lang="ts">
import { useSize } from '@/parts/sized';
import { useView } from '@/stores/view';
import { storeToRefs } from 'pinia';
import { ref } from 'vue';
import AlignWell from './AlignWell.vue';
import GapsWell from './GapsWell.vue';
import PlaceWell from './PlaceWell.vue';
import SpaceWell from './SpaceWell.vue';

/** The four wells. Where they do not fit beside each other, Space and Gaps share one place. */
const WIDE = 1262;
const bench = ref<HTMLElement | null>(null);
const wide = ref(true);
const { wellShown: shown } = storeToRefs(useView());

useSize(bench, (width) => {
    if (width > 0) wide.value = width >= WIDE;
});
</script>

<template>
    <section ref="bench" class="bench" :class="{ wide }" aria-label="Bench">
        <PlaceWell />
        <AlignWell />
        <SpaceWell v-if="wide || shown === 'space'" />
        <GapsWell v-if="wide || shown === 'gaps'" />
        <button v-if="!wide" class="turn-over" type="button" @click="shown = shown === 'space' ? 'gaps' : 'space'">
            {{ shown === 'space' ? 'Gaps' : 'Space' }} ▸
        </button>
    </section>
</template>

<style scoped>
.bench {
    position: relative;
    display: grid;
    grid-template-columns: minmax(346px, 1.15fr) minmax(296px, 1fr) minmax(380px, 1.1fr);
    height: 216px;
    background: var(--paper);
    border-top: 1px solid var(--line);
    min-width: 0;
    overflow: auto hidden;
}
.bench.wide {
    grid-template-columns: minmax(346px, 1.15fr) minmax(296px, 1fr) minmax(380px, 1.1fr) minmax(238px, 0.9fr);
}
.turn-over {
    position: absolute;
    right: 8px;
    top: 5px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    font-size: 11.5px;
    padding: 2px 7px;
    cursor: pointer;
}
.bench:not(.wide) :deep(.well:nth-of-type(3) h3) {
    padding-right: 74px;
}
.bench > :deep(.well) {
    padding: 9px 12px 6px;
    border-right: 1px solid var(--line);
    min-width: 0;
    display: flex;
    flex-direction: column;
}
.bench > :deep(.well:last-child) {
    border-right: 0;
}
.bench :deep(h3) {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    margin-bottom: 7px;
    font: 600 12px var(--words);
    color: var(--soft);
    white-space: nowrap;
}
.bench :deep(h3 span) {
    font-weight: 400;
    overflow: hidden;
    text-overflow: ellipsis;
}
</style>
