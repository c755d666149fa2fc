<script setup lang="ts">
import type { Colour } from '@/api/types';
import FieldComplaint from '@/parts/FieldComplaint.vue';
import { onFieldKey, useTyped } from '@/parts/typed';
import { hexOf } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';
import { readColour } from './colours';
import SwatchPicker from './SwatchPicker.vue';

/** A colour, picked, typed, or that of a swatch; null is none, undefined while the values differ. */
const props = defineProps<{ label: string; value: Colour | null | undefined; none: boolean }>();
const emit = defineEmits<{ set: [colour: Colour | null] }>();
const desk = useDesk();
const { text, wrong, type, giveBack, leave } = useTyped();
const field = ref<HTMLElement | null>(null);

const swatch = computed(() => {
    const { value } = props;
    return typeof value === 'object' && value !== null
        ? desk.swatches.find(({ key }) => key === value.swatch)
        : undefined;
});
const hex = computed(() => (props.value ? hexOf(props.value, desk.swatches) : (props.value ?? null)));
const shown = computed(() => text.value ?? swatch.value?.name ?? hex.value ?? '');

function keep(): void {
    const typed = text.value?.trim() ?? '';
    if (typed === '' || typed === swatch.value?.name) {
        giveBack();
        return;
    }
    const named = desk.swatches.find(({ name, gone }) => !gone && name.toLowerCase() === typed.toLowerCase());
    const read = named ? null : readColour(typed);
    if (read && 'wrong' in read) {
        wrong.value = read.wrong;
        return;
    }
    const colour = named ? { swatch: named.key, colour: named.colour } : (read?.hex ?? '');
    if (JSON.stringify(colour) !== JSON.stringify(props.value)) emit('set', colour);
    giveBack();
}

/** The browser's own picker knows no opacity: that stays as it was. */
function pick(event: Event): void {
    emit('set', (event.target as HTMLInputElement).value + (hex.value?.slice(7) ?? ''));
}

function onKey(event: KeyboardEvent): void {
    onFieldKey(event, { keep, leave });
}
</script>

<template>
    <div ref="field" class="colour" :class="{ wrong }">
        <input
            type="color"
            :value="hex?.slice(0, 7) ?? '#ffffff'"
            :aria-label="`${label}: pick a colour`"
            :class="{ empty: !value }"
            @change="pick"
        />
        <InputText
            :model-value="shown"
            :placeholder="value === undefined ? 'mixed' : 'none'"
            :aria-label="`${label} colour`"
            :aria-invalid="wrong !== ''"
            :title="swatch ? `${swatch.name}, ${hex}` : undefined"
            maxlength="60"
            size="small"
            spellcheck="false"
            @update:model-value="type"
            @blur="keep"
            @keydown="onKey"
        />
        <SwatchPicker :label="label" :value="value" @set="emit('set', $event)" />
        <button v-if="none" class="btn" type="button" :disabled="value === null" @click="emit('set', null)">
            None
        </button>
        <FieldComplaint :words="wrong" :of="field" />
    </div>
</template>

<style scoped>
.colour {
    display: flex;
    align-items: center;
    gap: 5px;
    min-width: 0;
}
input[type='color'] {
    width: 34px;
    height: 28px;
    padding: 2px;
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--card);
    cursor: pointer;
    flex: none;
}
input[type='color'].empty {
    opacity: 0.45;
}
.colour :deep(.p-inputtext) {
    flex: 1;
    min-width: 0;
    width: 100%;
    height: 28px;
    padding: 0 8px;
    font: 12px var(--figures);
    text-overflow: ellipsis;
}
.colour .btn {
    flex: none;
    padding: 0 8px;
}
.wrong :deep(.p-inputtext) {
    border-color: var(--brick);
}
</style>
