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
import TrackBars from './TrackBars.vue';
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
const AXES = ['x', 'y'] as const;

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
                        <TrackBars
                            v-for="axis in AXES"
                            :key="axis"
                            :axis="axis"
                            :tracks="tracks"
                            :visible="visible"
                            @press="(event, i, on) => pressBar(event, axis, i, on)"
                            @edge="(event, i) => pressEdge(event, axis, i)"
                            @fit="(i) => fit(axis, i)"
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
