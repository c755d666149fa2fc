<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import type { Rule, RulePlace } from '@/api/tables';
import type { Colour } from '@/api/types';
import ColourField from '@/desk/drawer/ColourField.vue';
import LengthField from '@/parts/LengthField.vue';
import { useDesk } from '@/stores/desk';
import { useTable } from '@/stores/table';
import { computed, ref } from 'vue';

/** The rules of a table by place, its stripes and its brackets. */
const desk = useDesk();
const table = useTable();
const place = ref<RulePlace>('across');

const PLACES = {
    across: 'between rows',
    down: 'between columns',
    outside: 'outside',
    header: 'under the header',
    total: 'above the totals',
} as const;
const DASHES = { '': 'unbroken', '4 3': 'dashed', '1 2': 'dotted', '8 3 1 3': 'dash and dot' } as const;
const BRACKETS = { none: 'no brackets', square: 'square', round: 'round', bars: 'bars' } as const;
const INK = '#20302d';

const ids = () => (table.item ? [table.item.id] : []);
const set = (params: Commands['set-table'], run?: string) => desk.run('set-table', params, ids(), { run });
const rule = computed<Rule | null>(() => table.table?.rules?.[place.value] ?? null);
const colour = computed(() => (rule.value?.colour ?? null) as Colour | null);
const stripes = computed(() => (table.table?.zebra ?? null) as Colour | null);
const brackets = computed(() => ({ shape: 'none' as const, width: 6, gap: 4, weight: 1.5, ...table.table?.brackets }));

function put(change: Partial<Rule> | null, run?: string): Promise<boolean> {
    const next = change === null ? null : { weight: 1, colour: INK, ...rule.value, ...change };
    return set({ rules: { [place.value]: next } } as Commands['set-table'], run);
}

function applyWeight(typed: string, _ids: string[], run?: string): Promise<boolean> {
    const weight = Number(typed);
    if (!(weight >= 0 && weight <= 100)) {
        desk.say(`"${typed}" is no weight of a rule. Type px from 0 to 100.`, 'refused');
        return Promise.resolve(false);
    }
    return put(weight === 0 ? null : { weight }, run);
}

const applyBracket = (name: 'width' | 'gap' | 'weight') => (typed: string, _ids: string[], run?: string) => {
    const value = Number(typed);
    if (!(value >= 0 && value <= 200)) {
        desk.say(`"${typed}" cannot be used here. Type px from 0 to 200.`, 'refused');
        return Promise.resolve(false);
    }
    return set({ brackets: { [name]: value } }, run);
};
</script>

<template>
    <div class="row">
        <select v-model="place" class="choose" aria-label="Which rule">
            <option v-for="(words, key) in PLACES" :key="key" :value="key">{{ words }}</option>
        </select>
        <LengthField
            class="size"
            plain
            label="weight"
            name="weight of the rule"
            unit="px"
            :value="rule?.weight ?? 0"
            :apply="applyWeight"
        />
        <select
            class="choose"
            aria-label="Dashes of the rule"
            :value="(rule?.dash ?? []).join(' ')"
            :disabled="!rule"
            @change="put({ dash: ($event.target as HTMLSelectElement).value.split(' ').filter(Boolean).map(Number) })"
        >
            <option v-for="(words, dash) in DASHES" :key="dash" :value="dash">{{ words }}</option>
            <option v-if="!((rule?.dash ?? []).join(' ') in DASHES)" :value="rule?.dash?.join(' ')">
                {{ rule?.dash?.join(' ') }}
            </option>
        </select>
    </div>
    <div class="row">
        <span class="word">rule</span>
        <ColourField
            class="colour"
            label="Rule"
            none
            :value="colour"
            @set="$event === null ? put(null) : put({ colour: $event } as Partial<Rule>)"
        />
    </div>
    <div class="row">
        <span class="word">stripes</span>
        <ColourField
            class="colour"
            label="Stripes"
            none
            :value="stripes"
            @set="set({ zebra: $event } as Commands['set-table'])"
        />
    </div>
    <div class="row">
        <select
            class="choose"
            aria-label="Brackets"
            :value="brackets.shape"
            @change="set({ brackets: { shape: ($event.target as HTMLSelectElement).value } } as Commands['set-table'])"
        >
            <option v-for="(words, key) in BRACKETS" :key="key" :value="key">{{ words }}</option>
        </select>
        <template v-if="brackets.shape !== 'none'">
            <LengthField
                plain
                label="deep"
                name="bracket width"
                :value="brackets.width"
                :apply="applyBracket('width')"
            />
            <LengthField plain label="gap" name="bracket gap" :value="brackets.gap" :apply="applyBracket('gap')" />
            <LengthField
                plain
                label="wt"
                name="bracket weight"
                :value="brackets.weight"
                :apply="applyBracket('weight')"
            />
        </template>
    </div>
</template>

<style scoped src="./row.css"></style>
<style scoped src="./tables.css"></style>
