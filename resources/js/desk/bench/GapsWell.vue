<script setup lang="ts">
import type { Gap, Inset } from '@/api/measures';
import type { Axis } from '@/api/types';
import type { Order } from '@/stores/bench';
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useGauge } from '@/stores/gauge';
import { useLedger } from '@/stores/ledger';
import { pressed, vRehearse } from '@/stores/rehearsal';
import { useSending } from '@/stores/sending';
import { useUnits } from '@/stores/units';
import { computed, onBeforeUnmount, watch } from 'vue';
import GaugeRow from './GaugeRow.vue';
import HeadSwitch from './HeadSwitch.vue';

/** Gaps: how often each occurs, across and down; the odd ones in brick, with what brings them into line. */
const desk = useDesk();
const bench = useBench();
const gauge = useGauge();
const ledger = useLedger();
const sending = useSending();
const units = useUnits();

/** More sizes than this are listed as how many more there are. */
const MOST = 7;

watch(
    () => [desk.revision, desk.sheet?.id, bench.by, ledger.ofSelection ? desk.selection : null, sending.waiting === 0],
    () => ledger.ask(),
    { immediate: true },
);
onBeforeUnmount(() => {
    ledger.drop();
    ledger.chosen = null;
});

const AXES = [
    { axis: 'x' as Axis, words: 'across', sign: '↔' },
    { axis: 'y' as Axis, words: 'down', sign: '↕' },
];

const rows = computed(() =>
    AXES.map((one) => {
        const sizes = ledger.census(one.axis);
        // What is odd is always listed: it is what one looks for.
        const listed = [...sizes].sort((a, b) => Number(b.odd > 0) - Number(a.odd > 0)).slice(0, MOST);
        return { ...one, sizes: sizes.filter((entry) => listed.includes(entry)), more: sizes.length - listed.length };
    }),
);

const KINDS = [
    { key: 'gaps' as const, words: 'Gaps' },
    { key: 'insets' as const, words: 'Insets' },
];
const what = computed({
    get: () => ledger.what,
    set(next) {
        ledger.what = next;
        ledger.chosen = null;
    },
});

const summary = computed(() => {
    if (!ledger.found) return '';
    const where = ledger.ofSelection ? `among ${desk.selection.length} selected` : 'on the sheet';
    return `${ledger.strips.length} ${where}`;
});

const gapTo = (gap: Gap, to = gap.expected) => ({ axis: gap.axis, a: gap.a, b: gap.b, ...(to === null ? {} : { to }) });
const insetTo = (inset: Inset) => ({
    item: inset.item,
    side: inset.side,
    ...(inset.expected === null ? {} : { to: inset.expected }),
});
type Mended = [{ axis: Axis }, ...{ axis: Axis }[]];

const mend =
    (gaps: Gap[], insets: Inset[] = []) =>
    (): Order<'mend-gaps'> => ({
        command: 'mend-gaps',
        params: {
            gaps: [...gaps.map((gap) => gapTo(gap)), ...insets.map(insetTo)] as unknown as Mended,
            ...(bench.by === 'frame' ? {} : { by: bench.by }),
        },
        ids: [],
    });
const all = computed(() => mend(ledger.odd, ledger.oddInsets));
const oddCount = computed(() => ledger.odd.length + ledger.oddInsets.length);

/** The odd gaps by what they are and should be: one action for each. */
const fixes = computed(() => {
    const groups = new Map<string, Gap[]>();
    for (const gap of ledger.odd) {
        const key = `${gap.axis} ${gap.size} ${gap.expected}`;
        groups.set(key, [...(groups.get(key) ?? []), gap]);
    }
    return [...groups.values()].slice(0, 3).map((gaps) => {
        const [first] = gaps as [Gap];
        return {
            key: `${first.axis} ${first.size}`,
            axis: first.axis,
            size: first.size,
            to: first.expected ?? 0,
            gaps,
        };
    });
});

const chosenSize = computed(() => {
    const size = ledger.chosen?.size;
    return typeof size === 'number' ? size : null;
});

const times = (size: number) => (gauge.shown ? ` = ${gauge.inUnits(size)} units` : '');

