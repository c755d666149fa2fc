<script setup lang="ts">
import type { Item } from '@/api/types';
import TextField from '@/parts/TextField.vue';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import VirtualScroller from 'primevue/virtualscroller';
import { computed, nextTick, ref, watch, type ComponentPublicInstance } from 'vue';
import { useReordering } from './reordering';

/** Everything on the sheet, the foremost first, as it hangs together. */
interface Row {
    item: Item;
    depth: number;
    open: boolean;
    locked: boolean;
    hidden: boolean;
}

const ROW = 26;
const desk = useDesk();
const view = useView();
const closed = ref(new Set<string>());
const renaming = ref<string | null>(null);
const scroller = ref<ComponentPublicInstance | null>(null);
const focused = ref<string | null>(null);
let rangeFrom: string | null = null;

const rows = computed<Row[]>(() => {
    const list: Row[] = [];
    const add = (parent: string | null, depth: number, locked: boolean, hidden: boolean) => {
        for (const item of [...desk.tree.children(parent)].reverse()) {
            const row = {
                item,
                depth,
                open: !closed.value.has(item.id),
                locked: locked || item.locked,
                hidden: hidden || item.hidden,
            };
            list.push(row);
            if (item.kind === 'group' && row.open) add(item.id, depth + 1, row.locked, row.hidden);
        }
    };
    add(null, 0, false, false);
    return list;
});

const reordering = useReordering(rows, ROW);
const selected = computed(() => new Set(desk.selection));

/** Groups begin closed when there is much on the sheet. */
watch(
    () => desk.sheet?.id,
    () => {
        const groups = [...desk.items.values()].filter((item) => item.kind === 'group');
        closed.value = new Set(desk.items.size > 40 ? groups.map((group) => group.id) : []);
    },
    { immediate: true },
);

/** What is selected on the sheet is brought into sight here. */
watch(
    () => desk.selection,
    async ([only, more]) => {
        if (!only || more) return;
        desk.tree.ancestors(only).forEach((group) => closed.value.delete(group.id));
        closed.value = new Set(closed.value);
        await nextTick();
        const index = rows.value.findIndex((row) => row.item.id === only);
        const element = scroller.value?.$el as HTMLElement | undefined;
        if (!element || index < 0) return;
        const top = index * ROW;
        if (top < element.scrollTop || top + ROW > element.scrollTop + element.clientHeight)
            element.scrollTop = top - element.clientHeight / 2;
    },
);

function toggleOpen(id: string): void {
    if (closed.value.has(id)) closed.value.delete(id);
    else closed.value.add(id);
    closed.value = new Set(closed.value);
}

function click(event: MouseEvent | KeyboardEvent, item: Item): void {
    focused.value = item.id;
    if (event.shiftKey && rangeFrom) {
        const [a, b] = [rangeFrom, item.id].map((id) => rows.value.findIndex((row) => row.item.id === id));
        if (a !== undefined && b !== undefined && a >= 0 && b >= 0) {
            desk.select(rows.value.slice(Math.min(a, b), Math.max(a, b) + 1).map((row) => row.item.id));
        }
        return;
    }
    rangeFrom = item.id;
    if (event.ctrlKey || event.metaKey) desk.toggle([item.id]);
    else desk.select([item.id]);
    desk.entered = item.parent;
}

function set(item: Item, flag: 'locked' | 'hidden'): void {
    const ids = selected.value.has(item.id) ? desk.selection : [item.id];
    void desk.run('set', { [flag]: !item[flag] }, ids);
}

function rename(item: Item, name: string): void {
    void desk.run('set', { name }, [item.id]);
}

function onKey(event: KeyboardEvent): void {
    const index = rows.value.findIndex((row) => row.item.id === focused.value);
    const row = rows.value[index];
    const step = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0;
    if (step !== 0) {
        const next = rows.value[Math.max(0, Math.min(rows.value.length - 1, index + step))];
        if (next) click(event, next.item);
    } else if (event.key === 'ArrowRight' && row && !row.open) toggleOpen(row.item.id);
    else if (event.key === 'ArrowLeft' && row?.item.kind === 'group' && row.open) toggleOpen(row.item.id);
    else if ((event.key === 'F2' || event.key === 'Enter') && row) renaming.value = row.item.id;
    else return;
    event.preventDefault();
    event.stopPropagation();
}

async function startRenaming(item: Item): Promise<void> {
    renaming.value = item.id;
    await nextTick();
    document.querySelector<HTMLInputElement>('.contents .text-field')?.select();
}

const ICONS: Record<Item['kind'], string> = {
    box: 'M2 3h10v8H2z',
    round: 'M2 7a5 4.500 0 1 0 10 0a5 4.500 0 1 0-10 0z',
    line: 'M2 11 12 3',
    text: 'M3 3h8M7 3v8',
    group: 'M2 4V2h2M10 2h2v2M12 10v2h-2M4 12H2v-2M4.500 4.500h5v5h-5z',
};
</script>

