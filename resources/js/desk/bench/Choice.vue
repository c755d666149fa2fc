<script setup lang="ts" generic="T extends string">
/** One of a few, as words in a row behind a word that says of what. */
defineProps<{ word: string; label: string; options: { key: T; words: string }[]; disabled?: boolean }>();
const chosen = defineModel<T>({ required: true });
</script>

<template>
    <div class="choice" role="group" :aria-label="label">
        <span>{{ word }}</span>
        <button
            v-for="option in options"
            :key="option.key"
            type="button"
            :aria-pressed="chosen === option.key"
            :disabled="disabled"
            @click="chosen = option.key"
        >
            {{ option.words }}
        </button>
    </div>
</template>

<style scoped>
.choice {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 3px;
}
span {
    color: var(--soft);
    font-size: 12px;
    margin-right: 4px;
}
button {
    height: 25px;
    padding: 0 9px;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    font-size: 12px;
    cursor: pointer;
    white-space: nowrap;
}
button:hover:not(:disabled) {
    border-color: var(--line);
}
button[aria-pressed='true']:not(:disabled) {
    background: var(--spruce-wash);
    border-color: var(--spruce);
    font-weight: 600;
}
button:disabled {
    color: var(--off);
    cursor: default;
}
</style>
