<script setup lang="ts">
import { tagOf, tagWidth } from '@/sheet/slices';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import { colourRead } from './colourAt';
import { ghost, lift } from './gestures/gesture';
import { label as pointsLabel } from './gestures/points';
import { usePathDrawing } from './pathDrawing';
import { brackets, outlineOf, screenBox } from './marks';

/** What lies over the sheet and is never part of it: slices, what the pointer is over, what is being drawn. */
const desk = useDesk();
const view = useView();
const drawing = usePathDrawing();

const hovered = computed(() => {
    const item = view.hovered === null ? undefined : desk.items.get(view.hovered);
    return item && !desk.selection.includes(item.id) ? outlineOf(item) : null;
});

const slices = computed(() =>
    view.showSlices && !view.bare
        ? desk.slices.map((slice) => {
              const at = screenBox(slice);
              const tag = tagOf(slice, view.zoom);
              return {
                  id: slice.id,
                  at,
                  tag,
                  width: tagWidth(tag),
                  on: desk.selectedSlices.includes(slice.id),
              };
          })
        : [],
);

const drawn = computed(() => {
    const g = ghost.value;
    if (!g) return null;
    const box = screenBox(g.box);
    if (g.shape === 'guide') return null;
    const ends = g.from && g.to ? { from: view.toScreen(g.from), to: view.toScreen(g.to) } : null;
    return { ...g, box, ends, centre: { x: box.x + box.w / 2, y: box.y + box.h / 2 } };
});

/** A guide or a zero that is dragged: a line right across the desk, or a cross. */
const dragged = computed(() => {
    const g = ghost.value;
    if (g?.shape !== 'guide') return '';
    const at = view.toScreen(g.box);
    const { w, h } = view.size;
    return (g.axis === 'y' ? '' : `M${at.x} 0V${h}`) + (g.axis === 'x' ? '' : `M0 ${at.y}H${w}`);
});

/** Words beside the pointer. */
const words = computed(() => {
    const text =
        lift.value?.label ??
        ghost.value?.label ??
        (pointsLabel.value || drawing.shown.value?.label) ??
        (view.tool === 'colour' ? colourRead.value : null);
    return text && view.pointer
        ? { text, style: { transform: `translate(${view.pointer.x + 12}px, ${view.pointer.y + 10}px)` } }
        : null;
});
</script>

<template>
    <svg class="overlay" :width="view.size.w" :height="view.size.h" aria-hidden="true">
        <g v-for="slice in slices" :key="slice.id" class="slice" :class="{ on: slice.on }">
            <rect :x="slice.at.x" :y="slice.at.y" :width="slice.at.w" :height="slice.at.h" />
            <path :d="brackets(slice.at, 3, Math.min(7, slice.at.w / 4, slice.at.h / 4))" />
            <g v-if="slice.tag" :transform="`translate(${slice.at.x + slice.at.w} ${slice.at.y + slice.at.h})`">
                <rect class="tag" :x="-slice.width" y="-15" :width="slice.width" height="15" />
                <text x="-6" y="-4" text-anchor="end">{{ slice.tag }}</text>
            </g>
        </g>
        <path v-if="dragged" class="dragged" :d="dragged" />
        <polygon v-if="hovered && !ghost && !lift && !view.bare" class="hovered" :points="hovered" />
        <g
            v-if="drawn"
            :class="['ghost', drawn.shape]"
            :transform="`rotate(${drawn.angle ?? 0} ${drawn.centre.x} ${drawn.centre.y})`"
        >
            <line
                v-if="drawn.ends"
                :x1="drawn.ends.from.x"
                :y1="drawn.ends.from.y"
                :x2="drawn.ends.to.x"
                :y2="drawn.ends.to.y"
            />
            <ellipse
                v-else-if="drawn.shape === 'ellipse'"
                :cx="drawn.centre.x"
                :cy="drawn.centre.y"
                :rx="drawn.box.w / 2"
                :ry="drawn.box.h / 2"
            />
            <rect v-else :x="drawn.box.x" :y="drawn.box.y" :width="drawn.box.w" :height="drawn.box.h" />
        </g>
    </svg>
    <div v-if="words" class="words num" :style="words.style">
        <i v-if="view.tool === 'colour'" :style="{ background: words.text }" />{{ words.text }}
    </div>
</template>

<style scoped>
.overlay {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
.hovered {
    fill: none;
    stroke: var(--mark);
    stroke-width: 1.5;
    stroke-dasharray: 5 3;
}
.ghost {
    fill: none;
    stroke: var(--mark);
    stroke-width: 1.2;
}
.ghost.band {
    fill: rgb(23 97 79 / 8%);
    stroke-dasharray: 4 3;
}
.dragged {
    fill: none;
    stroke: var(--mark-ochre);
    stroke-width: 1.5;
}
.words {
    position: absolute;
    left: 0;
    top: 0;
    padding: 2px 6px;
    border-radius: 3px;
    background: var(--mark-ink);
    color: #f4f1e8;
    font-weight: 600;
    font-size: 12px;
    white-space: pre;
    pointer-events: none;
    will-change: transform;
}
.words i {
    display: inline-block;
    width: 10px;
    height: 10px;
    margin-right: 6px;
    border: 1px solid #f4f1e8;
}
.slice rect {
    fill: none;
    stroke: var(--mark-ochre);
    stroke-width: 1;
    stroke-dasharray: 3 3;
}
.slice path {
    fill: none;
    stroke: var(--mark-ochre);
    stroke-width: 1.6;
}
.slice .tag {
    fill: var(--tag-ochre);
    stroke: none;
}
.slice text {
    fill: #fff;
    font: 600 10.5px var(--figures);
}
.slice.on rect:not(.tag) {
    fill: rgb(168 104 12 / 10%);
    stroke-dasharray: none;
}
</style>
