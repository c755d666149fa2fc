<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import { useDesk } from '@/stores/desk';
import { useTable } from '@/stores/table';
import Dialog from 'primevue/dialog';
import InputText from 'primevue/inputtext';
import { computed, ref } from 'vue';

/** A plain list of numbers, to be set in cells of one size between brackets. */
const desk = useDesk();
const table = useTable();
const BRACKETS = { square: 'square', round: 'round', bars: 'bars', none: 'none' } as const;
const numbers = ref('');
const columns = ref('');
const cell = ref('36');
const brackets = ref<keyof typeof BRACKETS>('square');

const open = computed({ get: () => table.asksNumbers, set: (on) => (table.asksNumbers = on) });
const rows = computed(() =>
    numbers.value
        .split(/[\r\n;]+/)
        .map((row) =>
            row
                .trim()
                .split(/[\s,[\]()]+/)
                .filter(Boolean),
        )
        .filter((row) => row.length > 0),
);
const wide = computed(() => {
    const typed = Number(columns.value);
    if (columns.value.trim() !== '' && Number.isInteger(typed) && typed > 0) return typed;
    const [first = []] = rows.value;
    return rows.value.length === 1
        ? Math.ceil(Math.sqrt(first.length))
        : Math.max(0, ...rows.value.map((row) => row.length));
});
const high = computed(() => {
    const count = rows.value.flat().length;
    return columns.value.trim() === '' && rows.value.length > 1
        ? rows.value.length
        : Math.ceil(count / Math.max(1, wide.value));
});

async function make(): Promise<void> {
    const params = {
        numbers: numbers.value,
        brackets: brackets.value,
        cell: cell.value || '36',
        ...(columns.value.trim() === '' ? {} : { columns: wide.value }),
    } as Commands['make-table'];
    if (await desk.run('make-table', params, [])) open.value = false;
}
</script>

<template>
    <Dialog v-model:visible="open" modal header="A matrix of numbers" :style="{ width: '420px' }" :draggable="false">
        <form class="matrix" @submit.prevent="make">
            <label
                >Numbers, row by row<textarea
                    v-model="numbers"
                    class="num"
                    rows="6"
                    maxlength="20000"
                    placeholder="1 0 0&#10;0 1 0&#10;0 0 1"
                    autofocus
                />
            </label>
            <div class="fields">
                <label
                    >Columns<InputText v-model="columns" class="num" :placeholder="wide ? String(wide) : ''"
                /></label>
                <label>Cells<InputText v-model="cell" class="num" /></label>
                <label
                    >Brackets
                    <select v-model="brackets" class="choose">
                        <option v-for="(words, key) in BRACKETS" :key="key" :value="key">{{ words }}</option>
                    </select>
                </label>
            </div>
            <p role="status">
                {{
                    wide
                        ? `${wide} × ${high} cells of ${cell} px`
                        : 'Type or paste numbers; a row ends where its line does.'
                }}
            </p>
            <div class="actions">
                <button class="btn" type="button" @click="open = false">Cancel</button>
                <button class="btn main" type="submit" :disabled="wide === 0">Make the matrix</button>
            </div>
        </form>
    </Dialog>
</template>

<style scoped>
.matrix {
    display: grid;
    gap: 11px;
}
label {
    display: grid;
    gap: 4px;
    font-size: 12px;
    color: var(--soft);
    font-weight: 600;
    min-width: 0;
}
textarea {
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--card);
    color: var(--ink);
    padding: 6px 8px;
    resize: vertical;
}
.fields {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 8px;
}
.choose {
    height: 33px;
}
p {
    color: var(--soft);
}
.actions {
    display: flex;
    justify-content: flex-end;
    gap: 8px;
}
.actions .btn {
    height: 31px;
    padding: 0 14px;
}
</style>
