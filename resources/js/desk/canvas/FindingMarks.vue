<script setup lang="ts">
import { useCheck } from '@/stores/check';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import { lift } from './gestures/gesture';
import { screenBox } from './marks';

/** Where findings are, with their numbers, while they are listed; the one that is pointed at stands out. */
const check = useCheck();
const view = useView();
/** More than these would hide the sheet. */
const MOST = 200;
/** More numbers than these would hide what they are about. */
const FEW = 24;

const marks = computed(() => {
    if (view.drawer !== 'check' || view.bare || lift.value) return [];
    return check.findings.slice(0, MOST).flatMap((one, i) => {
        const on = one.key === check.lit;
        const at = screenBox(one.place);
        // It stands beside its thing, as far as there is room.
        return on || view.showFindings
            ? [
                  {
                      key: one.key,
                      number: i + 1,
                      on,
                      at,
                      x: Math.max(8, at.x - 9),
                      y: Math.max(8, at.y + Math.min(at.h / 2, 9)),
                  },
              ]
            : [];
    });
});
</script>

<template>
    <svg v-if="marks.length" class="findings" :width="view.size.w" :height="view.size.h" aria-hidden="true">
        <g v-for="mark in marks" :key="mark.key" :class="{ on: mark.on }">
            <rect v-if="mark.on" :x="mark.at.x" :y="mark.at.y" :width="mark.at.w" :height="mark.at.h" />
            <circle :cx="mark.x" :cy="mark.y" :r="mark.on ? 8 : marks.length > FEW ? 3 : 6.5" />
            <text v-if="mark.on || marks.length <= FEW" :x="mark.x" :y="mark.y + 3" text-anchor="middle">
                {{ mark.number }}
            </text>
        </g>
    </svg>
</template>

<style scoped>
.findings {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
circle {
    fill: var(--mark-brick);
    opacity: 0.75;
}
.on circle {
    opacity: 1;
}
rect {
    fill: rgb(168 58 36 / 8%);
    stroke: var(--mark-brick);
    stroke-width: 1.5;
    stroke-dasharray: 4 3;
}
text {
    fill: #fff;
    font: 600 9px var(--figures);
}
</style>
