<script setup lang="ts">
import { counted } from '@/desk/words';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed, reactive } from 'vue';

/** What is selected is fitted to a span of columns and rows: by numbers, or by dragging over the grid. */
const desk = useDesk();
const view = useView();
const span = reactive({ columns: '', rows: '' });

/** "3-6" or "3" */
function range(text: string): [number, number] | undefined {
    const [, from, to] = /^\s*(\d+)\s*(?:[-–]\s*(\d+))?\s*$/.exec(text) ?? [];
    return from === undefined ? undefined : [Number(from), Number(to ?? from)];
}

const wanted = computed(() => {
    const [columns, rows] = [range(span.columns), range(span.rows)];
    return { ...(columns ? { columns } : {}), ...(rows ? { rows } : {}) };
});
const isTyped = computed(() => Object.keys(wanted.value).length > 0);
const nothing = computed(() => desk.selection.length === 0);
</script>

<template>
    <form class="part-of-grid" @submit.prevent="isTyped && desk.run('fit-to-grid', wanted)">
        <h4>Fit {{ nothing ? 'what is selected' : counted(desk.selected) }} to</h4>
        <div class="row">
            <input
                v-model="span.columns"
                class="num"
                name="fit columns"
                aria-label="Columns, such as 3-6"
                placeholder="col 3-6"
                autocomplete="off"
            />
            <input
                v-model="span.rows"
                class="num"
                name="fit rows"
                aria-label="Rows, such as 1-2"
                placeholder="row 1-2"
                autocomplete="off"
            />
            <button class="btn" type="submit" :disabled="nothing || !isTyped">Fit</button>
        </div>
        <div class="row">
            <button
                class="btn"
                type="button"
                :disabled="nothing"
                :aria-pressed="view.tool === 'fit'"
                @click="view.tool = view.tool === 'fit' ? 'select' : 'fit'"
            >
                Drag over the grid
            </button>
        </div>
    </form>
</template>

<style scoped>
.part-of-grid {
    display: grid;
    gap: 6px;
    width: 100%;
}
h4 {
    font: 400 12px var(--words);
    color: var(--soft);
    margin: 3px 0 0;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.row {
    display: flex;
    gap: 5px;
    width: 100%;
}
.row .btn {
    padding: 0 8px;
}
.row input,
.row select {
    flex: 1;
    min-width: 0;
    width: 0;
    height: 27px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    padding: 0 6px;
    font-size: 12px;
    color: var(--ink);
}
.row input:focus,
.row select:focus {
    outline: none;
    border-color: var(--spruce);
    box-shadow: 0 0 0 1px var(--spruce);
}
.btn[aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
</style>
