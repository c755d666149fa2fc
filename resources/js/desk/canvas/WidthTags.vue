<script setup lang="ts">
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { useWidths } from '@/stores/widths';
import { computed, watch } from 'vue';
import { useRouter } from 'vue-router';
import { keepCamera } from './camera';
import { outlineOf } from './marks';

/**
 * Over the widths beside the sheet: what each is called, and where what is selected stands there. Pointing at a name shows on the
 * sheet where things stand at that width.
 */
const desk = useDesk();
const view = useView();
const widths = useWidths();
const router = useRouter();

/** More outlines than this say no more, and cost. */
const MOST = 400;

const tags = computed(() =>
    view.bare || !widths.shown
        ? []
        : [...widths.others.values()].map(({ sheet }) => ({
              id: sheet.id,
              words: `${sheet.name}  ${sheet.width} × ${sheet.height}`,
              at: view.toScreen({ x: widths.places.get(sheet.id) ?? 0, y: 0 }),
          })),
);

/** An outline of the other width, shifted by px of the screen. */
const shifted = (points: string, by: number) =>
    points
        .split(' ')
        .map((point) => point.split(',').map(Number))
        .map(([x = 0, y = 0]) => `${x + by},${y}`)
        .join(' ');

const twins = computed(() => {
    const keys = new Set(desk.selected.flatMap((item) => (item.fields.twin ? [item.fields.twin.key] : [])));
    if (keys.size === 0 || view.bare || !widths.shown) return [];
    return [...widths.others.values()].flatMap(({ sheet, tree }) => {
        const by = (widths.places.get(sheet.id) ?? 0) * view.zoom;
        return [...tree.items.values()]
            .filter((item) => item.fields.twin && keys.has(item.fields.twin.key) && !tree.isHidden(item.id))
            .slice(0, MOST)
            .map((item) => shifted(outlineOf(item, tree), by));
    });
});

/** Where things stand at the width that is pointed at, on this sheet. */
const ghosts = computed(() => {
    const width = widths.pointed ? widths.others.get(widths.pointed) : undefined;
    if (!width || view.bare) return [];
    return width.tree
        .children(null)
        .filter((item) => !item.hidden)
        .slice(0, MOST)
        .map((item) => outlineOf(item, width.tree));
});

function go(id: string): void {
    widths.pointed = null;
    keepCamera(id, widths.places.get(id) ?? 0);
    void router.push({ name: 'desk', params: { document: desk.document?.id, sheet: id } });
}

watch(
    () => widths.wanted,
    (id) => {
        widths.wanted = null;
        if (id) go(id);
    },
);
</script>

<template>
    <svg
        v-if="twins.length || ghosts.length"
        class="twins"
        :width="view.size.w"
        :height="view.size.h"
        aria-hidden="true"
    >
        <polygon v-for="(points, i) in twins" :key="`t${i}`" :points="points" />
        <polygon v-for="(points, i) in ghosts" :key="`g${i}`" class="ghost" :points="points" />
    </svg>
    <button
        v-for="tag in tags"
        :key="tag.id"
        type="button"
        class="tag num"
        :style="{ transform: `translate(${tag.at.x}px, ${tag.at.y - 24}px)` }"
        v-tooltip.bottom="{ value: 'Go to this width. Pointing here shows where things stand at it', showDelay: 500 }"
        @pointerenter="widths.pointed = tag.id"
        @pointerleave="widths.pointed = null"
        @focus="widths.pointed = tag.id"
        @blur="widths.pointed = null"
        @pointerdown.stop
        @click="go(tag.id)"
    >
        {{ tag.words }}
    </button>
</template>

<style scoped>
.twins {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
polygon {
    fill: rgb(23 97 79 / 8%);
    stroke: var(--mark);
    stroke-width: 1.5;
    stroke-dasharray: 5 3;
}
polygon.ghost {
    fill: none;
    stroke: var(--mark-ochre);
}
.tag {
    position: absolute;
    left: 0;
    top: 0;
    height: 20px;
    border: 0;
    padding: 0 2px;
    background: none;
    color: var(--soft);
    font-size: 11.5px;
    white-space: pre;
    cursor: pointer;
}
.tag:hover {
    color: var(--ink);
    text-decoration: underline;
}
</style>
