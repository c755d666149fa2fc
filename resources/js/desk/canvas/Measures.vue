<script setup lang="ts">
import type { Box, Dimension } from '@/api/types';
import { distances, meetsStraight, type Stretch } from '@/sheet/stretches';
import { useDesk } from '@/stores/desk';
import { useLedger } from '@/stores/ledger';
import { useMeasuring } from '@/stores/measuring';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import DimensionLine from './DimensionLine.vue';
import { screenBox } from './marks';

/** Measures on the sheet: dimensions that are kept, what is being measured by pointing, and gaps lit up by the ledger. */
const desk = useDesk();
const view = useView();
const units = useUnits();
const measuring = useMeasuring();
const ledger = useLedger();

const boxOf = (id: string, by: Dimension['by']): Box | null => {
    const item = desk.items.get(id);
    return item ? (by === 'ink' ? item.ink : item.bounds) : null;
};

function stretchOf(dimension: Dimension): Stretch | null {
    const a = boxOf(dimension.a, dimension.by);
    const b = boxOf(dimension.b, dimension.by);
    if (!a || !desk.sheet) return null;
    if (b) {
        const found = distances(a, b, null);
        return (
            found.find((one) => one.axis === dimension.axis) ??
            (dimension.axis === 'straight' ? (found.find((one) => one.axis !== 'centres') ?? null) : null)
        );
    }
    const sheet = { x: 0, y: 0, w: desk.sheet.width, h: desk.sheet.height };
    return meetsStraight(a, sheet).find((one) => one.side === dimension.b) ?? null;
}

const drawn = (stretch: Stretch) => ({
    from: view.toScreen(stretch.from),
    to: view.toScreen(stretch.to),
    text: units.text(stretch.size),
});

const kept = computed(() =>
    desk.dimensions.flatMap((dimension) => {
        const stretch = stretchOf(dimension);
        return stretch ? [{ id: dimension.id, on: view.dimensionOver === dimension.id, ...drawn(stretch) }] : [];
    }),
);

const pointed = computed(() =>
    view.tool === 'measure'
        ? measuring.stretches.map((one) => ({
              key: `${one.axis} ${one.side ?? ''}`,
              tone: one.axis === 'centres' ? ('soft' as const) : undefined,
              along: one.axis === 'centres' ? 0.28 : 0.5,
              ...drawn(one),
              text: one.axis === 'centres' ? `centres ${units.text(one.size)}` : units.text(one.size),
          }))
        : [],
);

const ends = computed(() =>
    view.tool === 'measure'
        ? [measuring.first, measuring.second].flatMap((id) => {
              const item = id === null ? undefined : desk.items.get(id);
              return item ? [screenBox(item.bounds)] : [];
          })
        : [],
);

const lit = computed(() =>
    ledger.lit.map((gap) => {
        const [low, high] = gap.across;
        const box =
            gap.axis === 'x'
                ? { x: gap.from, y: low, w: gap.to - gap.from, h: high - low }
                : { x: low, y: gap.from, w: high - low, h: gap.to - gap.from };
        return { key: gap.key, odd: gap.odd, text: units.text(gap.size), ...screenBox(box) };
    }),
);
/** Figures that would lie on each other say nothing. */
const LEAST = 14;
</script>

<template>
    <svg
        v-if="!view.bare && (lit.length || kept.length || ends.length || pointed.length)"
        class="measures"
        :width="view.size.w"
        :height="view.size.h"
        aria-hidden="true"
    >
        <g v-for="gap in lit" :key="gap.key" :class="['lit', { odd: gap.odd }]">
            <rect :x="gap.x" :y="gap.y" :width="Math.max(gap.w, 1)" :height="Math.max(gap.h, 1)" />
            <text
                v-if="gap.w >= LEAST || gap.h >= LEAST"
                :x="gap.x + gap.w / 2"
                :y="gap.y + gap.h / 2 + 4"
                text-anchor="middle"
            >
                {{ gap.text }}
            </text>
        </g>
        <DimensionLine
            v-for="one in kept"
            :key="one.id"
            :class="{ on: one.on }"
            :from="one.from"
            :to="one.to"
            :text="one.text"
            tone="kept"
        />
        <rect v-for="(box, i) in ends" :key="i" class="end" :x="box.x" :y="box.y" :width="box.w" :height="box.h" />
        <DimensionLine
            v-for="one in pointed"
            :key="one.key"
            :from="one.from"
            :to="one.to"
            :text="one.text"
            :tone="one.tone"
            :along="one.along"
        />
    </svg>
</template>

<style scoped>
.measures {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
.end {
    fill: rgb(23 97 79 / 7%);
    stroke: var(--mark);
    stroke-width: 1.5;
}
.lit rect {
    fill: rgb(23 97 79 / 22%);
    stroke: var(--mark);
    stroke-width: 1;
}
.lit text {
    font: 600 11px var(--figures);
    fill: var(--mark);
    paint-order: stroke;
    stroke: var(--halo);
    stroke-width: 3px;
}
.lit.odd rect {
    fill: rgb(168 58 36 / 24%);
    stroke: var(--mark-brick);
}
.lit.odd text {
    fill: var(--mark-brick);
}
.on :deep(path) {
    stroke-width: 2;
}
</style>
