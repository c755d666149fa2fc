<script setup lang="ts">
import type { Point } from '@/api/types';
import { computed } from 'vue';

/** A measure as on a technical drawing: a thin line, short oblique ticks, the figure above. In px of the screen; along is the share of the line at which the figure stands. */
const props = defineProps<{ from: Point; to: Point; text: string; tone?: 'kept' | 'soft'; along?: number }>();

/** px that one figure is wide */
const LETTER = 6.7;
/** A line shorter than its figure carries it outside. */
const ROOM = 8;

const line = computed(() => {
    const { from: a, to: b } = props;
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    const share = props.along ?? 0.5;
    const middle = { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
    const upright = Math.abs(b.x - a.x) < Math.abs(b.y - a.y);
    const width = props.text.length * LETTER + 6;
    const beside = upright || length < width + ROOM;
    const at = upright
        ? { x: middle.x + 4 + width / 2, y: middle.y + 4 }
        : { x: middle.x, y: middle.y - (beside && length < width ? 7 : 5) };
    const tick = (p: Point) => `M${p.x - 3.5} ${p.y + 3.5}l7 -7`;
    return { path: `M${a.x} ${a.y}L${b.x} ${b.y}${tick(a)}${tick(b)}`, at, width };
});
</script>

<template>
    <g :class="['measure', tone]">
        <path :d="line.path" />
        <rect :x="line.at.x - line.width / 2" :y="line.at.y - 11" :width="line.width" height="14" rx="2" />
        <text :x="line.at.x" :y="line.at.y" text-anchor="middle">{{ text }}</text>
    </g>
</template>

<style scoped>
path {
    fill: none;
    stroke: var(--mark);
    stroke-width: 1;
}
rect {
    fill: var(--halo);
    opacity: 0.86;
}
text {
    font: 600 11px var(--figures);
    fill: var(--mark);
}
.kept path {
    stroke: var(--mark-ink);
}
.kept text {
    fill: var(--mark-ink);
}
.soft path {
    stroke: #55635e;
    stroke-dasharray: 2 2;
}
.soft text {
    fill: #55635e;
    font-weight: 400;
}
</style>
