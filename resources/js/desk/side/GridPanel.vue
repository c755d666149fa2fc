<script setup lang="ts">
import { api } from '@/api/client';
import { restingQuestion } from '@/api/restingQuestion';
import type { Answer, Axis, Divided } from '@/api/types';
import { readCount } from '@/sheet/sums';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { computed, onBeforeUnmount, reactive, ref, watch } from 'vue';
import FitToGrid from './FitToGrid.vue';
import KeptGrids from './KeptGrids.vue';

/** The layout grid of the sheet: what a division gives is shown while it is typed, with what would make it whole. */
const desk = useDesk();
const view = useView();
const units = useUnits();

const REST = 120;
const SETS = [
    { name: 'columns' as const, axis: 'x' as Axis, one: 'column', ends: ['left', 'right'] as const },
    { name: 'rows' as const, axis: 'y' as Axis, one: 'row', ends: ['top', 'bottom'] as const },
];
type Name = (typeof SETS)[number]['name'];

const empty = () => ({ count: '', gutter: '', from: '', to: '' });
const typed = reactive({ columns: empty(), rows: empty(), module: '', baseline: '' });
const divided = ref<{ columns?: Divided; rows?: Divided }>({});
const wrong = ref('');

/** The fields say what the sheet has, until something is typed. */
function fill(): void {
    const sheet = desk.sheet;
    if (!sheet) return;
    const { grid, margins } = sheet;
    for (const { name, ends } of SETS) {
        const of = grid[name];
        Object.assign(typed[name], {
            count: of ? String(of.count) : '',
            gutter: of ? units.text(of.gutter) : '',
            from: units.text(margins[ends[0]]),
            to: units.text(margins[ends[1]]),
        });
    }
    typed.module = grid.module === null ? '' : units.text(grid.module);
    typed.baseline = grid.baseline === null ? '' : units.text(grid.baseline);
}
watch(() => [desk.sheet, units.unit], fill, { immediate: true });

function division(name: Name) {
    const { count, gutter } = typed[name];
    const figure = readCount(count);
    return figure === null ? null : { count: figure, gutter: gutter.trim() || '0' };
}

/** The first number of columns or rows that cannot be read. */
const unread = computed(() => {
    const of = SETS.find(({ name }) => typed[name].count.trim() !== '' && readCount(typed[name].count) === null);
    return of
        ? `"${typed[of.name].count}" is no number of ${of.name}. Type a whole number, 1 or more, or nothing.`
        : '';
});

const wanted = computed(() => ({
    // The margins are the sheet's, whether it has columns or not.
    margins: {
        left: typed.columns.from.trim() || '0',
        right: typed.columns.to.trim() || '0',
        top: typed.rows.from.trim() || '0',
        bottom: typed.rows.to.trim() || '0',
    },
    columns: division('columns'),
    rows: division('rows'),
    module: typed.module.trim() || null,
    baseline: typed.baseline.trim() || null,
}));

const question = restingQuestion(REST);
watch(
    () => [JSON.stringify(wanted.value), desk.revision],
    () =>
        question.ask(
            (signal) => {
                const sheet = unread.value ? undefined : desk.sheet?.id;
                const body = { command: 'set-grid', items: [], params: wanted.value, dry: true, unit: units.unit };
                return sheet ? api.ask<Answer>(`sheets/${sheet}/commands`, body, signal) : null;
            },
            (answer) => {
                divided.value = answer.report.grid ?? {};
                wrong.value = '';
            },
            (problem) => (wrong.value = problem.message),
        ),
    { immediate: true },
);
onBeforeUnmount(question.drop);

/** What is set is shown. */
async function apply(params: object): Promise<void> {
    if (unread.value) return;
    if (await desk.run('set-grid', params as never, [])) view.showGrid = true;
}

/** One click takes what was proposed. */
function take(name: Name, offer: Divided['proposals'][number]): void {
    const ends =
        name === 'columns'
            ? { left: offer.leading, right: offer.trailing }
            : { top: offer.leading, bottom: offer.trailing };
    const now = wanted.value[name];
    const margins = { ...wanted.value.margins, ...ends };
    void apply({ ...wanted.value, margins, [name]: { ...now, gutter: offer.gutter } });
}

