<script setup lang="ts">
import { useCompare } from '@/stores/compare';
import { useDesk } from '@/stores/desk';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import SheetPicture from './SheetPicture.vue';

/** Both sheets: side by side, one over the other, or by turns; moved and zoomed together. */
const desk = useDesk();
const compare = useCompare();
const desktop = ref<HTMLElement | null>(null);
/** How long each is seen by turns, in milliseconds. */
const TURN = 800;

const mine = computed(() => ({
    name: desk.sheet?.name ?? '',
    address: `/api/sheets/${desk.sheet?.id}/render.svg?r=${desk.revision}`,
    width: desk.sheet?.width ?? 1,
    height: desk.sheet?.height ?? 1,
    lit: compare.current?.here ?? null,
}));
/** A painted sheet that is none of the document has an address of its own for as long as it is shown. */
const painted = ref('');
watch(
    () => compare.compared?.there.svg,
    (svg) => {
        if (painted.value) URL.revokeObjectURL(painted.value);
        painted.value = svg ? URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' })) : '';
    },
    { immediate: true },
);
const theirs = computed(() => {
    const there = compare.compared?.there;
    return there
        ? {
              name: there.name,
              address: painted.value || `/api/sheets/${there.id}/render.svg?r=${compare.turn}`,
              width: there.width,
              height: there.height,
              lit: compare.current?.there ?? null,
          }
        : null;
});

/** px from the left at which the one over the other ends */
const edge = computed(() => compare.split * compare.room.w);
const arrow = computed(() => {
    const { here, there } = compare.current ?? {};
    if (compare.way === 'beside' || !here || !there) return null;
    const at = (box: { x: number; y: number; w: number; h: number }) => ({
        x: (box.x + box.w / 2) * compare.seen.zoom + compare.seen.x,
        y: (box.y + box.h / 2) * compare.seen.zoom + compare.seen.y,
    });
    return { from: at(here), to: at(there) };
});

function measure(): void {
    const box = desktop.value?.querySelector('.pane')?.getBoundingClientRect();
    if (box) compare.room = { w: box.width, h: box.height };
}
const watcher = new ResizeObserver(() => {
    const was = compare.room.w;
    measure();
    if (was === 0 || Math.abs(was - compare.room.w) > 1) compare.fit();
});
onMounted(() => desktop.value && watcher.observe(desktop.value));
watch(
    () => [compare.way, theirs.value !== null],
    () =>
        requestAnimationFrame(() => {
            measure();
            compare.fit();
        }),
);

const calm = window.matchMedia('(prefers-reduced-motion: reduce)');
const timer = window.setInterval(() => {
    if (compare.way === 'blink' && !calm.matches) compare.other = !compare.other;
}, TURN);
onBeforeUnmount(() => {
    watcher.disconnect();
    window.clearInterval(timer);
    if (painted.value) URL.revokeObjectURL(painted.value);
});

function wheel(event: WheelEvent): void {
    if (event.ctrlKey || event.metaKey) {
        const box = (event.currentTarget as HTMLElement).querySelector('.pane')?.getBoundingClientRect();
        const pane = box && event.clientX > box.right ? box.width + 1 : 0;
        compare.zoomBy(
            2 ** (-event.deltaY / 300),
            event.clientX - (box?.left ?? 0) - pane,
            event.clientY - (box?.top ?? 0),
        );
    } else compare.moveBy(event.shiftKey ? -event.deltaY : -event.deltaX, event.shiftKey ? 0 : -event.deltaY);
}
function drag(event: PointerEvent): void {
    const target = event.currentTarget as HTMLElement;
    if ((event.target as HTMLElement).closest('input')) return;
    target.setPointerCapture(event.pointerId);
    target.onpointermove = (move) => compare.moveBy(move.movementX, move.movementY);
    target.onpointerup = target.onpointercancel = () => (target.onpointermove = null);
}
</script>

<template>
    <div ref="desktop" class="two" :class="compare.way" @wheel.prevent="wheel" @pointerdown="drag">
        <div class="pane">
            <SheetPicture v-if="compare.way !== 'blink' || !compare.other || !theirs" v-bind="mine" />
            <SheetPicture v-if="theirs && compare.way === 'over'" v-bind="theirs" :clip="`inset(0 0 0 ${edge}px)`" />
            <SheetPicture v-if="theirs && compare.way === 'blink' && compare.other" v-bind="theirs" />
            <svg v-if="arrow" class="arrow" aria-hidden="true">
                <path :d="`M${arrow.from.x} ${arrow.from.y}L${arrow.to.x} ${arrow.to.y}`" />
                <circle :cx="arrow.to.x" :cy="arrow.to.y" r="3.5" />
            </svg>
            <b class="tag">{{ compare.way === 'blink' && compare.other && theirs ? theirs.name : mine.name }}</b>
            <b v-if="theirs && compare.way === 'over'" class="tag right">{{ theirs.name }}</b>
            <template v-if="theirs && compare.way === 'over'">
                <i class="edge" :style="{ left: `${edge}px` }" />
                <input
                    v-model.number="compare.split"
                    type="range"
                    min="0"
                    max="1"
                    step="0.005"
                    aria-label="From where on the other sheet is seen"
                />
            </template>
        </div>
        <div v-if="compare.way === 'beside'" class="pane">
            <SheetPicture v-if="theirs" v-bind="theirs" />
            <b v-if="theirs" class="tag">{{ theirs.name }}</b>
        </div>
    </div>
</template>

<style scoped>
.two {
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    background: var(--desk);
    min-height: 0;
    height: 100%;
    cursor: grab;
    touch-action: none;
}
.two.beside {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    gap: 1px;
}
.pane {
    position: relative;
    overflow: hidden;
    min-height: 0;
}
.beside .pane + .pane {
    border-left: 1px solid var(--line);
}
.tag {
    position: absolute;
    left: 10px;
    top: 8px;
    padding: 2px 8px;
    border-radius: 3px;
    background: var(--paper);
    border: 1px solid var(--line);
    font-size: 12px;
    max-width: 45%;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.tag.right {
    left: auto;
    right: 10px;
}
.edge {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 2px;
    margin-left: -1px;
    background: var(--spruce);
    pointer-events: none;
}
input {
    position: absolute;
    left: -8px;
    bottom: 10px;
    width: calc(100% + 16px);
    accent-color: var(--spruce);
    cursor: ew-resize;
}
.arrow {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    pointer-events: none;
}
.arrow path {
    stroke: var(--mark-brick);
    stroke-width: 1.5;
}
.arrow circle {
    fill: var(--mark-brick);
}
</style>
