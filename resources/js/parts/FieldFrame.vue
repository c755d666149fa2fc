<script setup lang="ts">
import InputText from 'primevue/inputtext';
import { ref, type ComponentPublicInstance } from 'vue';
import FieldComplaint from './FieldComplaint.vue';

/** A figure in its frame: its label before it, its unit behind it, and what is wrong with it beside it. */
defineProps<{
    label?: string;
    name?: string;
    /** what it is called where the label is not enough */
    spoken?: string;
    shown: string;
    unit?: string;
    wrong?: string;
    disabled?: boolean;
    placeholder?: string;
    /** px of the figure */
    size?: number;
}>();
const emit = defineEmits<{ type: [typed: string | undefined]; blur: []; keydown: [event: KeyboardEvent] }>();
const field = ref<ComponentPublicInstance | null>(null);
defineExpose({ field });
</script>

<template>
    <label class="field" :class="{ wrong, disabled }">
        <span v-if="label">{{ label }}</span>
        <InputText
            ref="field"
            :style="size ? { fontSize: `${size}px` } : undefined"
            :name="name"
            :model-value="shown"
            :placeholder="placeholder"
            :disabled="disabled"
            :aria-invalid="Boolean(wrong)"
            :aria-label="spoken ?? name ?? label"
            autocomplete="off"
            spellcheck="false"
            size="small"
            @update:model-value="emit('type', $event)"
            @focus="($event.target as HTMLInputElement).select()"
            @blur="emit('blur')"
            @keydown="emit('keydown', $event)"
        />
        <em v-if="unit">{{ unit }}</em>
        <FieldComplaint :words="wrong ?? ''" :of="field" />
    </label>
</template>

<style scoped>
.field {
    display: inline-flex;
    align-items: center;
    height: 26px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--soft);
    font-size: 12px;
    padding-left: 7px;
    min-width: 0;
    white-space: nowrap;
}
.field:focus-within {
    border-color: var(--spruce);
    box-shadow: 0 0 0 1px var(--spruce);
}
.field.wrong {
    border-color: var(--brick);
    box-shadow: 0 0 0 1px var(--brick);
}
.field.disabled {
    color: var(--off);
}
.field :deep(input) {
    text-overflow: ellipsis;
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
em {
    font-style: normal;
    padding-right: 7px;
}
</style>
