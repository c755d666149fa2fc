<script setup lang="ts">
import { useFocusBack } from './focus';
import InputText from 'primevue/inputtext';
import { ref } from 'vue';

/** A one-line text that is kept on Enter or on leaving, and put back by Escape. */
const props = defineProps<{ value: string; label: string; placeholder?: string }>();
const emit = defineEmits<{ keep: [text: string]; done: [] }>();
const text = ref<string | null>(null);
useFocusBack();

function keep(): void {
    const typed = text.value?.trim();
    text.value = null;
    if (typed && typed !== props.value) emit('keep', typed);
    emit('done');
}

function onKey(event: KeyboardEvent): void {
    event.stopPropagation();
    if (event.key === 'Enter') keep();
    if (event.key === 'Escape') {
        text.value = null;
        emit('done');
    }
}
</script>

<template>
    <InputText
        class="text-field"
        :model-value="text ?? value"
        :aria-label="label"
        :placeholder="placeholder"
        size="small"
        maxlength="200"
        @update:model-value="text = $event ?? ''"
        @blur="keep"
        @keydown="onKey"
    />
</template>

<style scoped>
.text-field {
    height: 26px;
    font-size: 12.5px;
    padding: 0 7px;
    width: 100%;
    min-width: 0;
}
</style>
