<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import { settled } from '@/desk/geometry';
import { useSurroundings } from '@/desk/surroundings';
import { counted } from '@/desk/words';
import LengthField from '@/parts/LengthField.vue';
import { useBench } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { computed, ref } from 'vue';
import GroundLine from './GroundLine.vue';
import HeadSwitch from './HeadSwitch.vue';
import { fromZero, measure, mixedOf, POINTS, type Ref, type Side } from './measures';
import TurnColumn from './TurnColumn.vue';

/** Place and size: a figure of what is selected, with its measures where a drawing has them. Every figure is a field. */
const desk = useDesk();
const bench = useBench();
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
    if (asEach.value) {
        const values = new Set(desk.selected.map((item) => measure(item, side, reference.value)));
        const [only] = values;
        return values.size === 1 && only !== undefined ? only : null;
    }
    const box = desk.selectedBox;
    if (!box) return null;
    return side === 'w' || side === 'h' ? settled(box[side]) : fromZero(box, side, reference.value);
}

const mixed = (side: Side) => mixedOf(desk.selected, side, reference.value).words;

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
            Place and size
            <HeadSwitch v-if="several" v-model="placesAs" class="as" :options="PLACES_AS" />
            <span>{{ nothing ? 'nothing selected' : counted(desk.selected) }}</span>
        </h3>
        <div class="both">
            <div class="figure" :class="{ nothing }">
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
                    :disabled="nothing"
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
                        @click="reference = nothing ? reference : point.ref"
                    />
                    <LengthField
                        v-for="side in MEASURES"
                        :key="side"
                        :label="side"
                        :name="side"
                        :own="side"
                        :value="shown(side)"
                        :mixed="mixed(side)"
                        :disabled="nothing"
                        :apply="place(side)"
                    />
                </div>
                <select v-model="reference" class="reference" :disabled="nothing" aria-label="x and y are those of the">
                    <option v-for="point in POINTS" :key="point.ref" :value="point.ref">{{ point.words }}</option>
                </select>
            </div>
            <TurnColumn :as-each="asEach" :reference="reference" />
        </div>
        <GroundLine :reference="reference" />
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
.figure {
    position: relative;
    flex: 1;
    min-width: 236px;
    max-width: 340px;
    height: 148px;
    background: var(--well);
    border: 1px solid var(--line);
    container-type: inline-size;
}
.drawing {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
}
.drawing path {
    fill: none;
    stroke: var(--edge);
    stroke-width: 1;
}
.item {
    position: absolute;
    inset: 36px 53px 37px;
    padding: 0 6px;
    border: 1.4px solid var(--spruce);
    background: var(--spruce-wash);
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 5px 4px;
    align-content: center;
}
.nothing .item {
    border-color: var(--edge);
    background: transparent;
}
.item > label {
    height: 26px;
    padding-left: 4px;
}
.item > label :deep(input) {
    padding: 0 1px;
}
.clearance {
    position: absolute;
    width: 44px;
    height: 26px;
    padding: 0;
}
.clearance :deep(input) {
    text-align: center;
    padding: 0 1px;
}
.clearance.standing :deep(input) {
    color: var(--brick);
}
.left {
    left: 2px;
    top: calc(50% - 13px);
}
.right {
    right: 2px;
    top: calc(50% - 13px);
}
.top,
.bottom {
    width: 56px;
    left: calc(50% - 28px);
}
.top {
    top: 3px;
}
.bottom {
    bottom: 3px;
}
.reference {
    position: absolute;
    left: 3px;
    bottom: 3px;
    width: 84px;
    height: 26px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    font: 11.5px var(--words);
}
.reference:disabled {
    background: transparent;
    color: var(--off);
}
.point {
    position: absolute;
    width: 13px;
    height: 13px;
    margin: -6.5px;
    cursor: pointer;
}
.point::before {
    content: '';
    position: absolute;
    inset: 3px;
    background: var(--card);
    border: 1.2px solid var(--spruce);
}
.point.chosen::before {
    inset: 2px;
    background: var(--spruce);
}
.nothing .point::before {
    border-color: var(--edge);
    background: var(--well);
}
/* Where there is room, it goes to the figures. */
@container (min-width: 234px) {
    .item > label :deep(input) {
        padding-right: 3px;
    }
}
@container (min-width: 310px) {
    .figure .item {
        inset: 36px 69px 37px;
    }
    .figure .clearance {
        width: 60px;
    }
}
</style>
