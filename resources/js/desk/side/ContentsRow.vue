<script lang="ts">
import type { Item } from '@/api/types';

export interface Row {
    item: Item;
    depth: number;
    open: boolean;
    /** itself, or a group it lies in */
    locked: boolean;
    hidden: boolean;
}
</script>

<script setup lang="ts">
import { is, kindOf } from '@/sheet/kinds';
import TextField from '@/parts/TextField.vue';
import { unseen, type Unseen } from '@/sheet/unseen';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed } from 'vue';
import type { Mark } from './reordering';

/** One item in Contents: its kind, its name, and whether it is locked or hidden. */
const props = defineProps<{ row: Row; selected: boolean; focused: boolean; marked: Mark | null; renaming: boolean }>();
const emit = defineEmits<{ twist: []; flag: [flag: 'locked' | 'hidden']; rename: [name: string]; renamed: [] }>();
const view = useView();
const desk = useDesk();

/** What is shown and yet not seen whole, by a small sign. */
const SIGNS: Record<Unseen, { path: string; words: string }> = {
    off: { path: 'M1.500 1.500h6v6h-6zM9.500 9.500h3v3h-3z', words: 'Lies off the sheet' },
    cut: {
        path: 'M1.500 4h7v7h-7zM8.500 5.500h1.500M11 5.500h1.500M12.500 8v1.500M8.500 9.500h1.500',
        words: 'Cut off by the tray it lies in',
    },
    masked: { path: 'M7 2a5 5 0 1 0 .01 0M3.500 10.500l7-7', words: 'Masked: only what lies in the mask is seen' },
    mask: { path: 'M7 2a5 5 0 1 0 .01 0M7 5a2 2 0 1 0 .01 0', words: 'Masks the others' },
    alone: { path: 'M4 1.500h6v11h-6zM6 10.500h2', words: 'At this width of the page alone' },
    covered: {
        path: 'M1.500 1.500h8v8h-8zM4.500 9.500v3h8v-8h-3',
        words: 'Wholly covered by something in front of it',
    },
};
const sign = computed(() => {
    const { sheet } = desk;
    const alone = sheet?.page && !props.row.item.fields.twin ? ('alone' as const) : null;
    const hidden = sheet && unseen(desk.tree, props.row.item, { x: 0, y: 0, w: sheet.width, h: sheet.height });
    const found = hidden ?? alone;
    return found ? { kind: found, ...SIGNS[found] } : null;
});

const CLOSED_EYE = 'M2 5.500c2.500 3 7.500 3 10 0M3.500 7.500 2.500 9M7 8v2M10.500 7.500l1 1.500';
const OPEN_EYE = 'M1.500 6.500c2.500-4 8.500-4 11 0c-2.500 4-8.500 4-11 0zM7 5a1.500 1.500 0 1 0 .01 0z';
</script>

