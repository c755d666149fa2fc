<script setup lang="ts">
import type { Axis, Item, Point } from '@/api/types';
import { followPointer } from '@/parts/dragging';
import { useFocusBack } from '@/parts/focus';
import { applied, inverse, mirrored, mirrorTransform, svgTransform, union } from '@/sheet/geometry';
import { boxOf, placeAt, type Place } from '@/sheet/cells';
import { useDesk } from '@/stores/desk';
import { useTable } from '@/stores/table';
import { useView } from '@/stores/view';
import { computed, ref } from 'vue';
import CellField from './CellField.vue';
import { dragEdge, dragged, dragTracks, moving } from './gestures';

/** A table that is worked in: its cells are chosen, its columns and rows taken hold of by the bars beside them and by their edges. */
const props = defineProps<{ item: Item }>();
const desk = useDesk();
const view = useView();
const table = useTable();
const field = ref<InstanceType<typeof CellField> | null>(null);
const plane = ref<HTMLElement | null>(null);

/** px of the screen */
const BAR = 16;
const GRASP = 7;

const toSheet = computed(() => desk.tree.toSheet(props.item.id));
const camera = computed(() => `matrix(${view.zoom} 0 0 ${view.zoom} ${view.pan.x} ${view.pan.y})`);
const px = computed(() => 1 / view.zoom);
const tracks = computed(() => table.tracks ?? { x: [0, 0], y: [0, 0] });
const chosen = computed(() => boxOf(tracks.value, table.area));
const width = computed(() => tracks.value.x.at(-1) ?? 0);
const height = computed(() => tracks.value.y.at(-1) ?? 0);

/** What of the table is on the screen, px from its top left. */
const visible = computed(() => {
    const { x, y, w, h } = view.visible;
    const corners = [
        { x, y },
        { x: x + w, y },
        { x, y: y + h },
        { x: x + w, y: y + h },
    ].map((corner) => mirrored(props.item, applied(inverse(toSheet.value), corner)));
    return union(corners.map((corner) => ({ ...corner, w: 0, h: 0 }))) ?? { x: 0, y: 0, w: 0, h: 0 };
});

/** Those columns or rows that are on the screen. */
function shown(axis: Axis) {
    const edges = tracks.value[axis];
    const seen = visible.value;
    const [low, high] = axis === 'x' ? [seen.x, seen.x + seen.w] : [seen.y, seen.y + seen.h];
    const bars: { i: number; from: number; to: number; on: boolean }[] = [];
    for (let i = 0; 2 * i < edges.length; i++) {
        const [from, to] = [edges[2 * i] ?? 0, edges[2 * i + 1] ?? 0];
        if (to < low || from > high) continue;
        const { row, column, rows, columns } = table.area;
        bars.push({ i, from, to, on: axis === 'x' ? i >= column && i < column + columns : i >= row && i < row + rows });
    }
    return bars;
}
const columns = computed(() => shown('x'));
const rows = computed(() => shown('y'));

function own(event: PointerEvent | MouseEvent): Point {
    const around = plane.value?.getBoundingClientRect();
    const at = view.toSheet({ x: event.clientX - (around?.left ?? 0), y: event.clientY - (around?.top ?? 0) });
    return mirrored(props.item, applied(inverse(toSheet.value), at));
}

const isIn = ({ x, y }: Point) => x >= 0 && y >= 0 && x <= width.value && y <= height.value;

/** Beside the table, a press ends working in it. */
function press(event: PointerEvent): void {
    if (event.button !== 0) return;
    const at = own(event);
    if (!isIn(at)) {
        field.value?.keep();
        table.leave();
        return;
    }
    event.preventDefault();
    event.stopPropagation();
    const start = placeAt(tracks.value, at);
    table.choose(event.shiftKey ? table.from : start, start, 'cells');
    follow(event.shiftKey ? table.from : start, 'cells');
}

