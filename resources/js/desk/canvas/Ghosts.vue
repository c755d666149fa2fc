<script setup lang="ts">
import { Tree } from '@/sheet/tree';
import { useDesk } from '@/stores/desk';
import { useRehearsal } from '@/stores/rehearsal';
import { useView } from '@/stores/view';
import { computed } from 'vue';
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
        .map((item) => outlineOf(item, tree));
});
</script>

<template>
    <svg v-if="outlines.length" class="ghosts" :width="view.size.w" :height="view.size.h" aria-hidden="true">
        <polygon v-for="(points, i) in outlines" :key="i" :points="points" />
    </svg>
</template>

<style scoped>
.ghosts {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
polygon {
    fill: rgb(23 97 79 / 12%);
    stroke: var(--mark);
    stroke-width: 1.2;
    stroke-dasharray: 4 3;
}
</style>
