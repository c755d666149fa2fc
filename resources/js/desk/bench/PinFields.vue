<script setup lang="ts">
import type { Pin, Pins } from '@/api/rails';
import { commonOf } from '@/sheet/common';
import { useDesk } from '@/stores/desk';
import { computed } from 'vue';
import Choice from './Choice.vue';

/** How things follow when the tray that they lie in is sized. */
const desk = useDesk();

const ACROSS: { key: Pin; words: string }[] = [
    { key: 'start', words: 'left' },
    { key: 'centre', words: 'centre' },
    { key: 'end', words: 'right' },
    { key: 'stretch', words: 'both' },
];
const DOWN: { key: Pin; words: string }[] = [
    { key: 'start', words: 'top' },
    { key: 'centre', words: 'centre' },
    { key: 'end', words: 'bottom' },
    { key: 'stretch', words: 'both' },
];

const pin = (axis: keyof Pins) =>
    computed<Pin>({
        get: () => (commonOf(desk.selected, (item) => item.fields.pins?.[axis] ?? 'start') ?? '') as Pin,
        set: (to) => void desk.run('set-pins', { [axis]: to }),
    });
const across = pin('across');
const down = pin('down');
</script>

<template>
    <div
        class="pins"
        v-tooltip.top="{ value: 'Which edges keep their distance when the tray is sized', showDelay: 400 }"
    >
        <Choice v-model="across" word="pinned" label="What is pinned across" :options="ACROSS" />
        <Choice v-model="down" word="" label="What is pinned down" :options="DOWN" />
    </div>
</template>

<style scoped>
.pins {
    display: flex;
    flex-wrap: wrap;
    gap: 2px 10px;
    margin-bottom: 6px;
}
</style>
