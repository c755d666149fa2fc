<script setup lang="ts">
import { BOXES, useBench, type Order, type To } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { pressed, vRehearse } from '@/stores/rehearsal';
import { computed } from 'vue';
import AlignPad from './AlignPad.vue';
import Choice from './Choice.vue';

/** Align: in plain words what moves and to what stands there before anything is pressed. */
const desk = useDesk();
const bench = useBench();
const view = useView();
const nothing = computed(() => bench.count === 0);

const SAME: { dimension: 'width' | 'height'; words: string; path: string }[] = [
    { dimension: 'width', words: 'Same width', path: 'M2 3v12M16 3v12M4 9h10M6 7 4 9l2 2M12 7l2 2-2 2' },
    { dimension: 'height', words: 'Same height', path: 'M3 2h12M3 16h12M9 4v10M7 6 9 4l2 2M7 12l2 2 2-2' },
];

const same = (dimension: 'width' | 'height') => (): Order<'match-size'> => ({
    command: 'match-size',
    params: { dimension, to: 'anchor', ...(bench.anchor ? { anchor: bench.anchor.id } : {}) },
});
const anchorName = computed(() => bench.anchor?.name ?? '');
</script>

<template>
    <div class="well align">
        <h3>
            Align <span :title="bench.sentence">{{ bench.sentence }}</span>
        </h3>
        <p v-show="nothing" class="begin">
            Select what is to stand on one line: draw a band round it, click with Shift held, or take it from Contents
            (t). Then the pad brings it there, and ghosts show beforehand where it will land.
        </p>
        <div v-if="!nothing || view.rested" v-show="!nothing" class="both">
            <AlignPad :disabled="nothing" />
            <div class="set">
                <label class="to">
                    <span>to</span>
                    <select
                        :value="bench.to"
                        :disabled="nothing || bench.way === 'pairs'"
                        aria-label="Align to"
                        v-tooltip.top="{ value: 'What things are aligned to', showDelay: 400 }"
                        @change="bench.wantedTo = ($event.target as HTMLSelectElement).value as To"
                    >
                        <option v-for="target in bench.targets" :key="target.key" :value="target.key">
                            {{ target.words }}
                        </option>
                    </select>
                </label>
                <label v-if="bench.to === 'anchor' && bench.way === 'each' && bench.count > 1" class="to">
                    <span>which</span>
                    <select
                        :value="bench.anchor?.id"
                        aria-label="Anchor"
                        v-tooltip.top="{ value: 'The one that stays; the others go to it', showDelay: 400 }"
                        @change="bench.chosenAnchor = ($event.target as HTMLSelectElement).value"
                    >
                        <option v-for="item in desk.selected" :key="item.id" :value="item.id">{{ item.name }}</option>
                    </select>
                </label>
                <Choice
                    v-else
                    :model-value="bench.way"
                    word="as"
                    label="Align as"
                    :options="bench.ways"
                    :disabled="bench.count < 2"
                    @update:model-value="bench.as = $event"
                />
                <label class="to">
                    <span>by</span>
                    <select
                        v-model="bench.by"
                        aria-label="Which box of each counts"
                        v-tooltip.top="{
                            value: 'Which edges count: of the frame, or of what is painted',
                            showDelay: 400,
                        }"
                    >
                        <option v-for="box in BOXES" :key="box.key" :value="box.key">{{ box.words }}</option>
                    </select>
                </label>
                <div class="row">
                    <button
                        v-rehearse="() => bench.align('baseline')"
                        class="btn"
                        type="button"
                        :disabled="nothing"
                        v-tooltip.top="{ value: 'Bring first baselines onto one line', showDelay: 400 }"
                        @click="pressed(bench.align('baseline'))"
                    >
                        Baseline
                    </button>
                    <button
                        v-rehearse="() => bench.align('last-baseline')"
                        class="btn"
                        type="button"
                        :disabled="nothing"
                        v-tooltip.top="{ value: 'Bring last baselines onto one line', showDelay: 400 }"
                        @click="pressed(bench.align('last-baseline'))"
                    >
                        Last
                    </button>
                </div>
                <div class="row">
                    <button
                        v-for="one in SAME"
                        :key="one.dimension"
                        v-rehearse="same(one.dimension)"
                        class="btn icon"
                        type="button"
                        :disabled="bench.count < 2"
                        :aria-label="one.words"
                        v-tooltip.top="{ value: `${one.words} as ${anchorName}`, showDelay: 400 }"
                        @click="pressed(same(one.dimension)())"
                    >
                        <svg width="18" height="18" aria-hidden="true"><path :d="one.path" /></svg>
                    </button>
                </div>
            </div>
        </div>
    </div>
</template>

<style scoped>
.begin {
    color: var(--soft);
    font-size: 12px;
    line-height: 1.5;
}
.both {
    display: flex;
    gap: 12px;
    min-width: 0;
}
.set {
    display: flex;
    flex-direction: column;
    gap: 5px;
    min-width: 0;
    flex: 1;
    max-width: 240px;
}
.to {
    display: flex;
    align-items: center;
    gap: 6px;
    font-size: 12px;
    color: var(--soft);
    min-width: 0;
}
select {
    flex: 1;
    min-width: 0;
    height: 26px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    font: 12px var(--words);
    padding: 0 3px;
}
select:disabled {
    background: transparent;
    color: var(--off);
}
.set :deep(.choice) {
    flex-wrap: nowrap;
}
.set :deep(.choice button) {
    padding: 0 5px;
}
.row {
    display: flex;
    gap: 4px;
}
.icon {
    padding: 0 5px;
}
.icon path {
    fill: none;
    stroke: currentColor;
    stroke-width: 1.3;
}
</style>
