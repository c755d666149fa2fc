<script setup lang="ts">
import Mark from './Mark.vue';
</script>

<template>
    <header class="dark-bar">
        <RouterLink to="/" class="home" aria-label="All Square: to the shelf"><Mark /><b>All Square</b></RouterLink>
        <slot />
    </header>
</template>

<style scoped>
header {
    display: flex;
    align-items: center;
    gap: 14px;
    height: 46px;
    padding: 0 12px;
    background: var(--bar);
    color: var(--bar-ink);
    min-width: 0;
}
.home {
    display: flex;
    align-items: center;
    gap: 12px;
    color: inherit;
    text-decoration: none;
    white-space: nowrap;
    border-radius: 3px;
}
</style>
