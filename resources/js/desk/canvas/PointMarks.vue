<script setup lang="ts">
import { toParent, turned } from '@/sheet/geometry';
import { pathData, placed, runsOf, withMoved, type Mark } from '@/sheet/points';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import { dragged } from './gestures/points';
import { usePathDrawing } from './pathDrawing';

/** The points of paths that are edited, and the path that is drawn. */
const desk = useDesk();
const view = useView();
const drawing = usePathDrawing();

/** More than these are not told apart. */
const MOST = 3000;

const chosen = computed(() => new Set(desk.selectedPoints));
const paths = computed(() => desk.edited.flatMap((id) => desk.items.get(id) ?? []));

/** While points are dragged, the paths as they would be. */
const outlines = computed(() =>
    paths.value.map((item) => {
        const at = placed(desk.tree, item);
        const by = dragged.value;
        const runs = by ? withMoved(item, chosen.value, ofItem(item, by)) : runsOf(item);
        return pathData(runs, (point) => view.toScreen(at(point)));
    }),
);

/** A distance of the sheet in the axes of a path, which may be turned and mirrored. */
function ofItem(item: (typeof paths.value)[number], by: { x: number; y: number }) {
    const turn = desk.tree.toSheet(item.parent).angle + toParent(item).angle;
    const own = turned(by, -turn);
    const { flip } = item;
    return {
        x: flip === 'across' || flip === 'both' ? -own.x : own.x,
        y: flip === 'down' || flip === 'both' ? -own.y : own.y,
    };
}

const marks = computed(() =>
    desk.marks.slice(0, MOST).map((mark) => {
        const isOn = chosen.value.has(mark.ref);
        const by = dragged.value && (isOn || follows(mark)) ? dragged.value : { x: 0, y: 0 };
        return { ...mark, isOn, on: view.toScreen({ x: mark.at.x + by.x, y: mark.at.y + by.y }) };
    }),
);
const follows = (mark: Mark) => mark.control !== null && chosen.value.has(mark.ref.replace(/:(in|out)$/, ''));

const handles = computed(() => {
    const byRef = new Map(marks.value.map((mark) => [mark.ref, mark]));
    return marks.value.flatMap((mark) => {
        const at = mark.control && byRef.get(mark.ref.replace(/:(in|out)$/, ''));
        return at ? [`M${at.on.x} ${at.on.y}L${mark.on.x} ${mark.on.y}`] : [];
    });
});

/** A corner is a square, a point that a curve runs through a round, a control point a small one. */
function shape(mark: (typeof marks.value)[number]): string {
    const { x, y } = mark.on;
    const r = mark.control ? 3 : 3.5;
    return mark.control || mark.smooth
        ? `M${x - r} ${y}A${r} ${r} 0 1 1 ${x + r} ${y}A${r} ${r} 0 1 1 ${x - r} ${y}Z`
        : `M${x - r} ${y - r}h${2 * r}v${2 * r}h${-2 * r}Z`;
}

/** The shapes in a combined one that is entered; of a mask that one which masks the others. */
const opened = computed(() => {
    const item = desk.entered ? desk.items.get(desk.entered) : undefined;
    if (!item) return [];
    const mask = desk.tree.mask(item.id);
    const shapes = mask ? [mask] : item.fields.outcome ? desk.tree.children(item.id) : [];
    return shapes.flatMap((child) => {
        const placement = desk.tree.toSheet(child.id);
        const at = view.toScreen(placement);
        return child.painting?.hit && !child.hidden
            ? [
                  {
                      id: child.id,
                      path: child.painting.hit.path,
                      transform: `translate(${at.x} ${at.y}) rotate(${placement.angle}) scale(${view.zoom})`,
                  },
              ]
            : [];
    });
});
</script>

<template>
    <svg
        v-if="!view.bare && (paths.length || drawing.shown.value || opened.length)"
        class="points"
        :width="view.size.w"
        :height="view.size.h"
        aria-hidden="true"
    >
        <path v-for="one in opened" :key="one.id" class="inside" :d="one.path" :transform="one.transform" />
        <path v-for="(d, i) in outlines" :key="i" class="course" :d="d" />
        <path class="handles" :d="handles.join('')" />
        <path
            v-for="mark in marks"
            :key="mark.ref"
            class="mark"
            :class="{ on: mark.isOn, control: mark.control }"
            :data-point="mark.ref"
            :d="shape(mark)"
        />
        <g v-if="drawing.shown.value" class="drawn">
            <path class="course" :d="drawing.shown.value.path" />
            <path
                class="handles"
                :d="drawing.shown.value.handles.map(({ from, to }) => `M${from.x} ${from.y}L${to.x} ${to.y}`).join('')"
            />
            <path
                v-for="(at, i) in drawing.shown.value.marks"
                :key="i"
                class="mark"
                :class="{ on: i === 0 && drawing.shown.value.closes }"
                :d="`M${at.x - 3.5} ${at.y - 3.5}h7v7h-7Z`"
            />
        </g>
    </svg>
</template>

<style scoped>
.points {
    position: absolute;
    inset: 0;
    pointer-events: none;
    overflow: hidden;
}
.course {
    fill: none;
    stroke: var(--mark);
    stroke-width: 1.2;
}
.inside {
    fill: none;
    stroke: var(--mark);
    stroke-width: 1;
    stroke-dasharray: 4 3;
    vector-effect: non-scaling-stroke;
}
.handles {
    fill: none;
    stroke: var(--mark-ochre);
    stroke-width: 1;
}
.mark {
    fill: var(--card);
    stroke: var(--mark);
    stroke-width: 1.4;
}
.mark.control {
    stroke: var(--mark-ochre);
}
.mark.on {
    fill: var(--mark);
}
.mark.control.on {
    fill: var(--mark-ochre);
}
</style>
