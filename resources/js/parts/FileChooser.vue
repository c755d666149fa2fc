<script setup lang="ts">
import { ref } from 'vue';

/** Lets files be chosen, as the browser does it: not seen, and opened by whoever has it. The same file can be chosen again. */
defineProps<{ label: string; accept: string; multiple?: boolean }>();
const emit = defineEmits<{ chosen: [files: File[]] }>();
const input = ref<HTMLInputElement | null>(null);

function take(): void {
    const files = [...(input.value?.files ?? [])];
    if (input.value) input.value.value = '';
    emit('chosen', files);
}

defineExpose({ open: () => input.value?.click() });
</script>

<template>
    <input
        ref="input"
        class="chooser"
        type="file"
        :accept="accept"
        :multiple="multiple"
        :aria-label="label"
        tabindex="-1"
        @change="take"
    />
</template>

<style scoped>
.chooser {
    display: none;
}
</style>
