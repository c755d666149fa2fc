<script setup lang="ts">
import type { Box, Item } from '@/api/types';
import { contains } from '@/sheet/geometry';
import type { Tree } from '@/sheet/tree';
import { useDesk } from '@/stores/desk';
import { usePictures } from '@/stores/pictures';
import { useTable } from '@/stores/table';
import { useView } from '@/stores/view';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { lift, way } from './gestures/gesture';
import { fetchGlyphs } from './glyphs';
import { layerFor, layerStyle } from './layers';
import { screenBox } from './marks';
import FindingMarks from './FindingMarks.vue';
import Gauges from './Gauges.vue';
import Ghosts from './Ghosts.vue';
import Understood from './Understood.vue';
import GridLines from './GridLines.vue';
import GuideLines from './GuideLines.vue';
import Measures from './Measures.vue';
import Overlay from './Overlay.vue';
import { useCamera } from './camera';
import { sharpen } from './elements';
import { Painting } from './painting';
import PictureMover from './PictureMover.vue';
import { usePointing } from './pointing';
import GradientLine from './GradientLine.vue';
import PointMarks from './PointMarks.vue';
import Ruler from './Ruler.vue';
import Sights from './Sights.vue';
import RailGaps from './RailGaps.vue';
import RoomLine from './RoomLine.vue';
import RulerUnit from './RulerUnit.vue';
import SelectionMarks from './SelectionMarks.vue';
import TextEditor from './TextEditor.vue';
import TableGrid from '@/desk/table/TableGrid.vue';
import WidthsBeside from './WidthsBeside.vue';
import WidthTags from './WidthTags.vue';

/** The desk with the sheet on it: paints the items, and hands what the pointer does to gestures. */
const emit = defineEmits<{ menu: [event: MouseEvent, under: Item[], locked: Item[]]; shown: [sheet: string] }>();
const desk = useDesk();
const view = useView();
const pictures = usePictures();
const table = useTable();
const plane = ref<HTMLElement | null>(null);
const still = ref<SVGGElement | null>(null);
const air = ref<SVGGElement | null>(null);
const { cursor, grip, turn, pullGuide, pullZero, dragGauge, gripGap, handlers } = usePointing(
    plane,
    raise,
    (event, under, locked) => emit('menu', event, under, locked),
);
useCamera(plane);
let painting: Painting | null = null;
let paintedView: Box | null = null;
/** the items as they are painted: those whose letters have been fetched */
let paintable: Tree | null = null;

const movedItem = computed(() => (pictures.moved ? desk.items.get(pictures.moved) : undefined));

/** The colours of swatches, to which paintings refer by their keys. */
const palette = computed(() => Object.fromEntries(desk.swatches.map(({ key, colour }) => [`--swatch-${key}`, colour])));

const camera = computed(() => `matrix(${view.zoom} 0 0 ${view.zoom} ${view.pan.x} ${view.pan.y})`);
const airArea = computed(() => (lift.value && desk.selectedBox ? layerFor(screenBox(desk.selectedBox)) : null));

/** Half a screen more on every side than is seen, so that a small move of the desk paints nothing. */
function roomy(): Box {
    const v = view.visible;
    return { x: v.x - v.w / 2, y: v.y - v.h / 2, w: v.w * 2, h: v.h * 2 };
}

function paint(): void {
    if (!painting || !paintable) return;
    paintedView = roomy();
    painting.sync(paintable, paintedView);
    painting.hide(hidden.value);
    sharpenAll();
}

/** What is edited in place is not painted meanwhile. */
const hidden = computed(() => view.editing?.item ?? pictures.moved);

function sharpenAll(): void {
    for (const layer of [still.value, air.value]) if (layer) sharpen(layer, view.zoom);
}

/** While the zoom changes, pictures are shown as they are there. */
let later: ReturnType<typeof setTimeout> | undefined;
watch(
    () => view.zoom,
    () => {
        clearTimeout(later);
        later = setTimeout(sharpenAll, 150);
    },
);

async function show(): Promise<void> {
    const tree = desk.tree;
    await fetchGlyphs(tree.items.values()).catch(() => undefined);
    if (tree !== desk.tree) return;
    paintable = tree;
    paint();
    if (desk.sheet) emit('shown', desk.sheet.id);
}

watch(() => desk.tree, show);
watch(
    () => view.visible,
    () => {
        if (!paintedView || !contains(paintedView, view.visible) || view.visible.w * 6 < paintedView.w) paint();
    },
);
watch(hidden, () => painting?.hide(hidden.value));
/** What is worked in, from inside out: of these all is seen that they cut off. */
const opened = computed(() => {
    const within = desk.entered ?? desk.selected[0]?.parent;
    return new Set(within ? [within, ...desk.tree.ancestors(within).map((item) => item.id)] : []);
});
watch(opened, () => painting?.open(opened.value));
watch(way, () => painting?.slide(way.value), { flush: 'sync' });

function raise(ids: string[]): void {
    painting?.lift(ids, desk.tree, paintedView ?? roomy());
}

onMounted(async () => {
    if (still.value && air.value) painting = new Painting(still.value, air.value);
    await show();
});

