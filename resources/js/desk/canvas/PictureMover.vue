<script setup lang="ts">
import type { Box, Item, Point } from '@/api/types';
import { followPointer } from '@/parts/dragging';
import { useFocusBack } from '@/parts/focus';
import { applied, inverse, mirrored, mirrorTransform, rounded, svgTransform, whole } from '@/sheet/geometry';
import { addressOf, placedIn, sidesOf } from '@/sheet/pictures';
import { useDesk } from '@/stores/desk';
import { usePictures } from '@/stores/pictures';
import { useView } from '@/stores/view';
import { computed, onMounted, ref } from 'vue';

/** The picture under its frame, the rest of it shown faintly: dragged to be moved, by its corners to be larger or smaller. */
const props = defineProps<{ item: Item }>();
const desk = useDesk();
const view = useView();
const pictures = usePictures();
const held = ref<Box | null>(null);
const field = ref<HTMLElement | null>(null);

const LEAST = 0.0001;
const CORNERS = [
    { x: 0, y: 0 },
    { x: 1, y: 0 },
    { x: 1, y: 1 },
    { x: 0, y: 1 },
];
const STEPS: Record<string, Point> = {
    ArrowLeft: { x: -1, y: 0 },
    ArrowRight: { x: 1, y: 0 },
    ArrowUp: { x: 0, y: -1 },
    ArrowDown: { x: 0, y: 1 },
};

const key = computed(() => props.item.fields.picture ?? '');
const address = computed(() => addressOf(key.value));
/** where the whole picture lies, px from the frame's top left */
const box = computed(() => held.value ?? placedIn(props.item) ?? { ...props.item.frame, x: 0, y: 0 });
const camera = computed(() => `matrix(${view.zoom} 0 0 ${view.zoom} ${view.pan.x} ${view.pan.y})`);
const toSheet = computed(() => desk.tree.toSheet(props.item.id));
const edge = computed(() => props.item.painting?.hit?.path ?? '');
const grip = computed(() => 10 / view.zoom);
const percent = computed(() => `${rounded((box.value.w / sidesOf(key.value).width) * 100)} %`);

function ownPoint(event: PointerEvent): Point {
    const around = field.value?.getBoundingClientRect();
    const at = view.toSheet({ x: event.clientX - (around?.left ?? 0), y: event.clientY - (around?.top ?? 0) });
    return mirrored(props.item, applied(inverse(toSheet.value), at));
}

const kept = (length: number) => (desk.sheet?.whole_pixels ? whole(length) : rounded(length));
const within = (share: number) => Math.min(1, Math.max(0, share));

/** As far as the middle of the frame still shows some of it. */
function clamped({ x, y, w, h }: Box): Box {
    const { frame } = props.item;
    return {
        x: Math.min(frame.w / 2, Math.max(frame.w / 2 - w, x)),
        y: Math.min(frame.h / 2, Math.max(frame.h / 2 - h, y)),
        w,
        h,
    };
}

function set({ x, y, w, h }: Box): void {
    const { frame } = props.item;
    const { width } = sidesOf(key.value);
    const focus = { x: within((frame.w / 2 - x) / w), y: within((frame.h / 2 - y) / h) };
    void desk.run('fit-picture', { fit: 'hand', scale: w / width, focus }, [props.item.id]);
}

/** What was stretched has one scale again before it is moved. */
function upright(): Box {
    const { x, y, w, h } = box.value;
    const { width, height } = sidesOf(key.value);
    const scale = Math.max(w / width, h / height);
    return { x: x + (w - width * scale) / 2, y: y + (h - height * scale) / 2, w: width * scale, h: height * scale };
}

function drag(event: PointerEvent, moved: (by: Point, from: Box) => Box): void {
    if (event.button !== 0) return;
    event.stopPropagation();
    event.preventDefault();
    const [start, from] = [ownPoint(event), upright()];
    const move = (to: PointerEvent) => {
        const at = ownPoint(to);
        held.value = clamped(moved({ x: at.x - start.x, y: at.y - start.y }, from));
    };
    followPointer(move, (at) => {
        if (at && held.value) set(held.value);
        held.value = null;
    });
}

