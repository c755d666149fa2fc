<script setup lang="ts">
import { holderOf, isTray, railOf } from '@/sheet/containers';
import { is } from '@/sheet/kinds';
import { counted } from '@/sheet/words';
import { useBench, type Order } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { pressed, vRehearse } from '@/stores/rehearsal';
import { useTable } from '@/stores/table';
import { useView } from '@/stores/view';
import { readCount } from '@/sheet/sums';
import { computed } from 'vue';
import CircleFields from './CircleFields.vue';
import { gapsOf, gapWords } from './gaps';
import MakeRow from './MakeRow.vue';
import PinFields from './PinFields.vue';
import PointFields from './PointFields.vue';
import BerthFields from './BerthFields.vue';
import RailFields from './RailFields.vue';
import RoomFields from './RoomFields.vue';
import SheetCount from './SheetCount.vue';
import SeriesFields from './SeriesFields.vue';
import TableFields from './TableFields.vue';
import SumField from './SumField.vue';

/** Space: gaps as they stand and by number, evening out, insets, blocks, squaring up; or the numbers of a series. */
const desk = useDesk();
const bench = useBench();
const view = useView();
const table = useTable();

const AXES = [
    { axis: 'x' as const, words: 'across', sign: '↔', key: 'e' },
    { axis: 'y' as const, words: 'down', sign: '↕', key: 'Shift E' },
];
const MODES = { gaps: 'gaps', starts: 'left, top edges', centres: 'centres', ends: 'right, bottom edges' } as const;
const WITHIN = {
    selection: 'their extent',
    ground: 'what they lie on',
    margins: 'the margins',
    sheet: 'the sheet',
} as const;
const HOLDS = { first: 'first stays', centre: 'middle stays', last: 'last stays' } as const;

const series = computed(() =>
    desk.selected.length === 1 && desk.selected[0]?.fields.series ? desk.selected[0] : null,
);
const rails = computed(() => desk.selected.length > 0 && desk.selected.every((item) => item.fields.rail));
const inRail = computed(() => railOf(desk.selected, desk.items) !== undefined);
const inTray = computed(() => {
    const holder = holderOf(desk.selected, desk.items);
    return holder !== undefined && isTray(holder);
});
const circles = computed(() => desk.selected.length > 0 && desk.selected.every((item) => is(item, 'on-circle')));
const free = computed(() => bench.free);
const spaced = computed(() => bench.canSpace);
const gaps = computed(() => ({ x: gapsOf(free.value, 'x'), y: gapsOf(free.value, 'y') }));

/** Along which axis they lie: where gaps are smaller than nothing, they do not. */
const along = computed<'x' | 'y'>(() => {
    const least = (axis: 'x' | 'y') => Math.min(...gaps.value[axis], Infinity);
    return least('x') >= least('y') ? 'x' : 'y';
});

const sentence = computed(() => {
    const count = free.value.length;
    if (count === 0) return '';
    const overlapping = (axis: 'x' | 'y') => gaps.value[axis].some((gap) => gap < 0);
    if (count === 1 || (overlapping('x') && overlapping('y'))) return counted(free.value);
    return `${gapWords(gaps.value[along.value])} ${along.value === 'x' ? 'across' : 'down'}`;
});

/** Whether things are spaced by their places, and not by numbers of their own. */
const isPlain = computed(
    () =>
        view.tool !== 'room' &&
        desk.selected.length > 0 &&
        !circles.value &&
        !series.value &&
        !rails.value &&
        !table.item &&
        !inRail.value,
);

/** What is edited by its own numbers, in words. */
const about = computed(() => {
    if (view.tool === 'room') return 'room at a line';
    if (series.value) return 'a series, by its numbers';
    if (circles.value) return 'on its circle, by its numbers';
    if (rails.value) return 'a rail, by its numbers';
    if (table.item) return table.isOpen ? table.words : 'a table, by its numbers';
    return inRail.value ? 'in a rail, by its numbers' : undefined;
});

/** null while the number of columns cannot be read, which its field says */
const block = (): Order<'block'> | null => {
    const columns = readCount(bench.columns);
    return columns === null
        ? null
        : { command: 'block', params: { columns, column_gap: bench.gap, row_gap: bench.gap } };
};

function make(order: () => Order | null): void {
    const made = free.value.length > 1 ? order() : null;
    if (made) void pressed(made);
}
</script>

