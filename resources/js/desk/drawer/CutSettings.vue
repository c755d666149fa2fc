<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import type { Format } from '@/api/handover';
import type { Slice } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { FORMATS, toggled } from '@/sheet/formats';
import { computed } from 'vue';
import { commonOf } from '@/sheet/common';
import NumberField from './NumberField.vue';
import TextField from '@/parts/TextField.vue';

/** How the slices that are selected are cut: what they take, on what, and as what they are written. */
const desk = useDesk();
const slices = computed(() => desk.slices.filter((slice) => desk.selectedSlices.includes(slice.id)));
const only = computed(() => (slices.value.length === 1 ? slices.value[0] : undefined));
const source = computed(() => {
    const [first] = only.value?.items ?? [];
    return first ? desk.items.get(first) : undefined;
});
const cutFromItems = computed(() => slices.value.length > 0 && slices.value.every((slice) => slice.items.length > 0));
const cutFromOne = computed(() => slices.value.length > 0 && slices.value.every((slice) => slice.items.length === 1));

const common = <T,>(read: (slice: Slice) => T) => commonOf(slices.value, read);

const background = computed(() => common((slice) => slice.background));
const ground = computed(() => {
    if (background.value === undefined) return 'mixed';
    return background.value === null ? 'order' : background.value.startsWith('#') ? 'colour' : background.value;
});
const scales = computed(() => common((slice) => slice.scales));
const formats = computed(() => common((slice) => slice.formats));

function set(params: Omit<Commands['set-slice'], 'slices'>): void {
    const ids = desk.selectedSlices as [string, ...string[]];
    void desk.run('set-slice', { slices: ids, ...params }, []);
}

function setGround(what: string): void {
    if (what === 'order') set({ background: null });
    else if (what === 'colour') set({ background: '#ffffff' });
    else if (what !== 'mixed') set({ background: what });
}

function setScales(text: string): void {
    const given = text.split(/[\s,;]+/).filter(Boolean);
    set({ scales: given.length > 0 ? (given as [string, ...string[]]) : null });
}

function toggleFormat(format: Format): void {
    const next = toggled(formats.value ?? [], format);
    set({ formats: next.length > 0 ? (next as [Format, ...Format[]]) : null });
}
</script>

<template>
    <div v-if="slices.length" class="cut">
        <h2>{{ only ? only.name : `${slices.length} slices` }}</h2>
        <section>
            <h3>Takes</h3>
            <label class="row">
                <select
                    class="choose"
                    :value="common((slice) => slice.only) === true ? 'only' : 'all'"
                    :disabled="!cutFromItems"
                    aria-label="What it takes"
                    @change="set({ only: ($event.target as HTMLSelectElement).value === 'only' })"
                >
                    <option value="all">all that lies there</option>
                    <option value="only">its items alone</option>
                </select></label
            >
            <label
                ><input
                    type="checkbox"
                    :checked="common((slice) => slice.follow) === true"
                    :disabled="!cutFromOne"
                    @change="set({ follow: ($event.target as HTMLInputElement).checked })"
                />follows {{ source?.name ?? 'its item' }}</label
            >
            <label
                ><input
                    type="checkbox"
                    :checked="common((slice) => slice.trim) === true"
                    @change="set({ trim: ($event.target as HTMLInputElement).checked })"
                />trimmed to what is painted</label
            >
            <NumberField
                label="padding"
                unit="px"
                :value="common((slice) => slice.padding)"
                :min="0"
                :max="10000"
                @set="set({ padding: $event })"
            />
        </section>
        <section>
            <h3>Painted on</h3>
            <label class="row">
                <select
                    class="choose"
                    :value="ground"
                    aria-label="Background of the slice"
                    @change="setGround(($event.target as HTMLSelectElement).value)"
                >
                    <option v-if="ground === 'mixed'" value="mixed">mixed</option>
                    <option value="order">as handed over</option>
                    <option value="transparent">nothing, clear</option>
                    <option value="sheet">the sheet</option>
                    <option value="colour">a colour</option>
                </select></label
            >
            <TextField
                v-if="ground === 'colour'"
                class="num"
                :value="background ?? ''"
                label="Colour of the background"
                @keep="set({ background: $event })"
            />
        </section>
        <section>
            <h3>Written</h3>
            <label class="row"
                ><span>sizes</span>
                <TextField
                    :key="desk.selectedSlices.join()"
                    class="num"
                    :value="scales?.join(', ') ?? ''"
                    :placeholder="scales === undefined ? 'mixed' : 'as handed over'"
                    label="Sizes of the slice"
                    @keep="setScales"
            /></label>
            <button v-if="scales" class="link" type="button" @click="set({ scales: null })">
                sizes as handed over
            </button>
            <div class="formats" role="group" aria-label="Formats of the slice">
                <button
                    v-for="one in FORMATS"
                    :key="one.key"
                    class="btn"
                    type="button"
                    :aria-pressed="formats?.includes(one.key) ?? false"
                    @click="toggleFormat(one.key)"
                >
                    {{ one.words }}
                </button>
            </div>
            <p v-if="formats === null">as handed over</p>
            <NumberField
                v-if="formats?.some((one) => one === 'jpeg' || one === 'webp')"
                label="quality"
                :value="common((slice) => slice.quality ?? 90)"
                :min="1"
                :max="100"
                @set="set({ quality: $event })"
            />
        </section>
    </div>
</template>

<style scoped>
.cut {
    display: grid;
    gap: 12px;
    align-content: start;
    padding: 12px;
    overflow: auto;
    font-size: 12px;
}
h2 {
    font-size: 13px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
h3 {
    font: 400 12px var(--words);
    color: var(--soft);
}
section {
    display: grid;
    gap: 6px;
}
label {
    display: flex;
    align-items: center;
    gap: 6px;
    min-width: 0;
}
.row :deep(input::placeholder) {
    font-family: Overpass, sans-serif;
}
.row span {
    width: 52px;
    flex: none;
    color: var(--soft);
}
select {
    flex: 1;
}
.formats {
    display: flex;
    flex-wrap: wrap;
    gap: 4px;
}
.formats .btn {
    padding: 0 7px;
}
p {
    color: var(--soft);
}
</style>
