<script setup lang="ts">
import { useCheck } from '@/stores/check';
import { useView } from '@/stores/view';
import { computed } from 'vue';

/** How many things are out of square; a press lists them. */
const check = useCheck();
const view = useView();
const count = computed(() => check.checked?.count ?? null);
const words = computed(() =>
    count.value === null ? 'Check' : count.value === 0 ? 'All square' : `${count.value} out of square`,
);
</script>

<template>
    <button
        class="stamp"
        :class="{ odd: count }"
        type="button"
        :aria-expanded="view.drawer === 'check'"
        v-tooltip.bottom="'What is not right on the sheet; F8 goes from one to the next'"
        @click="view.drawer = view.drawer === 'check' ? null : 'check'"
    >
        <svg width="14" height="14" aria-hidden="true"><path d="M2.500 1.500v10h10" /></svg>
        {{ words }}
    </button>
</template>

<style scoped>
.stamp {
    display: inline-flex;
    align-items: center;
    gap: 7px;
    height: 27px;
    padding: 0 10px;
    border: 1px solid #5b6d66;
    border-radius: 4px;
    background: transparent;
    color: var(--bar-ink);
    font-weight: 600;
    font-size: 12px;
    white-space: nowrap;
    cursor: pointer;
    flex: none;
}
.stamp:hover {
    border-color: var(--bar-ink);
}
.stamp.odd {
    background: #fbe9c9;
    border-color: #fbe9c9;
    color: #6f4303;
}
path {
    fill: none;
    stroke: currentcolor;
    stroke-width: 2.4;
}
</style>
