<script setup lang="ts">
import type { Berth } from '@/api/rails';
import type { Commands } from '@/api/commands.gen';
import LengthField from '@/parts/LengthField.vue';
import { commonOf } from '@/sheet/common';
import { holderOf } from '@/sheet/containers';
import { readSum } from '@/sheet/sums';
import { useDesk } from '@/stores/desk';
import { computed } from 'vue';

/** The numbers that things have of their own in the rail that they lie in. */
const desk = useDesk();
const rail = computed(() => holderOf(desk.selected, desk.items));
const common = (name: keyof Berth) =>
    commonOf(desk.selected, (item) => item.fields.berth?.[name] ?? 0) as number | undefined;

const FIELDS = [
    { name: 'before' as const, label: 'more before', hint: 'Added to the gap before it', plain: false },
    { name: 'aside' as const, label: 'aside', hint: 'Shifted across, without anything making way', plain: false },
    { name: 'share' as const, label: 'share', hint: 'Parts it takes of what is left along the rail', plain: true },
    { name: 'over' as const, label: 'over', hint: 'How much it is lifted over others; nothing moves', plain: true },
];

const apply = (name: keyof Berth, plain: boolean) => (typed: string, ids: string[], run?: string) => {
    const value = plain ? readSum(typed) : typed;
    if (value === null) {
        desk.say(`"${typed}" cannot be read as a number.`, 'refused');
        return Promise.resolve(false);
    }
    return desk.run('set-berth', { [name]: value } as Commands['set-berth'], ids, { run });
};
</script>

<template>
    <div class="berth">
        <div class="fields">
            <LengthField
                v-for="field in FIELDS"
                :key="field.name"
                :label="field.label"
                :name="`berth ${field.name}`"
                :plain="field.plain"
                :value="common(field.name) ?? null"
                :blank="common(field.name) === undefined"
                v-tooltip.top="{ value: field.hint, showDelay: 400 }"
                :apply="apply(field.name, field.plain)"
            />
        </div>
        <button v-if="rail" class="btn" type="button" @click="desk.select([rail.id])">
            Select the rail "{{ rail.name }}"
        </button>
    </div>
</template>

<style scoped src="./row.css"></style>

<style scoped>
.berth {
    display: grid;
    gap: 8px;
    justify-items: start;
    margin-bottom: 8px;
}
.fields {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 150px));
    gap: 6px;
}
</style>
