<script setup lang="ts">
import type { Item, Outline } from '@/api/types';
import { commonOf } from '@/sheet/common';
import type { Field } from '@/sheet/kinds';
import Select from 'primevue/select';
import { computed } from 'vue';
import ColourField from './ColourField.vue';
import CornersEditor from './CornersEditor.vue';
import NumberField from './NumberField.vue';
import { useFonts } from './fonts';

/** One field of several items: edited by what sort of value it has. */
const props = defineProps<{ field: Field; items: Item[]; none: boolean }>();
const emit = defineEmits<{ set: [value: unknown, run?: string] }>();
const { families, nameOf, weightsOf } = useFonts();

const read = (item: Item): unknown => item.fields[props.field.name] ?? null;
const value = computed(() => commonOf(props.items, read));
const number = computed(() => (typeof value.value === 'number' ? value.value : undefined));
const colour = computed(() => value.value as string | null | undefined);
const outline = computed(() => value.value as Outline | null | undefined);
/** A share of 1 is written in per cent. */
const scale = computed(() => (props.field.unit === '%' ? 100 : 1));
const isOff = computed(() => props.none && value.value === null);
const font = computed(() => commonOf(props.items, (item) => item.fields.font));

function setOutline(change: { colour?: string | null; weight?: number }, run?: string): void {
    if (change.colour === null) {
        emit('set', null);
        return;
    }
    const before = outline.value ?? props.items[0]?.fields.outline ?? { colour: '#20302d', weight: 1 };
    emit('set', { ...before, ...change }, run);
}
</script>

<template>
    <ColourField
        v-if="field.type === 'colour'"
        :value="colour"
        :label="field.heading === 'Letters' ? 'Fill' : field.heading"
        :none="none"
        @set="emit('set', $event)"
    />
    <div v-else-if="field.type === 'outline'" class="stack">
        <ColourField
            :value="outline === undefined ? undefined : (outline?.colour ?? null)"
            :label="field.heading"
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
    </div>
    <CornersEditor
        v-else-if="field.type === 'corners'"
        :field="field"
        :items="items"
        @set="(radii, run) => emit('set', radii, run)"
    />
    <div v-else-if="field.type === 'number' && none" class="maybe">
        <button
            class="btn"
            type="button"
            :aria-pressed="!isOff"
            @click="emit('set', isOff ? ((field.least ?? 0) + (field.most ?? 1)) / 2 : null)"
        >
            {{ field.label }}
        </button>
        <NumberField
            :label="field.noun.replace(/^the /, '')"
            bare
            :unit="field.unit"
            :value="number === undefined ? undefined : number * scale"
            :disabled="isOff"
            :min="(field.least ?? 0) * scale"
            :max="(field.most ?? 0) * scale"
            @set="(typed, run) => emit('set', typed / scale, run)"
        />
    </div>
    <NumberField
        v-else-if="field.type === 'number'"
        :label="field.label"
        :unit="field.unit"
        :value="number === undefined ? undefined : number * scale"
        :min="(field.least ?? 0) * scale"
        :max="(field.most ?? 0) * scale"
        :step="(field.step ?? 1) * scale"
        @set="(typed, run) => emit('set', typed / scale, run)"
    />
    <NumberField
        v-else-if="field.type === 'count'"
        :label="field.label"
        whole
        :value="number"
        :min="field.least ?? 0"
        :max="field.most ?? 0"
        @set="(typed, run) => emit('set', typed, run)"
    />
    <Select
        v-else-if="field.type === 'font'"
        :model-value="value"
        :options="families"
        :option-label="nameOf"
        size="small"
        placeholder="mixed"
        aria-label="Font"
        @update:model-value="emit('set', $event)"
    />
    <Select
        v-else-if="field.type === 'font-weight'"
        :model-value="value"
        :options="weightsOf(font)"
        option-label="name"
        option-value="weight"
        size="small"
        placeholder="mixed"
        aria-label="Weight of the letters"
        @update:model-value="emit('set', $event)"
    />
    <div v-else class="choices" role="group" :aria-label="field.label.charAt(0).toUpperCase() + field.label.slice(1)">
        <button
            v-for="choice in field.choices"
            :key="choice.value"
            class="btn"
            type="button"
            :aria-pressed="value === choice.value"
            @click="emit('set', choice.value)"
        >
            {{ choice.name }}
        </button>
    </div>
</template>

<style scoped>
.stack {
    display: grid;
    gap: 7px;
}
.maybe {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.choices {
    display: grid;
    grid-auto-columns: 1fr;
    grid-auto-flow: column;
    gap: 6px;
}
[aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
.p-select {
    height: 28px;
    font-size: 12px;
    min-width: 0;
}
.p-select :deep(.p-select-label) {
    padding: 4px 8px;
    font-size: 12px;
}
</style>