<template>
    <div class="well space">
        <h3>
            Space
            <span :title="sentence">{{ about ?? sentence }}</span>
        </h3>
        <RoomFields v-if="view.tool === 'room'" />
        <SheetCount v-else-if="desk.selected.length === 0" />
        <CircleFields v-else-if="circles" />
        <SeriesFields v-else-if="series" :key="series.id" :group="series" />
        <RailFields v-else-if="rails" />
        <TableFields v-else-if="table.item" :key="table.item.id" />
        <BerthFields v-else-if="inRail" />
        <PinFields v-if="isPlain && inTray" />
        <div v-if="isPlain || view.rested" v-show="isPlain" class="row">
            <SumField
                v-model="bench.gap"
                label="gap"
                name="gap"
                @enter="free.length > 1 && pressed(bench.setGap(along))"
            />
            <button
                v-for="one in AXES"
                :key="one.axis"
                v-rehearse="() => bench.setGap(one.axis)"
                class="btn"
                type="button"
                :disabled="free.length < 2"
                :aria-label="`Set gaps ${one.words}`"
                v-tooltip.top="{ value: `Make every gap ${one.words} just that`, showDelay: 400 }"
                @click="pressed(bench.setGap(one.axis))"
            >
                {{ one.sign }} Set
            </button>
            <select
                v-model="bench.hold"
                :disabled="free.length < 2 || bench.bySize"
                aria-label="What is held"
                v-tooltip.top="{ value: 'What stays when gaps are set', showDelay: 400 }"
            >
                <option v-for="(words, key) in HOLDS" :key="key" :value="key">{{ words }}</option>
            </select>
            <label class="by-size" v-tooltip.top="'Gaps, insets and clearances size things instead of moving them'">
                <input v-model="bench.bySize" type="checkbox" /> by sizing
            </label>
        </div>
        <div v-if="isPlain || view.rested" v-show="isPlain" class="row">
            <button
                v-for="one in AXES"
                :key="one.axis"
                v-rehearse="() => bench.distribute(one.axis)"
                class="btn"
                type="button"
                :disabled="!spaced"
                :aria-label="`Even out ${one.words}`"
                v-tooltip.top="{ value: `Equal gaps or steps ${one.words} (${one.key})`, showDelay: 400 }"
                @click="pressed(bench.distribute(one.axis))"
            >
                {{ one.sign }} Even out
            </button>
            <select
                v-model="bench.mode"
                :disabled="free.length < 2"
                aria-label="What is made equal"
                v-tooltip.top="{
                    value: 'Gaps, or the steps from edge to edge or centre to centre',
                    showDelay: 400,
                }"
            >
                <option v-for="(words, key) in MODES" :key="key" :value="key">{{ words }}</option>
            </select>
            <select
                v-model="bench.within"
                :disabled="free.length < 2"
                aria-label="Space within"
                v-tooltip.top="{ value: 'Between which two ends things are evened out', showDelay: 400 }"
            >
                <option v-for="(words, key) in WITHIN" :key="key" :value="key">{{ words }}</option>
            </select>
        </div>
        <PointFields v-if="isPlain && desk.edited.length" />
        <div v-if="isPlain || view.rested" v-show="isPlain && !desk.edited.length" class="row">
            <SumField v-model="bench.columns" label="columns" name="columns" :least="1" @enter="make(block)" />
            <button
                v-rehearse="block"
                class="btn"
                type="button"
                :disabled="free.length < 2 || !block()"
                v-tooltip.top="{ value: 'Set them in rows of that many columns, with that gap', showDelay: 400 }"
                @click="make(block)"
            >
                Block
            </button>
            <SumField
                v-model="bench.inset"
                label="inset"
                name="inset"
                @enter="free.length > 0 && pressed(bench.insetAll())"
            />
            <button
                v-rehearse="bench.insetAll"
                class="btn"
                type="button"
                :disabled="free.length === 0"
                v-tooltip.top="{
                    value: 'Bring each to that distance from all four sides of what it lies on',
                    showDelay: 400,
                }"
                @click="pressed(bench.insetAll())"
            >
                Inset
            </button>
        </div>
        <MakeRow
            :shown="
                view.tool !== 'room' &&
                desk.selected.length > 0 &&
                !series &&
                !rails &&
                !table.item &&
                desk.edited.length === 0
            "
            :along="along"
        />
    </div>
</template>

<style scoped src="./row.css"></style>

<style scoped>
select {
    height: 26px;
    min-width: 0;
    flex: 0 1 118px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    font: 12px var(--words);
    padding: 0 2px;
}
select:disabled {
    background: transparent;
    color: var(--off);
}
.by-size {
    display: flex;
    align-items: center;
    gap: 4px;
    font-size: 12px;
    color: var(--soft);
    white-space: nowrap;
}
.by-size input {
    accent-color: var(--spruce);
    margin: 0;
}
</style>
