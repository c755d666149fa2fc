<script setup lang="ts">
import type { Item } from '@/api/types';
import { figure, settled } from '@/desk/geometry';
import { useDesk } from '@/stores/desk';
import { computed, ref } from 'vue';
import Choice from './Choice.vue';

type Extent = 'selection' | 'sheet';

/** Space: the gaps as they stand, and evening them out. */
const desk = useDesk();
const within = ref<Extent>('selection');
const EXTENTS: { key: Extent; words: string }[] = [
    { key: 'selection', words: 'their extent' },
    { key: 'sheet', words: 'the sheet' },
];

const free = computed(() => desk.selected.filter((item) => !desk.tree.isLocked(item.id)));
const enough = computed(() => free.value.length >= (within.value === 'sheet' ? 2 : 3));

function gaps(axis: 'x' | 'y'): number[] {
    const [lead, size] = axis === 'x' ? (['x', 'w'] as const) : (['y', 'h'] as const);
    const centre = (item: Item) => item.bounds[lead] + item.bounds[size] / 2;
    const ordered = [...free.value].sort((a, b) => a.bounds[lead] - b.bounds[lead] || centre(a) - centre(b));
    return ordered.slice(1).map((item, i) => {
        const before = ordered[i]?.bounds;
        return settled(item.bounds[lead] - (before ? before[lead] + before[size] : 0));
    });
}

function said(axis: 'x' | 'y'): string {
    const list = gaps(axis);
    if (list.length === 0) return '';
    if (new Set(list).size === 1)
        return `${list.length} ${list.length === 1 ? 'gap' : 'gaps'} of ${figure(list[0] ?? 0)}`;
    return list.length <= 5
        ? list.map(figure).join(', ')
        : `${figure(Math.min(...list))} to ${figure(Math.max(...list))}`;
}

const rows = computed(() => [
    { axis: 'x' as const, words: 'across', gaps: said('x'), path: 'M2 3v14M18 3v14M7 6h6v8H7z' },
    { axis: 'y' as const, words: 'down', gaps: said('y'), path: 'M3 2h14M3 18h14M6 7v6h8V7z' },
]);

const sentence = computed(() => {
    const count = free.value.length;
    if (count === 0) return 'select three or more';
    if (!enough.value) return within.value === 'sheet' ? 'needs two or more' : 'needs three or more';
    return within.value === 'sheet' ? `${count} from edge to edge of the sheet` : `${count}; the outer two stay`;
});

function even(axis: 'x' | 'y'): void {
    void desk.run('distribute', { axis, within: within.value });
}
</script>

<template>
    <div class="well space">
        <h3>
            Space <span>{{ sentence }}</span>
        </h3>
        <div v-for="row in rows" :key="row.axis" class="row">
            <button
                class="btn"
                type="button"
                :disabled="!enough"
                v-tooltip.top="{ value: `Make the gaps ${row.words} equal`, showDelay: 400 }"
                @click="even(row.axis)"
            >
                <svg width="15" height="15" viewBox="0 0 20 20" aria-hidden="true"><path :d="row.path" /></svg>
                Even out {{ row.words }}
            </button>
            <span v-if="row.gaps" class="gaps"
                ><i class="num">{{ row.gaps }}</i></span
            >
        </div>
        <Choice v-model="within" word="within" label="Space within" :options="EXTENTS" :disabled="free.length === 0" />
    </div>
</template>

<style scoped>
.row {
    display: flex;
    align-items: center;
    gap: 9px;
    margin-bottom: 7px;
    min-width: 0;
}
.row .btn {
    width: 134px;
    flex: none;
    justify-content: flex-start;
}
.row path {
    fill: currentColor;
    stroke: currentColor;
    stroke-width: 1.6;
}
.gaps {
    color: var(--soft);
    font-size: 12px;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
}
.gaps i {
    font-style: normal;
    color: var(--ink);
}
</style>
