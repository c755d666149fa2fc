<script setup lang="ts">
import type { Box, Item } from '@/api/types';
import { mirrorTransform } from '@/sheet/geometry';
import { is } from '@/sheet/kinds';
import { Tree } from '@/sheet/tree';
import { useDesk } from '@/stores/desk';
import { useRehearsal } from '@/stores/rehearsal';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import { berth } from './gestures/gesture';
import { outlineOf } from './marks';

/** Where things would land if what the pointer rests on were pressed. */
const desk = useDesk();
const view = useView();
const rehearsal = useRehearsal();

/** More outlines than this say no more, and cost. */
const MOST = 400;

const outlines = computed(() => {
    if (rehearsal.ghosts.length === 0) return [];
    const items = new Map(desk.items);
    rehearsal.ghosts.forEach((item) => items.set(item.id, item));
    const tree = new Tree(items);
    return rehearsal.ghosts
        .filter((item) => !tree.isHidden(item.id))
        .slice(0, MOST)
        .map((item) => ({ points: outlineOf(item, tree), shape: shapeOf(item, tree) }));
});
/** Of what is made of points its true shape, where its frame would say too little. */
function shapeOf(item: Item, tree: Tree): { path: string; transform: string } | null {
    const path = item.painting?.hit?.path;
    if (!path || !(is(item, 'shows-as-one') || is(item, 'has-points'))) return null;
    const placement = tree.toSheet(item.id);
    const at = view.toScreen(placement);
    const mirror = item.flip === 'none' ? '' : ` ${mirrorTransform(item)}`;
    return { path, transform: `translate(${at.x} ${at.y}) rotate(${placement.angle}) scale(${view.zoom})${mirror}` };
}

const boxOf = (box: Box) => {
    const at = view.toScreen(box);
    return { x: at.x, y: at.y, width: box.w * view.zoom, height: box.h * view.zoom };
};
/** Where what is dragged would belong, and stand. */
const lit = computed(() => (berth.value?.box ? boxOf(berth.value.box) : null));
const bar = computed(() => {
    if (!berth.value?.bar) return null;
    const { x, y, width, height } = boxOf(berth.value.bar);
    return { x1: x, y1: y, x2: x + width, y2: y + height };
});

/** The anchor of what is about to be combined. */
const anchor = computed(() => {
    const item = view.anchorShown ? desk.items.get(view.anchorShown) : undefined;
    return item ? outlineOf(item) : null;
});
</script>

<template>
    <svg
        v-if="outlines.length || anchor || lit"
        class="ghosts"
        :width="view.size.w"
        :height="view.size.h"
        aria-hidden="true"
    >
        <template v-for="(outline, i) in outlines" :key="i">
            <path v-if="outline.shape" :d="outline.shape.path" :transform="outline.shape.transform" />
            <polygon v-else :points="outline.points" />
        </template>
        <polygon v-if="anchor" class="anchor" :points="anchor" />
        <rect v-if="lit" v-bind="lit" />
        <line v-if="bar" v-bind="bar" />
    </svg>
</template>

<style scoped>
.ghosts {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
path {
    fill: rgb(23 97 79 / 20%);
    fill-rule: evenodd;
    stroke: var(--mark);
    stroke-width: 1.5;
    vector-effect: non-scaling-stroke;
}
rect {
    fill: rgb(23 97 79 / 8%);
    stroke: var(--mark);
    stroke-width: 2;
}
line {
    stroke: var(--mark);
    stroke-width: 3;
    stroke-linecap: round;
}
.anchor {
    fill: none !important;
    stroke: var(--mark-ochre) !important;
    stroke-width: 2.5 !important;
    stroke-dasharray: none !important;
}
polygon {
    fill: rgb(23 97 79 / 12%);
    stroke: var(--mark);
    stroke-width: 1.2;
    stroke-dasharray: 4 3;
}
</style>
