<script setup lang="ts">
import type { Item } from '@/api/types';
import { boxOf, cellAt, looksAt, seenAt, textOf, written, type Place } from '@/sheet/cells';
import { useDesk } from '@/stores/desk';
import { useTable } from '@/stores/table';
import { api } from '@/api/client';
import { useView } from '@/stores/view';
import { computed, nextTick, onMounted, ref, watch } from 'vue';

/** Takes the keys of a table that is worked in. It lies over the cell that is chosen, and is seen once something is typed. */
const props = defineProps<{ item: Item }>();
const desk = useDesk();
const view = useView();
const table = useTable();
const field = ref<HTMLTextAreaElement | null>(null);
const typed = ref<string | null>(null);

const place = computed<Place>(() => (table.table ? seenAt(table.table, table.to) : table.to));
const cell = computed(() => (table.table ? cellAt(table.table, place.value) : undefined));
const look = computed(() => (table.table ? looksAt(props.item.fields, table.table, place.value) : {}));
const box = computed(() => {
    const { tracks } = table;
    const of = cell.value;
    const [rows, columns] = typeof of === 'object' ? [of.rows ?? 1, of.columns ?? 1] : [1, 1];
    return tracks ? boxOf(tracks, { ...place.value, rows, columns }) : { x: 0, y: 0, w: 0, h: 0 };
});
const style = computed(() => {
    const { x, y, angle } = desk.tree.toSheet(props.item.id);
    const { size = 16, weight = 400, italic, line_height = 1.3, align, padding = [] } = look.value;
    const at = box.value;
    return {
        transform: `matrix(${view.zoom}, 0, 0, ${view.zoom}, ${view.pan.x}, ${view.pan.y}) translate(${x}px, ${y}px) rotate(${angle}deg) translate(${at.x}px, ${at.y}px)`,
        width: `${at.w}px`,
        height: `${Math.max(at.h, 1)}px`,
        font: `${italic ? 'italic ' : ''}${weight} ${size}px/${line_height} var(--words)`,
        textAlign:
            align === 'decimal' || align === 'end'
                ? ('right' as const)
                : align === 'centre'
                  ? ('center' as const)
                  : ('left' as const),
        padding: `${Math.max(0, (at.h - size * line_height) / 2)}px ${padding[1] ?? 0}px 0 ${padding[3] ?? 0}px`,
    };
});
const spoken = computed(
    () =>
        `Row ${place.value.row + 1}, column ${place.value.column + 1}: ${textOf(cell.value) || 'empty'}. ${typed.value === null ? 'Type, or Enter to change it' : 'Enter keeps it'}`,
);

const size = () => ({ rows: table.table?.rows.length ?? 1, columns: table.table?.columns.length ?? 1 });

async function begin(text: string): Promise<void> {
    typed.value = text;
    await nextTick();
    field.value?.setSelectionRange(text.length, text.length);
}

/** Keeps what was typed, where that is something else. */
function keep(): void {
    const text = typed.value;
    typed.value = null;
    if (field.value) field.value.value = '';
    if (text !== null && text !== textOf(cell.value)) void table.write({ ...place.value, words: [[text]] });
}

function go(rows: number, columns: number, extend = false): void {
    const of = cell.value;
    const [high, wide] = typeof of === 'object' ? [of.rows ?? 1, of.columns ?? 1] : [1, 1];
    const from = extend ? table.to : place.value;
    const step = (at: number, by: number, over: number, count: number) =>
        Math.min(count - 1, Math.max(0, at + (by > 0 && !extend ? by + over - 1 : by)));
    const next = {
        row: step(from.row, rows, high, size().rows),
        column: step(from.column, columns, wide, size().columns),
    };
    table.choose(extend ? table.from : next, next, extend ? table.chosen : 'cells');
}

/** On to the next cell; behind the last, a row is added before the totals. */
async function onward(back: boolean): Promise<void> {
    const { rows, columns } = size();
    const { row, column } = place.value;
    if (back) {
        if (column > 0) go(0, -1);
        else if (row > 0) table.choose({ row: row - 1, column: columns - 1 });
        return;
    }
    const of = cell.value;
    const wide = typeof of === 'object' ? (of.columns ?? 1) : 1;
    const last = rows - (table.table?.total ?? 0) - 1;
    if (column + wide < columns) go(0, 1);
    else if (row !== last && row < rows - 1) table.choose({ row: row + 1, column: 0 });
    else if (await desk.run('add-tracks', { axis: 'y', at: last + 1 }, [props.item.id]))
        table.choose({ row: last + 1, column: 0 });
}

