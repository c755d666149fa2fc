<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import { live } from '@/desk/canvas/gestures/gesture';
import { rounded } from '@/sheet/geometry';
import { useSurroundings } from '@/desk/surroundings';
import { counted } from '@/sheet/words';
import LengthField from '@/parts/LengthField.vue';
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed, ref } from 'vue';
import GroundLine from './GroundLine.vue';
import HeadSwitch from './HeadSwitch.vue';
import SheetFigure from './SheetFigure.vue';
import { fromZero, measure, mixedOf, POINTS, type Ref, type Side } from './measures';
import TurnColumn from './TurnColumn.vue';
import './figure.css';

/** Place and size: a figure of what is selected, with its measures where a drawing has them. Every figure is a field. */
const desk = useDesk();
const bench = useBench();
const view = useView();
const reference = ref<Ref>('top-left');
const surroundings = useSurroundings();

const SIDES = ['left', 'right', 'top', 'bottom'] as const;
const MEASURES = ['x', 'y', 'w', 'h'] as const;

const PLACES_AS = [
    { key: 'one' as const, words: 'as one' },
    { key: 'each' as const, words: 'each' },
];
const placesAs = computed({
    get: () => (bench.placesEach ? 'each' : 'one'),
    set: (as) => (bench.placesEach = as === 'each'),
});
const several = computed(() => desk.selected.length > 1);
const asEach = computed(() => bench.placesEach || !several.value);
const nothing = computed(() => desk.selected.length === 0);

function shown(side: Side): number | null {
    if (live.value && (!several.value || !asEach.value))
        return side === 'w' || side === 'h' ? rounded(live.value[side]) : fromZero(live.value, side, reference.value);
    if (asEach.value) {
        const values = new Set(desk.selected.map((item) => measure(item, side, reference.value)));
        const [only] = values;
        return values.size === 1 && only !== undefined ? only : null;
    }
    const box = desk.selectedBox;
    if (!box) return null;
    return side === 'w' || side === 'h' ? rounded(box[side]) : fromZero(box, side, reference.value);
}

const mixed = (side: Side) => mixedOf(desk.selected, side, reference.value).words;

/** The size as it was typed, where that is in another unit than px. */
const sheetNote = computed(() => {
    const sheet = desk.sheet;
    if (!sheet) return '';
    const { width, height } = sheet.typed;
    return sheet.unit === 'px'
        ? `${sheet.width} × ${sheet.height} px`
        : `${width} × ${height} ${sheet.unit} at ${sheet.ppi} ppi, ${sheet.width} × ${sheet.height} px`;
});

const place = (side: Side) => (typed: string, ids: string[], run?: string) =>
    desk.run('place', { [side]: typed, ref: reference.value, as: asEach.value ? 'each' : 'one' }, ids, { run });

const clearances = computed(() =>
    SIDES.map((side) => {
        const found = nothing.value ? undefined : surroundings.value?.clearances.find((one) => one.side === side);
        const to = found ? (found.to ? found.to.name : 'the edge of the sheet') : '';
        return { side, found, words: found ? `to ${to}${found.inset && found.to ? ', its edge' : ''}` : '' };
    }),
);

const clear = (side: Commands['set-clearance']['side']) => (typed: string, ids: string[], run?: string) =>
    desk.run(
        'set-clearance',
        {
            side,
            value: typed,
            ...(bench.bySize ? { by_size: true } : {}),
            ...(bench.by === 'frame' ? {} : { by: bench.by }),
        },
        ids,
        { run },
    );
</script>

<template>
    <div class="well place">
        <h3>
            {{ nothing ? 'The sheet' : 'Place and size' }}
            <HeadSwitch v-if="several" v-model="placesAs" class="as" :options="PLACES_AS" />
            <span>{{ nothing ? 'nothing selected' : counted(desk.selected) }}</span>
        </h3>
        <div class="both">
            <SheetFigure v-show="nothing" />
            <div v-if="!nothing || view.rested" v-show="!nothing" class="figure">
                <svg class="drawing" viewBox="0 0 100 100" preserveAspectRatio="none" aria-hidden="true">
                    <path d="M0 50H24M76 50H100M50 0V25M50 75V100" vector-effect="non-scaling-stroke" />
                </svg>
                <LengthField
                    v-for="one in clearances"
                    :key="one.side"
                    :class="['clearance', one.side, { standing: one.found && one.found.size < 0 }]"
                    label=""
                    :name="`clear ${one.side}`"
                    :value="one.found?.size ?? null"
                    :blank="!one.found"
                    :hint="one.words"
                    :apply="clear(one.side)"
                />
                <div class="item">
                    <!-- For the pointer; the choice beneath says the same in words. -->
                    <i
                        v-for="point in POINTS"
                        :key="point.ref"
                        class="point"
                        aria-hidden="true"
                        :class="{ chosen: reference === point.ref }"
                        :style="{ left: `${point.x * 100}%`, top: `${point.y * 100}%` }"
                        v-tooltip.top="{ value: `x and y of the ${point.words}`, showDelay: 500 }"
                        @click="reference = point.ref"
                    />
                    <LengthField
                        v-for="side in MEASURES"
                        :key="side"
                        :label="side"
                        :name="side"
                        :own="side"
                        :value="shown(side)"
                        :mixed="mixed(side)"
                        :apply="place(side)"
                    />
                </div>
                <select v-model="reference" class="reference" aria-label="x and y are those of the">
                    <option v-for="point in POINTS" :key="point.ref" :value="point.ref">{{ point.words }}</option>
                </select>
            </div>
            <TurnColumn v-if="!nothing || view.rested" v-show="!nothing" :as-each="asEach" :reference="reference" />
        </div>
        <GroundLine v-if="!nothing" :reference="reference" />
        <p v-else class="sheet-note num">{{ sheetNote }}</p>
    </div>
</template>

<style scoped>
.as {
    margin-left: auto;
}
.both {
    display: flex;
    gap: 8px;
    min-width: 0;
}
.sheet-note {
    margin-top: 6px;
    font-size: 11.5px;
    color: var(--soft);
}
</style>