const move = (by: Point, from: Box): Box => ({ ...from, x: kept(from.x + by.x), y: kept(from.y + by.y) });

/** The corner across stays where it is. */
function size(corner: Point) {
    return (by: Point, from: Box): Box => {
        const outward = (corner.x === 1 ? by.x : -by.x) / from.w + (corner.y === 1 ? by.y : -by.y) / from.h;
        const factor = Math.max(LEAST, 1 + outward / 2);
        const [w, h] = [from.w * factor, from.h * factor];
        return {
            x: corner.x === 1 ? from.x : from.x + from.w - w,
            y: corner.y === 1 ? from.y : from.y + from.h - h,
            w,
            h,
        };
    };
}

function onKey(event: KeyboardEvent): void {
    const step = STEPS[event.key];
    if (['Escape', 'Enter'].includes(event.key)) end();
    else if (step) {
        const far = event.shiftKey ? 10 : 1;
        const from = upright();
        set(clamped({ ...from, x: from.x + step.x * far, y: from.y + step.y * far }));
    } else return;
    event.preventDefault();
    event.stopPropagation();
}

function end(): void {
    pictures.moved = null;
}

onMounted(() => field.value?.focus({ preventScroll: true }));
useFocusBack();
</script>

<template>
    <div
        ref="field"
        class="mover"
        tabindex="0"
        role="application"
        :aria-label="`${item.name} under its frame: arrows move it, Enter ends it`"
        @keydown="onKey"
        @pointerdown.stop="end"
        @dblclick.stop
    >
        <svg :width="view.size.w" :height="view.size.h" aria-hidden="true">
            <g :transform="camera">
                <g :transform="svgTransform(toSheet)">
                    <g :transform="mirrorTransform(item)">
                        <clipPath id="moved-picture"><path :d="edge" /></clipPath>
                        <image
                            class="rest"
                            :href="address"
                            :x="box.x"
                            :y="box.y"
                            :width="box.w"
                            :height="box.h"
                            preserveAspectRatio="none"
                            @pointerdown="drag($event, move)"
                        />
                        <g clip-path="url(#moved-picture)" class="seen">
                            <image
                                :href="address"
                                :x="box.x"
                                :y="box.y"
                                :width="box.w"
                                :height="box.h"
                                preserveAspectRatio="none"
                            />
                        </g>
                        <path class="edge" :d="edge" />
                        <rect class="whole" :x="box.x" :y="box.y" :width="box.w" :height="box.h" />
                        <rect
                            v-for="corner in CORNERS"
                            :key="`${corner.x}${corner.y}`"
                            class="grip"
                            :x="box.x + corner.x * box.w - grip / 2"
                            :y="box.y + corner.y * box.h - grip / 2"
                            :width="grip"
                            :height="grip"
                            @pointerdown="drag($event, size(corner))"
                        />
                    </g>
                </g>
            </g>
        </svg>
        <p class="size">{{ percent }} of its pixels</p>
    </div>
</template>

<style scoped>
.mover {
    position: absolute;
    inset: 0;
    z-index: 3;
    outline: 0;
}
.rest {
    opacity: 0.35;
    cursor: move;
}
.seen,
.edge,
.whole {
    pointer-events: none;
}
.edge,
.whole {
    fill: none;
    stroke: var(--mark);
    stroke-width: 1;
    vector-effect: non-scaling-stroke;
}
.whole {
    stroke-dasharray: 3 3;
}
.grip {
    fill: var(--card);
    stroke: var(--mark);
    vector-effect: non-scaling-stroke;
    cursor: nwse-resize;
}
.size {
    position: absolute;
    left: 12px;
    bottom: 10px;
    margin: 0;
    padding: 2px 8px;
    font: 12px var(--figures);
    background: var(--paper);
    border: 1px solid var(--line);
    pointer-events: none;
}
</style>