const ARROWS: Record<string, [number, number]> = {
    ArrowUp: [-1, 0],
    ArrowDown: [1, 0],
    ArrowLeft: [0, -1],
    ArrowRight: [0, 1],
};

function onKey(event: KeyboardEvent): void {
    const isTyping = typed.value !== null;
    const arrow = ARROWS[event.key];
    const control = event.ctrlKey || event.metaKey;
    if (event.isComposing) return;
    if (event.key === 'Tab') {
        keep();
        void onward(event.shiftKey);
    } else if (event.key === 'Enter' && event.altKey) return;
    else if (event.key === 'Enter') {
        if (isTyping) {
            keep();
            go(event.shiftKey ? -1 : 1, 0);
        } else void begin(textOf(cell.value));
    } else if (event.key === 'F2' && !isTyping) void begin(textOf(cell.value));
    else if (event.key === 'Escape') {
        if (isTyping) {
            typed.value = null;
            if (field.value) field.value.value = '';
        } else table.leave();
    } else if (control && event.key.toLowerCase() === 'z' && !isTyping)
        void desk.travel(event.shiftKey ? 'redo' : 'undo');
    else if (control && event.key.toLowerCase() === 'y' && !isTyping) void desk.travel('redo');
    else if (control && event.key.toLowerCase() === 'a' && !isTyping)
        table.choose({ row: 0, column: 0 }, { row: size().rows - 1, column: size().columns - 1 });
    else if (arrow && !isTyping && !control && !event.altKey) go(...arrow, event.shiftKey);
    else if (event.key === 'Home' && !isTyping) table.choose({ row: control ? 0 : place.value.row, column: 0 });
    else if (event.key === 'End' && !isTyping)
        table.choose({ row: control ? size().rows - 1 : place.value.row, column: size().columns - 1 });
    else if (['Delete', 'Backspace'].includes(event.key) && !isTyping) clear();
    else return;
    event.preventDefault();
    event.stopPropagation();
}

function clear(): void {
    const { row, column, rows, columns } = table.area;
    void table.write({ row, column, words: Array.from({ length: rows }, () => Array<string>(columns).fill('')) });
}

function onInput(): void {
    typed.value = field.value?.value ?? '';
}

function onCopy(event: ClipboardEvent): void {
    if (typed.value !== null || !table.table) return;
    event.preventDefault();
    event.clipboardData?.setData('text/plain', written(table.table, table.area));
    if (event.type === 'cut') clear();
}

/** One value is written into all that is chosen, several from its first cell on. */
async function onPaste(event: ClipboardEvent): Promise<void> {
    const text = event.clipboardData?.getData('text/plain') ?? '';
    if (typed.value !== null || text === '') return;
    event.preventDefault();
    const { row, column, rows, columns } = table.area;
    if (!/[\t\n,;]/.test(text)) {
        void table.write({ row, column, words: Array.from({ length: rows }, () => Array<string>(columns).fill(text)) });
        return;
    }
    try {
        const wish: Record<string, string> = text.includes('\t') ? { separator: '\t' } : {};
        const { words } = await api.readList(new Blob([text]), wish);
        void table.write({ row, column, words });
        const last = { row: row + words.length - 1, column: column + (words[0]?.length ?? 1) - 1 };
        table.choose({ row, column }, last);
    } catch (error) {
        desk.say((error as Error).message, 'refused');
    }
}

const focus = () => field.value?.focus({ preventScroll: true });
watch([() => table.from, () => table.to, () => table.chosen], () => {
    keep();
    focus();
});
onMounted(focus);
defineExpose({ focus, begin: () => void begin(textOf(cell.value)), keep });
</script>

<template>
    <textarea
        ref="field"
        class="cell"
        :class="{ typing: typed !== null }"
        :style="style"
        :value="typed ?? ''"
        :aria-label="spoken"
        spellcheck="false"
        maxlength="5000"
        rows="1"
        @input="onInput"
        @keydown="onKey"
        @copy="onCopy"
        @cut="onCopy"
        @paste="onPaste"
        @blur="keep"
        @pointerdown.stop
        @dblclick.stop
    />
</template>

<style scoped>
.cell {
    position: absolute;
    left: 0;
    top: 0;
    transform-origin: 0 0;
    margin: 0;
    border: 0;
    resize: none;
    overflow: hidden;
    opacity: 0;
    pointer-events: none;
    white-space: pre-wrap;
}
.cell.typing {
    opacity: 1;
    pointer-events: auto;
    color: #20302d;
    background: #fffefb;
    outline: 0;
    box-shadow: inset 0 0 0 1px var(--spruce);
    overflow: auto;
}
</style>