onBeforeUnmount(() => {
    clearTimeout(later);
});
</script>

<template>
    <div class="stage" :class="{ bare: view.bare, 'no-references': !view.showReferences }" :style="palette">
        <button
            class="corner"
            type="button"
            aria-label="The zero: drag it onto a corner; double click puts it back"
            v-tooltip.right="{
                value: 'Drag the zero onto a corner of anything; double click puts it back',
                showDelay: 500,
            }"
            @pointerdown="pullZero"
            @keydown.enter="desk.run('set-zero', {}, [])"
        >
            <svg width="20" height="20" aria-hidden="true">
                <path d="M4.500 4.500h11v11h-11zM10 4.500v11M4.500 10h11" />
            </svg>
        </button>
        <Ruler axis="x" @pull="pullGuide($event, 'y')" />
        <RulerUnit />
        <Ruler axis="y" @pull="pullGuide($event, 'x')" />
        <div
            ref="plane"
            class="plane"
            tabindex="0"
            role="application"
            :aria-label="`Sheet ${desk.sheet?.name ?? ''}`"
            :style="{ cursor }"
            v-on="handlers"
        >
            <svg
                class="layer"
                :class="{ outlines: view.outlinesOnly }"
                :width="view.size.w"
                :height="view.size.h"
                role="img"
                aria-label="The sheet and what lies on it"
            >
                <g :transform="camera">
                    <rect
                        v-if="desk.sheet"
                        class="sheet"
                        :width="desk.sheet.width"
                        :height="desk.sheet.height"
                        :fill="desk.sheet.background ?? 'url(#clear)'"
                    />
                    <g ref="still" />
                    <WidthsBeside />
                </g>
                <defs>
                    <pattern id="clear" width="16" height="16" patternUnits="userSpaceOnUse">
                        <rect width="16" height="16" fill="#fff" />
                        <path d="M0 0h8v8H0zM8 8h8v8H8z" fill="#efece2" />
                    </pattern>
                </defs>
            </svg>
            <svg
                class="layer air"
                :class="{ outlines: view.outlinesOnly }"
                :width="airArea?.w ?? 0"
                :height="airArea?.h ?? 0"
                :viewBox="airArea ? `${airArea.x} ${airArea.y} ${airArea.w} ${airArea.h}` : undefined"
                :style="airArea ? layerStyle(airArea) : undefined"
                aria-hidden="true"
            >
                <g ref="air" :transform="camera" />
            </svg>
            <GridLines />
            <GuideLines />
            <Measures />
            <Sights />
            <Gauges @grip="dragGauge" />
            <Overlay />
            <Ghosts />
            <RailGaps @grip="gripGap" />
            <RoomLine />
            <Understood />
            <WidthTags />
            <FindingMarks />
            <PointMarks />
            <GradientLine />
            <SelectionMarks @grip="grip" @turn="turn" />
            <PictureMover v-if="movedItem" :key="movedItem.id" :item="movedItem" />
            <TableGrid v-if="table.isOpen && table.item" :key="table.item.id" :item="table.item" />
            <TextEditor v-if="view.editing" :key="view.editing.item ?? 'new'" />
        </div>
    </div>
</template>

<style scoped>
.stage {
    position: relative;
    display: grid;
    grid-template: 20px 1fr / 20px 1fr;
    min-width: 0;
    min-height: 0;
    overflow: hidden;
}
.corner {
    position: relative;
    z-index: 2;
    width: 24px;
    height: 24px;
    border: 0;
    padding: 0;
    cursor: crosshair;
    touch-action: none;
    background: var(--well);
    border-right: 1px solid var(--line);
    border-bottom: 1px solid var(--line);
}
.corner path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.2;
}
.corner:hover path {
    stroke: var(--ochre);
}
.plane {
    position: relative;
    overflow: hidden;
    background: var(--desk);
    touch-action: none;
    box-shadow: inset 1px 1px var(--line);
}
.plane:focus-visible {
    outline: 0;
    box-shadow: inset 0 0 0 1px var(--spruce);
}
.layer {
    position: absolute;
    inset: 0;
    pointer-events: none;
    user-select: none;
}
.layer.air {
    inset: auto;
    will-change: transform;
}
.outlines :deep([data-item]) * {
    fill: none !important;
    stroke: var(--mark-ink) !important;
    stroke-width: 1px !important;
    vector-effect: non-scaling-stroke;
}
.outlines :deep(image) {
    display: none;
}
.layer :deep(.cut-off) {
    display: none;
}
.layer :deep(.opened > .cut-off) {
    display: inline;
    opacity: 0.22;
}
.bare .layer :deep(.opened > .cut-off) {
    display: none;
}
.layer :deep(.sliding) {
    transition: translate 120ms ease-out;
}
@media (prefers-reduced-motion: reduce) {
    .layer :deep(.sliding) {
        transition: none;
    }
}
.layer :deep([data-reference]) {
    opacity: 0.4;
}
.no-references :deep([data-reference]) {
    display: none;
}
.sheet {
    stroke: var(--edge);
    stroke-width: 1;
    vector-effect: non-scaling-stroke;
}
</style>
