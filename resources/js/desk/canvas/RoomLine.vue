<script setup lang="ts">
import { useRoom } from '@/stores/room';
import { useView } from '@/stores/view';
import { computed } from 'vue';

/** The line at which room is made, and how much, while it is dragged. */
const room = useRoom();
const view = useView();

const line = computed(() => {
    if (view.tool !== 'room' || room.at === null) return null;
    const at = view.toScreen({ x: room.at, y: room.at });
    const by = (room.dragged ?? 0) * view.zoom;
    return room.axis === 'y'
        ? { from: at.y, to: at.y + by, isLevel: true }
        : { from: at.x, to: at.x + by, isLevel: false };
});
const ends = (at: number, isLevel: boolean) =>
    isLevel ? { x1: 0, y1: at, x2: view.size.w, y2: at } : { x1: at, y1: 0, x2: at, y2: view.size.h };
const band = computed(() => {
    if (!line.value || line.value.from === line.value.to) return null;
    const { from, to, isLevel } = line.value;
    const [lead, size] = [Math.min(from, to), Math.abs(to - from)];
    return isLevel
        ? { x: 0, y: lead, width: view.size.w, height: size }
        : { x: lead, y: 0, width: size, height: view.size.h };
});
</script>

<template>
    <svg v-if="line" class="room" :width="view.size.w" :height="view.size.h" aria-hidden="true">
        <rect v-if="band" v-bind="band" />
        <line v-bind="ends(line.from, line.isLevel)" />
        <line v-if="band" v-bind="ends(line.to, line.isLevel)" />
    </svg>
</template>

<style scoped>
.room {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
rect {
    fill: rgb(23 97 79 / 10%);
}
line {
    stroke: var(--mark);
    stroke-width: 1.5;
}
</style>
