<script setup lang="ts">
import { counted } from '@/sheet/words';
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
    <form class="panel-part" @submit.prevent="isTyped && desk.run('fit-to-grid', wanted)">
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
