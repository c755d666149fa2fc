<script setup lang="ts">
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed } from 'vue';

/** Guides right across the desk, and the margins of the sheet. */
const desk = useDesk();
const view = useView();

const lines = computed(() => {
    const { w, h } = view.size;
    return desk.guides.map((guide) => {
        const at = view.toScreen({ x: guide.at, y: guide.at });
        return guide.axis === 'x'
            ? { id: guide.id, locked: guide.locked, x1: at.x, y1: 0, x2: at.x, y2: h }
            : { id: guide.id, locked: guide.locked, x1: 0, y1: at.y, x2: w, y2: at.y };
    });
});

const margins = computed(() => {
    const sheet = desk.sheet;
    if (!sheet) return null;
    const { left, top, right, bottom } = sheet.margins;
    if (left + top + right + bottom === 0 || left + right >= sheet.width || top + bottom >= sheet.height) return null;
    const at = view.toScreen({ x: left, y: top });
    return {
        ...at,
        width: (sheet.width - left - right) * view.zoom,
        height: (sheet.height - top - bottom) * view.zoom,
    };
});
</script>

<template>
    <svg
        v-if="view.showGuides && !view.bare && (lines.length || margins)"
        class="guides"
        :width="view.size.w"
        :height="view.size.h"
        aria-hidden="true"
    >
        <rect v-if="margins" v-bind="margins" />
        <line
            v-for="line in lines"
            :key="line.id"
            :x1="line.x1"
            :y1="line.y1"
            :x2="line.x2"
            :y2="line.y2"
            :class="{ on: view.guideOver === line.id, locked: line.locked }"
        />
    </svg>
</template>

<style scoped>
.guides {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
line {
    stroke: var(--mark-ochre);
    stroke-width: 1;
}
line.locked {
    stroke-dasharray: 9 3;
}
line.on {
    stroke-width: 2.5;
}
rect {
    fill: none;
    stroke: var(--mark-ochre);
    stroke-width: 1;
    stroke-dasharray: 2 4;
}
</style>
