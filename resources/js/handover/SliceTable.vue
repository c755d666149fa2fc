<script setup lang="ts">
import type { PlannedFile, Warning } from '@/api/handover';
import type { Slice } from '@/api/types';
import { figure } from '@/sheet/geometry';
import CutSettings from '@/desk/drawer/CutSettings.vue';
import TextField from '@/parts/TextField.vue';
import { useDesk } from '@/stores/desk';
import { useHandover } from '@/stores/handover';
import Checkbox from 'primevue/checkbox';
import Column from 'primevue/column';
import DataTable from 'primevue/datatable';
import Popover from 'primevue/popover';
import { computed, ref } from 'vue';
import { FORMATS } from '@/sheet/formats';
import { bytes } from './words';

/** The slices with their places and the files each becomes, those that need a look first; a name is changed where it stands. */
const desk = useDesk();
const handover = useHandover();
const emit = defineEmits<{ point: [slice: string | null] }>();
const popover = ref<InstanceType<typeof Popover> | null>(null);
const SERIOUS = ['off-pixel', 'fraction', 'too-large', 'empty'];

/** So many that only those in view are in the page; then all are of one height. */
const many = computed(() => desk.slices.length > 60);
const rowHeight = computed(() => 20 + 17 * Math.min(3, Math.max(2, handover.settings.scales.length)));

interface Row {
    slice: Slice;
    files: PlannedFile[];
    warnings: Warning[];
    bytes: number | null;
}

/** Those of each slice, in their order. */
function bySlice<T extends { slice: string }>(things: T[] = []): Map<string, T[]> {
    const found = new Map<string, T[]>();
    for (const thing of things) {
        const those = found.get(thing.slice);
        if (those) those.push(thing);
        else found.set(thing.slice, [thing]);
    }
    return found;
}

const rows = computed<Row[]>(() => {
    const filesOf = bySlice(handover.plan?.files);
    const warningsOf = bySlice(handover.plan?.warnings);
    const made = new Map(handover.last?.files?.map((file) => [file.name, file.bytes]));
    const all = desk.slices.map((slice) => {
        const files = filesOf.get(slice.id) ?? [];
        const known = files.flatMap((file) => made.get(file.file) ?? []);
        return {
            slice,
            files,
            warnings: warningsOf.get(slice.id) ?? [],
            bytes: known.length === files.length && known.length > 0 ? known.reduce((sum, one) => sum + one, 0) : null,
        };
    });
    return [...all.filter((row) => row.warnings.length > 0), ...all.filter((row) => row.warnings.length === 0)];
});

/** Pixel sizes of one slice, each once. */
const sizes = (row: Row) => [
    ...new Set(row.files.filter((file) => file.scale).map((file) => `${file.width} × ${file.height}`)),
];
const formats = (row: Row) =>
    FORMATS.filter((one) => row.files.some((file) => file.format === one.key))
        .map((one) => one.words)
        .join(', ');

function take(id: string, taken: boolean): void {
    handover.left = taken ? handover.left.filter((other) => other !== id) : [...handover.left, id];
}

function rename(slice: Slice, name: string): void {
    void desk.run('set-slice', { slices: [slice.id], name }, []);
}

function openSettings(event: Event, slice: Slice): void {
    desk.selectedSlices = [slice.id];
    popover.value?.toggle(event);
}
</script>

