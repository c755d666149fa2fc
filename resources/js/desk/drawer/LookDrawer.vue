<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import type { Item } from '@/api/types';
import { counted } from '@/sheet/words';
import { useDesk } from '@/stores/desk';
import { useLooks } from '@/stores/looks';
import ContrastLine from './ContrastLine.vue';
import CutSettings from './CutSettings.vue';
import FieldEditor from './FieldEditor.vue';
import SheetSettings from './SheetSettings.vue';
import { useLookFields } from './fields';
import { computed } from 'vue';

/** The fields of what is selected, for all of it at once; with nothing selected, the sheet. */
const desk = useDesk();
const looks = useLooks();
const { sections } = useLookFields();
/** the only one that is selected */
const only = computed(() => (desk.selected.length === 1 ? desk.selected[0]?.id : undefined));

/** @param run the presses of a key in a field that belong together */
function set(items: Item[], params: Commands['set'], run?: string): void {
    void desk.run(
        'set',
        params,
        items.map((item) => item.id),
        { run },
    );
}
</script>

<template>
    <div class="look">
        <CutSettings v-if="desk.selectedSlices.length" />
        <SheetSettings v-else-if="desk.selected.length === 0" />
        <template v-else>
            <h2>{{ counted(desk.selected) }}</h2>
            <div class="copying">
                <button class="btn" type="button" @click="looks.copy()">Copy look</button>
                <button class="btn" type="button" :disabled="!looks.canPaste" @click="looks.paste()">Paste look</button>
            </div>
            <section v-for="section in sections" :key="section.heading">
                <h3>{{ section.heading }}</h3>
                <ContrastLine v-if="section.heading === 'Letters' && only" :item="only" />
                <div class="rows">
                    <FieldEditor
                        v-for="row in section.rows"
                        :key="row.field.name"
                        :field="row.field"
                        :items="row.items"
                        :none="row.none"
                        @set="(value, run) => set(row.items, { [row.field.name]: value }, run)"
                    />
                </div>
            </section>
        </template>
    </div>
</template>

<style scoped src="./section.css"></style>

<style scoped>
.look {
    padding: 12px;
    overflow: auto;
    display: grid;
    gap: 14px;
    align-content: start;
    grid-auto-rows: max-content;
    height: 100%;
}
h2 {
    font-size: 14px;
    font-weight: 700;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.copying {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.rows {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 7px 6px;
}
.rows > :deep(*) {
    grid-column: span 2;
    min-width: 0;
}
</style>
