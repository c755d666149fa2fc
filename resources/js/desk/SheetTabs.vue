<script setup lang="ts">
import type { SheetSummary } from '@/api/types';
import { focusBack } from '@/parts/focus';
import NewSheetDialog from '@/parts/NewSheetDialog.vue';
import TextField from '@/parts/TextField.vue';
import WidthDialog from '@/parts/WidthDialog.vue';
import { useSheetWork } from '@/desk/sheetWork';
import { useDesk } from '@/stores/desk';
import Menu from 'primevue/menu';
import { computed, nextTick, ref, watch } from 'vue';

/** The sheets of the document as tabs: opened, added, renamed, copied, moved, deleted. */
const props = defineProps<{ route: 'desk' | 'hand-over' | 'measured'; fixed?: boolean }>();
const desk = useDesk();
const adding = ref(false);
const menu = ref<InstanceType<typeof Menu> | null>(null);
const chosen = ref<SheetSummary | null>(null);
const sheets = computed(() => desk.document?.sheets ?? []);

const size = (sheet: SheetSummary) =>
    sheet.unit === 'px'
        ? `${sheet.width} × ${sheet.height}`
        : `${sheet.typed.width} × ${sheet.typed.height} ${sheet.unit}`;

const { go, add, rename, widen, takenWidths, widening, renaming, entries } = useSheetWork(
    props.route,
    chosen,
    startRenaming,
);

async function startRenaming(sheet: SheetSummary): Promise<void> {
    renaming.value = sheet.id;
    await nextTick();
    document.querySelector<HTMLInputElement>('.sheets .text-field')?.select();
}

const FEW = 3;
const list = ref<InstanceType<typeof Menu> | null>(null);
const strip = ref<HTMLElement | null>(null);
const everySheet = computed(() =>
    sheets.value.map((sheet) => ({
        label: sheet.name,
        class: sheet.id === desk.sheet?.id ? 'on' : '',
        command: () => void go(sheet.id),
    })),
);
const backToDesk = () => void nextTick(() => focusBack(null));

/** The wheel goes along the tabs, and the current one is always in sight. */
function scroll(event: WheelEvent): void {
    if (strip.value) strip.value.scrollLeft += event.deltaY + event.deltaX;
}
watch(
    () => [desk.sheet?.id, sheets.value.length],
    async () => {
        await nextTick();
        strip.value?.querySelector('.on')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    },
    { immediate: true },
);

function openMenu(event: Event, sheet: SheetSummary): void {
    chosen.value = sheet;
    menu.value?.toggle(event);
}
</script>

