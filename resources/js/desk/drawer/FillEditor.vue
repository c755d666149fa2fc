<script setup lang="ts">
import {
    hexOf,
    isColour,
    opacityOf,
    sortOf,
    SORTS,
    turnedInto,
    withOpacity,
    type Fill,
    type Gradient,
    type Pattern,
    type Sort,
} from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import Select from 'primevue/select';
import { computed } from 'vue';
import ColourField from './ColourField.vue';
import GradientEditor from './GradientEditor.vue';
import NumberField from './NumberField.vue';
import PatternEditor from './PatternEditor.vue';

/** What something is filled with: one colour, a gradient or a pattern; null is none, undefined while the values differ. */
const props = defineProps<{ label: string; value: Fill | null | undefined; none: boolean; count: number }>();
const emit = defineEmits<{ set: [fill: Fill | null, run?: string] }>();
const desk = useDesk();

const sort = computed(() => (props.value ? sortOf(props.value) : undefined));
const colour = computed(() => (isColour(props.value) ? props.value : props.value === null ? null : undefined));
const hex = computed(() => (colour.value ? hexOf(colour.value, desk.swatches) : null));
const gradient = computed(() =>
    props.value && !isColour(props.value) && 'gradient' in props.value ? (props.value as Gradient) : null,
);
const pattern = computed(() =>
    props.value && !isColour(props.value) && 'pattern' in props.value ? (props.value as Pattern) : null,
);

function turn(to: Sort): void {
    emit('set', turnedInto(to, props.value));
}
</script>

<template>
    <div class="fill">
        <div v-if="gradient || pattern" class="sort">
            <Select
                :model-value="sort"
                :options="[...SORTS]"
                option-label="words"
                option-value="key"
                size="small"
                :aria-label="`Sort of ${label.toLowerCase()}`"
                @update:model-value="turn"
            />
            <button v-if="none" class="btn" type="button" @click="emit('set', null)">None</button>
        </div>
        <template v-else>
            <ColourField :label="label" :value="colour" :none="none" @set="(to) => emit('set', to)" />
            <div class="sort">
                <Select
                    :model-value="sort ?? 'colour'"
                    :options="[...SORTS]"
                    option-label="words"
                    option-value="key"
                    size="small"
                    :aria-label="`Sort of ${label.toLowerCase()}`"
                    @update:model-value="turn"
                />
                <NumberField
                    v-if="hex && typeof colour === 'string'"
                    class="opacity"
                    label="opacity of the fill"
                    bare
                    unit="%"
                    :value="Math.round(opacityOf(hex) * 100)"
                    :min="0"
                    :max="100"
                    @set="(percent, run) => emit('set', withOpacity(hex ?? '', percent / 100), run)"
                />
            </div>
        </template>
        <GradientEditor v-if="gradient" :value="gradient" @set="(to, run) => emit('set', to, run)" />
        <PatternEditor v-if="pattern" :value="pattern" :count="count" @set="(to, run) => emit('set', to, run)" />
    </div>
</template>

<style scoped>
.fill {
    display: grid;
    gap: 7px;
    min-width: 0;
}
.sort {
    display: flex;
    gap: 6px;
    min-width: 0;
}
.sort :deep(.p-select) {
    flex: 1;
    min-width: 0;
    height: 28px;
    font-size: 12px;
}
.sort :deep(.p-select-label) {
    padding: 4px 8px;
    font-size: 12px;
}
.opacity {
    flex: 0 0 84px;
}
.btn {
    flex: none;
    padding: 0 8px;
}
</style>
