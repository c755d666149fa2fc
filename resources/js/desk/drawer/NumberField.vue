<script setup lang="ts">
import { figure } from '@/desk/geometry';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';

/** A plain number, stepped by the arrow keys; undefined while the values differ. */
const props = withDefaults(
    defineProps<{
        label: string;
        value: number | undefined;
        unit?: string;
        min: number;
        max: number;
        step?: number;
        disabled?: boolean;
    }>(),
    { unit: '', step: 1 },
);
const emit = defineEmits<{ set: [value: number] }>();
const text = ref<string | null>(null);
const shown = computed(() => text.value ?? (props.value === undefined ? '' : figure(props.value)));
const wrong = computed(() => text.value !== null && text.value !== '' && !fits(Number(text.value)));

const fits = (value: number) => Number.isFinite(value) && value >= props.min && value <= props.max;

function keep(): void {
    const value = Number(text.value);
    if (text.value !== null && text.value.trim() !== '' && fits(value)) {
        if (value !== props.value) emit('set', value);
        text.value = null;
    } else if (text.value?.trim() === '') text.value = null;
}

function onKey(event: KeyboardEvent): void {
    if (event.key === 'Enter') keep();
    else if (event.key === 'Escape') text.value = null;
    else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
        event.preventDefault();
        const by = props.step * (event.shiftKey ? 10 : 1) * (event.key === 'ArrowUp' ? 1 : -1);
        text.value = figure(Math.min(props.max, Math.max(props.min, Number(shown.value) + by)));
        keep();
    }
}
</script>

<template>
    <label class="number" :class="{ wrong }" :title="wrong ? `A number from ${min} to ${max}` : undefined">
        <span>{{ label }}</span>
        <InputText
            :model-value="shown"
            :placeholder="value === undefined ? 'mixed' : ''"
            :disabled="disabled"
            :aria-label="label"
            :aria-invalid="wrong"
            inputmode="decimal"
            autocomplete="off"
            size="small"
            @update:model-value="text = $event ?? ''"
            @focus="($event.target as HTMLInputElement).select()"
            @blur="keep"
            @keydown="onKey"
        />
        <em v-if="unit">{{ unit }}</em>
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
