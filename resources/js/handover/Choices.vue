<script lang="ts">
export type Background = 'transparent' | 'sheet' | 'colour';
</script>

<script setup lang="ts">
import InputText from 'primevue/inputtext';

/** At which sizes the slices are painted, and on what. */
const scales = defineModel<number[]>('scales', { required: true });
const background = defineModel<Background>('background', { required: true });
const colour = defineModel<string>('colour', { required: true });
const SCALES = [1, 1.5, 2, 3];
const BACKGROUNDS: { key: Background; words: string }[] = [
    { key: 'transparent', words: 'Clear' },
    { key: 'sheet', words: 'Sheet' },
    { key: 'colour', words: 'Colour' },
];

function toggle(scale: number): void {
    scales.value = scales.value.includes(scale)
        ? scales.value.filter((other) => other !== scale)
        : [...scales.value, scale].sort((a, b) => a - b);
}
</script>

<template>
    <div class="choice" role="group" aria-label="Sizes">
        <span>Sizes</span>
        <button
            v-for="scale in SCALES"
            :key="scale"
            class="btn num"
            type="button"
            :aria-pressed="scales.includes(scale)"
            @click="toggle(scale)"
        >
            {{ scale }}x
        </button>
    </div>
    <div class="choice" role="group" aria-label="Background">
        <span>Background</span>
        <button
            v-for="choice in BACKGROUNDS"
            :key="choice.key"
            class="btn"
            type="button"
            :aria-pressed="background === choice.key"
            @click="background = choice.key"
        >
            {{ choice.words }}
        </button>
        <InputText
            v-if="background === 'colour'"
            v-model="colour"
            class="num hex"
            maxlength="7"
            size="small"
            aria-label="Background colour"
        />
    </div>
</template>

<style scoped>
.choice {
    display: flex;
    align-items: center;
    gap: 6px;
}
.choice span {
    width: 82px;
    color: var(--soft);
}
.choice [aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
.hex {
    width: 90px;
    height: 27px;
}
</style>
