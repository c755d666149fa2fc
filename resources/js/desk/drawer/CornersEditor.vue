<script setup lang="ts">
import type { Item } from '@/api/types';
import { commonOf } from '@/sheet/common';
import type { Field } from '@/sheet/kinds';
import { computed } from 'vue';
import NumberField from './NumberField.vue';

/** A radius for each corner, or one for all. */
const props = defineProps<{ field: Field; items: Item[] }>();
const emit = defineEmits<{ set: [value: number[] | null, run?: string] }>();

const CORNERS = ['top left', 'top right', 'bottom right', 'bottom left'];
/** as they lie on the sheet: two above, two below */
const PLACES = [0, 1, 3, 2];

const own = (item: Item): number[] | null => item.fields.radii ?? null;
const radii = (item: Item): number[] => own(item) ?? CORNERS.map(() => item.fields.radius ?? 0);
const areOwn = computed(() => commonOf(props.items, (item) => own(item) !== null));
const corners = computed(() => CORNERS.map((_, i) => commonOf(props.items, (item) => radii(item)[i])));
const first = computed(() => (props.items[0] ? radii(props.items[0]) : []));

function setOne(corner: number, radius: number, run?: string): void {
    emit(
        'set',
        first.value.map((was, i) => (i === corner ? radius : was)),
        run,
    );
}
</script>

<template>
    <div class="corners">
        <button class="btn" type="button" :aria-pressed="areOwn ?? 'mixed'" @click="emit('set', areOwn ? null : first)">
            {{ field.label }}
        </button>
        <template v-if="areOwn">
            <NumberField
                v-for="corner in PLACES"
                :key="corner"
                bare
                :label="CORNERS[corner] ?? ''"
                unit="px"
                :value="corners[corner]"
                :min="field.least ?? 0"
                :max="field.most ?? 0"
                @set="(typed, run) => setOne(corner, typed, run)"
            />
        </template>
    </div>
</template>

<style scoped>
.corners {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.btn {
    grid-column: span 2;
}
[aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
</style>