<template>
    <nav class="sheets" aria-label="Sheets">
        <div ref="strip" class="tabs" @wheel.passive="scroll">
            <div
                v-for="sheet in sheets"
                :key="sheet.id"
                class="tab"
                :class="{ on: sheet.id === desk.sheet?.id }"
                @contextmenu.prevent="!fixed && openMenu($event, sheet)"
            >
                <TextField
                    v-if="renaming === sheet.id"
                    :value="sheet.name"
                    label="Name of the sheet"
                    @keep="rename(sheet, $event)"
                    @done="renaming = null"
                />
                <button
                    v-else
                    type="button"
                    class="name"
                    :aria-current="sheet.id === desk.sheet?.id ? 'page' : undefined"
                    :title="sheet.name"
                    @click="go(sheet.id)"
                    @dblclick="!fixed && startRenaming(sheet)"
                >
                    <svg
                        v-if="sheet.page"
                        class="linked"
                        width="14"
                        height="12"
                        role="img"
                        aria-label="One page with other widths"
                        v-tooltip.bottom="'One page at several widths'"
                    >
                        <path d="M1 1h7v10H1zM10.500 4h2.500v7h-2.500z" />
                    </svg>
                    <span>{{ sheet.name }}</span>
                    <small v-if="sheet.id === desk.sheet?.id || sheets.length < 4" class="num">{{ size(sheet) }}</small>
                </button>
                <button
                    v-if="!fixed && sheet.id === desk.sheet?.id"
                    type="button"
                    class="more"
                    :aria-label="`What to do with ${sheet.name}`"
                    aria-haspopup="true"
                    v-tooltip.bottom="`Rename, copy, move or delete ${sheet.name}`"
                    @click="openMenu($event, sheet)"
                >
                    <svg width="11" height="8"><path d="M2 2l3.500 3.500L9 2" /></svg>
                </button>
            </div>
        </div>
        <button
            v-if="sheets.length > FEW"
            type="button"
            class="add all"
            :aria-label="`All ${sheets.length} sheets`"
            aria-haspopup="true"
            v-tooltip.bottom="`All ${sheets.length} sheets`"
            @click="list?.toggle($event)"
        >
            <span class="num">{{ sheets.length }}</span>
            <svg width="11" height="8" aria-hidden="true"><path d="M2 2l3.500 3.500L9 2" /></svg>
        </button>
        <button
            v-if="!fixed"
            type="button"
            class="add"
            aria-label="Add a sheet"
            v-tooltip.bottom="'Add a sheet'"
            @click="adding = true"
        >
            <svg width="13" height="13"><path d="M6.500 1v11M1 6.500h11" /></svg>
        </button>
        <Menu ref="menu" :model="entries" popup @hide="backToDesk" />
        <Menu ref="list" :model="everySheet" popup class="sheet-list" />
        <NewSheetDialog
            v-model:open="adding"
            title="Add a sheet"
            button="Add sheet"
            name-label="Name"
            :named="`Sheet ${sheets.length + 1}`"
            :start="desk.sheet ? { ...desk.sheet.typed, unit: desk.sheet.unit, ppi: desk.sheet.ppi } : undefined"
            @make="add"
        />
        <WidthDialog
            :open="widening !== null"
            :name="widening?.name ?? ''"
            :taken="takenWidths"
            @update:open="widening = null"
            @make="widen"
        />
    </nav>
</template>

<style scoped>
.sheets {
    display: flex;
    align-self: end;
    gap: 3px;
    min-width: 0;
    flex: 1;
}
.tabs {
    display: flex;
    gap: 3px;
    min-width: 0;
    overflow: auto hidden;
    scrollbar-width: none;
}
.tab {
    display: flex;
    align-items: center;
    height: 31px;
    border-radius: 5px 5px 0 0;
    background: var(--bar-tab);
    color: var(--bar-soft);
    min-width: 96px;
    max-width: 320px;
    flex: 0 0 auto;
}
.tab.on {
    background: var(--desk);
    color: var(--ink);
    font-weight: 600;
}
.tab.on :focus-visible {
    outline-color: var(--spruce);
    outline-offset: -2px;
}
.name {
    display: flex;
    align-items: baseline;
    gap: 8px;
    height: 100%;
    padding: 0 12px;
    border: 0;
    background: none;
    cursor: pointer;
    min-width: 0;
    align-items: center;
}
.tab.on .name {
    padding-right: 6px;
}
.name span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.name small {
    font-size: 11px;
    font-weight: 400;
    white-space: nowrap;
}
.tab:not(.on):hover {
    background: var(--bar-over);
}
.more {
    border: 0;
    background: none;
    height: 100%;
    padding: 0 9px 0 4px;
    cursor: pointer;
}
.linked {
    flex: none;
}
.linked path,
.more path,
.add path {
    fill: none;
    stroke: currentColor;
    stroke-width: 1.6;
}
.add {
    width: 34px;
    height: 31px;
    border: 0;
    border-radius: 5px 5px 0 0;
    background: var(--bar-add);
    color: var(--bar-soft);
    cursor: pointer;
    flex: none;
}
.add.all {
    display: flex;
    align-items: center;
    justify-content: center;
    gap: 3px;
    width: 42px;
    font-size: 12px;
}
.add:hover {
    background: var(--bar-over);
}
.tab :deep(.text-field) {
    width: 150px;
    margin: 0 6px;
    color: var(--ink);
}
</style>
