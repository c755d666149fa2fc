<script setup lang="ts">
import type { Axis, Point } from '@/api/types';
import { sights } from '@/desk/snap/snapper';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import DimensionLine from './DimensionLine.vue';
import { berth } from './gestures/gesture';

/** While something is dragged: lines from end to end of what it met, equal gaps with their figures, the room round it. */
const desk = useDesk();
const view = useView();
const units = useUnits();

const screen = (axis: Axis, along: number, across: number): Point =>
    view.toScreen(axis === 'x' ? { x: along, y: across } : { x: across, y: along });

const lines = computed(() =>
    (sights.value?.met.lines ?? []).map((line) => {
        const [a, b] = [screen(line.axis, line.at, line.low), screen(line.axis, line.at, line.high)];
        return { key: `${line.axis} ${line.at}`, x1: a.x, y1: a.y, x2: b.x, y2: b.y };
    }),
);

const gaps = computed(() =>
    (sights.value?.met.gaps ?? []).flatMap((equal) =>
        equal.gaps.map(([from, to, across]) => ({
            key: `${equal.axis} ${from} ${across}`,
            from: screen(equal.axis, from, across),
            to: screen(equal.axis, to, across),
            text: units.text(equal.size),
        })),
    ),
);

/** The room on a side where an equal gap is shown already says the same again. */
const rooms = computed(() =>
    (sights.value?.rooms ?? [])
        .filter((room) => !sights.value?.met.gaps.some((gap) => gap.axis === room.axis))
        .map((room) => ({
            key: room.side,
            from: screen(room.axis, room.from, room.across),
            to: screen(room.axis, room.to, room.across),
            text: units.text(Math.abs(room.to - room.from)),
        }))
        .filter(({ from, to }) => Math.hypot(to.x - from.x, to.y - from.y) > 1),
);

const sizes = computed(() =>
    (sights.value?.met.sizes ?? []).map(
        (size) =>
            `${size.axis === 'x' ? 'as wide as' : 'as high as'} ${desk.items.get(size.from)?.name ?? 'another'}: ${units.text(size.size)}`,
    ),
);
</script>

<template>
    <!-- In a rail things stand where it has them, whatever they would meet. -->
    <template v-if="sights && !berth?.bar">
        <svg class="sights" :width="view.size.w" :height="view.size.h" aria-hidden="true">
            <DimensionLine
                v-for="room in rooms"
                :key="room.key"
                :from="room.from"
                :to="room.to"
                :text="room.text"
                tone="soft"
            />
            <line v-for="{ key, ...line } in lines" :key="key" v-bind="line" />
            <DimensionLine v-for="gap in gaps" :key="gap.key" :from="gap.from" :to="gap.to" :text="gap.text" />
        </svg>
        <p v-if="sizes.length" class="sizes">{{ sizes.join(', ') }}</p>
    </template>
</template>

<style scoped>
.sights {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
    will-change: transform;
}
line {
    stroke: var(--mark);
    stroke-width: 1;
}
.sizes {
    position: absolute;
    left: 50%;
    bottom: 10px;
    transform: translateX(-50%);
    margin: 0;
    padding: 3px 9px;
    border-radius: 3px;
    background: var(--tag);
    color: #fff;
    font-size: 12px;
    white-space: nowrap;
    pointer-events: none;
}
</style>
