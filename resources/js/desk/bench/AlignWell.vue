<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import { counted } from '@/desk/words';
import { useDesk } from '@/stores/desk';
import Select from 'primevue/select';
import Choice from './Choice.vue';
import { computed, ref } from 'vue';

type Edge = Commands['align']['edge'];
type To = 'selection' | 'anchor' | 'sheet' | 'ground';

/** Align: six edges, and in plain words what will move and to what before anything is pressed. */
const desk = useDesk();
const wanted = ref<To>('selection');
const as = ref<'each' | 'one'>('each');
const anchor = ref<string | null>(null);

const EDGES: { edge: Edge; words: string; path: string }[] = [
    { edge: 'left', words: 'left edges', path: 'M3 2v16M6 5h11v3.5H6zM6 11.500h7V15H6z' },
    { edge: 'centre', words: 'centres across', path: 'M10 2v16M4 5h12v3.500H4zM6.500 11.500h7V15h-7z' },
    { edge: 'right', words: 'right edges', path: 'M17 2v16M3 5h11v3.500H3zM7 11.500h7V15H7z' },
    { edge: 'top', words: 'tops', path: 'M2 3h16M5 6v11h3.500V6zM11.500 6v7H15V6z' },
    { edge: 'middle', words: 'middles', path: 'M2 10h16M5 4v12h3.500V4zM11.500 6.500v7H15v-7z' },
    { edge: 'bottom', words: 'bottoms', path: 'M2 17h16M5 3v11h3.500V3zM11.500 7v7H15V7z' },
];

const WAYS: { key: 'each' | 'one'; words: string }[] = [
    { key: 'each', words: 'each by itself' },
    { key: 'one', words: 'one block' },
];

const count = computed(() => desk.selected.length);
const locked = computed(() => desk.selected.filter((item) => desk.tree.isLocked(item.id)));

/** The anchor: the one chosen, else the one locked item, else the one selected last. */
const anchorItem = computed(
    () =>
        desk.selected.find((item) => item.id === anchor.value) ??
        (locked.value.length === 1 ? locked.value[0] : undefined) ??
        desk.selected[count.value - 1],
);

const targets = computed<{ key: To; words: string }[]>(() =>
    count.value > 1
        ? [
              { key: 'selection', words: 'each other' },
              { key: 'anchor', words: 'one of them' },
              { key: 'sheet', words: 'the sheet' },
          ]
        : [
              { key: 'ground', words: 'its ground' },
              { key: 'sheet', words: 'the sheet' },
          ],
);

const to = computed<To>(() =>
    targets.value.some((target) => target.key === wanted.value) ? wanted.value : (targets.value[0]?.key ?? 'sheet'),
);
const block = computed(() => as.value === 'one' && count.value > 1 && to.value === 'sheet');

const sentence = computed(() => {
    if (count.value === 0) return 'Select what is to stand on one line.';
    if (count.value === 1)
        return `${counted(desk.selected)} to ${to.value === 'sheet' ? 'the sheet' : 'what it lies on'}`;
    if (to.value === 'sheet')
        return block.value ? `the ${count.value} as one to the sheet` : `each of ${count.value} to the sheet`;
    if (to.value === 'anchor') return `each of the others to ${anchorItem.value?.name ?? ''}, which stays`;
    return `each of ${count.value} to their common box`;
});

function align(edge: Edge): void {
    const params: Commands['align'] = { edge, to: to.value };
    if (to.value === 'anchor' && anchorItem.value) params.anchor = anchorItem.value.id;
    if (block.value) params.as = 'one';
    void desk.run('align', params);
}

const anchors = computed(() => desk.selected.map((item) => ({ id: item.id, name: item.name })));
</script>

<template>
    <div class="well align">
        <h3>
            Align <span>{{ count === 0 ? '' : sentence }}</span>
        </h3>
        <div class="edges">
            <button
                v-for="item in EDGES"
                :key="item.edge"
                class="edge"
                type="button"
                :disabled="count === 0"
                :aria-label="`Align ${item.words}`"
                v-tooltip.top="{ value: `Align ${item.words}: ${sentence}`, showDelay: 400 }"
                @click="align(item.edge)"
            >
                <svg width="22" height="22" viewBox="0 0 20 20" aria-hidden="true"><path :d="item.path" /></svg>
            </button>
        </div>
        <Choice
            class="to"
            word="to"
            label="Align to"
            :options="targets"
            :model-value="to"
            :disabled="count === 0"
            @update:model-value="wanted = $event"
        />
        <div v-if="to === 'anchor'" class="more">
            <span>anchor</span>
            <Select
                :model-value="anchorItem?.id"
                :options="anchors"
                option-label="name"
                option-value="id"
                size="small"
                aria-label="Anchor"
                @update:model-value="anchor = $event"
            />
        </div>
        <Choice
            v-else-if="to === 'sheet' && count > 1"
            v-model="as"
            class="more"
            word="as"
            label="Align as"
            :options="WAYS"
        />
        <p v-else-if="count === 0" class="hint">{{ sentence }}</p>
    </div>
</template>

<style scoped>
.edges {
    display: grid;
    grid-template-columns: repeat(6, 1fr);
    border: 1px solid var(--line);
    border-radius: 4px;
    overflow: hidden;
    background: var(--line);
    gap: 1px;
    max-width: 420px;
}
.edge {
    height: 40px;
    border: 0;
    background: var(--card);
    cursor: pointer;
    display: grid;
    place-items: center;
}
.edge:nth-child(4) {
    box-shadow: inset 2px 0 var(--line);
}
.edge path {
    fill: var(--ink);
    stroke: var(--ink);
    stroke-width: 1.2;
    stroke-linejoin: round;
}
.edge:hover:not(:disabled) {
    background: var(--spruce-wash);
}
.edge:hover:not(:disabled) path {
    fill: var(--spruce);
    stroke: var(--spruce);
}
.edge:focus-visible {
    outline-offset: -3px;
}
.edge:disabled {
    cursor: default;
}
.edge:disabled path {
    fill: #a9aea4;
    stroke: #a9aea4;
}
.more {
    display: flex;
    align-items: center;
    margin-top: 7px;
}
.more :deep(.p-select) {
    height: 27px;
    max-width: 200px;
    font-size: 12px;
}
.more :deep(.p-select-label) {
    padding: 3px 8px;
    font-size: 12px;
}
.hint {
    margin-top: 10px;
    color: var(--soft);
    font-size: 12px;
}
.to {
    margin-top: 9px;
}
.more > span {
    color: var(--soft);
    font-size: 12px;
    margin-right: 8px;
}
</style>
