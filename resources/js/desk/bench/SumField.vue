<script setup lang="ts">
import { focusStage } from '@/parts/focus';
import { figure } from '@/sheet/geometry';
import FieldFrame from '@/parts/FieldFrame.vue';
import { readCount, readSum } from '@/sheet/sums';
import { onFieldKey } from '@/parts/typed';
import { computed } from 'vue';

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

const wrong = computed(() => {
    const typed = value.value.trim();
    if (props.disabled || (props.optional && typed === '')) return '';
    if (props.least !== undefined && readCount(typed, props.least) === null)
        return `"${typed}" is no number of ${props.label}. Type a whole number, ${props.least} or more.`;
    if (props.number && readSum(typed) === null) return `"${typed}" cannot be read as a number.`;
    return '';
});

function step(by: number): void {
    const now = readSum(value.value);
    if (now !== null) value.value = figure(Math.max(props.least ?? -Infinity, now + by));
}

function onKey(event: KeyboardEvent): void {
    // A dialog closes by Escape itself.
    if (event.key === 'Escape' && (event.target as HTMLElement).closest('[role=dialog]')) return;
    onFieldKey(event, { keep: () => !wrong.value && emit('enter'), leave: focusStage, step });
}
</script>

<template>
    <FieldFrame
        class="sum"
        :class="{ stretch, wide: name === 'columns' }"
        :label="label"
        :name="name"
        :spoken="label"
        :shown="value"
        :wrong="wrong"
        :disabled="disabled"
        @type="value = $event ?? ''"
        @keydown="onKey"
    />
</template>

<style scoped>
.sum {
    width: 76px;
    flex: 0 1 auto;
}
.sum.stretch {
    width: 100%;
}
.sum.wide {
    width: 90px;
}
</style>
