<script setup lang="ts">
import type { Box } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import { screenBox } from './marks';

/** The layout grid: columns and rows as bands, the module and the baselines as hairlines. */
const desk = useDesk();
const view = useView();

/** Lines that would lie closer than this on the screen are not drawn. */
const LEAST = 6;

const bands = computed<(Box & { kind: string })[]>(() => {
    const sheet = desk.sheet;
    if (!sheet) return [];
    const { x, y } = sheet.grid.spans;
    const { margins, width, height } = sheet;
    const [top, left] = [margins.top, margins.left];
    return [
        ...x.map(([from, to]) => ({ kind: 'column', x: from, y: top, w: to - from, h: height - top - margins.bottom })),
        ...y.map(([from, to]) => ({ kind: 'row', x: left, y: from, w: width - left - margins.right, h: to - from })),
    ].map(({ kind, ...box }) => ({ kind, ...screenBox(box) }));
});

/** A path of evenly spaced lines, of those that are on the screen. */
function lines(step: number | null | undefined, from: number, axis: 'x' | 'y'): string {
    const sheet = desk.sheet;
    if (!sheet || !step || step * view.zoom < LEAST) return '';
    const side = axis === 'x' ? sheet.width : sheet.height;
    const seen = axis === 'x' ? [view.visible.x, view.visible.w] : [view.visible.y, view.visible.h];
    const first = Math.max(from, from + Math.floor(((seen[0] ?? 0) - from) / step) * step);
    const last = Math.min(side, (seen[0] ?? 0) + (seen[1] ?? 0));
    const [a, b] = [view.toScreen({ x: 0, y: 0 }), view.toScreen({ x: sheet.width, y: sheet.height })];
    let path = '';
    for (let at = first; at <= last + 1e-6; at += step) {
        const on = view.toScreen({ x: at, y: at });
        path += axis === 'x' ? `M${on.x} ${a.y}V${b.y}` : `M${a.x} ${on.y}H${b.x}`;
    }
    return path;
}

const modules = computed(() => lines(desk.sheet?.grid.module, 0, 'x') + lines(desk.sheet?.grid.module, 0, 'y'));
const baselines = computed(() => lines(desk.sheet?.grid.baseline, desk.sheet?.margins.top ?? 0, 'y'));
</script>

<template>
    <svg
        v-if="view.showGrid && !view.bare && (bands.length || modules || baselines)"
        class="grid-lines"
        :width="view.size.w"
        :height="view.size.h"
        aria-hidden="true"
    >
        <path v-if="modules" class="module" :d="modules" />
        <rect
            v-for="(band, i) in bands"
            :key="i"
            :class="band.kind"
            :x="band.x"
            :y="band.y"
            :width="band.w"
            :height="band.h"
        />
        <path v-if="baselines" class="baseline" :d="baselines" />
    </svg>
</template>

<style scoped>
.grid-lines {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
rect {
    fill: rgb(168 104 12 / 6%);
    stroke: rgb(168 104 12 / 32%);
    stroke-width: 1;
}
.row {
    fill: none;
    stroke-dasharray: 4 3;
}
.module {
    fill: none;
    stroke: rgb(168 104 12 / 16%);
}
.baseline {
    fill: none;
    stroke: rgb(168 104 12 / 45%);
    stroke-dasharray: 1 3;
}
</style>
