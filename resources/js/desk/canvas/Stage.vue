<script setup lang="ts">
import type { Box, Item, Point } from '@/api/types';
import { contains } from '@/desk/geometry';
import { itemsAt } from '@/desk/hit';
import type { Tree } from '@/desk/tree';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed, onBeforeUnmount, onMounted, ref, watch } from 'vue';
import { bandGesture } from './gestures/band';
import { drawGesture } from './gestures/draw';
import { lift, type Gesture } from './gestures/gesture';
import { moveGesture } from './gestures/move';
import { panGesture } from './gestures/pan';
import { sizeGesture, type Handle } from './gestures/size';
import { turnGesture } from './gestures/turn';
import { fetchGlyphs } from './glyphs';
import { useHeldPointer } from './heldPointer';
import { layerFor, layerStyle } from './layers';
import { screenBox } from './marks';
import Ghosts from './Ghosts.vue';
import GuideLines from './GuideLines.vue';
import Overlay from './Overlay.vue';
import { Painting } from './painting';
import Ruler from './Ruler.vue';
import SelectionMarks from './SelectionMarks.vue';
import TextEditor from './TextEditor.vue';

/** The desk with the sheet on it: paints the items and turns what the pointer does into gestures. */
const emit = defineEmits<{ menu: [event: MouseEvent, under: Item[]]; shown: [sheet: string] }>();
const desk = useDesk();
const view = useView();
const plane = ref<HTMLElement | null>(null);
const still = ref<SVGGElement | null>(null);
const air = ref<SVGGElement | null>(null);
const { gesture, spaceHeld, follow, end, giveBack } = useHeldPointer();
let painting: Painting | null = null;
let paintedView: Box | null = null;
/** the items as they are painted: those whose letters have been fetched */
let paintable: Tree | null = null;

const camera = computed(() => `matrix(${view.zoom} 0 0 ${view.zoom} ${view.pan.x} ${view.pan.y})`);
const airArea = computed(() => (lift.value && desk.selectedBox ? layerFor(screenBox(desk.selectedBox)) : null));
const cursor = computed(() =>
    spaceHeld.value ? 'grab' : view.tool === 'select' ? 'default' : view.tool === 'text' ? 'text' : 'crosshair',
);

/** Half a screen more on every side than is seen, so that a small move of the desk paints nothing. */
function roomy(): Box {
    const v = view.visible;
    return { x: v.x - v.w / 2, y: v.y - v.h / 2, w: v.w * 2, h: v.h * 2 };
}

function paint(): void {
    if (!painting || !paintable) return;
    paintedView = roomy();
    painting.sync(paintable, paintedView);
    painting.hide(view.editing?.item ?? null);
}

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
watch(
    () => view.editing,
    () => painting?.hide(view.editing?.item ?? null),
);

function onCanvas(event: MouseEvent): Point {
    const box = plane.value?.getBoundingClientRect();
    return { x: event.clientX - (box?.left ?? 0), y: event.clientY - (box?.top ?? 0) };
}

const onSheet = (event: MouseEvent) => view.toSheet(onCanvas(event));
const under = (point: Point) => itemsAt(desk.tree, point, 1 / view.zoom);

/** What a click takes of what lies there: the child of the group that is entered, or else what lies on the sheet itself. */
function meant(point: Point, deep: boolean): string | null {
    const [first] = under(point);
    if (!first) return null;
    if (deep) return first.id;
    return (
        (desk.entered ? desk.tree.childOf(desk.entered, first.id)?.id : undefined) ??
        desk.tree.childOf(null, first.id)?.id ??
        null
    );
}

function onDown(event: PointerEvent): void {
    if (gesture.value || (event.button !== 0 && event.button !== 1)) return;
    plane.value?.focus({ preventScroll: true });
    const at = onSheet(event);
    if (event.button === 1 || spaceHeld.value) begin(event, panGesture(at));
    else if (view.tool !== 'select') begin(event, drawGesture(view.tool, at));
    else press(event, at);
}

function press(event: PointerEvent, at: Point): void {
    const id = meant(at, event.ctrlKey || event.metaKey);
    if (id === null) {
        begin(event, bandGesture(at, event.shiftKey));
        return;
    }
    const was = desk.selection.includes(id);
    if (event.shiftKey) desk.toggle([id]);
    else if (!was) {
        desk.select([id]);
        if (desk.entered && !desk.tree.ancestors(id).some((group) => group.id === desk.entered)) desk.entered = null;
    }
    if (!desk.selection.includes(id)) return;
    begin(
        event,
        moveGesture(at, liftItems, () => {
            if (was && !event.shiftKey) desk.select([id]);
        }),
    );
}

