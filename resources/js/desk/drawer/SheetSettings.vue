<script setup lang="ts">
import LengthField from '@/parts/LengthField.vue';
import { hexOf } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import ToggleSwitch from 'primevue/toggleswitch';
import { computed } from 'vue';
import ColourField from './ColourField.vue';
import SwatchList from './SwatchList.vue';
import TokenFiles from './TokenFiles.vue';

/** The sheet itself: its size, its background, and whether things are brought to whole pixels. */
const desk = useDesk();
const sheet = computed(() => desk.sheet);
const set = (side: 'width' | 'height') => (typed: string) => desk.run('set-sheet', { [side]: typed }, []);
const print = computed(() =>
    sheet.value && sheet.value.unit !== 'px'
        ? `${sheet.value.typed.width} × ${sheet.value.typed.height} ${sheet.value.unit} at ${sheet.value.ppi} ppi`
        : '',
);
</script>

<template>
    <template v-if="sheet">
        <h2>{{ sheet.name }}</h2>
        <section>
            <h3>Size</h3>
            <div class="pair">
                <LengthField label="w" name="sheet width" :value="sheet.width" :apply="set('width')" />
                <LengthField label="h" name="sheet height" :value="sheet.height" :apply="set('height')" />
            </div>
            <p v-if="print" class="num note">{{ print }}</p>
        </section>
        <section>
            <h3>Background</h3>
            <ColourField
                :value="sheet.background"
                label="Background"
                :none="true"
                @set="
                    (colour) =>
                        desk.run('set-sheet', { background: colour && hexOf(colour, desk.swatches).slice(0, 7) }, [])
                "
            />
        </section>
        <section>
            <label class="switch">
                <ToggleSwitch
                    :model-value="sheet.whole_pixels"
                    input-id="whole-pixels"
                    @update:model-value="desk.run('set-sheet', { whole_pixels: $event }, [])"
                />
                Keep things on whole pixels
            </label>
        </section>
        <SwatchList />
        <TokenFiles />
    </template>
</template>

<style scoped src="./section.css"></style>

<style scoped>
h2 {
    font-size: 14px;
    font-weight: 700;
}
.pair {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.switch {
    display: flex;
    align-items: center;
    gap: 9px;
    cursor: pointer;
}
.note {
    color: var(--soft);
    font-size: 11.5px;
}
</style>
