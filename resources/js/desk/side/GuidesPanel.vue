<script setup lang="ts">
import { settled } from '@/desk/geometry';
import LengthField from '@/parts/LengthField.vue';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed, ref } from 'vue';

/** The guides by number, their places as fields. */
const desk = useDesk();
const view = useView();
const typed = ref({ x: '', y: '' });

const AXES = [
    { axis: 'x' as const, words: 'Upright, at x', add: 'Add an upright guide at x' },
    { axis: 'y' as const, words: 'Level, at y', add: 'Add a level guide at y' },
];

const lists = computed(() => AXES.map((one) => ({ ...one, guides: desk.guides.filter((g) => g.axis === one.axis) })));

async function add(axis: 'x' | 'y'): Promise<void> {
    const at = typed.value[axis].trim();
    if (at && (await desk.run('add-guide', { axis, at }))) typed.value[axis] = '';
}

const move = (guide: string) => (at: string) => desk.run('move-guide', { guide, at });
</script>

<template>
    <div class="guides">
        <section v-for="list in lists" :key="list.axis">
            <h3>{{ list.words }}</h3>
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
                        :value="settled(guide.at - (desk.sheet?.zero[list.axis] ?? 0))"
                        :apply="move(guide.id)"
                    />
                    <button
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
            No guides on this sheet. Type where one is to lie: a figure, a length with its unit, or a part of the sheet
            such as 50%.
        </p>
        <div v-else class="foot">
            <button class="btn" type="button" @click="view.showGuides = !view.showGuides">
                {{ view.showGuides ? 'Hide guides' : 'Show guides' }}
            </button>
            <button class="btn" type="button" @click="desk.run('remove-guides', {})">Remove all</button>
        </div>
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
    grid-template-columns: 1fr 26px;
    align-items: center;
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
    stroke: var(--soft);
    stroke-width: 1.5;
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
