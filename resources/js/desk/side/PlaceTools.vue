<script setup lang="ts">
import { usePlacing } from '@/desk/placing';
import { drawnKinds, type DrawnKind } from '@/sheet/kinds';
import { useView } from '@/stores/view';

/** The things that can be placed. Pressing one again gives the pointer back. */
const view = useView();
const put = usePlacing();
/** With the pointer it is taken to be drawn; with the keyboard (a click without a place) it is put on the sheet at once. */
function take(event: MouseEvent, kind: DrawnKind): void {
    if (event.detail === 0) void put(kind);
    else if (isTaken(kind)) view.tool = 'select';
    else view.draw(kind);
}

const isTaken = (kind: DrawnKind) => view.tool === 'draw' && view.drawn?.name === kind.name;
</script>

<template>
    <div class="tools" :class="{ many: drawnKinds.length > 5 }" role="group" aria-label="Things to place">
        <button
            v-for="kind in drawnKinds"
            :key="kind.name"
            type="button"
            :aria-pressed="isTaken(kind)"
            v-tooltip.right="{ value: kind.tool.hint, showDelay: 500 }"
            @click="take($event, kind)"
        >
            <svg width="22" height="22" aria-hidden="true"><path :d="kind.tool.icon" /></svg>
            {{ kind.tool.name }}
        </button>
    </div>
</template>

<style scoped>
.tools {
    display: grid;
    grid-template-columns: repeat(5, minmax(max-content, 1fr));
    gap: 1px;
    background: var(--line);
    border-bottom: 1px solid var(--line);
}
.tools.many {
    grid-template-columns: repeat(4, 1fr);
}
/* what is left of the last row */
.tools.many::after {
    content: '';
    grid-column-end: -1;
    background: var(--paper);
}
button {
    border: 0;
    background: var(--paper);
    padding: 7px 5px 6px;
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
