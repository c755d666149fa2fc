<script setup lang="ts">
import type { Pin, Pins } from '@/api/rails';
import { commonOf } from '@/sheet/common';
import { useDesk } from '@/stores/desk';

/** How things follow when the tray that they lie in is sized. */
const desk = useDesk();

const AXES: { axis: keyof Pins; label: string; words: Record<Pin, string> }[] = [
    {
        axis: 'across',
        label: 'What is pinned across',
        words: { start: 'left edge', centre: 'centre', end: 'right edge', stretch: 'left and right' },
    },
    {
        axis: 'down',
        label: 'What is pinned down',
        words: { start: 'top edge', centre: 'middle', end: 'bottom edge', stretch: 'top and bottom' },
    },
];
const common = (axis: keyof Pins) => commonOf(desk.selected, (item) => item.fields.pins?.[axis] ?? 'start');
const set = (axis: keyof Pins, event: Event) =>
    void desk.run('set-pins', { [axis]: (event.target as HTMLSelectElement).value as Pin });
</script>

<template>
    <div class="row" v-tooltip.top="{ value: 'What keeps its distance when the tray is sized', showDelay: 400 }">
        <span>pinned by</span>
        <select
            v-for="one in AXES"
            :key="one.axis"
            :value="common(one.axis) ?? ''"
            :aria-label="one.label"
            @change="set(one.axis, $event)"
        >
            <option v-if="!common(one.axis)" value="" disabled>mixed</option>
            <option v-for="(words, pin) in one.words" :key="pin" :value="pin">{{ words }}</option>
        </select>
    </div>
</template>

<style scoped src="./row.css"></style>

<style scoped>
.row {
    align-items: center;
}
span {
    font-size: 12px;
    color: var(--soft);
}
select {
    height: 26px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    font: 12px var(--words);
    padding: 0 2px;
}
</style>