<template>
    <div class="slices" :class="{ many }">
        <p v-if="desk.status.kind === 'refused'" class="refused" role="alert">{{ desk.status.text }}</p>
        <DataTable
            :value="rows"
            :data-key="(row: Row) => row.slice.id"
            scrollable
            scroll-height="flex"
            :virtual-scroller-options="many ? { itemSize: rowHeight } : undefined"
            size="small"
            aria-label="Slices"
            @row-mouseenter="emit('point', ($event as unknown as { data: Row }).data?.slice.id ?? null)"
        >
            <Column style="width: 34px">
                <template #body="{ data }: { data: Row }">
                    <Checkbox
                        :model-value="!handover.left.includes(data.slice.id)"
                        binary
                        :aria-label="`Take ${data.slice.name}`"
                        @update:model-value="take(data.slice.id, $event)"
                    />
                </template>
            </Column>
            <Column style="width: 54px">
                <template #body="{ data }: { data: Row }">
                    <span class="thumb"
                        ><img
                            :src="`/api/sheets/${desk.sheet?.id}/render.svg?slice=${data.slice.id}&r=${desk.revision}`"
                            alt=""
                            loading="lazy"
                    /></span>
                </template>
            </Column>
            <Column header="Name">
                <template #body="{ data }: { data: Row }">
                    <TextField
                        :value="data.slice.name"
                        :label="`Name of ${data.slice.name}`"
                        @keep="rename(data.slice, $event)"
                    />
                    <small
                        v-for="warning in many ? data.warnings.slice(0, 1) : data.warnings"
                        :key="warning.kind + warning.text"
                        class="warning"
                        :class="{ serious: SERIOUS.includes(warning.kind) }"
                        >{{ warning.text }}</small
                    >
                </template>
            </Column>
            <Column header="x, y" class="num right"
                ><template #body="{ data }: { data: Row }"
                    >{{ figure(data.slice.x) }}, {{ figure(data.slice.y) }}</template
                ></Column
            >
            <Column header="Pixels" class="num right">
                <template #body="{ data }: { data: Row }"
                    ><span v-for="size in sizes(data).slice(0, 3)" :key="size" class="size">{{ size }}</span>
                    <span v-if="sizes(data).length > 3" class="size"
                        >and {{ sizes(data).length - 3 }} more</span
                    ></template
                >
            </Column>
            <Column header="As">
                <template #body="{ data }: { data: Row }">
                    <span class="as">{{ formats(data) }}</span>
                    <small v-if="data.bytes !== null" class="num">{{ bytes(data.bytes) }}</small>
                </template>
            </Column>
            <Column style="width: 34px">
                <template #body="{ data }: { data: Row }">
                    <button
                        class="quiet"
                        type="button"
                        :aria-label="`How ${data.slice.name} is cut`"
                        v-tooltip.left="'How it is cut'"
                        @click="openSettings($event, data.slice)"
                    >
                        <svg width="16" height="16" aria-hidden="true"><path d="M3 5h10M3 11h10M6 3v4M10 9v4" /></svg>
                    </button>
                </template>
            </Column>
        </DataTable>
        <Popover ref="popover" @hide="desk.selectedSlices = []"><CutSettings class="popped" /></Popover>
    </div>
</template>

<style scoped>
.slices {
    flex: 1;
    min-height: 0;
    display: flex;
    flex-direction: column;
    padding: 0 10px;
}
.slices :deep(.p-datatable) {
    flex: 1;
    min-height: 0;
}
.slices :deep(th) {
    font-size: 12px;
    color: var(--soft);
    background: var(--paper);
}
.slices :deep(thead) {
    z-index: 1;
    background: var(--paper);
}
.slices :deep(td),
.slices :deep(th) {
    padding-left: 6px;
    padding-right: 6px;
}
.slices :deep(.right) {
    text-align: right;
    white-space: nowrap;
}
.slices :deep(th.right .p-datatable-column-header-content) {
    justify-content: flex-end;
}
.slices :deep(.text-field:not(:focus)) {
    border-color: transparent;
    background: transparent;
    box-shadow: none;
}
.slices :deep(.text-field:hover) {
    border-color: var(--line);
}
.thumb {
    display: grid;
    place-items: center;
    width: 42px;
    height: 38px;
}
.thumb img {
    max-width: 42px;
    max-height: 38px;
}
.size {
    display: block;
    white-space: nowrap;
    font-size: 12px;
    line-height: 1.4;
}
.as,
small {
    display: block;
    font-size: 11.5px;
    line-height: 1.4;
}
small {
    color: var(--soft);
    white-space: nowrap;
}
.warning {
    padding-left: 8px;
    white-space: normal;
    color: var(--ochre-text);
}
.warning.serious {
    color: var(--brick);
}
.many .warning {
    max-width: 210px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
}
.refused {
    padding: 8px 10px;
    margin: 0 8px 8px;
    border-radius: 4px;
    background: var(--brick-wash);
    color: var(--brick-text);
}
.quiet path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.5;
}
.popped {
    width: 240px;
}
</style>
