<script setup lang="ts">
import { useActions } from '@/desk/actions';
import { counted } from '@/sheet/words';
import { useBench, type Order } from '@/stores/bench';
import { useSquaring } from '@/stores/squaring';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { pressed, vRehearse } from '@/stores/rehearsal';
import { readCount } from '@/sheet/sums';
import { computed, ref } from 'vue';
import { dividing, gapsOf, gapWords } from './gaps';
import CombinePanel from './CombinePanel.vue';
import PointFields from './PointFields.vue';
import RepeatPanel from './RepeatPanel.vue';
import SquarePanel from './SquarePanel.vue';
import SheetCount from './SheetCount.vue';
import SeriesFields from './SeriesFields.vue';
import SumField from './SumField.vue';

/** Space: gaps as they stand and by number, evening out, insets, blocks, squaring up; or the numbers of a series. */
const desk = useDesk();
const bench = useBench();
const units = useUnits();
const { actions } = useActions();
const square = ref<HTMLElement | null>(null);
const squaring = useSquaring();
const combine = ref<InstanceType<typeof CombinePanel> | null>(null);
const repeat = ref<InstanceType<typeof RepeatPanel> | null>(null);

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
const free = computed(() => bench.free);
const spaced = computed(() => bench.canSpace);
const gaps = computed(() => ({ x: gapsOf(free.value, 'x'), y: gapsOf(free.value, 'y') }));

/** Along which axis they lie: where gaps are smaller than nothing, they do not. */
const along = computed<'x' | 'y'>(() => {
    const least = (axis: 'x' | 'y') => Math.min(...gaps.value[axis], Infinity);
    return least('x') >= least('y') ? 'x' : 'y';
});

const offers = computed(() =>
    desk.sheet?.whole_pixels && bench.mode === 'gaps' && free.value.length > 2
        ? dividing(free.value, along.value).map((one) => ({
              ...one,
              order: () => bench.distribute(along.value, one.extent),
          }))
        : [],
);

const sentence = computed(() => {
    const count = free.value.length;
    if (count === 0) return '';
    const overlapping = (axis: 'x' | 'y') => gaps.value[axis].some((gap) => gap < 0);
    if (count === 1 || (overlapping('x') && overlapping('y'))) return counted(free.value);
    return `${gapWords(gaps.value[along.value])} ${along.value === 'x' ? 'across' : 'down'}`;
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
            Space <span :title="sentence">{{ series ? 'a series, by its numbers' : sentence }}</span>
        </h3>
        <SheetCount v-if="desk.selected.length === 0" />
        <SeriesFields v-else-if="series" :key="series.id" :group="series" />
        <template v-else>
            <div class="row">
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
            <div class="row">
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
            <PointFields v-if="desk.edited.length" />
            <div v-if="!desk.edited.length" class="row">
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
            <div v-if="!desk.edited.length" class="row">
                <button
                    ref="square"
                    v-rehearse="squaring.order"
                    class="btn strong"
                    type="button"
                    :disabled="!squaring.possible"
                    :aria-expanded="squaring.isOpen"
                    v-tooltip.top="{
                        value: `Find the lines and gaps that were meant, and make them exact (q)`,
                        showDelay: 400,
                    }"
                    @click="squaring.press()"
                >
                    Square up
                </button>
                <button
                    class="btn"
                    type="button"
                    :disabled="!actions.again.possible()"
                    v-tooltip.top="{ value: 'Do the last one again, on what is selected now (.)', showDelay: 400 }"
                    @click="actions.again.run()"
                >
                    Again
                </button>
                <button
                    class="btn"
                    type="button"
                    :disabled="free.length === 0 || desk.selection.length === 0"
                    v-tooltip.top="{ value: 'Copies in rows and columns, in a ring, or in steps', showDelay: 400 }"
                    @click="repeat?.toggle($event)"
                >
                    Repeat…
                </button>
                <button
                    class="btn"
                    type="button"
                    :disabled="!combine?.possible"
                    v-tooltip.top="{
                        value: 'Join shapes, cut them out of one another, or take them apart again',
                        showDelay: 400,
                    }"
                    @click="combine?.toggle($event)"
                >
                    Combine…
                </button>
                <button
                    v-for="offer in offers"
                    :key="offer.extent"
                    v-rehearse="offer.order"
                    class="offer num"
                    type="button"
                    v-tooltip.top="{ value: `Divides without a remainder: ${offer.words}`, showDelay: 400 }"
                    @click="pressed(offer.order())"
                >
                    {{ units.text(offer.extent) }} {{ along === 'x' ? 'wide' : 'high' }}: {{ offer.short }}
                </button>
            </div>
        </template>
        <RepeatPanel ref="repeat" />
        <CombinePanel ref="combine" />
        <SquarePanel :button="square" />
    </div>
</template>

<style scoped>
.row {
    display: flex;
    align-items: center;
    gap: 5px;
    margin-bottom: 6px;
    min-width: 0;
}
.row .btn {
    padding: 0 8px;
    flex: none;
}
.strong:not(:disabled) {
    background: var(--spruce);
    border-color: var(--spruce);
    color: var(--on-spruce);
}
.strong:hover:not(:disabled) {
    background: var(--spruce-deep);
}
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
.offer {
    border: 0;
    background: none;
    color: var(--spruce);
    font-size: 11.5px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    padding: 2px 3px;
    cursor: pointer;
    min-width: 0;
}
.offer:hover {
    text-decoration: underline;
}
.offer:focus-visible {
    outline-offset: -2px;
}
</style>
