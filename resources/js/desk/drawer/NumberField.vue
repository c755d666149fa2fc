<script setup lang="ts">
import { focusStage } from '@/parts/focus';
import { figure } from '@/sheet/geometry';
import FieldComplaint from '@/parts/FieldComplaint.vue';
import { readLength } from '@/parts/lengths';
import { usePresses } from '@/parts/presses';
import { readSum, relative } from '@/parts/sums';
import InputText from 'primevue/inputtext';
import { computed, ref, type ComponentPublicInstance } from 'vue';

/** A number that takes sums, and units where it is a length; stepped by the arrow keys; undefined while the values differ. */
const props = withDefaults(
    defineProps<{
        label: string;
        value: number | undefined;
        unit?: string;
        min: number;
        max: number;
        step?: number;
        disabled?: boolean;
        /** whole numbers only */
        whole?: boolean;
        /** without its label beside it */
        bare?: boolean;
    }>(),
    { unit: '', step: 1 },
);
const emit = defineEmits<{ set: [value: number, run?: string] }>();
const presses = usePresses();
const text = ref<string | null>(null);
const wrong = ref('');
const field = ref<ComponentPublicInstance | null>(null);
const shown = computed(() => text.value ?? (props.value === undefined ? '' : figure(props.value)));

const fits = (value: number) => value >= props.min && value <= props.max && (!props.whole || Number.isInteger(value));

function type(typed: string | undefined): void {
    text.value = typed ?? '';
    wrong.value = '';
}

async function keep(run?: string): Promise<void> {
    const typed = relative(text.value?.trim() ?? '', figure(props.value ?? 0));
    if (typed === '') {
        giveBack();
        return;
    }
    const value =
        readSum(typed) ?? (props.unit === 'px' ? await readLength(typed) : `"${typed}" cannot be read as a number.`);
    if (typeof value === 'string') wrong.value = value;
    else if (!fits(value))
        wrong.value = `${props.whole ? 'A whole number from' : 'From'} ${figure(props.min)} to ${figure(props.max)}${props.unit ? ` ${props.unit}` : ''}.`;
    else {
        if (value !== props.value) emit('set', value, run);
        giveBack();
    }
}

function giveBack(): void {
    text.value = null;
    wrong.value = '';
}

function onKey(event: KeyboardEvent): void {
    if (event.key === 'Enter') void keep();
    else if (event.key === 'Escape') {
        event.stopPropagation();
        if (text.value === null) focusStage();
        else giveBack();
    } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
        event.preventDefault();
        const by = props.step * (event.shiftKey ? 10 : 1) * (event.key === 'ArrowUp' ? 1 : -1);
        text.value = figure(Math.min(props.max, Math.max(props.min, (readSum(shown.value) ?? 0) + by)));
        void keep(presses());
    }
}
</script>

<template>
    <label class="number" :class="{ wrong }">
        <span v-if="!bare">{{ label }}</span>
        <InputText
            ref="field"
            :model-value="shown"
            :placeholder="value === undefined ? 'mixed' : ''"
            :disabled="disabled"
            :aria-label="label"
            :aria-invalid="wrong !== ''"
            autocomplete="off"
            size="small"
            @update:model-value="type"
            @focus="($event.target as HTMLInputElement).select()"
            @blur="keep()"
            @keydown="onKey"
        />
        <em v-if="unit">{{ unit }}</em>
        <FieldComplaint :words="wrong" :of="field" />
    </label>
</template>

<style scoped>
.number {
    display: flex;
    align-items: center;
    height: 28px;
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--card);
    color: var(--soft);
    font-size: 12px;
    padding: 0 8px;
    min-width: 0;
    white-space: nowrap;
}
.number:focus-within {
    border-color: var(--spruce);
    box-shadow: 0 0 0 1px var(--spruce);
}
.number.wrong {
    border-color: var(--brick);
    box-shadow: 0 0 0 1px var(--brick);
}
.number :deep(input) {
    flex: 1;
    width: 100%;
    min-width: 0;
    border: 0;
    background: transparent;
    box-shadow: none;
    outline: none;
    padding: 0 4px;
    text-align: right;
    font: 12px var(--figures);
    color: var(--ink);
}
.number em {
    font-style: normal;
}
</style>
