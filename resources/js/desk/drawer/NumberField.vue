<script setup lang="ts">
import { figure } from '@/sheet/geometry';
import FieldFrame from '@/parts/FieldFrame.vue';
import { readLength } from '@/parts/lengths';
import { usePresses } from '@/parts/presses';
import { readSum, relative } from '@/sheet/sums';
import { onFieldKey, useTyped } from '@/parts/typed';
import { computed } from 'vue';

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
const { text, wrong, type, giveBack, leave } = useTyped();
const shown = computed(() => text.value ?? (props.value === undefined ? '' : figure(props.value)));

const fits = (value: number) => value >= props.min && value <= props.max && (!props.whole || Number.isInteger(value));

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

function stepBy(by: number): void {
    const next = (readSum(shown.value) ?? 0) + props.step * by;
    text.value = figure(Math.min(props.max, Math.max(props.min, next)));
    void keep(presses());
}

function onKey(event: KeyboardEvent): void {
    onFieldKey(event, {
        keep: () => void keep(),
        leave,
        step: stepBy,
    });
}
</script>

<template>
    <FieldFrame
        class="number"
        :label="bare ? '' : label"
        :spoken="label"
        :shown="shown"
        :unit="unit"
        :wrong="wrong"
        :disabled="disabled"
        :placeholder="value === undefined && !disabled ? 'mixed' : ''"
        @type="type"
        @blur="keep()"
        @keydown="onKey"
    />
</template>

<style scoped>
.number {
    display: flex;
    height: 28px;
    border-radius: 4px;
}
</style>
