<script setup lang="ts">
import { useGauge } from '@/stores/gauge';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import { screenBox } from './marks';

/** Gauge blocks on the desk: spruce where one fits exactly, brick where not, with the difference. */
const emit = defineEmits<{ grip: [event: PointerEvent, id: string, sizing: boolean] }>();
const gauge = useGauge();
const units = useUnits();
const view = useView();

const blocks = computed(() =>
    gauge.shown && !view.bare
        ? gauge.blocks.map((block) => {
              const fit = gauge.fitOf(block);
              const fits = fit !== null && Math.abs(fit.off) < 0.0005;
              const sign = fit && fit.off > 0 ? '+' : '−';
              return {
                  id: block.id,
                  ...screenBox(gauge.boxOf(block)),
                  state: fit === null ? 'free' : fits ? 'fits' : 'off',
                  text:
                      fit === null || fits
                          ? units.text(gauge.size)
                          : `${sign}${units.text(Math.abs(fit.off))}, ×${gauge.inUnits(fit.room)}`,
              };
          })
        : [],
);
</script>

<template>
    <svg v-if="blocks.length" class="gauges" :width="view.size.w" :height="view.size.h" aria-hidden="true">
        <g
            v-for="block in blocks"
            :key="block.id"
            :class="block.state"
            :transform="`translate(${block.x} ${block.y})`"
            :data-gauge="block.id"
        >
            <rect
                class="body"
                :width="block.w"
                :height="block.h"
                @pointerdown="emit('grip', $event, block.id, false)"
                @dblclick.stop="gauge.remove(block.id)"
            />
            <path class="cross" :d="`M0 0L${block.w} ${block.h}M${block.w} 0L0 ${block.h}`" />
            <rect
                class="corner"
                :x="block.w - 5"
                :y="block.h - 5"
                width="10"
                height="10"
                @pointerdown="emit('grip', $event, block.id, true)"
            />
            <text :x="block.w / 2" :y="-4" text-anchor="middle">{{ block.text }}</text>
        </g>
    </svg>
</template>

<style scoped>
.gauges {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
.body {
    pointer-events: all;
    cursor: move;
    fill: rgb(32 48 45 / 12%);
    stroke: var(--mark-ink);
    stroke-width: 1;
}
.cross {
    fill: none;
    stroke: var(--mark-ink);
    stroke-width: 0.7;
    opacity: 0.6;
}
.corner {
    pointer-events: all;
    cursor: nwse-resize;
    fill: transparent;
}
text {
    font: 600 11px var(--figures);
    fill: var(--mark-ink);
    paint-order: stroke;
    stroke: var(--halo);
    stroke-width: 3px;
}
.fits .body {
    fill: rgb(23 97 79 / 26%);
    stroke: var(--mark);
}
.fits .cross {
    stroke: var(--mark);
}
.fits text {
    fill: var(--mark);
}
.off .body {
    fill: rgb(168 58 36 / 20%);
    stroke: var(--mark-brick);
}
.off .cross {
    stroke: var(--mark-brick);
}
.off text {
    fill: var(--mark-brick);
}
</style>
