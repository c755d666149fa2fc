<script setup lang="ts">
import { PAD, useBench, type Edge } from '@/stores/bench';
import { pressed, vRehearse } from '@/stores/rehearsal';

/** The pad of nine, for both directions at once, with a strip above and one at its side for one direction. */
defineProps<{ disabled: boolean }>();
const bench = useBench();

const ACROSS: { edge: Edge; words: string; keys: string; path: string }[] = [
    { edge: 'left', words: 'left edges', keys: 'Alt ←', path: 'M3 2v14M5 4h10v3.500H5zM5 10.500h6V14H5z' },
    {
        edge: 'centre',
        words: 'centres across',
        keys: 'Alt Shift ←',
        path: 'M9 2v14M3.500 4h11v3.500h-11zM6 10.500h6V14H6z',
    },
    { edge: 'right', words: 'right edges', keys: 'Alt →', path: 'M15 2v14M3 4h10v3.500H3zM7 10.500h6V14H7z' },
];
const DOWN: { edge: Edge; words: string; keys: string; path: string }[] = [
    { edge: 'top', words: 'tops', keys: 'Alt ↑', path: 'M2 3h14M4 5v10h3.500V5zM10.500 5v6H14V5z' },
    { edge: 'middle', words: 'middles', keys: 'Alt Shift ↑', path: 'M2 9h14M4 3.500v11h3.500v-11zM10.500 6v6H14V6z' },
    { edge: 'bottom', words: 'bottoms', keys: 'Alt ↓', path: 'M2 15h14M4 3v10h3.500V3zM10.500 7v6H14V7z' },
];
const STRIPS = [
    { way: 'across', edges: ACROSS },
    { way: 'down', edges: DOWN },
];
const CELLS = ['7', '8', '9', '4', '5', '6', '1', '2', '3'].map((key) => {
    const [across, down] = PAD[key] ?? ['centre', 'middle'];
    const at = (edge: Edge, low: Edge, high: Edge) => (edge === low ? 'start' : edge === high ? 'end' : 'center');
    return {
        key,
        across,
        down,
        words: across === 'centre' && down === 'middle' ? 'centre' : `${down} ${across}`,
        place: `${at(down, 'top', 'bottom')} ${at(across, 'left', 'right')}`,
    };
});
</script>

<template>
    <div class="pad">
        <div v-for="strip in STRIPS" :key="strip.way" class="strip" :class="strip.way">
            <button
                v-for="one in strip.edges"
                :key="one.edge"
                v-rehearse="() => bench.align(one.edge)"
                type="button"
                :disabled="disabled"
                :aria-label="`Align ${one.words}`"
                v-tooltip.top="{ value: `Align ${one.words} (${one.keys})`, showDelay: 500 }"
                @click="pressed(bench.align(one.edge))"
            >
                <svg width="18" height="18" aria-hidden="true"><path :d="one.path" /></svg>
            </button>
        </div>
        <div class="cells">
            <button
                v-for="cell in CELLS"
                :key="cell.key"
                v-rehearse="() => bench.align(cell.across, cell.down)"
                type="button"
                :disabled="disabled"
                :aria-label="`Align both ways: ${cell.words}`"
                v-tooltip.top="{ value: `${cell.words} (${cell.key})`, showDelay: 500 }"
                :style="{ placeItems: cell.place }"
                @click="pressed(bench.align(cell.across, cell.down))"
            >
                <i />
            </button>
        </div>
    </div>
</template>

<style scoped>
.pad {
    display: grid;
    grid-template: 26px 93px / 26px 93px;
    gap: 4px;
    flex: none;
}
.strip {
    display: grid;
    gap: 1px;
    border: 1px solid var(--line);
    border-radius: 3px;
    overflow: hidden;
    background: var(--line);
}
.across {
    grid-area: 1 / 2;
    grid-template-columns: repeat(3, 1fr);
}
.down {
    grid-area: 2 / 1;
    grid-template-rows: repeat(3, 1fr);
}
.cells {
    grid-area: 2 / 2;
    display: grid;
    grid-template: repeat(3, 1fr) / repeat(3, 1fr);
    gap: 1px;
    border: 1px solid var(--line);
    border-radius: 3px;
    overflow: hidden;
    background: var(--line);
}
button {
    border: 0;
    padding: 0;
    background: var(--card);
    display: grid;
    place-items: center;
    cursor: pointer;
}
.cells button {
    background: var(--well);
    padding: 4px;
}
.cells i {
    width: 9px;
    height: 9px;
    background: var(--soft);
}
button:hover:not(:disabled) {
    background: var(--spruce-wash);
}
.cells button:hover:not(:disabled) {
    background: var(--spruce);
}
.cells button:hover:not(:disabled) i {
    background: var(--on-spruce);
}
button:focus-visible {
    outline-offset: -2px;
}
path {
    fill: var(--ink);
    stroke: var(--ink);
    stroke-width: 1.1;
}
button:disabled {
    cursor: default;
}
button:disabled path {
    fill: var(--faint);
    stroke: var(--faint);
}
button:disabled i {
    background: var(--faint);
}
</style>
