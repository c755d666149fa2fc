<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { onFieldKey, useTyped } from '@/parts/typed';
import { computed } from 'vue';

/** A colour as #rrggbb, picked or typed; null is none, undefined while the values differ. */
const props = defineProps<{ label: string; value: string | null | undefined; none: boolean }>();
const emit = defineEmits<{ set: [colour: string | null] }>();
const { text, type, giveBack } = useTyped();
const shown = computed(() => text.value ?? props.value ?? '');

/** #abc and abcdef are understood too. */
function read(typed: string): string | null {
    const hex = typed.trim().replace(/^#/, '');
    if (/^[0-9a-f]{3}$/i.test(hex)) return `#${[...hex].map((digit) => digit + digit).join('')}`;
    return /^[0-9a-f]{6}$/i.test(hex) ? `#${hex}` : null;
}

const wrong = computed(() => text.value !== null && text.value.trim() !== '' && read(text.value) === null);

function keep(): void {
    const colour = text.value === null ? null : read(text.value);
    if (colour && colour !== props.value) emit('set', colour);
    if (colour || text.value?.trim() === '') text.value = null;
}

function onKey(event: KeyboardEvent): void {
    onFieldKey(event, { keep, leave: giveBack });
}
</script>

<template>
    <div class="colour" :class="{ wrong }">
        <input
            type="color"
            :value="value ?? '#ffffff'"
            :aria-label="`${label}: pick a colour`"
            :class="{ empty: !value }"
            @change="emit('set', ($event.target as HTMLInputElement).value)"
        />
        <InputText
            :model-value="shown"
            :placeholder="value === undefined ? 'mixed' : 'none'"
            :aria-label="`${label} colour`"
            :aria-invalid="wrong"
            maxlength="7"
            size="small"
            spellcheck="false"
            @update:model-value="type"
            @blur="keep"
            @keydown="onKey"
        />
        <button v-if="none" class="btn" type="button" :disabled="value === null" @click="emit('set', null)">
            None
        </button>
    </div>
</template>

<style scoped>
.colour {
    display: flex;
    align-items: center;
    gap: 6px;
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
}
.wrong :deep(.p-inputtext) {
    border-color: var(--brick);
}
</style>
