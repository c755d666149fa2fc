<script setup lang="ts">
import type { Pattern } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import ColourField from './ColourField.vue';
import Dial from './Dial.vue';
import NumberField from './NumberField.vue';

/** A pattern by its numbers: how far from one to the next, how much of that is marked, how it is turned and shifted. */
const props = defineProps<{ value: Pattern; count: number }>();
const emit = defineEmits<{ set: [pattern: Pattern, run?: string] }>();
const desk = useDesk();

const change = (part: Partial<Pattern>, run?: string) => emit('set', { ...props.value, ...part }, run);
</script>

<template>
    <div class="pattern">
        <NumberField
            label="pitch"
            unit="px"
            :value="value.pitch"
            :min="1"
            :max="1000"
            @set="(pitch, run) => change({ pitch }, run)"
        />
        <NumberField
            label="marked"
            unit="%"
            :value="Math.round((value.share ?? 0.5) * 100)"
            :min="2"
            :max="100"
            :disabled="value.pattern === 'checks'"
            @set="(share, run) => change({ share: share / 100 }, run)"
        />
        <div class="turn">
            <Dial
                label="Angle of the pattern"
                :value="value.angle ?? 0"
                @set="(angle, run) => change({ angle }, run)"
            />
            <NumberField
                label="angle"
                bare
                unit="°"
                :value="value.angle ?? 0"
                :min="-360"
                :max="360"
                @set="(angle, run) => change({ angle }, run)"
            />
        </div>
        <NumberField
            label="shift"
            unit="px"
            :value="value.phase ?? 0"
            :min="-1000"
            :max="1000"
            @set="(phase, run) => change({ phase }, run)"
        />
        <h4>Marks</h4>
        <ColourField
            class="wide"
            label="Marks"
            :value="value.colour"
            :none="false"
            @set="(colour) => colour && change({ colour })"
        />
        <h4>Ground</h4>
        <ColourField
            class="wide"
            label="Ground"
            :value="value.ground ?? null"
            :none="true"
            @set="(ground) => change({ ground })"
        />
        <button
            v-if="count > 1"
            class="btn wide"
            type="button"
            v-tooltip.top="{ value: 'The pattern of the first runs on in the others without a break', showDelay: 400 }"
            @click="desk.run('run-on', {})"
        >
            Let it run on
        </button>
    </div>
</template>

<style scoped>
.pattern {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 7px 6px;
    min-width: 0;
}
.pattern > * {
    min-width: 0;
}
.wide,
h4 {
    grid-column: span 2;
}
h4 {
    margin: 2px 0 -4px;
    font: 12px var(--words);
    color: var(--soft);
}
.turn {
    display: flex;
    gap: 4px;
    align-items: center;
}
.turn .number {
    flex: 1;
    min-width: 0;
}
</style>
