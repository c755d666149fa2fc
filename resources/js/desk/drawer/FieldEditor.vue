<script setup lang="ts">
import type { Item, Outline } from '@/api/types';
import { commonOf, tallied } from '@/sheet/common';
import { figure } from '@/sheet/geometry';
import type { Field } from '@/sheet/kinds';
import { fillWords, type Fill, type Shadow } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import { computed } from 'vue';
import CornersEditor from './CornersEditor.vue';
import FillEditor from './FillEditor.vue';
import NumberField from './NumberField.vue';
import OutlineEditor from './OutlineEditor.vue';
import PictureEditor from './PictureEditor.vue';
import ShadowsEditor from './ShadowsEditor.vue';

/** One field of several items: edited by what sort of value it has. */
const props = defineProps<{ field: Field; items: Item[]; none: boolean }>();
const emit = defineEmits<{ set: [value: unknown, run?: string] }>();
const desk = useDesk();

const read = (item: Item): unknown => item.fields[props.field.name] ?? null;
const value = computed(() => commonOf(props.items, read));
const number = computed(() => (typeof value.value === 'number' ? value.value : undefined));
const fill = computed(() => value.value as Fill | null | undefined);
const outline = computed(() => value.value as Outline | null | undefined);
const shadows = computed(() => value.value as Shadow[] | undefined);
const heading = computed(() => (props.field.heading === 'Letters' ? 'Fill' : props.field.heading));
/** Where they differ, how often each value occurs. */
const mixed = computed(() => (value.value === undefined ? tallied(props.items.map((item) => said(read(item)))) : ''));
/** A share of 1 is written in per cent. */
const scale = computed(() => (props.field.unit === '%' ? 100 : 1));
const isOff = computed(() => props.none && value.value === null);

function said(of: unknown): string {
    const { type, unit, choices } = props.field;
    if (type === 'fill') return fillWords(of as Fill | null, desk.swatches);
    if (type === 'outline')
        return of
            ? `${figure((of as Outline).weight)} px ${fillWords((of as Outline).colour as Fill, desk.swatches)}`
            : 'none';
    if (type === 'shadows')
        return `${(of as Shadow[]).length || 'no'} ${(of as Shadow[]).length === 1 ? 'shadow' : 'shadows'}`;
    if (type === 'corners') return of ? (of as number[]).map(figure).join(' ') : 'alike';
    if (typeof of === 'number') return `${figure(of * scale.value)}${unit ? ` ${unit}` : ''}`;
    return choices?.find((choice) => choice.value === of)?.name ?? String(of ?? 'none');
}
</script>

<template>
    <div class="editor">
        <PictureEditor v-if="field.type === 'picture'" :items="items" />
        <FillEditor
            v-else-if="field.type === 'fill'"
            :value="fill"
            :label="heading"
            :none="none"
            :count="items.length"
            @set="(to, run) => emit('set', to, run)"
        />
        <OutlineEditor
            v-else-if="field.type === 'outline'"
            :label="heading"
            :value="outline"
            :before="items[0]?.fields.outline ?? null"
            @set="(to, run) => emit('set', to, run)"
        />
        <ShadowsEditor
            v-else-if="field.type === 'shadows'"
            :value="shadows"
            :most="field.most ?? 4"
            @set="(to, run) => emit('set', to, run)"
        />
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
        <div
            v-else
            class="choices"
            role="group"
            :aria-label="field.label.charAt(0).toUpperCase() + field.label.slice(1)"
        >
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
        <p v-if="mixed && field.type !== 'picture'" class="mixed" :title="mixed">{{ mixed }}</p>
    </div>
</template>

<style scoped>
.editor {
    display: grid;
    gap: 5px;
    min-width: 0;
}
.mixed {
    margin: 0;
    font: 11px var(--figures);
    color: var(--soft);
    overflow: hidden;
    text-overflow: ellipsis;
    display: -webkit-box;
    -webkit-line-clamp: 2;
    -webkit-box-orient: vertical;
}
.maybe {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.choices {
    display: grid;
    grid-auto-columns: minmax(0, auto);
    grid-auto-flow: column;
    gap: 6px;
}
[aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
</style>
