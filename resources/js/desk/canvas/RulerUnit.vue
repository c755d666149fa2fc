<script setup lang="ts">
import { UNITS, useUnits } from '@/stores/units';
import Menu from 'primevue/menu';
import { computed, ref } from 'vue';

/** At the end of the upper ruler: the unit of the desk, and a menu of the others. */
const units = useUnits();
const menu = ref<InstanceType<typeof Menu> | null>(null);
const entries = computed(() =>
    UNITS.map((unit) => ({ label: unit, disabled: unit === units.unit, command: () => units.choose(unit) })),
);
</script>

<template>
    <button
        class="ruler-unit num"
        type="button"
        aria-haspopup="true"
        v-tooltip.left="'In what the rulers are divided'"
        :aria-label="`Unit of the rulers: ${units.unit}`"
        @click="menu?.toggle($event)"
    >
        {{ units.unit }}
    </button>
    <Menu ref="menu" :model="entries" popup />
</template>

<style scoped>
.ruler-unit {
    position: absolute;
    right: 0;
    top: 0;
    z-index: 2;
    height: 24px;
    padding: 0 7px;
    border: 0;
    border-left: 1px solid var(--line);
    background: var(--well);
    color: var(--soft);
    font-size: 11px;
    cursor: pointer;
}
.ruler-unit:hover {
    color: var(--ink);
}
.ruler-unit:focus-visible {
    outline-offset: -2px;
}
</style>
