<script setup lang="ts">
import type { Item } from '@/api/types';
import { commonOf } from '@/sheet/common';
import { computed, ref } from 'vue';
import NumberField from './NumberField.vue';

/** A length for each side, or one for all. */
const props = defineProps<{ items: Item[] }>();
const emit = defineEmits<{ set: [value: number | [number, number, number, number], run?: string] }>();
type Sides = [number, number, number, number];

const SIDES = ['top', 'right', 'bottom', 'left'] as const;
/** as they lie: above and below, left and right */
const PLACES = [0, 2, 3, 1] as const;

function sides(item: Item | undefined): Sides {
    const padding = item?.fields.padding ?? 0;
    return (typeof padding === 'number' ? [padding, padding, padding, padding] : padding) as Sides;
}
const values = computed(() => SIDES.map((_, i) => commonOf(props.items, (item) => sides(item)[i])));
const all = computed(() => (new Set(values.value).size === 1 ? values.value[0] : undefined));
const wished = ref(false);
const areOwn = computed(() => wished.value || all.value === undefined);

function setOne(side: number, to: number, run?: string): void {
    emit('set', sides(props.items[0]).map((was, i) => (i === side ? to : was)) as Sides, run);
}
</script>

<template>
    <div class="sides">
        <NumberField
            label="all"
            unit="px"
            :value="all"
            :min="0"
            :max="10000"
            @set="(to, run) => emit('set', to, run)"
        />
        <button class="btn" type="button" :aria-pressed="areOwn" @click="wished = !areOwn">each its own</button>
        <template v-if="areOwn">
            <NumberField
                v-for="side in PLACES"
                :key="side"
                :label="SIDES[side]"
                unit="px"
                :value="values[side]"
                :min="0"
                :max="10000"
                @set="(to, run) => setOne(side, to, run)"
            />
        </template>
    </div>
</template>

<style scoped>
.sides {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
[aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
</style>