function liftItems(ids: string[]): void {
    painting?.lift(ids, desk.tree, paintedView ?? roomy());
}

function grip(event: PointerEvent, handle: Handle, frame: Box, angle: number): void {
    if (event.button !== 0) return;
    event.stopPropagation();
    begin(event, sizeGesture(onSheet(event), handle, frame, angle));
}

function turn(event: PointerEvent, frame: Box, angle: number): void {
    if (event.button !== 0) return;
    event.stopPropagation();
    begin(event, turnGesture(onSheet(event), frame, angle));
}

function begin(event: PointerEvent, next: Gesture): void {
    gesture.value = next;
    view.hovered = null;
    plane.value?.setPointerCapture(event.pointerId);
    event.preventDefault();
}

function onMove(event: PointerEvent): void {
    view.pointer = onCanvas(event);
    const at = onSheet(event);
    if (gesture.value) follow(at, event);
    else view.hovered = view.tool === 'select' ? meant(at, event.ctrlKey || event.metaKey) : null;
}

/** The browser may take the capture away while the button is still held, when the page under the pointer changes. */
function onLost(event: PointerEvent): void {
    if (!gesture.value) return;
    if (event.buttons === 0) giveBack();
    else plane.value?.setPointerCapture(event.pointerId);
}

function onLeave(): void {
    if (gesture.value) return;
    view.pointer = null;
    view.hovered = null;
}

function onDouble(event: MouseEvent): void {
    const [first] = under(onSheet(event));
    if (!first) return;
    const inside = desk.tree.childOf(desk.entered, first.id) ?? desk.tree.childOf(null, first.id);
    if (inside?.kind === 'group') {
        desk.entered = inside.id;
        desk.select([desk.tree.childOf(inside.id, first.id)?.id ?? inside.id]);
    } else if (first.kind === 'text') {
        desk.select([first.id]);
        view.editing = { item: first.id, at: first.frame };
    }
}

/** The menu belongs to what lies under the pointer, unless that is part of what is selected. */
function openMenu(event: MouseEvent): void {
    const at = onSheet(event);
    const id = meant(at, event.ctrlKey || event.metaKey);
    if (id !== null && !desk.selection.includes(id)) desk.select([id]);
    emit('menu', event, under(at));
}

function onWheel(event: WheelEvent): void {
    if (event.ctrlKey || event.metaKey) view.zoomTo(view.zoom * Math.exp(-event.deltaY * 0.0022), onCanvas(event));
    else if (event.shiftKey) view.panBy(-(event.deltaY || event.deltaX), 0);
    else view.panBy(-event.deltaX, -event.deltaY);
}

const observer = new ResizeObserver(([entry]) => {
    if (!entry) return;
    const first = view.size.w === 0;
    view.size = { w: Math.round(entry.contentRect.width), h: Math.round(entry.contentRect.height) };
    if (desk.sheet && (first || view.fitted)) fitSheet();
});

function fitSheet(): void {
    if (!desk.sheet) return;
    view.fit({ x: 0, y: 0, w: desk.sheet.width, h: desk.sheet.height });
    view.fitted = true;
}

watch(() => desk.sheet?.id, fitSheet, { flush: 'post' });

onMounted(async () => {
    if (plane.value) observer.observe(plane.value);
    if (still.value && air.value) painting = new Painting(still.value, air.value);
    await show();
});

onBeforeUnmount(() => {
    observer.disconnect();
    view.size = { w: 0, h: 0 };
});
</script>

<template>
    <div class="stage" :class="{ bare: view.bare }">
        <div class="corner">
            <svg width="20" height="20" aria-hidden="true"><path d="M6 5v9h9" /></svg>
        </div>
        <Ruler axis="x" />
        <Ruler axis="y" />
        <div
            ref="plane"
            class="plane"
            tabindex="0"
            role="application"
            :aria-label="`Sheet ${desk.sheet?.name ?? ''}`"
            :style="{ cursor }"
            @pointerdown="onDown"
            @pointermove="onMove"
            @pointerup="end"
            @pointercancel="giveBack"
            @lostpointercapture="onLost"
            @pointerleave="onLeave"
            @dblclick="onDouble"
            @wheel.prevent="onWheel"
            @contextmenu.prevent="openMenu"
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
            <GuideLines />
            <Overlay />
            <Ghosts />
            <SelectionMarks @grip="grip" @turn="turn" />
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
    background: var(--well);
    border-right: 1px solid var(--line);
    border-bottom: 1px solid var(--line);
}
.corner path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.5;
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
    stroke: var(--ink) !important;
    stroke-width: 1px !important;
    vector-effect: non-scaling-stroke;
}
.sheet {
    stroke: var(--edge);
    stroke-width: 1;
    vector-effect: non-scaling-stroke;
}
</style>