const oddly = (count?: number) => (count ? `, ${count} odd` : '');
</script>

<template>
    <div class="well gaps">
        <h3 aria-label="Gaps">
            <HeadSwitch v-model="what" class="kinds" :options="KINDS" />
            <span>{{ summary }}</span>
        </h3>
        <p v-if="ledger.found && ledger.strips.length === 0" class="empty">
            {{
                ledger.what === 'gaps'
                    ? 'No two things stand next to each other here.'
                    : 'Nothing here has a free side towards what it lies on.'
            }}
        </p>
        <div v-for="row in rows" v-else :key="row.axis" class="row">
            <span class="sign" :title="row.words">{{ row.sign }}</span>
            <button
                v-for="entry in row.sizes"
                :key="entry.size"
                type="button"
                class="num"
                :class="{ odd: entry.odd === entry.count, partly: entry.odd > 0 }"
                :aria-pressed="ledger.chosen?.axis === row.axis && ledger.chosen.size === entry.size"
                :aria-label="`${units.text(entry.size)}×${entry.count}: show the ${ledger.what} of ${units.text(entry.size)} ${row.words}`"
                v-tooltip.top="{
                    value: `${entry.count} of ${units.text(entry.size)} ${row.words}${oddly(entry.odd)}${times(entry.size)}`,
                    showDelay: 400,
                }"
                @click="ledger.choose(row.axis, entry.size)"
            >
                {{ units.text(entry.size) }}<i>×{{ entry.count }}</i>
            </button>
            <span v-if="row.more > 0" class="more">{{ row.more }} more</span>
            <span v-if="row.sizes.length === 0" class="more">none {{ row.words }}</span>
        </div>
        <div v-if="oddCount" class="row fixes">
            <button
                v-if="oddCount > 1"
                v-rehearse="all"
                class="fix"
                type="button"
                v-tooltip.top="{
                    value: `Bring every odd one of the ${ledger.what} to what is expected there`,
                    showDelay: 400,
                }"
                @click="pressed(all())"
            >
                mend all {{ oddCount }}
            </button>
            <button
                v-for="fix in fixes"
                :key="fix.key"
                v-rehearse="mend(fix.gaps)"
                class="fix num"
                type="button"
                v-tooltip.top="{
                    value: `${fix.gaps.length} of ${units.text(fix.size)}, where ${units.text(fix.to)} is expected`,
                    showDelay: 400,
                }"
                @click="pressed(mend(fix.gaps)())"
                @mouseenter="ledger.chosen = { axis: fix.axis, size: 'odd' }"
                @mouseleave="ledger.chosen = null"
            >
                bring {{ units.text(fix.size) }} to {{ units.text(fix.to) }}
            </button>
        </div>
        <GaugeRow :lit="chosenSize" />
    </div>
</template>

<style scoped>
.kinds {
    margin: 0 auto 0 -5px;
}
.row {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 3px;
    max-height: 51px;
    overflow: hidden;
    margin-bottom: 4px;
    flex: none;
}
.sign {
    width: 16px;
    color: var(--soft);
}
.row .num {
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    font-size: 11.5px;
    min-height: 24px;
    padding: 2px 5px;
    cursor: pointer;
}
.row .num i {
    font-style: normal;
    color: var(--soft);
    margin-left: 3px;
}
.row .num[aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
.row .odd,
.row .odd i,
.row .fix {
    color: var(--brick);
}
.row .odd {
    border-color: var(--brick);
    font-weight: 600;
}
.row .fix {
    border: 1px solid var(--brick);
    border-radius: 3px;
    background: none;
    font-size: 11.5px;
    min-height: 24px;
    padding: 2px 6px;
    cursor: pointer;
}
.row .fix:hover {
    background: rgb(168 58 36 / 9%);
}
.fixes {
    flex-wrap: wrap;
    max-height: 24px;
}
.partly {
    box-shadow: inset 0 -2px var(--brick);
}
.more,
.empty {
    font-size: 11.5px;
    color: var(--soft);
    line-height: 1.45;
}
</style>
