<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import type { Rail } from '@/api/rails';
import type { Side } from '@/api/types';
import LengthField from '@/parts/LengthField.vue';
import { commonOf } from '@/sheet/common';
import { useDesk } from '@/stores/desk';
import { computed } from 'vue';
import Choice from './Choice.vue';

/** The numbers by which rails lay out what lies in them. */
const desk = useDesk();
const rails = computed(() => desk.selected.flatMap((item) => (item.fields.rail ? [item.fields.rail] : [])));
const common = <T,>(of: (rail: Rail) => T): T | undefined => commonOf(rails.value, of) as T | undefined;

const SIDES: { side: Side; label: string }[] = [
    { side: 'left', label: 'left' },
    { side: 'top', label: 'top' },
    { side: 'right', label: 'right' },
    { side: 'bottom', label: 'bottom' },
];
const DIRECTIONS = [
    { key: 'row' as const, words: 'row' },
    { key: 'column' as const, words: 'column' },
];
const ACROSS = [
    { key: 'start' as const, words: 'start' },
    { key: 'centre' as const, words: 'centre' },
    { key: 'end' as const, words: 'end' },
    { key: 'stretch' as const, words: 'stretched' },
];
const ALONG = [
    { key: 'start' as const, words: 'start' },
    { key: 'centre' as const, words: 'centre' },
    { key: 'end' as const, words: 'end' },
    { key: 'between' as const, words: 'between' },
];
const SIZES = [
    { key: 'content', words: 'by what is in it' },
    { key: 'fixed', words: 'its own' },
    { key: 'share', words: 'what is left' },
] as const;

type Params = Commands['set-rail'];
const set = (params: Params, run?: string) => desk.run('set-rail', params, desk.selection, { run });
const chosen = <K extends 'direction' | 'across' | 'along' | 'width' | 'height'>(name: K, first: Rail[K]) =>
    computed<Rail[K]>({
        get: () => common((rail) => rail[name]) ?? first,
        set: (to) => void set({ [name]: to } as Params),
    });
const direction = chosen('direction', 'row');
const across = chosen('across', 'start');
const along = chosen('along', 'start');
const width = chosen('width', 'content');
const height = chosen('height', 'content');

const applyGap = (typed: string, _ids: string[], run?: string) => set({ gap: typed }, run);
const applyPadding = (side: Side) => (typed: string, _ids: string[], run?: string) =>
    set({ padding: { [side]: typed } }, run);
</script>

<template>
    <div class="rail">
        <div class="row">
            <Choice v-model="direction" word="" label="Direction of the rail" :options="DIRECTIONS" />
            <LengthField
                class="gap"
                label="gap"
                name="rail gap"
                :value="common((rail) => rail.gap) ?? null"
                :blank="common((rail) => rail.gap) === undefined"
                :apply="applyGap"
            />
            <label>
                <input
                    type="checkbox"
                    :checked="common((rail) => rail.wrap) ?? false"
                    @change="set({ wrap: ($event.target as HTMLInputElement).checked })"
                />
                wraps
            </label>
        </div>
        <div class="fields">
            <LengthField
                v-for="one in SIDES"
                :key="one.side"
                :label="one.label"
                :name="`rail padding ${one.side}`"
                :value="common((rail) => rail.padding[one.side]) ?? null"
                :blank="common((rail) => rail.padding[one.side]) === undefined"
                v-tooltip.top="{ value: `Padding: from its ${one.side} edge to what lies in it`, showDelay: 400 }"
                :apply="applyPadding(one.side)"
            />
        </div>
        <Choice v-model="across" word="across" label="Where things stand across" :options="ACROSS" />
        <Choice v-model="along" word="along" label="Where the room goes that is left" :options="ALONG" />
        <div class="row">
            <label
                v-for="one in [
                    { name: 'width', of: width },
                    { name: 'height', of: height },
                ]"
                :key="one.name"
            >
                {{ one.name }}
                <select
                    :value="one.of"
                    :aria-label="`What its ${one.name} follows`"
                    @change="set({ [one.name]: ($event.target as HTMLSelectElement).value } as Params)"
                >
                    <option v-for="size in SIZES" :key="size.key" :value="size.key">{{ size.words }}</option>
                </select>
            </label>
            <button class="btn" type="button" @click="desk.run('end-rail', {}, desk.selection)">End the rail</button>
        </div>
    </div>
</template>

<style scoped src="./row.css"></style>

<style scoped>
.rail {
    display: grid;
    gap: 5px;
}
.row {
    margin: 0;
    align-items: center;
}
.gap {
    width: 96px;
}
.fields {
    display: grid;
    grid-template-columns: repeat(4, minmax(0, 1fr));
    gap: 6px;
}
label {
    display: flex;
    gap: 5px;
    align-items: center;
    font-size: 12px;
    color: var(--soft);
    white-space: nowrap;
}
input[type='checkbox'] {
    accent-color: var(--spruce);
    margin: 0;
}
select {
    height: 26px;
    min-width: 0;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    font: 12px var(--words);
}
</style>
