<script setup lang="ts">
import { useDesk } from '@/stores/desk';
import { computed } from 'vue';
import NumberField from './NumberField.vue';

/** The scale of sizes that the document offers. */
const desk = useDesk();
const scale = computed(() => desk.scales[0]);
</script>

<template>
    <section>
        <h3>Scale of sizes</h3>
        <template v-if="scale">
            <NumberField
                class="half"
                label="base"
                unit="px"
                :value="scale.base"
                :min="1"
                :max="500"
                @set="(base, run) => desk.run('set-scale', { base }, [], { run })"
            />
            <NumberField
                class="half"
                label="ratio"
                unit="×"
                :value="scale.ratio"
                :min="1.01"
                :max="4"
                :step="0.05"
                @set="(ratio, run) => desk.run('set-scale', { ratio }, [], { run })"
            />
            <button
                class="btn"
                type="button"
                :aria-pressed="scale.whole"
                @click="desk.run('set-scale', { whole: !scale.whole }, [])"
            >
                Whole pixels
            </button>
            <p class="note num">{{ scale.sizes.join(' · ') }}</p>
        </template>
        <template v-else>
            <p class="note">A base and a ratio give the sizes that are offered for letters.</p>
            <button class="btn" type="button" @click="desk.run('set-scale', { base: 16, ratio: 1.25 }, [])">
                Begin a scale
            </button>
        </template>
    </section>
</template>

<style scoped src="./type.css"></style>
