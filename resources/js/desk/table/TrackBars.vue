<script setup lang="ts">
import type { Tracks } from '@/api/tables';
import type { Axis, Box } from '@/api/types';
import { useTable } from '@/stores/table';
import { useView } from '@/stores/view';
import { computed } from 'vue';

/** The bars beside a table by which its columns, or its rows, are chosen and dragged, and their edges. Those off the screen are not in the page. */
const props = defineProps<{ axis: Axis; tracks: Tracks; visible: Box }>();
const emit = defineEmits<{
    press: [event: PointerEvent, i: number, on: boolean];
    edge: [event: PointerEvent, i: number];
    fit: [i: number];
}>();
const view = useView();
const table = useTable();

/** px of the screen */
const BAR = 16;
const GRASP = 7;
const LEAST = 12;

const px = computed(() => 1 / view.zoom);
const across = computed(() => props.axis === 'x');
const beyond = computed(() => props.tracks[across.value ? 'y' : 'x'].at(-1) ?? 0);

const bars = computed(() => {
    const edges = props.tracks[props.axis];
    const { x, y, w, h } = props.visible;
    const [low, high] = across.value ? [x, x + w] : [y, y + h];
    const { row, column, rows, columns } = table.area;
    const [first, count] = across.value ? [column, columns] : [row, rows];
    return Array.from({ length: edges.length / 2 }, (_, i) => ({
        i,
        from: edges[2 * i] ?? 0,
        to: edges[2 * i + 1] ?? 0,
        on: i >= first && i < first + count,
    })).filter(({ from, to }) => to >= low && from <= high);
});
const isAll = computed(() => table.chosen === (across.value ? 'columns' : 'rows'));

/** A box along the axis from one place to another, and across it, as SVG has it. */
const box = (from: number, to: number, start: number, end: number) =>
    across.value
        ? { x: from, y: start, width: to - from, height: end - start }
        : { x: start, y: from, width: end - start, height: to - from };
const bar = ({ from, to }: { from: number; to: number }) => box(from, to, -(BAR + 4) * px.value, -4 * px.value);
const edge = ({ to }: { to: number }) =>
    box(
        to - (GRASP / 2) * px.value,
        to + (GRASP / 2) * px.value,
        -(BAR + 4) * px.value,
        across.value ? beyond.value : -4 * px.value,
    );
const words = ({ from, to }: { from: number; to: number }) => {
    const [along, aside] = [(from + to) / 2, -12 * px.value];
    return across.value ? { x: along, y: aside + 3.5 * px.value } : { x: aside, y: along + 3.5 * px.value };
};
</script>

<template>
    <g
        v-for="one in bars"
        :key="one.i"
        class="bar"
        :class="{ on: one.on, all: one.on && isAll }"
        :data-bar="`${axis}${one.i}`"
        @pointerdown="emit('press', $event, one.i, one.on)"
    >
        <rect v-bind="bar(one)" />
        <text
            v-if="(one.to - one.from) * view.zoom > LEAST"
            v-bind="words(one)"
            :font-size="10 * px"
            text-anchor="middle"
        >
            {{ one.i + 1 }}
        </text>
    </g>
    <rect
        v-for="one in bars"
        :key="`edge${one.i}`"
        class="edge"
        :class="axis"
        :data-edge="`${axis}${one.i}`"
        v-bind="edge(one)"
        @pointerdown="emit('edge', $event, one.i)"
        @dblclick.stop="emit('fit', one.i)"
    />
</template>

<style scoped>
.bar rect {
    fill: var(--well);
    stroke: var(--line);
    stroke-width: 1px;
    vector-effect: non-scaling-stroke;
}
.bar {
    cursor: pointer;
}
.bar text {
    fill: var(--soft);
    font-family: var(--figures);
    user-select: none;
}
.bar.on rect {
    fill: var(--spruce-wash);
}
.bar.all rect {
    fill: var(--spruce);
}
.bar.all {
    cursor: grab;
}
.bar.all text {
    fill: var(--on-spruce);
}
.edge {
    fill: transparent;
}
.edge:hover {
    fill: rgb(23 97 79 / 35%);
}
.edge.x {
    cursor: ew-resize;
}
.edge.y {
    cursor: ns-resize;
}
</style>
