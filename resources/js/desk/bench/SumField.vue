<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { focusStage } from '@/parts/focus';
import { figure } from '@/sheet/geometry';
import FieldComplaint from '@/parts/FieldComplaint.vue';
import { readCount, readSum } from '@/parts/sums';
import { computed, ref, type ComponentPublicInstance } from 'vue';

/**
 * A setting of the bench: a sum that is read when something is done with it, which Enter does. Up and down step by 1, with
 * Shift by 10. Counts and angles are read here, and say so where they cannot be.
 */
const props = defineProps<{
    label: string;
    name: string;
    /** a count, from this up */
    least?: number;
    /** an angle, or another plain number */
    number?: boolean;
    /** it may be left empty */
    optional?: boolean;
    disabled?: boolean;
    stretch?: boolean;
}>();
const emit = defineEmits<{ enter: [] }>();
const value = defineModel<string>({ required: true });
const field = ref<ComponentPublicInstance | null>(null);

const wrong = computed(() => {
    const typed = value.value.trim();
    if (props.disabled || (props.optional && typed === '')) return '';
    if (props.least !== undefined && readCount(typed, props.least) === null)
        return `"${typed}" is no number of ${props.label}. Type a whole number, ${props.least} or more.`;
    if (props.number && readSum(typed) === null) return `"${typed}" cannot be read as a number.`;
    return '';
});

function onKey(event: KeyboardEvent): void {
    if (event.key === 'Enter' && !wrong.value) emit('enter');
    if (event.key === 'Escape' && !(event.target as HTMLElement).closest('[role=dialog]')) {
        event.stopPropagation();
        focusStage();
    }
    if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
    const now = readSum(value.value);
    if (now === null) return;
    event.preventDefault();
    const next = now + (event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1);
    value.value = figure(Math.max(props.least ?? -Infinity, next));
}
</script>

<template>
    <label class="sum" :class="{ disabled, stretch, wrong }">
        <span>{{ label }}</span>
        <InputText
            ref="field"
            v-model="value"
            :aria-invalid="wrong !== ''"
            :name="name"
            :aria-label="label"
            :disabled="disabled"
            autocomplete="off"
            spellcheck="false"
            size="small"
            @focus="($event.target as HTMLInputElement).select()"
            @keydown="onKey"
        />
        <FieldComplaint :words="wrong" :of="field" />
    </label>
</template>

<style scoped>
.sum {
    display: inline-flex;
    align-items: center;
    height: 26px;
    width: 76px;
    flex: 0 1 auto;
    padding-left: 7px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--soft);
    font-size: 12px;
    min-width: 0;
    white-space: nowrap;
}
.sum.stretch {
    width: 100%;
}
.sum:has([name='columns']) {
    width: 90px;
}
.sum:focus-within {
    border-color: var(--spruce);
    box-shadow: 0 0 0 1px var(--spruce);
}
.sum.wrong {
    border-color: var(--brick);
    box-shadow: 0 0 0 1px var(--brick);
}
.sum :deep(input) {
    width: 100%;
    min-width: 0;
    border: 0;
    background: transparent;
    box-shadow: none;
    outline: none;
    padding: 0 7px 0 4px;
    text-align: right;
    font: 12px var(--figures);
    color: var(--ink);
}
</style>
