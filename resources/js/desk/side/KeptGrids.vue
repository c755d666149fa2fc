<script setup lang="ts">
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { ref } from 'vue';

/** Grids kept under a name, for all sheets of the document. */
defineProps<{ canKeep: boolean }>();
const desk = useDesk();
const view = useView();
const naming = ref('');
const chosen = ref('');

async function keep(): Promise<void> {
    if (await desk.run('keep-grid', { name: naming.value.trim() }, [])) naming.value = '';
}

async function use(): Promise<void> {
    if (await desk.run('use-grid', { grid: chosen.value }, [])) view.showGrid = true;
}

async function remove(): Promise<void> {
    if (await desk.run('delete-grid', { grid: chosen.value }, [])) chosen.value = '';
}
</script>

<template>
    <div class="panel-part">
        <h4>Kept grids</h4>
        <form v-if="canKeep" class="row" @submit.prevent="keep">
            <input v-model="naming" aria-label="Name for this grid" placeholder="name this grid" autocomplete="off" />
            <button class="btn" type="submit" :disabled="!naming.trim()">Keep</button>
        </form>
        <div v-if="desk.grids.length" class="row">
            <select v-model="chosen" aria-label="Kept grid">
                <option value="">choose one</option>
                <option v-for="grid in desk.grids" :key="grid.id" :value="grid.id">{{ grid.name }}</option>
            </select>
            <button class="btn" type="button" :disabled="!chosen" @click="use">Use</button>
            <button class="btn" type="button" :disabled="!chosen" aria-label="Delete this kept grid" @click="remove">
                ×
            </button>
        </div>
    </div>
</template>
