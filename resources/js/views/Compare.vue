<script setup lang="ts">
import { api, Problem } from '@/api/client';
import type { Which } from '@/api/compare';
import type { HistoryEntry, SheetSummary } from '@/api/types';
import DifferenceList from '@/compare/DifferenceList.vue';
import TwoSheets from '@/compare/TwoSheets.vue';
import FileChooser from '@/parts/FileChooser.vue';
import TopBar from '@/parts/TopBar.vue';
import { useCompare, type Way } from '@/stores/compare';
import { useDesk } from '@/stores/desk';
import { computed, onBeforeUnmount, onMounted, ref, shallowRef, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';

/** Two arrangements of a sheet beside each other, in what they differ, and which one is chosen. */
const desk = useDesk();
const compare = useCompare();
const route = useRoute();
const router = useRouter();
const lines = shallowRef<HistoryEntry[]>([]);
const file = shallowRef<{ name: string; data: Record<string, unknown> } | null>(null);
const chooser = ref<InstanceType<typeof FileChooser> | null>(null);
const LINES = 40;
const WAYS: { way: Way; words: string }[] = [
    { way: 'beside', words: 'Side by side' },
    { way: 'over', words: 'One over the other' },
    { way: 'blink', words: 'By turns' },
];

const others = computed(() => (desk.document?.sheets ?? []).filter((one) => one.id !== desk.sheet?.id));
const chosen = computed(() => {
    const { which } = compare;
    return which.sheet
        ? `sheet ${which.sheet}`
        : which.line !== undefined
          ? `line ${which.line}`
          : which.file
            ? 'file'
            : '';
});

/** A variant first, else what this is one of, else the next sheet, else how it was. */
function likely(): Which {
    const id = desk.sheet?.id;
    const here = desk.document?.sheets.find((one) => one.id === id);
    const variant = others.value.find((one) => one.variant?.of === id);
    const source = others.value.find((one) => one.id === here?.variant?.of);
    const next =
        variant ?? source ?? others.value.find((one) => one.position > (here?.position ?? 0)) ?? others.value[0];
    if (next) return { sheet: next.id };
    const last = lines.value.filter((one) => !one.undone)[1];
    return last ? { line: last.line } : {};
}

watch(
    () => [route.params.document, route.params.sheet, route.query.with, route.query.line],
    async ([document, sheet, other, line]) => {
        if (!document || !sheet || route.name !== 'compare') return;
        try {
            await desk.open(String(document), String(sheet));
            globalThis.document.title = `Compare ${desk.sheet?.name ?? ''}: All Square`;
            lines.value = (await api.history(String(document)))
                .filter((one) => one.sheet === desk.sheet?.id && !one.undone)
                .slice(0, LINES);
            await compare.compareWith(
                other
                    ? { sheet: String(other) }
                    : line
                      ? { line: Number(line) }
                      : file.value
                        ? { file: file.value.data }
                        : likely(),
            );
        } catch (error) {
            compare.trouble = error instanceof Problem ? error.message : 'The server does not answer. Is it running?';
        }
    },
    { immediate: true },
);

function pick(value: string): void {
    const [sort, id] = value.split(' ');
    if (sort === 'file') {
        chooser.value?.open();
        return;
    }
    file.value = null;
    void router.replace({ query: sort === 'sheet' ? { with: id } : { line: id } });
}

async function open([chosenFile]: File[]): Promise<void> {
    if (!chosenFile) return;
    try {
        file.value = { name: chosenFile.name, data: JSON.parse(await chosenFile.text()) as Record<string, unknown> };
        await router.replace({ query: {} });
        await compare.compareWith({ file: file.value.data });
    } catch {
        compare.trouble = `"${chosenFile.name}" is no document file: it cannot be read as JSON.`;
    }
}

async function choose(sheet: string, over: string): Promise<void> {
    try {
        const made = await api.post<SheetSummary>(`sheets/${sheet}/choose`, { over });
        desk.say(`Chose "${made.name}". Undo brings the other one back.`);
        await router.push({ name: 'desk', params: { document: route.params.document, sheet: made.id } });
    } catch (error) {
        compare.trouble = error instanceof Problem ? error.message : 'The server does not answer. Nothing was changed.';
    }
}

/** After each change they are compared again. */
watch(
    () => desk.revision,
    (revision) => compare.compared && compare.compared.revision !== revision && void compare.look(),
);

/** Undo and redo, which of the two is seen, and zooming. */
function onKey(event: KeyboardEvent): void {
    if ((event.target as HTMLElement).closest('input:not([type=range]), select, textarea')) return;
    const key = event.key.toLowerCase();
    if (event.ctrlKey || event.metaKey) {
        if (key !== 'z') return;
        event.preventDefault();
        desk.travel(event.shiftKey ? 'redo' : 'undo');
    } else if (key === 'x') compare.other = !compare.other;
    else if (key === '+' || key === '-') compare.zoomBy(key === '+' ? 1.25 : 0.8);
    else if (key === '0') compare.fit();
}
onMounted(() => window.addEventListener('keydown', onKey));
onBeforeUnmount(() => {
    window.removeEventListener('keydown', onKey);
    compare.compared = null;
});
</script>

<template>
    <div class="page">
        <TopBar>
            <span class="document">{{ desk.document?.name }}</span>
            <b class="names">Compare</b>
            <span class="fill" />
            <button class="btn" type="button" v-tooltip.bottom="'Ctrl Z'" @click="desk.travel('undo')">Undo</button>
            <RouterLink
                class="btn"
                :to="{ name: 'desk', params: { document: route.params.document, sheet: route.params.sheet } }"
                >Back to the desk</RouterLink
            >
        </TopBar>
        <div class="bar">
            <b>{{ desk.sheet?.name }}</b>
            <label>
                with
                <select :value="chosen" @change="pick(($event.target as HTMLSelectElement).value)">
                    <option v-if="chosen === ''" value="">nothing yet</option>
                    <optgroup label="Sheets">
                        <option v-for="one in others" :key="one.id" :value="`sheet ${one.id}`">{{ one.name }}</option>
                    </optgroup>
                    <optgroup v-if="lines.length" label="As it was after">
                        <option v-for="one in lines" :key="one.line" :value="`line ${one.line}`">
                            {{ one.label.slice(0, 70) }}
                        </option>
                        <option value="line 0">Before the first change</option>
                    </optgroup>
                    <optgroup label="A file">
                        <option value="file">{{ file ? file.name : 'Open a document file…' }}</option>
                    </optgroup>
                </select>
            </label>
            <button v-if="file" class="btn" type="button" @click="chooser?.open()">Another file…</button>
            <div class="ways" role="group" aria-label="How both are seen">
                <button
                    v-for="one in WAYS"
                    :key="one.way"
                    class="btn"
                    type="button"
                    :aria-pressed="compare.way === one.way"
                    @click="compare.way = one.way"
                >
                    {{ one.words }}
                </button>
                <button
                    v-if="compare.way === 'blink'"
                    class="btn"
                    type="button"
                    v-tooltip.bottom="'x'"
                    @click="compare.other = !compare.other"
                >
                    The other one
                </button>
            </div>
            <div class="zoom">
                <button class="btn" type="button" aria-label="Smaller" @click="compare.zoomBy(0.8)">−</button>
                <span class="num">{{ (compare.seen.zoom * 100).toFixed(0) }} %</span>
                <button class="btn" type="button" aria-label="Larger" @click="compare.zoomBy(1.25)">+</button>
                <button class="btn" type="button" @click="compare.fit">Fit</button>
            </div>
        </div>
        <TwoSheets class="sheets" />
        <DifferenceList class="differences" @choose="choose" />
        <FileChooser
            ref="chooser"
            label="Document file to compare with"
            accept=".json,application/json"
            @chosen="open"
        />
    </div>
</template>

<style scoped>
.page {
    display: grid;
    grid-template: 46px auto minmax(0, 1fr) / minmax(0, 1fr) 330px;
    height: 100vh;
    overflow: hidden;
}
.page > :deep(.dark-bar),
.bar {
    grid-column: 1 / -1;
}
.names {
    font-size: 13px;
}
.fill {
    flex: 1;
}
.document {
    max-width: 260px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.bar {
    display: flex;
    align-items: center;
    gap: 12px;
    padding: 7px 14px;
    border-bottom: 1px solid var(--line);
    background: var(--paper);
    font-size: 12.5px;
    min-width: 0;
    flex-wrap: wrap;
}
.bar > b {
    max-width: 220px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
label {
    display: flex;
    align-items: center;
    gap: 8px;
    color: var(--soft);
}
select {
    height: 27px;
    max-width: 260px;
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--card);
    color: var(--ink);
    font: 12.5px var(--words);
    padding: 0 6px;
}
.ways,
.zoom {
    display: flex;
    align-items: center;
    gap: 4px;
}
.zoom {
    margin-left: auto;
}
.zoom .num {
    min-width: 52px;
    text-align: center;
}
</style>