function words(name: Name, offer: Divided['proposals'][number]): string {
    const size = units.text(offer.size);
    if (offer.what === 'margins') return `margins ${units.text(offer.leading)}: ${name} of ${size}`;
    if (offer.what === 'gutter') return `gutter ${units.text(offer.gutter)}: ${name} of ${size}`;
    const [a, b] = name === 'columns' ? ['left', 'right'] : ['top', 'bottom'];
    return `${a} ${units.text(offer.leading)}, ${b} ${units.text(offer.trailing)}: ${name} of ${size}`;
}

const has = computed(() => Boolean(desk.sheet?.grid.columns ?? desk.sheet?.grid.rows));
</script>

<template>
    <section class="grid-panel" aria-label="Layout grid">
        <form @submit.prevent="apply(wanted)">
            <h3>
                Grid
                <button type="button" class="link" @click="view.showGrid = !view.showGrid">
                    {{ view.showGrid ? 'hide (c)' : 'show (c)' }}
                </button>
            </h3>
            <template v-for="of in SETS" :key="of.name">
                <div class="fields">
                    <label
                        >{{ of.name }}<input v-model="typed[of.name].count" class="num" :name="`grid ${of.name}`"
                    /></label>
                    <label
                        >gutter<input v-model="typed[of.name].gutter" class="num" :name="`grid ${of.name} gutter`"
                    /></label>
                    <label
                        >{{ of.ends[0] }}<input v-model="typed[of.name].from" class="num" :name="`grid ${of.ends[0]}`"
                    /></label>
                    <label
                        >{{ of.ends[1] }}<input v-model="typed[of.name].to" class="num" :name="`grid ${of.ends[1]}`"
                    /></label>
                </div>
                <div v-if="divided[of.name]" class="gives" role="status">
                    <span :class="{ part: !divided[of.name]?.whole }"
                        >{{ of.name }} of <b class="num">{{ units.text(divided[of.name]?.size ?? 0) }}</b><template
                            v-if="!divided[of.name]?.whole"
                            >, remainder {{ units.text(divided[of.name]?.remainder ?? 0) }}</template
                        ></span
                    >
                    <button
                        v-for="offer in divided[of.name]?.proposals"
                        :key="offer.what"
                        class="link"
                        type="button"
                        @click="take(of.name, offer)"
                    >
                        {{ words(of.name, offer) }}
                    </button>
                </div>
            </template>
            <div class="fields">
                <label>module<input v-model="typed.module" class="num" name="grid module" /></label>
                <label>baseline<input v-model="typed.baseline" class="num" name="grid baseline" /></label>
            </div>
            <p v-if="unread || wrong" class="wrong" role="alert">{{ unread || wrong }}</p>
            <button class="btn" type="submit" :disabled="wrong !== ''">Set grid</button>
        </form>
        <FitToGrid v-if="has" />
        <KeptGrids v-if="has || desk.grids.length" :can-keep="has" />
    </section>
</template>

<style scoped>
.grid-panel,
form {
    display: grid;
    gap: 7px;
    justify-items: start;
}
h3 {
    font: 600 12px var(--words);
    color: var(--soft);
    width: 100%;
    display: flex;
    justify-content: space-between;
}
.fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 5px;
    width: 100%;
}
.fields label {
    display: flex;
    align-items: center;
    justify-content: space-between;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    padding-left: 6px;
    height: 26px;
    font-size: 11.5px;
    color: var(--soft);
    min-width: 0;
}
.fields label:focus-within {
    outline: none;
    border-color: var(--spruce);
    box-shadow: 0 0 0 1px var(--spruce);
}
.fields input {
    width: 46px;
    min-width: 0;
    border: 0;
    background: none;
    outline: none;
    text-align: right;
    padding: 0 6px 0 2px;
    font-size: 11.5px;
    color: var(--ink);
}
.gives {
    display: grid;
    gap: 2px;
    justify-items: start;
    font-size: 11.5px;
    color: var(--soft);
}
.gives b {
    color: var(--ink);
}
.part b {
    color: var(--brick);
}
.wrong {
    color: var(--brick);
    font-size: 11.5px;
    line-height: 1.4;
}
</style>