function follow(start: Place, what: 'cells' | 'columns' | 'rows'): void {
    followPointer(
        (move) => {
            const end = placeAt(tracks.value, own(move));
            if (end.row !== table.to.row || end.column !== table.to.column) table.choose(start, end, what);
        },
        () => field.value?.focus(),
    );
}

/** A bar is pressed to choose its column or row; what is chosen already is dragged to another place. */
function pressBar(event: PointerEvent, axis: Axis, i: number, on: boolean): void {
    if (event.button !== 0) return;
    event.preventDefault();
    event.stopPropagation();
    const what = axis === 'x' ? 'columns' : 'rows';
    if (on && table.chosen === what && !event.shiftKey) {
        dragTracks(props.item, tracks.value, axis, own);
        return;
    }
    const place = axis === 'x' ? { row: 0, column: i } : { row: i, column: 0 };
    const start = event.shiftKey && table.chosen === what ? table.from : place;
    table.choose(start, place, what);
    follow(start, what);
}

function pressEdge(event: PointerEvent, axis: Axis, i: number): void {
    if (event.button !== 0) return;
    event.preventDefault();
    event.stopPropagation();
    field.value?.keep();
    dragEdge(event, props.item, tracks.value, axis, i, own);
}

/** An edge that is pressed twice fits its column or row to what is in it. */
const fit = (axis: Axis, i: number) => void table.size(axis, { sizing: 'content' }, [i]);

function add(axis: Axis): void {
    void desk.run('add-tracks', { axis }, [props.item.id]);
}

useFocusBack();
</script>

<template>
    <div ref="plane" class="table-grid" @pointerdown="press" @dblclick.stop="isIn(own($event)) && field?.begin()">
        <svg :width="view.size.w" :height="view.size.h">
            <g :transform="camera">
                <g :transform="svgTransform(toSheet)">
                    <g :transform="mirrorTransform(item)">
                        <rect class="cells" :width="width" :height="height" />
                        <rect class="chosen" :x="chosen.x" :y="chosen.y" :width="chosen.w" :height="chosen.h" />
                        <g
                            v-for="bar in columns"
                            :key="`x${bar.i}`"
                            class="bar"
                            :class="{ on: bar.on, all: bar.on && table.chosen === 'columns' }"
                            :data-column="bar.i"
                            @pointerdown="pressBar($event, 'x', bar.i, bar.on)"
                        >
                            <rect :x="bar.from" :y="-(BAR + 4) * px" :width="bar.to - bar.from" :height="BAR * px" />
                            <text
                                v-if="(bar.to - bar.from) * view.zoom > 12"
                                :x="(bar.from + bar.to) / 2"
                                :y="-8.5 * px"
                                :font-size="10 * px"
                                text-anchor="middle"
                            >
                                {{ bar.i + 1 }}
                            </text>
                        </g>
                        <g
                            v-for="bar in rows"
                            :key="`y${bar.i}`"
                            class="bar"
                            :class="{ on: bar.on, all: bar.on && table.chosen === 'rows' }"
                            :data-row-bar="bar.i"
                            @pointerdown="pressBar($event, 'y', bar.i, bar.on)"
                        >
                            <rect
                                :x="-(BAR + 8) * px"
                                :y="bar.from"
                                :width="(BAR + 4) * px"
                                :height="bar.to - bar.from"
                            />
                            <text
                                v-if="(bar.to - bar.from) * view.zoom > 11"
                                :x="-14 * px"
                                :y="(bar.from + bar.to) / 2 + 3.5 * px"
                                :font-size="10 * px"
                                text-anchor="middle"
                            >
                                {{ bar.i + 1 }}
                            </text>
                        </g>
                        <rect
                            v-for="bar in columns"
                            :key="`ex${bar.i}`"
                            class="edge x"
                            :data-edge="`x${bar.i}`"
                            :x="bar.to - (GRASP / 2) * px"
                            :y="-(BAR + 4) * px"
                            :width="GRASP * px"
                            :height="height + (BAR + 4) * px"
                            @pointerdown="pressEdge($event, 'x', bar.i)"
                            @dblclick.stop="fit('x', bar.i)"
                        />
                        <rect
                            v-for="bar in rows"
                            :key="`ey${bar.i}`"
                            class="edge y"
                            :data-edge="`y${bar.i}`"
                            :x="-(BAR + 8) * px"
                            :y="bar.to - (GRASP / 2) * px"
                            :width="(BAR + 4) * px"
                            :height="GRASP * px"
                            @pointerdown="pressEdge($event, 'y', bar.i)"
                            @dblclick.stop="fit('y', bar.i)"
                        />
                        <g
                            class="more"
                            :transform="`translate(${width + 6 * px} ${-(BAR + 4) * px}) scale(${px})`"
                            @pointerdown.stop.prevent="add('x')"
                        >
                            <rect width="16" height="16" rx="3" />
                            <path d="M8 4v8M4 8h8" />
                            <title>Add a column</title>
                        </g>
                        <g
                            class="more"
                            :transform="`translate(${-(BAR + 6) * px} ${height + 6 * px}) scale(${px})`"
                            @pointerdown.stop.prevent="add('y')"
                        >
                            <rect width="16" height="16" rx="3" />
                            <path d="M8 4v8M4 8h8" />
                            <title>Add a row</title>
                        </g>
                        <template v-if="dragged">
                            <line
                                v-for="edge in dragged.edges"
                                :key="edge"
                                class="dragged"
                                :x1="dragged.axis === 'x' ? edge : 0"
                                :x2="dragged.axis === 'x' ? edge : width"
                                :y1="dragged.axis === 'y' ? edge : 0"
                                :y2="dragged.axis === 'y' ? edge : height"
                            />
                        </template>
                        <line
                            v-if="moving"
                            class="moving"
                            :x1="moving.axis === 'x' ? moving.at : -(BAR + 8) * px"
                            :x2="moving.axis === 'x' ? moving.at : width"
                            :y1="moving.axis === 'y' ? moving.at : -(BAR + 4) * px"
                            :y2="moving.axis === 'y' ? moving.at : height"
                        />
                    </g>
                </g>
            </g>
        </svg>
        <CellField ref="field" :item="item" />
    </div>
