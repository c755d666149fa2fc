<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { onFieldKey, useTyped } from '@/parts/typed';
import FieldComplaint from '@/parts/FieldComplaint.vue';
import { computed, ref } from 'vue';
import { readColour } from './colours';

/** A colour, picked or typed; null is none, undefined while the values differ. */
const props = defineProps<{ label: string; value: string | null | undefined; none: boolean }>();
const emit = defineEmits<{ set: [colour: string | null] }>();
const { text, wrong, type, giveBack } = useTyped();
const field = ref<HTMLElement | null>(null);
const shown = computed(() => text.value ?? props.value ?? '');

function keep(): void {
    const typed = text.value?.trim() ?? '';
    if (typed === '') {
        giveBack();
        return;
    }
    const read = readColour(typed);
    if ('wrong' in read) {
        wrong.value = read.wrong;
        return;
    }
    if (read.hex !== props.value) emit('set', read.hex);
    giveBack();
}

function onKey(event: KeyboardEvent): void {
    onFieldKey(event, { keep, leave: giveBack });
}
</script>

<template>
    <div ref="field" class="colour" :class="{ wrong }">
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
            :aria-invalid="wrong !== ''"
            maxlength="60"
            size="small"
            spellcheck="false"
            @update:model-value="type"
            @blur="keep"
            @keydown="onKey"
        />
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
