<script setup lang="ts">
import { is } from '@/sheet/kinds';
import type { Item } from '@/api/types';
import { useDesk } from '@/stores/desk';
import VirtualScroller from 'primevue/virtualscroller';
import { computed, nextTick, ref, watch, type ComponentPublicInstance } from 'vue';
import ContentsRow, { type Row } from './ContentsRow.vue';
import { useReordering } from './reordering';

/** Everything on the sheet, the foremost first, as it hangs together. */
const ROW = 26;
const desk = useDesk();
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
                locked: locked || item.locked || item.reference,
                hidden: hidden || item.hidden,
            };
            list.push(row);
            if (is(item, 'holds-items') && row.open) add(item.id, depth + 1, row.locked, row.hidden);
        }
    };
    add(null, 0, false, false);
    return list;
});

const reordering = useReordering(ROW);
const selected = computed(() => new Set(desk.selection));

/** Groups begin closed when there is much on the sheet. */
watch(
    () => desk.sheet?.id,
    () => {
        const groups = [...desk.items.values()].filter((item) => is(item, 'holds-items'));
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
            const range = rows.value.slice(Math.min(a, b), Math.max(a, b) + 1).map((row) => row.item.id);
            desk.select(event.ctrlKey || event.metaKey ? [...new Set([...desk.selection, ...range])] : range);
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

/** The keys of a tree (WAI-ARIA Authoring Practices, tree view); with Ctrl they are those of the desk. */
function onKey(event: KeyboardEvent): void {
    if (event.ctrlKey || event.metaKey || event.altKey || renaming.value !== null) return;
    const index = rows.value.findIndex((row) => row.item.id === focused.value);
    const row = rows.value[index];
    const last = rows.value.length - 1;
    const to = { ArrowDown: index + 1, ArrowUp: index - 1, Home: 0, End: last }[event.key];
    if (to !== undefined) {
        const next = rows.value[Math.max(0, Math.min(last, to))];
        if (next) click(event, next.item);
    } else if (event.key === ' ' && row) desk.toggle([row.item.id]);
    else if (event.key === 'ArrowRight' && row && is(row.item, 'holds-items')) {
        const inside = rows.value[index + 1];
        if (!row.open) toggleOpen(row.item.id);
        else if (inside?.item.parent === row.item.id) click(event, inside.item);
    } else if (event.key === 'ArrowLeft' && row) {
        const parent = rows.value.find((other) => other.item.id === row.item.parent);
        if (is(row.item, 'holds-items') && row.open) toggleOpen(row.item.id);
        else if (parent) click(event, parent.item);
    } else if ((event.key === 'F2' || event.key === 'Enter') && row) void startRenaming(row.item);
    else return;
    event.preventDefault();
    event.stopPropagation();
}

async function startRenaming(item: Item): Promise<void> {
    renaming.value = item.id;
    await nextTick();
    document.querySelector<HTMLInputElement>('.contents .text-field')?.select();
}
</script>

<template>
    <div class="contents">
        <p v-if="rows.length === 0" class="empty">
            Nothing on this sheet yet.<br />Take a box, a round, a line or a text from above and draw it.
        </p>
        <VirtualScroller
            v-else
            ref="scroller"
            :items="rows"
            :item-size="ROW"
            class="scroller"
            role="tree"
            aria-label="Contents"
            aria-multiselectable="true"
            :aria-activedescendant="focused ? `row-${focused}` : undefined"
            :tabindex="0"
            @keydown="onKey"
            @focus="focused ??= rows[0]?.item.id ?? null"
        >
            <template #item="{ item: row }: { item: Row }">
                <ContentsRow
                    :row="row"
                    :selected="selected.has(row.item.id)"
                    :focused="focused === row.item.id"
                    :marked="reordering.mark(row.item.id)"
                    :renaming="renaming === row.item.id"
                    @click="click($event, row.item)"
                    @dblclick="startRenaming(row.item)"
                    @dragstart="reordering.start($event, row.item)"
                    @dragover="reordering.over($event, row.item)"
                    @drop="reordering.drop($event)"
                    @dragend="reordering.end()"
                    @twist="toggleOpen(row.item.id)"
                    @flag="set(row.item, $event)"
                    @rename="rename(row.item, $event)"
                    @renamed="renaming = null"
                />
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
.scroller:focus-visible {
    outline-offset: -2px;
}
.scroller:focus-visible :deep(.row.focused) {
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
.empty {
    padding: 18px 14px;
    color: var(--soft);
    line-height: 1.5;
}
</style>
