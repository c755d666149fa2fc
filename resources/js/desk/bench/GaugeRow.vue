<script setup lang="ts">
import LengthField from '@/parts/LengthField.vue';
import { useDesk } from '@/stores/desk';
import { useGauge } from '@/stores/gauge';
import { useUnits } from '@/stores/units';

/** The unit of spacing, and the gauge blocks that are of its size. A gap that is lit up can become the unit. */
defineProps<{ lit: number | null }>();
const desk = useDesk();
const gauge = useGauge();
const units = useUnits();

const setUnit = (typed: string) => desk.run('set-sheet', { unit_of_spacing: typed }, []);
</script>

<template>
    <div class="gauge">
        <LengthField
            label="unit"
            name="unit of spacing"
            :value="gauge.size"
            hint="The side of a gauge block; gaps are read in it"
            :apply="setUnit"
        />
        <button
            class="btn"
            type="button"
            :aria-pressed="gauge.shown"
            v-tooltip.top="{ value: 'Take the gauge blocks out, or put them away (u)', showDelay: 400 }"
            @click="gauge.toggle()"
        >
            Gauge
        </button>
        <button
            v-if="gauge.shown"
            class="btn"
            type="button"
            aria-label="Another gauge block"
            v-tooltip.top="{
                value: 'Another block; Alt drag leaves one, double click takes one away',
                showDelay: 400,
            }"
            @click="gauge.drop()"
        >
            +
        </button>
        <button
            v-if="lit !== null && lit > 0"
            class="link"
            type="button"
            @click="desk.run('set-sheet', { unit_of_spacing: lit }, [])"
        >
            unit {{ units.text(lit) }}
        </button>
    </div>
</template>

<style scoped>
.gauge {
    display: flex;
    align-items: center;
    gap: 3px;
    flex: none;
    margin-top: auto;
    margin-bottom: 2px;
    overflow: visible;
}
.gauge :deep(.field) {
    width: 92px;
}
.gauge .btn {
    padding: 0 8px;
}
</style>
