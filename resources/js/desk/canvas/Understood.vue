<script setup lang="ts">
import type { Axis, Box, MeantLine, Point } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useRehearsal } from '@/stores/rehearsal';
import { useSquaring } from '@/stores/squaring';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import { screenBox } from './marks';

/** What squaring up has understood, before it is done: lines with their places, gaps by size, and what fits nothing. */
const desk = useDesk();
const view = useView();
const units = useUnits();
const rehearsal = useRehearsal();
const squaring = useSquaring();

/** px of the screen that a line reaches past what lies on it */
const PAST = 14;
/** More lines and gaps than this say no more, and cost. */
const MOST = 120;

const boxOf = (id: string): Box | undefined => rehearsal.boxes.get(id) ?? desk.items.get(id)?.bounds;
const screen = (axis: Axis, along: number, across: number): Point =>
    view.toScreen(axis === 'x' ? { x: along, y: across } : { x: across, y: along });
const spans = (axis: Axis, box: Box): [number, number] =>
    axis === 'x' ? [box.y, box.y + box.h] : [box.x, box.x + box.w];

/** What is in the groups that are selected would only be in the way; of a single group it is what is meant. */
const isShown = computed(() => {
    const [only] = desk.selection;
    const shown =
        desk.selection.length === 1 && only ? desk.tree.children(only).map((item) => item.id) : desk.selection;
    const ids = new Set(shown);
    return (id?: string) => id !== undefined && ids.has(id);
});

const lines = computed(() =>
    (rehearsal.report?.lines ?? [])
        .filter((line) => line.items.length > 1 && isShown.value(line.items[0]))
        .slice(0, MOST)
        .flatMap((line) => {
            const extent = line.items.flatMap((id) => {
                const box = boxOf(id);
                return box ? spans(line.axis, box) : [];
            });
            if (extent.length === 0) return [];
            const past = PAST / view.zoom;
            const a = screen(line.axis, line.at, Math.min(...extent) - past);
            const b = screen(line.axis, line.at, Math.max(...extent) + past);
            return {
                key: keyOf(line),
                x1: a.x,
                y1: a.y,
                x2: b.x,
                y2: b.y,
                text: units.place(line.at, line.axis),
                axis: line.axis,
            };
        }),
);

const keyOf = (line: MeantLine) => `${line.axis} ${line.edge} ${line.at}`;

/** Of every size each gap is drawn, and one of them says how much. */
const gaps = computed(() => {
    const drawn: { key: string; from: Point; to: Point; text: string; axis: Axis }[] = [];
    for (const { axis, sort, size, between } of rehearsal.report?.distances ?? []) {
        if (sort !== 'gap' || size <= 0 || !isShown.value(between[0]?.[0])) continue;
        let isSaid = false;
        for (const [a, b] of between.slice(0, MOST)) {
            const [first, second] = [boxOf(a), boxOf(b)];
            if (!first || !second || drawn.length >= MOST) continue;
            const [one, other] = [spans(axis, first), spans(axis, second)];
            const across = (Math.max(one[0], other[0]) + Math.min(one[1], other[1])) / 2;
            const from = axis === 'x' ? first.x + first.w : first.y + first.h;
            const text = isSaid ? '' : units.text(size);
            isSaid = true;
            drawn.push({
                key: `${axis} ${a} ${b}`,
                from: screen(axis, from, across),
                to: screen(axis, from + size, across),
                text,
                axis,
            });
        }
    }
    return drawn;
});

const alone = computed(() =>
    (rehearsal.report?.alone ?? []).slice(0, MOST).flatMap((id) => {
        const [item, box] = [desk.items.get(id), boxOf(id)];
        return item && box ? { id, name: item.name, at: screenBox(box) } : [];
    }),
);

function leaveOut(id: string): void {
    desk.select(desk.selection.filter((one) => one !== id));
}
</script>

<template>
    <svg v-if="rehearsal.report?.lines" class="understood" :width="view.size.w" :height="view.size.h">
        <g v-for="{ key, text, axis, ...line } in lines" :key="key">
            <line v-bind="line" />
            <text v-if="axis === 'x'" :x="line.x1" :y="line.y1 - 3" text-anchor="middle">{{ text }}</text>
            <text v-else :x="line.x1 - 3" :y="line.y1 + 4" text-anchor="end">{{ text }}</text>
        </g>
        <g v-for="gap in gaps" :key="gap.key" class="gap">
            <line :x1="gap.from.x" :y1="gap.from.y" :x2="gap.to.x" :y2="gap.to.y" />
            <text
                v-if="gap.text"
                :x="(gap.from.x + gap.to.x) / 2 + (gap.axis === 'x' ? 0 : 5)"
                :y="(gap.from.y + gap.to.y) / 2 + (gap.axis === 'x' ? -5 : 4)"
                :text-anchor="gap.axis === 'x' ? 'middle' : 'start'"
            >
                {{ gap.text }}
            </text>
        </g>
        <g v-for="one in alone" :key="one.id" class="alone">
            <rect :x="one.at.x - 3" :y="one.at.y - 3" :width="one.at.w + 6" :height="one.at.h + 6" rx="3" />
            <g
                v-if="squaring.isOpen"
                class="out"
                role="button"
                :aria-label="`Leave ${one.name} out of the selection`"
                :transform="`translate(${one.at.x + one.at.w + 3} ${one.at.y - 3})`"
                @pointerdown.stop
                @click.stop="leaveOut(one.id)"
            >
                <title>Fits nothing. Leave it out of the selection</title>
                <circle r="8" />
                <path d="M-3 -3L3 3M3 -3L-3 3" />
            </g>
        </g>
    </svg>
</template>

<style scoped>
.understood {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
line {
    stroke: var(--mark-ochre);
    stroke-width: 1;
}
.gap line {
    stroke-width: 3;
    opacity: 0.75;
}
text {
    font: 600 11px var(--figures);
    fill: var(--mark-ochre);
    paint-order: stroke;
    stroke: var(--halo);
    stroke-width: 3px;
}
.alone rect {
    fill: none;
    stroke: var(--mark-ochre);
    stroke-dasharray: 2 3;
}
.out {
    pointer-events: auto;
    cursor: pointer;
}
.out circle {
    fill: var(--halo);
    stroke: var(--mark-ochre);
}
.out path {
    stroke: var(--mark-ochre);
    stroke-width: 1.4;
}
</style>
