<script setup lang="ts">
import { rounded } from '@/sheet/geometry';
import type { Commands } from '@/api/commands.gen';
import type { Dimension } from '@/api/types';
import LengthField from '@/parts/LengthField.vue';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed, ref } from 'vue';
import GridPanel from './GridPanel.vue';

/** The guides by number, their places as fields; the layout grid; the dimensions that are kept on the sheet. */
const desk = useDesk();
const view = useView();
const typed = ref({ x: '', y: '' });
const inset = ref('');

const AXES = [
    { axis: 'x' as const, words: 'Vertical guide at x', add: 'Add a vertical guide' },
    { axis: 'y' as const, words: 'Horizontal guide at y', add: 'Add a horizontal guide' },
];

const lists = computed(() => AXES.map((one) => ({ ...one, guides: desk.guides.filter((g) => g.axis === one.axis) })));

async function add(axis: 'x' | 'y'): Promise<void> {
    const at = typed.value[axis].trim();
    if (at && (await desk.run('add-guide', { axis, at }))) typed.value[axis] = '';
}

const FROM = [
    { words: 'edges', edges: ['left', 'right', 'top', 'bottom'] },
    { words: 'centres', edges: ['centre', 'middle'] },
] as const;

function fromItems(edges: readonly string[], within = ''): void {
    const params = { edges: [...edges], ...(within.trim() ? { inset: within } : {}) };
    void desk.run('guides-from-items', params as Commands['guides-from-items']);
}

const allLocked = computed(() => desk.guides.length > 0 && desk.guides.every((guide) => guide.locked));

/** A kept dimension in words: what it is between. */
function between(dimension: Dimension): string {
    const name = (id: string) => desk.items.get(id)?.name ?? `${id} edge`;
    return `${name(dimension.a)} – ${name(dimension.b)}`;
}

const move = (guide: string) => (at: string) => desk.run('move-guide', { guide, at });
</script>

