<script setup lang="ts">
import type { Box, Item, Point } from '@/api/types';
import { applied } from '@/desk/geometry';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import { ghost, lift } from './gestures/gesture';
import { HANDLES, handlePlace, type Handle } from './gestures/size';

/** What lies over the sheet and is never part of it: outlines, brackets, slices, what is being drawn. Hairlines of the screen. */
const emit = defineEmits<{ grip: [event: PointerEvent, handle: Handle, frame: Box, angle: number] }>();
const desk = useDesk();
const view = useView();

const ARM = 9;

function outlineOf(item: Item): string {
    const placement = desk.tree.toSheet(item.id);
    const origin = item.origin ?? { x: 0, y: 0 };
    const { w, h } = item.frame;
    const corners = [
        [0, 0],
        [w, 0],
        [w, h],
        [0, h],
    ];
    return corners
        .map(([x = 0, y = 0]) => view.toScreen(applied(placement, { x: origin.x + x, y: origin.y + y })))
        .map((p) => `${p.x},${p.y}`)
        .join(' ');
}

const hovered = computed(() => {
    const item = view.hovered === null ? undefined : desk.items.get(view.hovered);
    return item && !desk.selection.includes(item.id) ? outlineOf(item) : null;
});

/** More outlines than this say nothing any more; the brackets round all of them do. */
const outlines = computed(() => (desk.selected.length > 200 ? [] : desk.selected.map(outlineOf)));

/** The box that carries brackets and handles: of one item its own frame, turned with it; of several, their common bounds. */
const frame = computed<{ box: Box; angle: number } | null>(() => {
    const [only] = desk.selected;
    if (!only) return null;
    const placement = desk.tree.toSheet(only.id);
    if (desk.selected.length === 1 && placement.angle % 90 !== 0) {
        const origin = only.origin ?? { x: 0, y: 0 };
        const centre = applied(placement, { x: origin.x + only.frame.w / 2, y: origin.y + only.frame.h / 2 });
        const { w, h } = only.frame;
        return { box: { x: centre.x - w / 2, y: centre.y - h / 2, w, h }, angle: placement.angle };
    }
    return desk.selectedBox ? { box: desk.selectedBox, angle: 0 } : null;
});

function screenBox(box: Box): Box {
    const at = view.toScreen(box);
    return { x: at.x, y: at.y, w: box.w * view.zoom, h: box.h * view.zoom };
}

/** Corner brackets, as on a drawing, a little outside the box. */
function brackets(box: Box, out = 4, arm = ARM): string {
    const [l, t, r, b] = [box.x - out, box.y - out, box.x + box.w + out, box.y + box.h + out];
    return `M${l} ${t + arm}V${t}H${l + arm}M${r - arm} ${t}H${r}V${t + arm}M${r} ${b - arm}V${b}H${r - arm}M${l + arm} ${b}H${l}V${b - arm}`;
}

const held = computed(() => {
    if (!frame.value || view.editing) return null;
    const box = screenBox(frame.value.box);
    const centre = { x: box.x + box.w / 2, y: box.y + box.h / 2 };
    return { box, centre, angle: frame.value.angle };
});

const canSize = computed(() => desk.selection.some((id) => !desk.tree.isLocked(id)));

function gripBox(handle: Handle, box: Box): Box {
    const place = handlePlace(handle);
    const [w, h] = [place.x === 0.5 ? Math.max(box.w - 16, 4) : 14, place.y === 0.5 ? Math.max(box.h - 16, 4) : 14];
    const [x, y] = [box.x - 4 + (box.w + 8) * place.x, box.y - 4 + (box.h + 8) * place.y];
    return place.x === 0.5 || place.y === 0.5
        ? {
              x: x - (place.x === 0.5 ? w : 8) / 2,
              y: y - (place.y === 0.5 ? h : 8) / 2,
              w: place.x === 0.5 ? w : 8,
              h: place.y === 0.5 ? h : 8,
          }
        : { x: x - w / 2, y: y - h / 2, w, h };
}

function cursor(handle: Handle): string {
    const turnedBy = Math.round((frame.value?.angle ?? 0) / 45);
    const order = ['ew', 'nwse', 'ns', 'nesw'];
    const first = {
        left: 0,
        right: 0,
        'top-left': 1,
        'bottom-right': 1,
        top: 2,
        bottom: 2,
        'top-right': 3,
        'bottom-left': 3,
    }[handle];
    return `${order[(((first + turnedBy) % 4) + 4) % 4]}-resize`;
}

const slices = computed(() =>
    view.showSlices
        ? desk.slices.map((slice) => ({ ...slice, at: screenBox(slice), on: desk.selectedSlices.includes(slice.id) }))
        : [],
);

