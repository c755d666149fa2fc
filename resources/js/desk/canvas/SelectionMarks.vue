<script setup lang="ts">
import type { Box } from '@/api/types';
import { applied, union } from '@/sheet/geometry';
import { is } from '@/sheet/kinds';
import { useDesk } from '@/stores/desk';
import { useSquaring } from '@/stores/squaring';
import { useTable } from '@/stores/table';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import { ghost, lift } from './gestures/gesture';
import { HANDLES, handlePlace, type Handle } from './gestures/size';
import { layerFor, layerStyle } from './layers';
import { brackets, outlineOf, screenBox } from './marks';

/** Brackets, outlines and handles of what is selected, moved along with a drag. */
const emit = defineEmits<{
    grip: [event: PointerEvent, handle: Handle, frame: Box, angle: number];
    turn: [event: PointerEvent, frame: Box, angle: number];
}>();
const desk = useDesk();
const view = useView();
const squaring = useSquaring();
const table = useTable();

/** More outlines than this say nothing any more; the brackets round all of them do. */
const MOST_OUTLINES = 200;
const CORNER = 14;
const SIDE = 8;

/** While squaring up is shown, what was understood says more. */
const outlines = computed(() =>
    squaring.isOpen || desk.selected.length > MOST_OUTLINES || desk.edited.length > 0
        ? []
        : desk.selected.map((item) => outlineOf(item)),
);

/** The box that carries brackets and handles: of one item its own frame, turned with it; of several, their common bounds. */
const frame = computed<{ box: Box; angle: number } | null>(() => {
    const [only] = desk.selected;
    if (!only) return null;
    if (is(only, 'named-after-others')) return desk.selectedBox ? { box: desk.selectedBox, angle: 0 } : null;
    const placement = desk.tree.toSheet(only.id);
    if (desk.selected.length === 1 && placement.angle % 90 !== 0) {
        const origin = only.origin ?? { x: 0, y: 0 };
        const { w, h } = only.frame;
        const centre = applied(placement, { x: origin.x + w / 2, y: origin.y + h / 2 });
        return { box: { x: centre.x - w / 2, y: centre.y - h / 2, w, h }, angle: placement.angle };
    }
    return desk.selectedBox ? { box: desk.selectedBox, angle: 0 } : null;
});

const held = computed(() => {
    if (!frame.value || view.editing || desk.edited.length > 0 || table.isOpen) return null;
    const box = screenBox(frame.value.box);
    return { box, centre: { x: box.x + box.w / 2, y: box.y + box.h / 2 }, angle: frame.value.angle };
});

const grips = computed(() =>
    held.value &&
    view.tool === 'select' &&
    !lift.value &&
    !ghost.value &&
    desk.selected.some((item) => !desk.tree.isLocked(item.id))
        ? HANDLES.map((handle) => ({ handle, ...gripBox(handle, held.value!.box), cursor: cursor(handle) }))
        : [],
);

function gripBox(handle: Handle, box: Box): { x: number; y: number; width: number; height: number } {
    const place = handlePlace(handle);
    const [x, y] = [box.x - 4 + (box.w + 8) * place.x, box.y - 4 + (box.h + 8) * place.y];
    const along = (share: number, size: number, other: number) =>
        share === 0.5 ? Math.max(size - 16, 4) : other === 0.5 ? SIDE : CORNER;
    const width = along(place.x, box.w, place.y);
    const height = along(place.y, box.h, place.x);
    return { x: x - width / 2, y: y - height / 2, width, height };
}

function cursor(handle: Handle): string {
    const turnedBy = Math.round((frame.value?.angle ?? 0) / 45);
    const directions = ['ew', 'nwse', 'ns', 'nesw'];
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
    return `${directions[(((first + turnedBy) % 4) + 4) % 4]}-resize`;
}

const around = computed(() => {
    if (!held.value || !desk.selectedBox) return null;
    const { box, centre, angle } = held.value;
    const reach = angle === 0 ? box : { w: Math.hypot(box.w, box.h), h: Math.hypot(box.w, box.h) };
    return union([
        screenBox(desk.selectedBox),
        { x: centre.x - reach.w / 2, y: centre.y - reach.h / 2, w: reach.w, h: reach.h },
    ]);
});
const area = computed(() => (around.value ? layerFor(around.value) : null));
</script>

<template>
    <svg
        v-if="area && !view.bare"
        class="marks"
        :width="area.w"
        :height="area.h"
        :viewBox="`${area.x} ${area.y} ${area.w} ${area.h}`"
        :style="layerStyle(area)"
        aria-hidden="true"
    >
        <polygon v-for="(points, i) in outlines" :key="i" class="outline" :points="points" />
        <g v-if="held" :transform="`rotate(${held.angle} ${held.centre.x} ${held.centre.y})`">
            <path class="brackets" :d="brackets(held.box)" />
            <rect
                v-for="grip in grips"
                :key="grip.handle"
                class="grip"
                :data-handle="grip.handle"
                :x="grip.x"
                :y="grip.y"
                :width="grip.width"
                :height="grip.height"
                :style="{ cursor: grip.cursor }"
                @pointerdown="frame && emit('grip', $event, grip.handle, frame.box, frame.angle)"
            />
            <g
                v-if="grips.length && desk.selection.length"
                class="turner"
                data-handle="turn"
                :transform="`translate(${held.box.x + held.box.w + 15} ${held.box.y - 15})`"
                @pointerdown="frame && emit('turn', $event, frame.box, frame.angle)"
            >
                <circle r="10" />
                <path d="M-5 -4A6.500 6.500 0 0 1 4 5M4 5l-3.500 -.5M4 5l1 -3.500" />
            </g>
        </g>
    </svg>
</template>

<style scoped>
.marks {
    position: absolute;
    pointer-events: none;
    overflow: hidden;
    will-change: transform;
}
.outline {
    fill: none;
    stroke: var(--mark);
    stroke-width: 1;
    opacity: 0.75;
}
.brackets {
    fill: none;
    stroke: var(--mark);
    stroke-width: 2;
}
.turner {
    pointer-events: all;
    cursor: grab;
}
.turner circle {
    fill: transparent;
}
.turner path {
    fill: none;
    stroke: var(--mark);
    stroke-width: 1.6;
}
.turner:hover path {
    stroke-width: 2.4;
}
.grip {
    fill: transparent;
    pointer-events: all;
}
</style>
