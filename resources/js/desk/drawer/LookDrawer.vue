<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import type { Item } from '@/api/types';
import { counted } from '@/desk/words';
import { useDesk } from '@/stores/desk';
import Select from 'primevue/select';
import { computed, onMounted, ref } from 'vue';
import { api } from '@/api/client';
import CutSettings from './CutSettings.vue';
import { commonOf } from './common';
import ColourField from './ColourField.vue';
import NumberField from './NumberField.vue';
import SheetSettings from './SheetSettings.vue';

/** Fill, outline and type of what is selected, for all of it at once; with nothing selected, the sheet. */
const desk = useDesk();
const families = ref<Record<string, number[]>>({});
const FAMILY_NAMES: Record<string, string> = {
    overpass: 'Overpass',
    'overpass-mono': 'Overpass Mono',
    bitter: 'Bitter',
};
const SIDES = { start: 'left', centre: 'centre', end: 'right' } as const;
const WEIGHTS: Record<number, string> = { 400: 'Regular', 600: 'Semibold', 700: 'Bold' };

onMounted(async () => {
    families.value = await api.fonts().then(
        (fonts) => fonts.families,
        () => ({}),
    );
});

const having = (kinds: Item['kind'][]) => desk.selected.filter((item) => kinds.includes(item.kind));
const filled = computed(() => having(['box', 'round', 'text']));
const outlined = computed(() => having(['box', 'round', 'line']));
const boxes = computed(() => having(['box']));
const texts = computed(() => having(['text']));

/** @param run the presses of a key in a field that belong together */
function set(items: Item[], params: Commands['set'], run?: string): void {
    void desk.run(
        'set',
        params,
        items.map((item) => item.id),
        { run },
    );
}

const outline = computed(() => commonOf(outlined.value, (item) => item.outline ?? null));
const weights = computed(() =>
    (families.value[commonOf(texts.value, (item) => item.font) ?? 'overpass'] ?? [400, 700]).map((weight) => ({
        weight,
        name: WEIGHTS[weight] ?? String(weight),
    })),
);

function setOutline(change: { colour?: string | null; weight?: number }, run?: string): void {
    if (change.colour === null) {
        set(outlined.value, { outline: null });
        return;
    }
    const [first] = outlined.value;
    const before = outline.value ?? first?.outline ?? { colour: '#20302d', weight: 1 };
    set(outlined.value, { outline: { ...before, ...change } as { colour: string; weight: number } }, run);
}
</script>

<template>
    <div class="look">
        <CutSettings v-if="desk.selectedSlices.length" />
        <SheetSettings v-else-if="desk.selected.length === 0" />
        <template v-else>
            <h2>{{ counted(desk.selected) }}</h2>
            <section v-if="filled.length">
                <h3>{{ texts.length === filled.length ? 'Letters' : 'Fill' }}</h3>
                <ColourField
                    :value="commonOf(filled, (item) => item.fill ?? null)"
                    label="Fill"
                    :none="texts.length === 0"
                    @set="set(filled, { fill: $event })"
                />
            </section>
            <section v-if="outlined.length">
                <h3>Outline</h3>
                <ColourField
                    :value="outline === undefined ? undefined : (outline?.colour ?? null)"
                    label="Outline"
                    :none="true"
                    @set="setOutline({ colour: $event })"
                />
                <NumberField
                    label="weight"
                    unit="px"
                    :value="outline?.weight"
                    :disabled="outline === null"
                    :min="0"
                    :max="1000"
                    @set="(weight, run) => setOutline({ weight }, run)"
                />
            </section>
            <section v-if="boxes.length">
                <h3>Corners</h3>
                <NumberField
                    label="radius"
                    unit="px"
                    :value="commonOf(boxes, (item) => item.radius ?? 0)"
                    :min="0"
                    :max="10000"
                    @set="(value, run) => set(boxes, { radius: value }, run)"
                />
            </section>
            <section v-if="texts.length">
                <h3>Type</h3>
                <Select
                    :model-value="commonOf(texts, (item) => item.font)"
                    :options="Object.keys(families)"
                    :option-label="(key: string) => FAMILY_NAMES[key] ?? key"
                    size="small"
                    placeholder="mixed"
                    aria-label="Font"
                    @update:model-value="set(texts, { font: $event })"
                />
                <div class="pair">
                    <Select
                        :model-value="commonOf(texts, (item) => item.weight)"
                        :options="weights"
                        option-label="name"
                        option-value="weight"
                        size="small"
                        placeholder="mixed"
                        aria-label="Weight of the letters"
                        @update:model-value="set(texts, { weight: $event })"
                    />
                    <NumberField
                        label="size"
                        unit="px"
                        :value="commonOf(texts, (item) => item.size ?? 16)"
                        :min="1"
                        :max="2000"
                        @set="(value, run) => set(texts, { size: value }, run)"
                    />
                </div>
                <NumberField
                    label="line height"
                    unit="×"
                    :value="commonOf(texts, (item) => item.line_height ?? 1.3)"
                    :min="0.1"
                    :max="10"
                    :step="0.1"
                    @set="(value, run) => set(texts, { line_height: value }, run)"
                />
                <div class="aligns" role="group" aria-label="Lines stand">
                    <button
                        v-for="side in ['start', 'centre', 'end'] as const"
                        :key="side"
                        class="btn"
                        type="button"
                        :aria-pressed="commonOf(texts, (item) => item.align) === side"
                        @click="set(texts, { align: side })"
                    >
                        {{ SIDES[side] }}
                    </button>
                </div>
            </section>
            <section>
                <h3>Opacity</h3>
                <NumberField
                    label="opacity"
                    unit="%"
                    :value="
                        ((value) => (value === undefined ? undefined : value * 100))(
                            commonOf(desk.selected, (item) => item.opacity),
                        )
                    "
                    :min="0"
                    :max="100"
                    @set="set(desk.selected, { opacity: $event / 100 })"
                />
            </section>
        </template>
    </div>
</template>

<style scoped>
.look {
    padding: 12px;
    overflow: auto;
    display: grid;
    gap: 14px;
    align-content: start;
    height: 100%;
}
h2 {
    font-size: 14px;
    font-weight: 700;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
section {
    display: grid;
    gap: 7px;
}
h3 {
    font: 600 12px var(--words);
    color: var(--soft);
}
.pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.aligns {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 6px;
}
.aligns [aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
.look :deep(.p-select) {
    height: 28px;
    font-size: 12px;
    min-width: 0;
}
.look :deep(.p-select-label) {
    padding: 4px 8px;
    font-size: 12px;
}
</style>
