<script setup lang="ts">
import type { Shadow } from '@/sheet/looks';
import ColourField from './ColourField.vue';
import NumberField from './NumberField.vue';

/** Shadows, the uppermost first; undefined while they differ. */
const props = defineProps<{ value: Shadow[] | undefined; most: number }>();
const emit = defineEmits<{ set: [shadows: Shadow[], run?: string] }>();

const FIGURES = [
    { part: 'dx', words: 'right', min: -1000, max: 1000 },
    { part: 'dy', words: 'down', min: -1000, max: 1000 },
    { part: 'blur', words: 'blur', min: 0, max: 500 },
    { part: 'spread', words: 'spread', min: -500, max: 500 },
] as const;

function change(i: number, part: Partial<Shadow>, run?: string): void {
    emit(
        'set',
        (props.value ?? []).map((one, k) => (k === i ? { ...one, ...part } : one)),
        run,
    );
}

function add(): void {
    emit('set', [...(props.value ?? []), { dx: 0, dy: 4, blur: 12, spread: 0, colour: '#20302d40', inner: false }]);
}
</script>

<template>
    <div class="shadows">
        <p v-if="value === undefined">mixed</p>
        <fieldset v-for="(shadow, i) in value ?? []" :key="i">
            <legend>Shadow {{ i + 1 }}</legend>
            <ColourField
                class="wide"
                :label="`Shadow ${i + 1}`"
                :value="shadow.colour"
                :none="false"
                @set="(colour) => colour && change(i, { colour })"
            />
            <NumberField
                v-for="one in FIGURES"
                :key="one.part"
                :label="one.words"
                unit="px"
                :value="shadow[one.part] ?? 0"
                :min="one.min"
                :max="one.max"
                @set="(length, run) => change(i, { [one.part]: length }, run)"
            />
            <button
                class="btn"
                type="button"
                :aria-pressed="shadow.inner ?? false"
                @click="change(i, { inner: !shadow.inner })"
            >
                inside
            </button>
            <button
                class="btn"
                type="button"
                @click="
                    emit(
                        'set',
                        (value ?? []).filter((_, k) => k !== i),
                    )
                "
            >
                Remove
            </button>
        </fieldset>
        <button class="btn" type="button" :disabled="(value?.length ?? 0) >= most" @click="add">
            {{ value?.length ? 'Another shadow' : value === undefined ? 'Give all one shadow' : 'Add a shadow' }}
        </button>
    </div>
</template>

<style scoped>
.shadows {
    display: grid;
    gap: 8px;
    min-width: 0;
}
p {
    margin: 0;
    font-size: 12px;
    color: var(--soft);
}
fieldset {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
    margin: 0;
    padding: 0;
    border: 0;
    min-width: 0;
}
legend {
    padding: 0;
    font-size: 12px;
    color: var(--soft);
    margin-bottom: 4px;
}
fieldset > * {
    min-width: 0;
}
.wide {
    grid-column: span 2;
}
[aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
</style>
