<script setup lang="ts">
import { fillWords, type Fill } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import { useWriting } from '@/stores/writing';
import Select from 'primevue/select';
import { computed } from 'vue';
import FillEditor from './FillEditor.vue';
import NumberField from './NumberField.vue';
import { useFonts } from './fonts';
import { useTypeValues } from './typeValues';

/** Family, weight, slant, size, tracking, and what is done to letters. */
const desk = useDesk();
const writing = useWriting();
const { parts, common, number, has, mixed, set } = useTypeValues();
const { families, nameOf, weightName, weightsOf, hasItalic } = useFonts();

const font = computed(() => common<string>('font'));
const weight = computed(() => number('weight'));
const isOn = (name: (typeof SWITCHES)[number]['name']) => common<boolean>(name);
const italic = computed(() => common<boolean>('italic'));
const sizes = computed(() => desk.scales[0]?.sizes ?? []);
const fill = computed(() => common<Fill | null>('fill'));

const SWITCHES = [
    { name: 'capitals', sign: 'AA', words: 'All as capitals' },
    { name: 'underline', sign: 'U', words: 'A line under the letters (Ctrl U while writing)' },
    { name: 'even_figures', sign: '123', words: 'All figures of one width, so that columns of them line up' },
] as const;
</script>

<template>
    <section>
        <h3>Letters</h3>
        <Select
            :model-value="font"
            :options="families"
            :option-label="nameOf"
            size="small"
            placeholder="mixed"
            aria-label="Font"
            @update:model-value="set({ font: $event })"
        >
            <template #option="{ option }">
                <span :style="{ fontFamily: `'${nameOf(option)}'`, fontSize: '14px' }">{{ nameOf(option) }}</span>
            </template>
        </Select>
        <p v-if="mixed('font')" class="mixed">{{ mixed('font', (of) => nameOf(String(of))) }}</p>
        <Select
            class="half"
            :model-value="weight"
            :options="weightsOf(font, italic)"
            option-label="name"
            option-value="weight"
            size="small"
            placeholder="mixed"
            aria-label="Weight of the letters"
            @update:model-value="set({ weight: $event })"
        />
        <button
            class="btn half"
            type="button"
            :aria-pressed="italic ?? 'mixed'"
            :disabled="!hasItalic(font) && !italic"
            v-tooltip.top="{
                value: hasItalic(font) ? 'Italic (Ctrl I while writing)' : 'This family has no italics',
                showDelay: 400,
            }"
            @click="set({ italic: !italic })"
        >
            <i>Italic</i>
        </button>
        <p v-if="mixed('weight')" class="mixed">{{ mixed('weight', (of) => weightName(Number(of))) }}</p>
        <NumberField
            class="half"
            label="size"
            unit="px"
            :value="number('size')"
            :min="1"
            :max="2000"
            @set="(size, run) => set({ size }, run)"
        />
        <NumberField
            class="half"
            label="tracking"
            :value="number('tracking')"
            :min="-500"
            :max="5000"
            :step="5"
            v-tooltip.top="{ value: 'Thousandths of an em behind every letter', showDelay: 600 }"
            @set="(tracking, run) => set({ tracking }, run)"
        />
        <p v-if="mixed('size')" class="mixed">{{ mixed('size') }} px</p>
        <div v-if="sizes.length" class="scale" role="group" aria-label="Sizes of the scale">
            <button
                v-for="size in sizes"
                :key="size"
                type="button"
                class="num"
                :aria-pressed="number('size') === size"
                @click="set({ size })"
            >
                {{ size }}
            </button>
        </div>
        <div class="choices" role="group" aria-label="What is done to the letters">
            <button
                v-for="one in SWITCHES"
                :key="one.name"
                class="btn"
                type="button"
                :class="{ underlined: one.name === 'underline' }"
                :aria-pressed="isOn(one.name) ?? 'mixed'"
                :aria-label="one.words"
                v-tooltip.top="{ value: one.words, showDelay: 400 }"
                @click="set({ [one.name]: !isOn(one.name) })"
            >
                {{ one.sign }}
            </button>
        </div>
        <NumberField
            v-if="writing.isOn"
            label="shift up"
            unit="px"
            :value="number('shift' as 'size') ?? 0"
            :min="-1000"
            :max="1000"
            @set="(shift, run) => set({ shift } as object, run)"
        />
        <FillEditor
            v-if="has('fill')"
            :value="fill"
            label="Fill"
            :none="false"
            :count="parts.length"
            @set="(to, run) => set({ fill: to as never }, run)"
        />
        <p v-if="mixed('fill')" class="mixed">{{ mixed('fill', (of) => fillWords(of as Fill, desk.swatches)) }}</p>
    </section>
</template>

<style scoped src="./type.css"></style>

<style scoped>
.scale {
    display: flex;
    flex-wrap: wrap;
    gap: 3px;
}
.scale button {
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--ink);
    font-size: 11px;
    padding: 2px 6px;
    cursor: pointer;
}
.scale button:hover {
    border-color: var(--spruce);
}
.underlined {
    text-decoration: underline;
}
</style>
