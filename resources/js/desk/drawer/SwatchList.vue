<script setup lang="ts">
import { useDesk } from '@/stores/desk';
import { computed } from 'vue';
import ColourField from './ColourField.vue';

/** The swatches of the document: changed here, they are changed everywhere. */
const desk = useDesk();
const offered = computed(() => desk.swatches.filter(({ gone }) => !gone));

function rename(id: string, was: string, event: Event): void {
    const field = event.target as HTMLInputElement;
    const name = field.value.trim();
    if (name === '' || name === was) field.value = was;
    else void desk.run('set-swatch', { swatch: id, name }, []);
}
</script>

<template>
    <section v-if="offered.length" class="swatches">
        <h3>Swatches</h3>
        <div v-for="swatch in offered" :key="swatch.id" class="swatch">
            <input
                :value="swatch.name"
                :aria-label="`Name of the swatch ${swatch.name}`"
                maxlength="200"
                autocomplete="off"
                @change="rename(swatch.id, swatch.name, $event)"
            />
            <button
                class="btn"
                type="button"
                :aria-label="`Delete the swatch ${swatch.name}`"
                v-tooltip.top="{ value: 'What has its colour keeps it', showDelay: 400 }"
                @click="desk.run('delete-swatch', { swatch: swatch.id }, [])"
            >
                ×
            </button>
            <ColourField
                class="wide"
                :label="swatch.name"
                :value="swatch.colour"
                :none="false"
                @set="
                    (colour) => typeof colour === 'string' && desk.run('set-swatch', { swatch: swatch.id, colour }, [])
                "
            />
        </div>
    </section>
</template>

<style scoped>
.swatches,
.swatch {
    display: grid;
    gap: 8px;
}
.swatch {
    grid-template-columns: 1fr auto;
    gap: 5px;
}
.wide {
    grid-column: span 2;
}
h3 {
    font: 600 12px var(--words);
    color: var(--soft);
}
input {
    height: 26px;
    min-width: 0;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    color: var(--ink);
    font: 12px var(--words);
    padding: 0 4px;
}
input:hover,
input:focus {
    border-color: var(--line);
    background: var(--card);
}
</style>
