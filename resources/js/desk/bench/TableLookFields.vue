<script setup lang="ts">
import type { CellLook, TablePart } from '@/api/tables';
import type { Colour } from '@/api/types';
import ColourField from '@/desk/drawer/ColourField.vue';
import LengthField from '@/parts/LengthField.vue';
import { looksAt, tracksIn } from '@/sheet/cells';
import { commonOf } from '@/sheet/common';
import { useDesk } from '@/stores/desk';
import { useTable } from '@/stores/table';
import { computed, ref } from 'vue';

/** How cells look: of what is chosen in a table that is worked in, else of a part of it. */
const desk = useDesk();
const table = useTable();
const part = ref<TablePart>('body');

const PARTS = { body: 'all cells', header: 'the header', total: 'the totals', head: 'the heads' } as const;
const ALIGN = [
    { key: 'start', sign: 'left', words: 'At the left' },
    { key: 'centre', sign: 'middle', words: 'In the middle' },
    { key: 'end', sign: 'right', words: 'At the right' },
    { key: 'decimal', sign: '0.0', words: 'Decimal signs on one line, as in 0.0' },
] as const;
const STAND = {
    top: 'at the top',
    middle: 'in the middle',
    bottom: 'at the bottom',
    baseline: 'on one baseline',
} as const;

const of = computed<TablePart | undefined>(() => (table.isOpen ? undefined : part.value));
/** How it all comes out: of a part, what is said of it or of all cells. */
const looks = computed<CellLook[]>(() => {
    const { item, table: data, area } = table;
    if (!item || !data) return [];
    if (of.value) {
        const { size, weight, fill } = item.fields;
        return [
            {
                size,
                weight,
                fill,
                align: 'start',
                stand: 'middle',
                ...data.looks?.body,
                ...data.looks?.[of.value],
            } as CellLook,
        ];
    }
    return tracksIn(area, 'y')
        .slice(0, 60)
        .flatMap((row) => tracksIn(area, 'x').map((column) => looksAt(item.fields, data, { row, column })));
});
const common = <K extends keyof CellLook>(name: K) => commonOf(looks.value, (look) => look[name] ?? null);
const set = (look: Partial<Record<keyof CellLook, unknown>>, run?: string) => table.look(look, of.value, run);
const colour = (name: 'fill' | 'ground') => common(name) as Colour | null | undefined;
const size = computed(() => (common('size') as number | undefined) ?? null);
const isBold = computed(() => Number(common('weight') ?? 400) >= 600);
const own = computed(() => table.said(of.value).some((look) => Object.keys(look).length > 0));

function applySize(typed: string, _ids: string[], run?: string): Promise<boolean> {
    const size = Number(typed);
    if (!(size >= 1 && size <= 2000)) {
        desk.say(`"${typed}" is no size of letters. Type a number from 1 to 2,000.`, 'refused');
        return Promise.resolve(false);
    }
    return set({ size }, run);
}

/** Takes back all that is said here, so that the larger whole counts. */
function clear(): void {
    const names = new Set(table.said(of.value).flatMap((look) => Object.keys(look)));
    void set(Object.fromEntries([...names].map((name) => [name, null])));
}

/** A style of the document, put into what is chosen. */
function takeStyle(key: string): void {
    const values = desk.styles.find((style) => style.key === key)?.styles as Record<string, unknown> | undefined;
    if (!values) return;
    const { font, weight, italic, size, tracking, capitals, even_figures, underline, line_height, fill } = values;
    const taken = { font, weight, italic, size, tracking, capitals, even_figures, underline, line_height, fill };
    void set(Object.fromEntries(Object.entries(taken).filter(([, value]) => value !== undefined)));
}
</script>

<template>
    <div class="row">
        <select v-if="!table.isOpen" v-model="part" class="choose" aria-label="Whose looks">
            <option v-for="(words, key) in PARTS" :key="key" :value="key">{{ words }}</option>
        </select>
        <select
            class="choose"
            :value="common('stand') ?? ''"
            aria-label="Where words stand down their cells"
            @change="set({ stand: ($event.target as HTMLSelectElement).value })"
        >
            <option v-if="common('stand') === undefined" value="" disabled>mixed</option>
            <option v-for="(words, key) in STAND" :key="key" :value="key">{{ words }}</option>
        </select>
        <button
            class="btn"
            type="button"
            :disabled="!own"
            v-tooltip.top="{ value: 'Take back what is said of their looks here', showDelay: 400 }"
            @click="clear"
        >
            As the others
        </button>
    </div>
    <div class="row" role="group" aria-label="Where words stand across their cells">
        <button
            v-for="one in ALIGN"
            :key="one.key"
            class="btn"
            type="button"
            :aria-pressed="common('align') === one.key"
            :aria-label="one.words"
            v-tooltip.top="{ value: one.words, showDelay: 400 }"
            @click="set({ align: one.key })"
        >
            {{ one.sign }}
        </button>
        <button
            class="btn"
            type="button"
            :aria-pressed="isBold"
            aria-label="Bold"
            @click="set({ weight: isBold ? 400 : 600 })"
        >
            <b>B</b>
        </button>
        <LengthField class="size" plain label="size" name="size of the letters" :value="size" :apply="applySize" />
    </div>
    <div class="row">
        <span class="word">letters</span>
        <ColourField
            class="colour"
            label="Letters"
            :none="false"
            :value="colour('fill')"
            @set="set({ fill: $event })"
        />
    </div>
    <div class="row">
        <span class="word">fill</span>
        <ColourField
            class="colour"
            label="Fill of the cells"
            none
            :value="colour('ground')"
            @set="set({ ground: $event })"
        />
        <select
            v-if="desk.styles.length"
            class="choose style"
            aria-label="Take a style"
            value=""
            @change="takeStyle(($event.target as HTMLSelectElement).value)"
        >
            <option value="" disabled>style…</option>
            <option v-for="style in desk.styles" :key="style.key" :value="style.key">{{ style.name }}</option>
        </select>
    </div>
</template>

<style scoped src="./row.css"></style>
<style scoped src="./tables.css"></style>

<style scoped>
.style {
    flex: 0 1 84px;
}
</style>