<template>
    <div
        class="row"
        role="treeitem"
        :id="`row-${row.item.id}`"
        :class="{
            selected,
            hidden: row.hidden,
            over: view.hovered === row.item.id,
            focused,
            [`drop-${marked}`]: marked,
        }"
        :style="{ paddingLeft: `${6 + row.depth * 14}px` }"
        :aria-selected="selected"
        :aria-level="row.depth + 1"
        :aria-expanded="is(row.item, 'holds-items') ? row.open : undefined"
        :data-row="row.item.id"
        draggable="true"
        @mouseenter="view.hovered = row.item.id"
        @mouseleave="view.hovered = null"
    >
        <button
            v-if="is(row.item, 'holds-items')"
            class="twist"
            type="button"
            tabindex="-1"
            :aria-label="row.open ? 'Close' : 'Open'"
            v-tooltip.right="{ value: row.open ? 'Close the group (←)' : 'Open the group (→)', showDelay: 400 }"
            @click.stop="emit('twist')"
        >
            <svg width="10" height="10" :class="{ open: row.open }"><path d="M3 1.500 7 5 3 8.500" /></svg>
        </button>
        <i v-else class="twist" />
        <svg class="kind" width="14" height="14" aria-hidden="true"><path :d="kindOf(row.item).icon" /></svg>
        <TextField
            v-if="renaming"
            :value="row.item.name"
            label="Name"
            @keep="emit('rename', $event)"
            @done="emit('renamed')"
            @click.stop
            @dblclick.stop
        />
        <span v-else class="name">{{ row.item.name }}</span>
        <svg
            v-if="sign"
            class="sign"
            width="14"
            height="14"
            role="img"
            :aria-label="sign.words"
            :data-sign="sign.kind"
            v-tooltip.right="{ value: sign.words, showDelay: 300 }"
        >
            <path :d="sign.path" />
        </svg>
        <i v-if="row.item.reference" class="reference">reference</i>
        <button
            class="flag"
            type="button"
            tabindex="-1"
            :class="{ on: row.item.locked, inherited: row.locked }"
            :aria-label="row.item.locked ? 'Unlock' : 'Lock'"
            v-tooltip.right="{
                value: row.item.locked ? 'Unlock (Ctrl L)' : 'Lock: it stays as it is (Ctrl L)',
                showDelay: 400,
            }"
            :aria-pressed="row.item.locked"
            @click.stop="emit('flag', 'locked')"
        >
            <svg width="13" height="13"><path d="M3 6h7v5H3zM4.500 6V4a2 2 0 0 1 4 0v2" /></svg>
        </button>
        <button
            class="flag"
            type="button"
            tabindex="-1"
            :class="{ on: row.item.hidden, inherited: row.hidden }"
            :aria-label="row.item.hidden ? 'Show' : 'Hide'"
            v-tooltip.right="{
                value: row.item.hidden ? 'Show (Ctrl Shift H)' : 'Hide: it is neither seen nor measured (Ctrl Shift H)',
                showDelay: 400,
            }"
            :aria-pressed="row.item.hidden"
            @click.stop="emit('flag', 'hidden')"
        >
            <svg width="14" height="13"><path :d="row.item.hidden ? CLOSED_EYE : OPEN_EYE" /></svg>
        </button>
    </div>
</template>

<style scoped>
.row {
    display: flex;
    align-items: center;
    gap: 5px;
    height: 26px;
    padding-right: 4px;
    white-space: nowrap;
    cursor: default;
}
.row:hover,
.row.over {
    background: var(--over);
}
.row.selected {
    background: var(--spruce-wash);
}
.reference {
    font-style: normal;
    font-size: 10.5px;
    color: var(--ochre-text);
}
.row.hidden .name {
    color: var(--off);
    font-style: italic;
}
.row.drop-above {
    box-shadow: inset 0 2px var(--spruce);
}
.row.drop-below {
    box-shadow: inset 0 -2px var(--spruce);
}
.row.drop-into {
    box-shadow: inset 0 0 0 2px var(--spruce);
}
.name {
    flex: 1;
    overflow: hidden;
    text-overflow: ellipsis;
}
.twist {
    width: 14px;
    height: 18px;
    padding: 0;
    border: 0;
    background: none;
    flex: none;
    display: grid;
    place-items: center;
    cursor: pointer;
}
.twist path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.5;
}
.twist .open {
    transform: rotate(90deg);
}
.kind,
.sign {
    flex: none;
}
.sign path {
    fill: none;
    stroke: var(--ochre-text);
    stroke-width: 1.2;
}
.kind path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.3;
}
.flag {
    width: 20px;
    height: 22px;
    padding: 0;
    border: 0;
    background: none;
    display: none;
    place-items: center;
    cursor: pointer;
    flex: none;
}
.row:hover .flag,
.flag.on {
    display: grid;
}
.flag.inherited:not(.on) {
    opacity: 0.35;
}
.flag path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.3;
}
.flag.on path {
    stroke: var(--ochre-text);
}
.flag:hover path {
    stroke: var(--ink);
}
</style>
