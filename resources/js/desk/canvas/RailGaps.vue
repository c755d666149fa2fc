<script setup lang="ts">
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { computed, ref } from 'vue';
import { ghost, lift } from './gestures/gesture';
import { screenBox } from './marks';
import { gapsIn } from './railGaps';

/** The gaps of the rail that is selected: each can be taken hold of at a short bar, and is hatched while it is. */
const emit = defineEmits<{ grip: [event: PointerEvent, rail: string, next: string] }>();
const desk = useDesk();
const view = useView();
const units = useUnits();
const over = ref<string | null>(null);

/** px of the screen: gaps of things smaller than that are not taken hold of here. */
const LEAST = 14;
const LENGTH = 16;
/** More gaps than these would only be in the way. */
const MOST = 120;

const rail = computed(() => {
    const [only, more] = desk.selected;
    if (!only?.fields.rail || more || view.bare || view.tool !== 'select' || desk.tree.isLocked(only.id)) return null;
    return desk.tree.toSheet(only.id).angle === 0 ? only : null;
});
const isRow = computed(() => rail.value?.fields.rail?.direction === 'row');
const gaps = computed(() => {
    const one = rail.value;
    if (!one || lift.value) return [];
    const shown = gapsIn(desk.tree, one).map((gap) => ({ ...gap, at: screenBox(gap.box) }));
    return shown.length > MOST ? [] : shown.filter(({ at }) => (isRow.value ? at.h : at.w) >= LEAST);
});

const bar = (at: { x: number; y: number; w: number; h: number }) => {
    const [x, y] = [at.x + at.w / 2, at.y + at.h / 2];
    const length = Math.min(LENGTH, isRow.value ? at.h : at.w) / 2;
    return isRow.value ? `M${x} ${y - length}V${y + length}` : `M${x - length} ${y}H${x + length}`;
};
/** What is taken hold of: the gap, and where it is narrow a little more. */
const grasp = (at: { x: number; y: number; w: number; h: number }) => {
    const more = Math.max(0, (10 - (isRow.value ? at.w : at.h)) / 2);
    return isRow.value
        ? { x: at.x - more, y: at.y + at.h / 2 - LENGTH / 2, width: at.w + 2 * more, height: LENGTH }
        : { x: at.x + at.w / 2 - LENGTH / 2, y: at.y - more, width: LENGTH, height: at.h + 2 * more };
};
</script>

<template>
    <svg v-if="gaps.length" class="gaps" :width="view.size.w" :height="view.size.h">
        <defs>
            <pattern id="rail-gap" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <path d="M0 0V5" />
            </pattern>
        </defs>
        <g v-for="gap in gaps" :key="gap.next" :class="{ over: over === gap.next && !ghost }" :data-gap="gap.next">
            <rect class="room" :x="gap.at.x" :y="gap.at.y" :width="gap.at.w" :height="gap.at.h" />
            <path class="halo" :d="bar(gap.at)" />
            <path class="bar" :d="bar(gap.at)" />
            <text
                v-if="over === gap.next && !ghost"
                :x="gap.at.x + gap.at.w / 2"
                :y="gap.at.y - 5"
                text-anchor="middle"
            >
                {{ units.text(gap.length) }}
            </text>
            <rect
                class="grasp"
                v-bind="grasp(gap.at)"
                :style="{ cursor: isRow ? 'ew-resize' : 'ns-resize' }"
                @pointerenter="over = gap.next"
                @pointerleave="over = null"
                @pointerdown="rail && emit('grip', $event, rail.id, gap.next)"
            >
                <title>Drag this gap; with Shift, all of them</title>
            </rect>
        </g>
    </svg>
</template>

<style scoped>
.gaps {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
.room {
    fill: none;
}
.over .room {
    fill: url(#rail-gap);
}
pattern path {
    stroke: var(--mark);
    stroke-width: 2;
    opacity: 0.5;
}
.bar {
    stroke: var(--mark);
    stroke-width: 2.5;
    stroke-linecap: round;
}
.halo {
    stroke: var(--halo);
    stroke-width: 5;
    stroke-linecap: round;
}
.grasp {
    fill: transparent;
    pointer-events: all;
}
text {
    font: 600 11px var(--figures);
    fill: var(--mark);
    paint-order: stroke;
    stroke: var(--halo);
    stroke-width: 3px;
}
</style>
