<script setup lang="ts">
/** Which files could not be opened, and why. */
defineProps<{ failures: { name: string; why: string }[] }>();
const emit = defineEmits<{ close: [] }>();
</script>

<template>
    <section class="failures" aria-label="Files that could not be opened" role="alert">
        <b>{{ failures.length === 1 ? 'This file' : `${failures.length} files` }} could not be opened</b>
        <ul>
            <li v-for="failure in failures" :key="failure.name">
                <b>{{ failure.name }}</b>: {{ failure.why }}
            </li>
        </ul>
        <button class="btn" type="button" @click="emit('close')">Close</button>
    </section>
</template>

<style scoped>
.failures {
    margin-top: 16px;
    padding: 12px 14px;
    border: 1px solid var(--line);
    border-left: 3px solid var(--brick);
    background: var(--card);
    display: grid;
    gap: 6px;
    justify-items: start;
}
.failures ul {
    margin: 0;
    padding-left: 18px;
    max-height: 160px;
    overflow: auto;
}
</style>
