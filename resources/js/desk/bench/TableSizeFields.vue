<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import type { Axis } from '@/api/types';
import LengthField from '@/parts/LengthField.vue';
import { sizeOf, sizingOf, tracksIn, tracksOf, type Sizing } from '@/sheet/cells';
import { commonOf } from '@/sheet/common';
import { useDesk } from '@/stores/desk';
import { useTable } from '@/stores/table';
import { computed } from 'vue';

/** How a table is set out: its header, totals, padding and gaps; while it is worked in, the sizes of what is chosen. */
const desk = useDesk();
const table = useTable();
const data = computed(() => table.table);

const AXES = [
    { axis: 'x' as const, noun: 'column', size: 'wide' },
    { axis: 'y' as const, noun: 'row', size: 'high' },
];
const SIZES = [
    { key: 'fixed', words: 'its own' },
    { key: 'content', words: 'by what is in it' },
    { key: 'share', words: 'shares what is left' },
] as const;
const COUNTS = [
    { name: 'header', label: 'header', hint: 'rows at the top that say what the columns are' },
    { name: 'total', label: 'totals', hint: 'rows at the end that add up' },
    { name: 'heads', label: 'heads', hint: 'columns at the left that say what the rows are' },
] as const;
const PRESETS = { lined: 'lined', striped: 'striped', boxed: 'boxed', plain: 'plain' } as const;

const ids = () => (table.item ? [table.item.id] : []);
const set = (params: Commands['set-table'], run?: string) => desk.run('set-table', params, ids(), { run });
const applyCount = (name: (typeof COUNTS)[number]['name']) => (typed: string, _ids: string[], run?: string) => {
    const count = Number(typed);
    if (!Number.isInteger(count) || count < 0) {
        desk.say(`"${typed}" is no number of rows or columns. Type a whole number, 0 or more.`, 'refused');
        return Promise.resolve(false);
    }
    return set({ [name]: count }, run);
};
const padding = computed(() => {
    const of = data.value?.padding ?? [0, 0, 0, 0];
    return { down: of[0] === of[2] ? (of[0] ?? null) : null, across: of[1] === of[3] ? (of[1] ?? null) : null };
});
const applyPadding = (way: 'across' | 'down') => (typed: string, _ids: string[], run?: string) => {
    const [top, right, bottom, left] = data.value?.padding ?? [0, 0, 0, 0];
    const four = way === 'across' ? [top, typed, bottom, left].with(3, typed) : [typed, right, typed, left];
    return set({ padding: four as Commands['set-table']['padding'] }, run);
};
const gap = (axis: Axis) => data.value?.gaps?.[axis === 'x' ? 0 : 1] ?? 0;
const applyGap = (axis: Axis) => (typed: string, _ids: string[], run?: string) =>
    set(axis === 'x' ? { column_gap: typed } : { row_gap: typed }, run);

const chosen = (axis: Axis) => tracksIn(table.area, axis);
const size = (axis: Axis) => commonOf(chosen(axis), (i) => sizeOf(table.tracks?.[axis] ?? [], i));
const sizing = (axis: Axis) =>
    data.value
        ? commonOf(chosen(axis), (i) => {
              const track = data.value && tracksOf(data.value, axis)[i];
              return track ? sizingOf(track) : 'fixed';
          })
        : undefined;
const applySize = (axis: Axis) => (typed: string, _ids: string[], run?: string) =>
    table.size(axis, { sizing: 'fixed', size: typed }, undefined, run);

function resize(axis: Axis, to: Sizing): void {
    const now = size(axis) ?? sizeOf(table.tracks?.[axis] ?? [], chosen(axis)[0] ?? 0);
    void table.size(axis, to === 'fixed' ? { sizing: to, size: now } : { sizing: to });
}

function insert(axis: Axis, behind: boolean): void {
    const { row, column, rows, columns } = table.area;
    const [first, count] = axis === 'x' ? [column, columns] : [row, rows];
    void desk.run('add-tracks', { axis, at: behind ? first + count : first, count }, ids());
}

function remove(axis: Axis): void {
    const { row, column, rows, columns } = table.area;
    const [from, count] = axis === 'x' ? [column, columns] : [row, rows];
    void desk.run('delete-tracks', { axis, from, count }, ids());
}

/** What follows goes on in a table of its own, from the row that is chosen on. */
const canCut = computed(() => table.area.row > (data.value?.header ?? 0));
function cut(): void {
    const { row } = table.area;
    table.leave();
    void desk.run('cut-table', { row }, ids());
}

const isSpan = computed(() => table.area.rows * table.area.columns > 1);
function span(): void {
    const { row, column, rows, columns } = table.area;
    const cell = data.value?.cells[row]?.[column];
    const goes = typeof cell === 'object' && (cell.rows ?? 1) === rows && (cell.columns ?? 1) === columns;
    void desk.run('span-cells', goes ? { row, column } : { row, column, rows, columns }, ids());
}
</script>