<template>
    <div
        class="contents"
        role="tree"
        aria-label="Contents"
        aria-multiselectable="true"
        tabindex="0"
        @keydown="onKey"
        @focus="focused ??= rows[0]?.item.id ?? null"
    >
        <p v-if="rows.length === 0" class="empty">
            Nothing on this sheet yet.<br />Take a box, a round, a line or a text from above and draw it.
        </p>
        <VirtualScroller v-else ref="scroller" :items="rows" :item-size="ROW" class="scroller">
            <template #item="{ item: row }: { item: Row }">
                <div
                    class="row"
                    role="treeitem"
                    :class="{
                        selected: selected.has(row.item.id),
                        hidden: row.hidden,
                        over: view.hovered === row.item.id,
                        focused: focused === row.item.id,
                        drop: reordering.mark(row.item.id),
                    }"
                    :style="{ paddingLeft: `${6 + row.depth * 14}px` }"
                    :aria-selected="selected.has(row.item.id)"
                    :aria-level="row.depth + 1"
                    :aria-expanded="row.item.kind === 'group' ? row.open : undefined"
                    :data-row="row.item.id"
                    draggable="true"
                    @click="click($event, row.item)"
                    @dblclick="startRenaming(row.item)"
                    @mouseenter="view.hovered = row.item.id"
                    @mouseleave="view.hovered = null"
                    @dragstart="reordering.start($event, row.item)"
                    @dragover="reordering.over($event, row.item)"
                    @drop="reordering.drop($event)"
                    @dragend="reordering.end()"
                >
                    <button
                        v-if="row.item.kind === 'group'"
                        class="twist"
                        type="button"
                        tabindex="-1"
                        :aria-label="row.open ? 'Close' : 'Open'"
                        @click.stop="toggleOpen(row.item.id)"
                    >
                        <svg width="10" height="10" :class="{ open: row.open }"><path d="M3 1.500 7 5 3 8.500" /></svg>
                    </button>
                    <i v-else class="twist" />
                    <svg class="kind" width="14" height="14" aria-hidden="true"><path :d="ICONS[row.item.kind]" /></svg>
                    <TextField
                        v-if="renaming === row.item.id"
                        :value="row.item.name"
                        label="Name"
                        @keep="rename(row.item, $event)"
                        @done="renaming = null"
                        @click.stop
                        @dblclick.stop
                    />
                    <span v-else class="name">{{ row.item.name }}</span>
                    <button
                        class="flag"
                        type="button"
                        tabindex="-1"
                        :class="{ on: row.item.locked, inherited: row.locked }"
                        :aria-label="row.item.locked ? 'Unlock' : 'Lock'"
                        :aria-pressed="row.item.locked"
                        @click.stop="set(row.item, 'locked')"
                    >
                        <svg width="13" height="13"><path d="M3 6h7v5H3zM4.500 6V4a2 2 0 0 1 4 0v2" /></svg>
                    </button>
                    <button
                        class="flag"
                        type="button"
                        tabindex="-1"
                        :class="{ on: row.item.hidden, inherited: row.hidden }"
                        :aria-label="row.item.hidden ? 'Show' : 'Hide'"
                        :aria-pressed="row.item.hidden"
                        @click.stop="set(row.item, 'hidden')"
                    >
                        <svg width="14" height="13">
                            <path
                                :d="
                                    row.item.hidden
                                        ? 'M2 5.500c2.500 3 7.500 3 10 0M3.500 7.500 2.500 9M7 8v2M10.500 7.500l1 1.500'
                                        : 'M1.500 6.500c2.500-4 8.500-4 11 0c-2.500 4-8.500 4-11 0zM7 5a1.500 1.500 0 1 0 .01 0z'
                                "
                            />
                        </svg>
                    </button>
                </div>
            </template>
        </VirtualScroller>
    </div>
</template>

<style scoped>
.contents {
    flex: 1;
    min-height: 0;
    display: flex;
    flex-direction: column;
}
.contents:focus-visible {
    outline-offset: -2px;
}
.contents:focus-visible .row.focused {
    box-shadow: inset 0 0 0 1.5px var(--spruce);
}
.scroller {
    flex: 1;
    min-height: 0;
    padding: 4px 0;
}
.scroller :deep(.p-virtualscroller-content) {
    width: 100%;
    min-width: 0;
}
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
    background: #f1eee3;
}
.row.selected {
    background: var(--spruce-wash);
}
.row.hidden .name {
    color: #717a73;
    font-style: italic;
}
.row.drop {
    box-shadow: inset 0 2px var(--spruce);
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
.kind {
    flex: none;
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
    display: grid;
    place-items: center;
    cursor: pointer;
    opacity: 0;
    flex: none;
}
.row:hover .flag,
.flag.on {
    opacity: 1;
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
.empty {
    padding: 18px 14px;
    color: var(--soft);
    line-height: 1.5;
}
</style>