</template>

<style scoped>
.table-grid {
    position: absolute;
    inset: 0;
    overflow: hidden;
    cursor: default;
}
svg {
    position: absolute;
    inset: 0;
}
.cells {
    fill: transparent;
    cursor: cell;
}
.chosen {
    fill: rgb(23 97 79 / 9%);
    stroke: var(--mark);
    stroke-width: 2px;
    vector-effect: non-scaling-stroke;
    pointer-events: none;
}
.bar rect {
    fill: var(--well);
    stroke: var(--line);
    stroke-width: 1px;
    vector-effect: non-scaling-stroke;
}
.bar {
    cursor: pointer;
}
.bar text {
    fill: var(--soft);
    font-family: var(--figures);
    user-select: none;
}
.bar.on rect {
    fill: var(--spruce-wash);
}
.bar.all rect {
    fill: var(--spruce);
}
.bar.all {
    cursor: grab;
}
.bar.all text {
    fill: var(--on-spruce);
}
.edge {
    fill: transparent;
}
.edge:hover {
    fill: rgb(23 97 79 / 35%);
}
.edge.x {
    cursor: ew-resize;
}
.edge.y {
    cursor: ns-resize;
}
.more {
    cursor: pointer;
}
.more rect {
    fill: var(--well);
    stroke: var(--line);
}
.more:hover rect {
    fill: var(--spruce-wash);
}
.more path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.4;
}
.dragged {
    stroke: var(--mark);
    stroke-width: 1.5px;
    stroke-dasharray: 4 3;
    vector-effect: non-scaling-stroke;
}
.moving {
    stroke: var(--mark-ochre);
    stroke-width: 3px;
    vector-effect: non-scaling-stroke;
}
</style>
