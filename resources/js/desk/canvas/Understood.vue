<script setup lang="ts">
import type { Axis, Box, Point } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { useRehearsal } from '@/stores/rehearsal';
import { useSquaring } from '@/stores/squaring';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import { withRoom, type Label } from './labels';
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
            return {
                key: `${line.axis} ${line.edge} ${line.at}`,
                from: screen(line.axis, line.at, Math.min(...extent) - past),
                to: screen(line.axis, line.at, Math.max(...extent) + past),
                text: units.place(line.at, line.axis),
                axis: line.axis,
                count: line.items.length,
            };
        }),
);

/** Of every size each gap is drawn. */
const gaps = computed(() => {
    const drawn: { key: string; from: Point; to: Point; size: number; axis: Axis }[] = [];
    for (const { axis, sort, size, between } of rehearsal.report?.distances ?? []) {
        if (sort !== 'gap' || size <= 0 || !isShown.value(between[0]?.[0])) continue;
        for (const [a, b] of between.slice(0, MOST)) {
            const [first, second] = [boxOf(a), boxOf(b)];
            if (!first || !second || drawn.length >= MOST) continue;
            const [one, other] = [spans(axis, first), spans(axis, second)];
            const across = (Math.max(one[0], other[0]) + Math.min(one[1], other[1])) / 2;
            const from = axis === 'x' ? first.x + first.w : first.y + first.h;
            drawn.push({
                key: `${axis} ${a} ${b}`,
                from: screen(axis, from, across),
                to: screen(axis, from + size, across),
                size,
                axis,
            });
        }
    }
    return drawn;
});

/** The places of lines, those of many first; and of every size of gaps how much it is, once. */
const labels = computed(() => {
    const places = [...lines.value]
        .sort((a, b) => b.count - a.count)
        .map(({ key, from, text, axis }): Label => {
            const isUpright = axis === 'x';
            const at = isUpright ? { x: from.x, y: from.y - 3 } : { x: from.x - 3, y: from.y + 4 };
            return { key, at, anchor: isUpright ? 'middle' : 'end', text };
        });
    const said = new Map<string, Label[]>();
    for (const { key, from, to, size, axis } of gaps.value) {
        const [dx, dy] = axis === 'x' ? [0, -5] : [5, 4];
        const at = { x: (from.x + to.x) / 2 + dx, y: (from.y + to.y) / 2 + dy };
        const anchor = axis === 'x' ? 'middle' : 'start';
        said.set(`${axis} ${size}`, [
            ...(said.get(`${axis} ${size}`) ?? []),
            { key, at, anchor, text: units.text(size) },
        ]);
    }
    let placed = withRoom(places);
    for (const ones of said.values()) {
        const free = ones.find((one) => withRoom([...placed, one]).length > placed.length);
        if (free) placed = [...placed, free];
    }
    return placed;
});

const alone = computed(() =>
    (rehearsal.report?.alone ?? []).slice(0, MOST).flatMap((id) => {
        const [item, box] = [desk.items.get(id), boxOf(id)];
        return item && box ? { id, name: item.name, at: screenBox(box) } : [];
    }),
);
</script>

<template>
    <svg v-if="rehearsal.report?.lines" class="understood" :width="view.size.w" :height="view.size.h">
        <g v-for="line in lines" :key="line.key" class="line">
            <line :x1="line.from.x" :y1="line.from.y" :x2="line.to.x" :y2="line.to.y" />
        </g>
        <g v-for="gap in gaps" :key="gap.key" class="gap">
            <line :x1="gap.from.x" :y1="gap.from.y" :x2="gap.to.x" :y2="gap.to.y" />
        </g>
        <text
            v-for="label in labels"
            :key="`at ${label.key}`"
            :x="label.at.x"
            :y="label.at.y"
            :text-anchor="label.anchor"
        >
            {{ label.text }}
        </text>
        <g v-for="one in alone" :key="one.id" class="alone">
            <rect :x="one.at.x - 3" :y="one.at.y - 3" :width="one.at.w + 6" :height="one.at.h + 6" rx="3" />
            <g
                v-if="squaring.isOpen"
                class="out"
                role="button"
                :aria-label="`Leave ${one.name} out of the selection`"
                :transform="`translate(${one.at.x + one.at.w + 3} ${one.at.y - 3})`"
                @pointerdown.stop
                @click.stop="squaring.leaveOut([one.id])"
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
