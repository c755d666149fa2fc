<script setup lang="ts">
import { usePlacing } from '@/desk/placing';
import { useView } from '@/stores/view';

/** The things that can be placed. Pressing one again gives the pointer back. */
const view = useView();
const put = usePlacing();
type Tool = 'box' | 'round' | 'line' | 'text';
const TOOLS: { tool: Tool; words: string; hint: string; path: string }[] = [
    {
        tool: 'box',
        words: 'Box',
        hint: 'Drag from corner to corner; Shift makes a square. Enter puts one in the middle',
        path: 'M3 4.500h16v13H3z',
    },
    {
        tool: 'round',
        words: 'Round',
        hint: 'Drag from corner to corner; Shift makes a circle. Enter puts one in the middle',
        path: 'M3 11a8 6.500 0 1 0 16 0a8 6.500 0 1 0-16 0z',
    },
    {
        tool: 'line',
        words: 'Line',
        hint: 'Drag from end to end; Shift turns in steps of 15°. Enter puts one in the middle',
        path: 'M3 17.500 19 4.500',
    },
    {
        tool: 'text',
        words: 'Text',
        hint: 'Click where it begins, or drag how wide it may be. Enter begins one in the middle',
        path: 'M5 5h12M11 5v13',
    },
];

/** With the pointer it is taken to be drawn; with the keyboard (a click without a place) it is put on the sheet at once. */
function take(event: MouseEvent, tool: Tool): void {
    if (event.detail === 0) void put(tool);
    else view.tool = view.tool === tool ? 'select' : tool;
}
</script>

<template>
    <div class="tools" role="group" aria-label="Things to place">
        <button
            v-for="item in TOOLS"
            :key="item.tool"
            type="button"
            :aria-pressed="view.tool === item.tool"
            v-tooltip.right="{ value: item.hint, showDelay: 500 }"
            @click="take($event, item.tool)"
        >
            <svg width="22" height="22" aria-hidden="true"><path :d="item.path" /></svg>
            {{ item.words }}
        </button>
    </div>
</template>

<style scoped>
.tools {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    gap: 1px;
    background: var(--line);
    border-bottom: 1px solid var(--line);
}
button {
    border: 0;
    background: var(--paper);
    padding: 7px 0 6px;
    font-size: 11px;
    color: var(--soft);
    cursor: pointer;
    display: grid;
    justify-items: center;
    gap: 1px;
}
button:hover {
    background: var(--card);
    color: var(--ink);
}
button[aria-pressed='true'] {
    background: var(--spruce-wash);
    color: var(--spruce);
    font-weight: 600;
    box-shadow: inset 0 -2px var(--spruce);
}
button:focus-visible {
    outline-offset: -2px;
}
path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
}
button[aria-pressed='true'] path {
    stroke: var(--spruce);
}
</style>
