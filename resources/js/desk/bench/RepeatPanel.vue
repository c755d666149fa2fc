<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import { usePanelFocus } from '@/parts/focus';
import { counted } from '@/sheet/words';
import { readCount, readSum } from '@/sheet/sums';
import { useBench, type Order } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { pressed, useRehearsal } from '@/stores/rehearsal';
import Popover from 'primevue/popover';
import { computed, reactive, ref, watch } from 'vue';
import Choice from './Choice.vue';
import SumField from './SumField.vue';

/** Repeating what is selected: rows and columns, steps, or a ring; as copies or as a series whose numbers stay editable. */
type Kind = 'block' | 'steps' | 'ring';
const desk = useDesk();
const bench = useBench();
const units = useUnits();
const rehearsal = useRehearsal();
const panel = ref<InstanceType<typeof Popover> | null>(null);
const kind = ref<Kind>('block');
const KINDS: { key: Kind; words: string }[] = [
    { key: 'block', words: 'rows and columns' },
    { key: 'steps', words: 'steps' },
    { key: 'ring', words: 'ring' },
];
const FACINGS: { key: NonNullable<Commands['ring']['facing']>; words: string }[] = [
    { key: 'upright', words: 'upright' },
    { key: 'outward', words: 'outward' },
    { key: 'inward', words: 'inward' },
];

const block = reactive({ columns: '3', rows: '2', across: '8', down: '8', fit: false });
const steps = reactive({ count: '5', dx: '0', dy: '0', angle: '0', inset: '0', until: false });
const ring = reactive({ count: '12', cx: '', cy: '', radius: '100', start: '0', sweep: '360', every: '' });
const facing = ref<NonNullable<Commands['ring']['facing']>>('upright');
const series = ref(true);
const countUp = ref(false);
const list = ref('');

const more = () => ({
    ...(series.value ? { series: true } : {}),
    ...(countUp.value ? { count_up: true } : {}),
    ...(list.value.trim() ? { list: list.value } : {}),
});

/** null while a number cannot be read, which its field says. */
const order = (): Order | null => (kind.value === 'block' ? ofBlock() : kind.value === 'steps' ? ofSteps() : ofRing());

function ofBlock(): Order<'block'> | null {
    const [columns, rows] = [readCount(block.columns), readCount(block.rows)];
    if (columns === null || rows === null) return null;
    const cells = block.fit ? { cell: 'fit' as const } : {};
    const gaps = { column_gap: block.across, row_gap: block.down };
    return { command: 'block', params: { columns, rows, ...gaps, ...cells, copies: 'fill', ...more() } };
}

function ofSteps(): Order<'step-repeat'> | null {
    const [inAll, turn] = [readCount(steps.count, 2), readSum(steps.angle)];
    if (turn === null || (inAll === null && !steps.until)) return null;
    const originals = Math.max(1, desk.selected.length);
    const often = steps.until
        ? { until: 'margins' as const }
        : { count: Math.max(1, Math.ceil((inAll ?? 2) / originals) - 1) };
    const inset = steps.inset.trim() && steps.inset !== '0' ? { inset: steps.inset } : {};
    return {
        command: 'step-repeat',
        params: { dx: steps.dx, dy: steps.dy, ...(turn ? { angle: turn } : {}), ...inset, ...often, ...more() },
    };
}

function ofRing(): Order<'ring'> | null {
    const [count, start, sweep] = [readCount(ring.count), readSum(ring.start), readSum(ring.sweep)];
    const every = ring.every.trim() ? readCount(ring.every, 2) : undefined;
    if (count === null || start === null || sweep === null || every === null) return null;
    return {
        command: 'ring',
        params: {
            cx: units.fromZero(ring.cx, 'x'),
            cy: units.fromZero(ring.cy, 'y'),
            radius: ring.radius,
            count,
            start,
            sweep,
            facing: facing.value,
            ...(every === undefined ? {} : { every }),
            ...more(),
        },
    };
}

/** Numbers that suit what is selected: steps of its own size and the gap, a ring round the middle of the sheet. */
function suggest(): void {
    const box = desk.selectedBox;
    if (!box || !desk.sheet) return;
    const gap = (readSum(bench.gap) ?? 0) * units.pixels;
    [block.across, block.down] = [bench.gap, bench.gap];
    [steps.dx, steps.dy] = box.w > box.h ? ['0', units.text(box.h + gap)] : [units.text(box.w + gap), '0'];
    [ring.cx, ring.cy] = [units.place(desk.sheet.width / 2, 'x'), units.place(desk.sheet.height / 2, 'y')];
    ring.every = desk.selected.length === 2 ? ring.every : '';
}

