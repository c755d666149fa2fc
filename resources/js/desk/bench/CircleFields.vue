<script setup lang="ts">
import type { Commands, Fields } from '@/api/commands.gen';
import LengthField from '@/parts/LengthField.vue';
import { commonOf } from '@/sheet/common';
import { readSum } from '@/sheet/sums';
import { useDesk } from '@/stores/desk';
import { computed, ref, watch } from 'vue';
import Choice from './Choice.vue';

/** The words of a text on a circle and the numbers by which they stand on it. */
const desk = useDesk();
const items = computed(() => desk.selected);
const only = computed(() => (items.value.length === 1 ? items.value[0] : undefined));
const common = <T,>(name: keyof Fields): T | undefined =>
    commonOf(items.value, (item) => item.fields[name] ?? null) as T | undefined;
const number = (name: keyof Fields) => common<number | null>(name) ?? null;

const SIDES = [
    { key: 'outside' as const, words: 'outside' },
    { key: 'inside' as const, words: 'inside' },
];
const REACHES = [
    { key: 'none' as const, words: 'as they come' },
    { key: 'letters' as const, words: 'letters' },
    { key: 'words' as const, words: 'words' },
];

const words = ref('');
watch(
    () => only.value?.fields.text,
    (text) => (words.value = text ?? ''),
    { immediate: true },
);

const set = (params: object) => desk.run('set', params as Commands['set'], desk.selection);

function keepWords(): void {
    const item = only.value;
    if (!item || words.value === item.fields.text) return;
    if (words.value.trim() === '') words.value = item.fields.text ?? '';
    else void desk.run('set', { text: words.value }, [item.id]);
}

const applyNumber = (name: 'circle' | 'middle' | 'spread') => async (typed: string, ids: string[], run?: string) => {
    const value = readSum(typed);
    if (value === null) {
        desk.say(`"${typed}" cannot be read as a number.`, 'refused');
        return false;
    }
    return desk.run('set', { [name]: value } as Commands['set'], ids, { run });
};

const reach = computed({
    get: () => (number('spread') === null ? 'none' : (common<'letters' | 'words'>('spread_by') ?? 'letters')),
    set: (to) => void set(to === 'none' ? { spread: null } : { spread: number('spread') ?? 180, spread_by: to }),
});
const side = computed({
    get: () => common<'outside' | 'inside'>('side') ?? 'outside',
    set: (to) => void set({ side: to }),
});
</script>

<template>
    <div class="circle">
        <input
            v-if="only"
            v-model="words"
            class="words"
            name="circle words"
            aria-label="Words on the circle"
            maxlength="2000"
            autocomplete="off"
            spellcheck="false"
            @blur="keepWords"
            @keydown.enter="keepWords"
        />
        <div class="fields">
            <LengthField
                label="radius"
                name="circle radius"
                plain
                unit="px"
                :value="number('circle')"
                :apply="applyNumber('circle')"
            />
            <LengthField
                label="middle at"
                name="circle middle"
                plain
                unit="°"
                :value="number('middle')"
                :apply="applyNumber('middle')"
            />
            <LengthField
                label="arc"
                name="circle spread"
                plain
                unit="°"
                :value="number('spread')"
                :blank="number('spread') === null"
                hint="as they come"
                :apply="applyNumber('spread')"
            />
        </div>
        <div class="row">
            <Choice v-model="side" word="stand" label="Side of the circle" :options="SIDES" />
            <button
                class="btn"
                type="button"
                v-tooltip.top="{
                    value: 'Another text on the same circle, on its other side and half way round, as on a badge',
                    showDelay: 400,
                }"
                @click="desk.run('text-on-circle', {}, desk.selection)"
            >
                One on the other side
            </button>
        </div>
        <Choice v-model="reach" word="spread" label="What is spread over the arc" :options="REACHES" />
    </div>
</template>

<style scoped src="./row.css"></style>

<style scoped>
.circle {
    display: grid;
    gap: 6px;
    margin-bottom: 8px;
}
.row {
    margin: 0;
}
.words {
    height: 28px;
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--card);
    color: var(--ink);
    padding: 0 8px;
    font: 12.5px var(--words);
    min-width: 0;
}
.fields {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    gap: 6px;
}
</style>
