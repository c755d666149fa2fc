<script setup lang="ts">
import AlignWell from './AlignWell.vue';
import PlaceWell from './PlaceWell.vue';
import SpaceWell from './SpaceWell.vue';
</script>

<template>
    <section class="bench" aria-label="Bench">
        <PlaceWell />
        <AlignWell />
        <SpaceWell />
    </section>
</template>

<style scoped>
.bench {
    display: grid;
    grid-template-columns: minmax(346px, 1.15fr) minmax(296px, 1fr) minmax(380px, 1.1fr);
    height: 192px;
    background: var(--paper);
    border-top: 1px solid var(--line);
    min-width: 0;
    overflow: auto hidden;
}
.bench > :deep(.well) {
    padding: 9px 12px 6px;
    border-right: 1px solid var(--line);
    min-width: 0;
    display: flex;
    flex-direction: column;
}
.bench > :deep(.well:last-child) {
    border-right: 0;
}
.bench :deep(h3) {
    display: flex;
    justify-content: space-between;
    gap: 10px;
    margin-bottom: 7px;
    font: 600 12px var(--words);
    color: var(--soft);
    white-space: nowrap;
}
.bench :deep(h3 span) {
    font-weight: 400;
    overflow: hidden;
    text-overflow: ellipsis;
}
</style>
