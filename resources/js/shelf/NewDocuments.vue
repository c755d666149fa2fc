<script setup lang="ts">
import type { NewSheet } from '@/api/types';

/** Sizes to begin with, drawn to one scale: px at 96 to the inch. */
const emit = defineEmits<{ begin: [name: string, sheet: NewSheet]; exact: [] }>();
const SCALE = 0.115;
const PRESETS: { name: string; sheet: NewSheet; px: [number, number] }[] = [
    { name: 'Wide screen', sheet: { width: 1920, height: 1200, unit: 'px', ppi: 96 }, px: [1920, 1200] },
    { name: 'Screen', sheet: { width: 1280, height: 800, unit: 'px', ppi: 96 }, px: [1280, 800] },
    { name: 'Phone', sheet: { width: 390, height: 844, unit: 'px', ppi: 96 }, px: [390, 844] },
    { name: 'Square post', sheet: { width: 1080, height: 1080, unit: 'px', ppi: 96 }, px: [1080, 1080] },
    { name: 'A4', sheet: { width: 210, height: 297, unit: 'mm', ppi: 96 }, px: [794, 1123] },
    { name: 'A5', sheet: { width: 148, height: 210, unit: 'mm', ppi: 96 }, px: [559, 794] },
    { name: 'Card', sheet: { width: 85, height: 55, unit: 'mm', ppi: 300 }, px: [321, 208] },
];
const size = (sheet: NewSheet) => `${sheet.width} × ${sheet.height}${sheet.unit === 'px' ? '' : ` ${sheet.unit}`}`;
</script>

<template>
    <ul class="new" aria-label="Begin a new document">
        <li v-for="preset in PRESETS" :key="preset.name">
            <button type="button" @click="emit('begin', preset.name, preset.sheet)">
                <span class="board"
                    ><i :style="{ width: `${preset.px[0] * SCALE}px`, height: `${preset.px[1] * SCALE}px` }"
                /></span>
                <b>{{ preset.name }}</b>
                <span class="num">{{ size(preset.sheet) }}</span>
            </button>
        </li>
        <li>
            <button type="button" class="own" @click="emit('exact')">
                <span class="board"><i :style="{ width: '118px', height: '90px' }">Exact size</i></span>
                <b>Your own</b>
                <span class="num">px mm cm in pt pc</span>
            </button>
        </li>
    </ul>
</template>

<style scoped>
.new {
    list-style: none;
    margin: 0;
    padding: 0;
    display: flex;
    flex-wrap: wrap;
    row-gap: 14px;
}
.new li {
    flex: 1 1 auto;
}
.new button {
    display: block;
    width: 100%;
    border: 0;
    background: none;
    padding: 0;
    text-align: left;
    cursor: pointer;
}
.board {
    display: flex;
    align-items: flex-end;
    height: 150px;
    padding: 0 8px;
    border-bottom: 3px solid var(--edge);
}
.board i {
    display: grid;
    place-items: center;
    background: var(--card);
    border: 1px solid var(--edge);
    font-style: normal;
    transition: transform 0.12s;
}
button:hover i {
    border-color: var(--spruce);
    transform: translateY(-3px);
}
.own i {
    background: transparent;
    border: 1.5px dashed var(--spruce);
    color: var(--spruce);
    font-weight: 600;
}
b {
    display: block;
    padding: 9px 8px 1px;
    white-space: nowrap;
}
.num {
    padding: 0 8px;
    color: var(--soft);
    font-size: 12px;
    white-space: nowrap;
}
</style>
