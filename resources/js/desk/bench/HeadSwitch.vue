<script setup lang="ts" generic="T extends string">
/** A choice of two or three in the heading of a well. */
defineProps<{ options: { key: T; words: string }[] }>();
const chosen = defineModel<T>({ required: true });
</script>

<template>
    <span class="switch">
        <button
            v-for="option in options"
            :key="option.key"
            type="button"
            :aria-pressed="chosen === option.key"
            @click="chosen = option.key"
        >
            {{ option.words }}
        </button>
    </span>
</template>

<style scoped>
.switch {
    display: flex;
    gap: 2px;
    overflow: visible !important;
}
button {
    min-height: 24px;
    margin: -4px 0;
    border: 0;
    background: none;
    padding: 0 5px;
    border-radius: 3px;
    font-size: 11.5px;
    color: var(--soft);
    cursor: pointer;
}
button[aria-pressed='true'] {
    background: var(--spruce-wash);
    color: var(--spruce);
    font-weight: 600;
}
</style>
