<script setup lang="ts">
import { useActions } from '@/desk/actions';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { storeToRefs } from 'pinia';
import { watch } from 'vue';
import Contents from './Contents.vue';
import GuidesPanel from './GuidesPanel.vue';
import KitsPanel from './KitsPanel.vue';
import PlaceTools from './PlaceTools.vue';
import SlicesPanel from './SlicesPanel.vue';

const desk = useDesk();
const view = useView();
const { panel } = storeToRefs(view);
const { actions } = useActions();
const quick = ['group', 'ungroup', 'forward', 'backward', 'duplicate', 'delete'] as const;

watch(panel, () => (view.showSlices = panel.value === 'slices'), { immediate: true });
</script>

<template>
    <aside class="side" aria-label="Things and contents">
        <PlaceTools />
        <div class="panels" role="tablist">
            <button type="button" role="tab" :aria-selected="panel === 'contents'" @click="panel = 'contents'">
                Contents
            </button>
            <button type="button" role="tab" :aria-selected="panel === 'guides'" @click="panel = 'guides'">
                Guides <i v-if="desk.guides.length" class="num">{{ desk.guides.length }}</i>
            </button>
            <button type="button" role="tab" :aria-selected="panel === 'slices'" @click="panel = 'slices'">
                Slices <i v-if="desk.slices.length" class="num">{{ desk.slices.length }}</i>
            </button>
            <button type="button" role="tab" :aria-selected="panel === 'kits'" @click="panel = 'kits'">Kits</button>
        </div>
        <Contents v-show="panel === 'contents'" />
        <GuidesPanel v-if="panel === 'guides'" />
        <SlicesPanel v-if="panel === 'slices'" />
        <KitsPanel v-if="panel === 'kits'" />
        <div v-if="panel === 'contents'" class="quick" role="toolbar" aria-label="With what is selected">
            <button
                v-for="name in quick"
                :key="name"
                type="button"
                :disabled="!actions[name].possible()"
                :aria-label="actions[name].words"
                v-tooltip.top="{ value: `${actions[name].words} (${actions[name].keys})`, showDelay: 300 }"
                @click="actions[name].run()"
            >
                <svg width="18" height="18" aria-hidden="true"><path :d="actions[name].icon" /></svg>
            </button>
        </div>
    </aside>
</template>

<style scoped>
.side {
    display: flex;
    flex-direction: column;
    min-height: 0;
    background: var(--paper);
    border-right: 1px solid var(--line);
}
.panels {
    display: grid;
    grid-template-columns: repeat(4, auto);
    border-bottom: 1px solid var(--line);
}
.panels button {
    border: 0;
    background: none;
    padding: 7px 0;
    font-size: 12px;
    color: var(--soft);
    cursor: pointer;
}
.panels button[aria-selected='true'] {
    color: var(--ink);
    font-weight: 600;
    box-shadow: inset 0 -2px var(--spruce);
}
.panels button:focus-visible {
    outline-offset: -2px;
}
.panels i {
    font-style: normal;
    font-weight: 400;
    color: var(--soft);
}
.quick {
    display: grid;
    grid-template-columns: repeat(6, 1fr);
    gap: 1px;
    background: var(--line);
    border-top: 1px solid var(--line);
}
.quick button {
    border: 0;
    background: var(--paper);
    height: 32px;
    display: grid;
    place-items: center;
    cursor: pointer;
}
.quick button:hover:not(:disabled) {
    background: var(--spruce-wash);
}
.quick button:focus-visible {
    outline-offset: -2px;
}
.quick path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.4;
}
.quick button:disabled {
    cursor: default;
}
.quick button:disabled path {
    stroke: var(--faint);
}
</style>
