<script setup lang="ts">
import { useFocusBack } from '@/parts/focus';
import { applied } from '@/sheet/geometry';
import { hexOf, leading } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed, nextTick, onMounted, ref } from 'vue';

/**
 * A text edited where it stands: the browser's own text field over the sheet, in the same font and size.
 * Whatever ends it, the words are kept; undo takes them back.
 */
const desk = useDesk();
const view = useView();
const field = ref<HTMLTextAreaElement | null>(null);
const target = view.editing;
const item = target?.item ? desk.items.get(target.item) : undefined;
const words = ref(item?.fields.text ?? '');
let done = false;
useFocusBack();

const FAMILIES: Record<string, string> = { overpass: 'Overpass', 'overpass-mono': 'Overpass Mono', bitter: 'Bitter' };
const size = computed(() => (item?.fields.size ?? 16) * view.zoom);

const style = computed(() => {
    const at = item ? item.frame : (target?.at ?? { x: 0, y: 0, w: 0, h: 0 });
    const place = item ? desk.tree.toSheet(item.id) : { angle: 0, x: at.x, y: at.y };
    // What follows its words grows from where its lines begin, end, or are centred.
    const along = item?.fields.grow === 'both' ? { start: 0, centre: 0.5, end: 1 }[item.fields.align ?? 'start'] : 0;
    const from = item ? applied(desk.tree.toSheet(item.id), { x: at.w * along, y: 0 }) : place;
    const corner = view.toScreen(from);
    return {
        left: `${corner.x}px`,
        top: `${corner.y}px`,
        width: at.w > 0 && item?.fields.grow !== 'both' ? `${at.w * view.zoom + 2}px` : undefined,
        transform: `rotate(${place.angle}deg) translateX(${-100 * along}%)`,
        fontFamily: `'${FAMILIES[item?.fields.font ?? 'overpass'] ?? 'Overpass'}', sans-serif`,
        fontWeight: String(item?.fields.weight ?? 400),
        fontSize: `${size.value}px`,
        lineHeight: String(item?.fields.line_height ?? 1.3),
        textAlign: ({ start: 'left', centre: 'center', end: 'right' } as const)[item?.fields.align ?? 'start'],
        color: hexOf(leading(item?.fields.fill ?? '#20302d'), desk.swatches),
        whiteSpace: at.w > 0 && item?.fields.grow !== 'both' ? 'pre-wrap' : 'pre',
    } as const;
});

function grow(): void {
    if (!field.value) return;
    field.value.style.height = '0';
    field.value.style.height = `${field.value.scrollHeight}px`;
    if (!style.value.width) {
        field.value.style.width = '0';
        field.value.style.width = `${field.value.scrollWidth + size.value / 2}px`;
    }
}

function keep(): void {
    if (done) return;
    done = true;
    view.editing = null;
    const text = words.value;
    if (item) {
        // A text without words would be nothing that could be seen or taken hold of.
        if (text.trim() === '') void desk.run('delete', {}, [item.id]);
        else if (text !== item.fields.text) void desk.run('set', { text }, [item.id]);
    } else if (text.trim() !== '' && target) {
        const { x, y, w } = target.at;
        if (view.drawn) void desk.run('add-item', { kind: view.drawn.name, text, x, y, ...(w > 0 ? { w } : {}) }, []);
    }
}

function onKey(event: KeyboardEvent): void {
    event.stopPropagation();
    if (event.key === 'Escape' || (event.key === 'Enter' && (event.ctrlKey || event.metaKey))) keep();
}

onMounted(async () => {
    await nextTick();
    field.value?.focus();
    field.value?.select();
    grow();
});
</script>

<template>
    <textarea
        ref="field"
        v-model="words"
        class="editor"
        :style="style"
        rows="1"
        maxlength="20000"
        aria-label="Words of the text"
        spellcheck="false"
        @input="grow"
        @blur="keep"
        @keydown="onKey"
        @pointerdown.stop
        @wheel.stop
    />
</template>

<style scoped>
.editor {
    position: absolute;
    margin: 0;
    padding: 0;
    border: 0;
    min-width: 8px;
    background: rgb(255 254 251 / 85%);
    outline: 1px solid var(--mark);
    outline-offset: 3px;
    resize: none;
    overflow: hidden;
    transform-origin: 0 0;
}
</style>