const drawn = computed(() => {
    const g = ghost.value;
    if (!g) return null;
    const box = screenBox(g.box);
    const ends = g.from && g.to ? { from: view.toScreen(g.from), to: view.toScreen(g.to) } : null;
    return { ...g, box, ends, centre: { x: box.x + box.w / 2, y: box.y + box.h / 2 } };
});

const words = computed<{ text: string; at: Point } | null>(() => {
    const text = lift.value?.label ?? ghost.value?.label;
    return text && view.pointer ? { text, at: { x: view.pointer.x + 14, y: view.pointer.y + 22 } } : null;
});

const shift = computed(() => (lift.value ? `translate(${lift.value.dx} ${lift.value.dy})` : undefined));
</script>

<template>
    <svg class="overlay" :width="view.size.w" :height="view.size.h" aria-hidden="true">
        <g v-if="!view.bare">
            <g v-for="slice in slices" :key="slice.id" class="slice" :class="{ on: slice.on }">
                <rect :x="slice.at.x" :y="slice.at.y" :width="slice.at.w" :height="slice.at.h" />
                <path :d="brackets(slice.at, 3, 7)" />
                <g
                    v-if="slice.at.w > 40 && slice.at.h > 16"
                    :transform="`translate(${slice.at.x + slice.at.w} ${slice.at.y + slice.at.h})`"
                >
                    <rect
                        class="tag"
                        :x="-Math.min(slice.at.w, slice.name.length * 6.4 + 12)"
                        y="-15"
                        :width="Math.min(slice.at.w, slice.name.length * 6.4 + 12)"
                        height="15"
                    />
                    <text x="-6" y="-4" text-anchor="end">
                        {{ slice.name.slice(0, Math.max(1, Math.floor((slice.at.w - 12) / 6.4))) }}
                    </text>
                </g>
            </g>
            <polygon v-if="hovered && !ghost && !lift" class="hovered" :points="hovered" />
            <g :transform="shift">
                <polygon v-for="(points, i) in outlines" :key="i" class="outline" :points="points" />
                <g v-if="held" :transform="`rotate(${held.angle} ${held.centre.x} ${held.centre.y})`">
                    <path class="brackets" :d="brackets(held.box)" />
                    <template v-if="canSize && view.tool === 'select' && !lift && !ghost">
                        <rect
                            v-for="handle in HANDLES"
                            :key="handle"
                            class="grip"
                            :data-handle="handle"
                            v-bind="{
                                x: gripBox(handle, held.box).x,
                                y: gripBox(handle, held.box).y,
                                width: gripBox(handle, held.box).w,
                                height: gripBox(handle, held.box).h,
                            }"
                            :style="{ cursor: cursor(handle) }"
                            @pointerdown="frame && emit('grip', $event, handle, frame.box, frame.angle)"
                        />
                    </template>
                </g>
            </g>
        </g>
        <g
            v-if="drawn"
            :class="['ghost', drawn.kind]"
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
                v-else-if="drawn.kind === 'round'"
                :cx="drawn.centre.x"
                :cy="drawn.centre.y"
                :rx="drawn.box.w / 2"
                :ry="drawn.box.h / 2"
            />
            <rect v-else :x="drawn.box.x" :y="drawn.box.y" :width="drawn.box.w" :height="drawn.box.h" />
        </g>
        <g v-if="words" class="words" :transform="`translate(${words.at.x} ${words.at.y})`">
            <rect x="-5" y="-13" :width="words.text.length * 7.3 + 10" height="19" rx="3" />
            <text>{{ words.text }}</text>
        </g>
    </svg>
</template>

<style scoped>
.overlay {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
.outline {
    fill: none;
    stroke: var(--spruce);
    stroke-width: 1;
    opacity: 0.75;
}
.hovered {
    fill: none;
    stroke: var(--spruce);
    stroke-width: 1.5;
    stroke-dasharray: 5 3;
}
.brackets {
    fill: none;
    stroke: var(--spruce);
    stroke-width: 2;
}
.grip {
    fill: transparent;
    pointer-events: all;
}
.ghost {
    fill: none;
    stroke: var(--spruce);
    stroke-width: 1.2;
}
.ghost.band {
    fill: rgb(23 97 79 / 8%);
    stroke-dasharray: 4 3;
}
.words rect {
    fill: var(--ink);
}
.words text {
    fill: #f4f1e8;
    font: 600 12px var(--figures);
    white-space: pre;
}
.slice rect {
    fill: none;
    stroke: var(--ochre);
    stroke-width: 1;
    stroke-dasharray: 3 3;
}
.slice path {
    fill: none;
    stroke: var(--ochre);
    stroke-width: 1.6;
}
.slice .tag {
    fill: var(--ochre-text);
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
