<script setup lang="ts">
import { useTable } from '@/stores/table';
import Choice from './Choice.vue';
import TableLookFields from './TableLookFields.vue';
import TableRuleFields from './TableRuleFields.vue';
import TableSizeFields from './TableSizeFields.vue';

/** A table by its numbers: how it is set out, how its cells look, and its rules. While it is worked in, they are of what is chosen there. */
const table = useTable();
const ABOUT = [
    { key: 'sizes' as const, words: 'sizes' },
    { key: 'looks' as const, words: 'looks' },
    { key: 'rules' as const, words: 'rules' },
];
</script>

<template>
    <div class="table-fields">
        <div class="head">
            <Choice v-model="table.about" word="" label="What of the table" :options="ABOUT" />
            <button v-if="table.isOpen" class="btn" type="button" @click="table.leave()">Done</button>
            <button
                v-else
                class="btn"
                type="button"
                v-tooltip.top="{ value: 'Write into its cells, size its columns and rows (Enter)', showDelay: 400 }"
                @click="table.item && table.enter(table.item.id)"
            >
                Edit cells
            </button>
        </div>
        <TableSizeFields v-if="table.about === 'sizes'" />
        <TableLookFields v-else-if="table.about === 'looks'" />
        <TableRuleFields v-else />
    </div>
</template>

<style scoped>
.table-fields {
    display: grid;
    gap: 5px;
    align-content: start;
}
.head {
    display: flex;
    justify-content: space-between;
    align-items: center;
}
</style>
