<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { figure } from '@/desk/geometry';

/** A setting of the bench: a sum that is read when something is done with it. Up and down step by 1, with Shift by 10. */
const props = defineProps<{ label: string; name: string; plain?: boolean; disabled?: boolean; stretch?: boolean }>();
const value = defineModel<string>({ required: true });

function onKey(event: KeyboardEvent): void {
    if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
    const now = Number(value.value);
    if (!Number.isFinite(now)) return;
    event.preventDefault();
    const next = now + (event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1);
    value.value = figure(props.plain ? Math.max(1, next) : next);
}
</script>

<template>
    <label class="sum" :class="{ disabled, stretch }">
        <span>{{ label }}</span>
        <InputText
            v-model="value"
            :name="name"
            :aria-label="label"
            :disabled="disabled"
            autocomplete="off"
            spellcheck="false"
            size="small"
            @focus="($event.target as HTMLInputElement).select()"
            @keydown="onKey"
        />
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
