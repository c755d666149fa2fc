<script setup lang="ts">
import type { Slice } from '@/api/types';
import { figure, whole } from '@/desk/geometry';
import TextField from '@/parts/TextField.vue';
import { useDesk } from '@/stores/desk';
import Checkbox from 'primevue/checkbox';
import Column from 'primevue/column';
import DataTable from 'primevue/datatable';
import { computed } from 'vue';

/** The slices with their places and the pixels each scale gives; a name is changed where it stands. */
const props = defineProps<{ scales: number[] }>();
const emit = defineEmits<{ putRight: [] }>();
const left = defineModel<string[]>('left', { required: true });
const desk = useDesk();

const off = (slice: Slice) => [slice.x, slice.y, slice.w, slice.h].some((value) => value % 1 !== 0);
const anyOff = computed(() => desk.slices.some(off));
const sizes = (slice: Slice) => props.scales.map((scale) => `${whole(slice.w * scale)} × ${whole(slice.h * scale)}`);

function take(id: string, taken: boolean): void {
    left.value = taken ? left.value.filter((other) => other !== id) : [...left.value, id];
}

function rename(slice: Slice, name: string): void {
    void desk.run('set-slice', { slices: [slice.id], name }, []);
}
</script>

<template>
    <div class="slices">
        <p v-if="desk.status.kind === 'refused'" class="refused" role="alert">{{ desk.status.text }}</p>
        <p v-if="anyOff" class="warn">
            Some slices do not lie on whole pixels, so their edges would be blurred.
            <button class="btn" type="button" @click="emit('putRight')">Put right, outward</button>
        </p>
        <DataTable
            :value="desk.slices"
            data-key="id"
            scrollable
            scroll-height="flex"
            :virtual-scroller-options="desk.slices.length > 60 ? { itemSize: 50 } : undefined"
            size="small"
            aria-label="Slices"
        >
            <Column style="width: 40px">
                <template #body="{ data }: { data: Slice }">
                    <Checkbox
                        :model-value="!left.includes(data.id)"
                        binary
                        :aria-label="`Take ${data.name}`"
                        @update:model-value="take(data.id, $event)"
                    />
                </template>
            </Column>
            <Column style="width: 58px">
                <template #body="{ data }: { data: Slice }">
                    <span class="thumb"
                        ><img
                            :src="`/api/sheets/${desk.sheet?.id}/render.svg?slice=${data.id}&r=${desk.revision}`"
                            alt=""
                            loading="lazy"
                    /></span>
                </template>
            </Column>
            <Column header="Name">
                <template #body="{ data }: { data: Slice }">
                    <TextField :value="data.name" :label="`Name of ${data.name}`" @keep="rename(data, $event)" />
                    <small v-if="off(data)" class="off">off the pixel</small>
                </template>
            </Column>
            <Column header="x" class="num right"
                ><template #body="{ data }: { data: Slice }">{{ figure(data.x) }}</template></Column
            >
            <Column header="y" class="num right"
                ><template #body="{ data }: { data: Slice }">{{ figure(data.y) }}</template></Column
            >
            <Column header="Pixels" class="num right">
                <template #body="{ data }: { data: Slice }"
                    ><span v-for="size in sizes(data)" :key="size" class="size">{{ size }}</span></template
                >
            </Column>
        </DataTable>
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
}
.slices :deep(.right) {
    text-align: right;
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
.warn,
.refused {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 10px;
    padding: 8px 10px;
    margin: 0 8px 8px;
    border-radius: 4px;
    background: var(--brick-wash);
    color: #7c2716;
}
.off {
    color: var(--brick);
}
</style>