<template>
    <div class="guides">
        <section v-for="list in lists" :key="list.axis">
            <h3>
                {{ list.words }}
                <button
                    v-if="list.guides.length > 1"
                    class="link"
                    type="button"
                    @click="desk.run('remove-guides', { axis: list.axis }, [])"
                >
                    remove these
                </button>
            </h3>
            <form class="add" @submit.prevent="add(list.axis)">
                <input
                    v-model="typed[list.axis]"
                    class="num"
                    :aria-label="list.add"
                    placeholder="64, 2cm, 50%"
                    autocomplete="off"
                    spellcheck="false"
                />
                <button class="btn" type="submit" :disabled="!typed[list.axis].trim()">Add</button>
            </form>
            <ul>
                <li
                    v-for="guide in list.guides"
                    :key="guide.id"
                    @mouseenter="view.guideOver = guide.id"
                    @mouseleave="view.guideOver = null"
                >
                    <LengthField
                        :label="list.axis"
                        :name="`guide ${guide.id}`"
                        :value="rounded(guide.at - (desk.sheet?.zero[list.axis] ?? 0))"
                        :disabled="guide.locked"
                        :apply="move(guide.id)"
                    />
                    <button
                        class="gone"
                        type="button"
                        :aria-pressed="guide.locked"
                        :aria-label="`${guide.locked ? 'Unlock' : 'Lock'} the guide at ${list.axis} ${guide.at}`"
                        @click="desk.run('lock-guides', { guides: [guide.id], locked: !guide.locked }, [])"
                    >
                        <svg width="12" height="12" :class="{ open: !guide.locked }" aria-hidden="true">
                            <path d="M2.500 5.500h7v5h-7zM4 5.500v-2a2 2 0 0 1 4 0v2" />
                        </svg>
                    </button>
                    <button
                        v-if="!guide.locked"
                        class="gone"
                        type="button"
                        :aria-label="`Delete the guide at ${list.axis} ${guide.at}`"
                        @click="desk.run('delete-guide', { guides: [guide.id] })"
                    >
                        <svg width="12" height="12" aria-hidden="true"><path d="M2 2l8 8M10 2l-8 8" /></svg>
                    </button>
                </li>
            </ul>
        </section>
        <p v-if="desk.guides.length === 0" class="empty">
            No guides on this sheet. Drag one out of a ruler, or type where it is to lie: a figure, a length with its
            unit, or a part of the sheet such as 50%.
        </p>
        <div v-else class="foot">
            <button class="btn" type="button" @click="view.showGuides = !view.showGuides">
                {{ view.showGuides ? 'Hide' : 'Show' }}
            </button>
            <button class="btn" type="button" @click="desk.run('lock-guides', { locked: !allLocked }, [])">
                {{ allLocked ? 'Unlock all' : 'Lock all' }}
            </button>
            <button class="btn" type="button" @click="desk.run('remove-guides', {}, [])">Remove all</button>
        </div>
        <section v-if="desk.selection.length">
            <h3>From what is selected</h3>
            <div class="foot">
                <button v-for="one in FROM" :key="one.words" class="btn" type="button" @click="fromItems(one.edges)">
                    {{ one.words }}
                </button>
                <form class="inset" @submit.prevent="fromItems(FROM[0].edges, inset)">
                    <input
                        v-model="inset"
                        class="num"
                        aria-label="Inset of guides"
                        placeholder="16"
                        autocomplete="off"
                    />
                    <button class="btn" type="submit" :disabled="!inset.trim()">inset</button>
                </form>
            </div>
        </section>
        <GridPanel />
        <section v-if="desk.dimensions.length">
            <h3>
                Dimensions
                <button class="link" type="button" @click="desk.run('delete-dimension', {}, [])">remove all</button>
            </h3>
            <ul>
                <li
                    v-for="dimension in desk.dimensions"
                    :key="dimension.id"
                    class="dimension"
                    @mouseenter="view.dimensionOver = dimension.id"
                    @mouseleave="view.dimensionOver = null"
                >
                    <span :title="between(dimension)">{{ between(dimension) }}</span>
                    <button
                        class="gone"
                        type="button"
                        :aria-label="`Remove the dimension ${between(dimension)}`"
                        @click="desk.run('delete-dimension', { dimensions: [dimension.id] }, [])"
                    >
                        <svg width="12" height="12" aria-hidden="true"><path d="M2 2l8 8M10 2l-8 8" /></svg>
                    </button>
                </li>
            </ul>
        </section>
    </div>
</template>

<style scoped>
.guides {
    flex: 1;
    min-height: 0;
    overflow: auto;
    padding: 10px 12px;
    display: grid;
    gap: 14px;
    align-content: start;
}
h3 {
    font: 600 12px var(--words);
    color: var(--soft);
    margin-bottom: 6px;
    display: flex;
    justify-content: space-between;
}
.add {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 6px;
}
.add input {
    min-width: 0;
    height: 27px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    padding: 0 8px;
    font-size: 12px;
    color: var(--ink);
}
.add input:focus {
    outline: none;
    border-color: var(--spruce);
    box-shadow: 0 0 0 1px var(--spruce);
}
ul {
    list-style: none;
    margin: 6px 0 0;
    padding: 0;
    display: grid;
    gap: 4px;
}
li {
    display: grid;
    grid-template-columns: 1fr 24px 24px;
    align-items: center;
}
li.dimension {
    grid-template-columns: 1fr 24px;
    font-size: 12px;
}
li.dimension span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.inset {
    display: flex;
    gap: 4px;
}
.inset input {
    width: 44px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    padding: 0 6px;
    text-align: right;
    font-size: 12px;
}
.gone {
    border: 0;
    background: none;
    height: 26px;
    cursor: pointer;
    display: grid;
    place-items: center;
}
.gone path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.5;
}
.gone .open path {
    opacity: 0.45;
}
.gone:hover path {
    stroke: var(--brick);
}
.empty {
    color: var(--soft);
    line-height: 1.5;
}
.foot {
    display: flex;
    gap: 6px;
    flex-wrap: wrap;
}
</style>