// What these numbers would give is shown for as long as the panel is open.
const isOpen = ref(false);
const { opened, closed } = usePanelFocus();
function show(): void {
    isOpen.value = true;
    opened('.repeat-panel');
}
function hide(): void {
    isOpen.value = false;
    closed();
}
watch(
    () => JSON.stringify([isOpen.value, order(), desk.selection]),
    () => rehearsal.offer(isOpen.value ? order() : null),
);

async function make(): Promise<void> {
    const made = order();
    if (made && (await pressed(made))) panel.value?.hide();
}

const what = computed(() => counted(desk.selected));

defineExpose({
    toggle(event: Event): void {
        suggest();
        panel.value?.toggle(event);
    },
});
</script>

<template>
    <Popover ref="panel" class="repeat-panel" @show="show" @hide="hide">
        <form class="repeat" aria-label="Repeat" @submit.prevent="make">
            <h3>Repeat {{ what }}</h3>
            <Choice v-model="kind" word="in" label="Repeat in" :options="KINDS" />
            <div v-if="kind === 'block'" class="fields">
                <SumField v-model="block.columns" label="columns" name="block columns" :least="1" stretch />
                <SumField v-model="block.rows" label="rows" name="block rows" :least="1" stretch />
                <SumField v-model="block.across" label="gap across" name="block across" stretch />
                <SumField v-model="block.down" label="gap down" name="block down" stretch />
                <label class="tick whole"
                    ><input v-model="block.fit" type="checkbox" /> columns and rows only as large as needed</label
                >
            </div>
            <div v-else-if="kind === 'steps'" class="fields">
                <SumField v-model="steps.dx" label="across" name="steps dx" stretch />
                <SumField v-model="steps.dy" label="down" name="steps dy" stretch />
                <SumField v-model="steps.angle" label="turn °" name="steps angle" number stretch />
                <SumField v-model="steps.inset" label="inset per copy" name="steps inset" stretch />
                <SumField
                    v-model="steps.count"
                    label="in all"
                    name="steps count"
                    :least="2"
                    stretch
                    :disabled="steps.until"
                />
                <label class="tick"><input v-model="steps.until" type="checkbox" /> until the margins</label>
            </div>
            <div v-else class="fields">
                <SumField v-model="ring.count" label="in all" name="ring count" :least="1" stretch />
                <SumField v-model="ring.radius" label="radius" name="ring radius" stretch />
                <SumField v-model="ring.cx" label="centre x" name="ring cx" stretch />
                <SumField v-model="ring.cy" label="centre y" name="ring cy" stretch />
                <SumField v-model="ring.start" label="start angle °" name="ring start" number stretch />
                <SumField v-model="ring.sweep" label="sweep °" name="ring sweep" number stretch />
                <Choice v-model="facing" class="whole" word="facing" label="Facing" :options="FACINGS" />
                <SumField
                    v-if="desk.selected.length === 2"
                    v-model="ring.every"
                    class="whole"
                    label="place the front item at every"
                    name="ring every"
                    :least="2"
                    optional
                    stretch
                />
            </div>
            <label class="tick"
                ><input v-model="series" type="checkbox" /> keep the numbers editable, as a series</label
            >
            <label class="tick"><input v-model="countUp" type="checkbox" /> running figures count up: 01, 02, 03</label>
            <label class="list">
                or their words, one line for each in all
                <textarea v-model="list" rows="2" name="list" aria-label="Words of the copies, one line each" />
            </label>
            <p class="said" aria-live="polite">{{ rehearsal.words }}</p>
            <button class="btn main" type="submit" :disabled="!order()">Repeat</button>
        </form>
    </Popover>
</template>

<style scoped>
.repeat {
    width: 306px;
    display: grid;
    gap: 8px;
}
h3 {
    margin: 0;
    font-size: 12.5px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.whole {
    grid-column: 1 / -1;
}
.tick {
    display: flex;
    align-items: center;
    gap: 6px;
    font-size: 12px;
}
.tick input {
    accent-color: var(--spruce);
    margin: 0;
}
.list {
    display: grid;
    gap: 3px;
    font-size: 12px;
    color: var(--soft);
}
textarea {
    font: 12px var(--words);
    color: var(--ink);
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    padding: 4px 6px;
    resize: vertical;
}
.said {
    /* Room for two lines from the start: the button must not move from under the pointer. */
    height: 31px;
    overflow: hidden;
    font-size: 11.5px;
    color: var(--soft);
}
</style>