<template>
    <template v-if="table.isOpen">
        <div v-for="one in AXES" :key="one.axis" class="row">
            <LengthField
                class="size"
                :label="one.size"
                :name="`${one.noun} size`"
                own="w"
                :value="size(one.axis) ?? null"
                :apply="applySize(one.axis)"
            />
            <select
                class="choose"
                :value="sizing(one.axis) ?? ''"
                :aria-label="`What the size of the ${one.noun}s follows`"
                @change="resize(one.axis, ($event.target as HTMLSelectElement).value as Sizing)"
            >
                <option v-if="sizing(one.axis) === undefined" value="" disabled>mixed</option>
                <option v-for="way in SIZES" :key="way.key" :value="way.key">{{ way.words }}</option>
            </select>
            <button
                class="btn"
                type="button"
                :disabled="chosen(one.axis).length < 2"
                v-tooltip.top="{
                    value: `Make the ${one.noun}s that are chosen equal, together as large as they are`,
                    showDelay: 400,
                }"
                @click="table.size(one.axis, { equal: true })"
            >
                Equal
            </button>
        </div>
        <div v-for="one in AXES" :key="`change ${one.axis}`" class="row">
            <span class="word">{{ one.noun }}</span>
            <button class="btn" type="button" @click="insert(one.axis, false)">
                {{ one.axis === 'x' ? '+ left' : '+ above' }}
            </button>
            <button class="btn" type="button" @click="insert(one.axis, true)">
                {{ one.axis === 'x' ? '+ right' : '+ below' }}
            </button>
            <button class="btn" type="button" :aria-label="`Delete ${one.noun}s`" @click="remove(one.axis)">
                Delete
            </button>
            <button
                v-if="one.axis === 'x'"
                class="btn"
                type="button"
                :disabled="!isSpan"
                v-tooltip.top="{ value: 'One cell across all that are chosen, or no more', showDelay: 400 }"
                @click="span"
            >
                Span
            </button>
            <button
                v-else
                class="btn"
                type="button"
                :disabled="!canCut"
                v-tooltip.top="{
                    value: 'What follows goes on in a table of its own beside it, from the row that is chosen on',
                    showDelay: 400,
                }"
                @click="cut"
            >
                Cut here
            </button>
        </div>
        <label class="check">
            <input v-model="table.gives" type="checkbox" /> the others give way, so that the table stays as large
        </label>
    </template>
    <template v-else>
        <div class="fields three">
            <LengthField
                v-for="one in COUNTS"
                :key="one.name"
                plain
                :label="one.label"
                :name="`table ${one.name}`"
                :value="data?.[one.name] ?? 0"
                v-tooltip.top="{ value: one.hint, showDelay: 400 }"
                :apply="applyCount(one.name)"
            />
        </div>
        <div class="fields">
            <LengthField
                label="pad ↔"
                name="padding across"
                hint="from the edges of a cell to its words, left and right"
                :value="padding.across"
                :apply="applyPadding('across')"
            />
            <LengthField
                label="pad ↕"
                name="padding down"
                hint="from the edges of a cell to its words, above and below"
                :value="padding.down"
                :apply="applyPadding('down')"
            />
            <LengthField label="gap ↔" name="gap between columns" :value="gap('x')" :apply="applyGap('x')" />
            <LengthField label="gap ↕" name="gap between rows" :value="gap('y')" :apply="applyGap('y')" />
        </div>
        <div class="row">
            <button
                v-for="(words, key) in PRESETS"
                :key="key"
                class="btn"
                type="button"
                v-tooltip.top="{ value: 'Rules, stripes, and how header and totals stand out', showDelay: 400 }"
                @click="set({ preset: key })"
            >
                {{ words }}
            </button>
        </div>
        <div class="row">
            <label class="check">
                <input
                    type="checkbox"
                    :checked="data?.repeats ?? true"
                    @change="set({ repeats: ($event.target as HTMLInputElement).checked })"
                />
                header again when it is cut
            </label>
            <button
                class="btn"
                type="button"
                v-tooltip.top="{ value: 'Texts, boxes and lines instead, each where it is', showDelay: 400 }"
                @click="desk.run('take-apart', {}, ids())"
            >
                Take apart
            </button>
            <a class="btn" :href="`/api/sheets/${desk.sheet?.id}/tables/${table.item?.id}.csv`" download>CSV</a>
            <a class="btn" :href="`/api/sheets/${desk.sheet?.id}/tables/${table.item?.id}.html`" download>HTML</a>
        </div>
    </template>
</template>

<style scoped src="./row.css"></style>
<style scoped src="./tables.css"></style>
