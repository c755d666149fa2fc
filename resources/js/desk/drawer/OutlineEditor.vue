<script setup lang="ts">
import type { Outline } from '@/api/types';
import { isColour, type Fill } from '@/sheet/looks';
import { onFieldKey, useTyped } from '@/parts/typed';
import FieldFrame from '@/parts/FieldFrame.vue';
import { figure } from '@/sheet/geometry';
import { readSum } from '@/sheet/sums';
import { computed } from 'vue';
import ColourField from './ColourField.vue';
import GradientEditor from './GradientEditor.vue';
import NumberField from './NumberField.vue';

/** An outline: its colour and weight, on which side of the edge it lies, its dashes, ends and joins. */
const props = defineProps<{
    label: string;
    value: Outline | null | undefined;
    /** of which a change of one of several outlines that differ starts out */
    before: Outline | null;
}>();
const emit = defineEmits<{ set: [outline: Outline | null, run?: string] }>();
const { text, wrong, type, giveBack, leave } = useTyped();

const WORDS = {
    side: { centre: 'astride', inside: 'inside', outside: 'outside' },
    ends: { butt: 'flat', round: 'round', square: 'square' },
    joins: { miter: 'pointed', round: 'round', bevel: 'cut off' },
} as const;
const GROUPS = [
    { part: 'side', words: 'lies', first: 'centre' },
    { part: 'ends', words: 'ends', first: 'butt' },
    { part: 'joins', words: 'corners', first: 'miter' },
] as const;

const fill = computed(() => props.value?.colour as Fill | undefined);
const colour = computed(() =>
    props.value === null ? null : fill.value && isColour(fill.value) ? fill.value : undefined,
);
const gradient = computed(() => (fill.value && !isColour(fill.value) && 'gradient' in fill.value ? fill.value : null));
const dashes = computed(() => props.value?.dash ?? []);
const shownDashes = computed(() => text.value ?? dashes.value.map(figure).join(' '));

function change(part: Partial<Outline>, run?: string): void {
    emit('set', { ...(props.value ?? props.before ?? { colour: '#20302d', weight: 1 }), ...part }, run);
}

/** Lengths one after another, such as 8 4. */
function keepDashes(): void {
    const typed = text.value?.trim();
    if (typed === undefined) return;
    const lengths = typed === '' ? [] : typed.split(/[\s,]+/).map((one) => readSum(one));
    if (lengths.some((length) => length === null || length < 0) || lengths.length > 12)
        wrong.value = 'Dashes and gaps in turn, in px, such as 8 4. Twelve figures at most; none for an unbroken line.';
    else if (lengths.length > 0 && lengths.every((length) => length === 0))
        wrong.value = 'Dashes and gaps that are all 0 draw nothing.';
    else {
        giveBack();
        if (JSON.stringify(lengths) !== JSON.stringify(dashes.value)) change({ dash: lengths as number[] });
    }
}

const onKey = (event: KeyboardEvent) => onFieldKey(event, { keep: keepDashes, leave });
</script>

<template>
    <div class="outline">
        <GradientEditor v-if="gradient" :value="gradient" @set="(to, run) => change({ colour: to }, run)" />
        <ColourField
            v-else
            :label="label"
            :value="colour"
            :none="true"
            @set="(to) => (to === null ? emit('set', null) : change({ colour: to }))"
        />
        <div class="pair" :class="{ alone: !value }">
            <NumberField
                label="weight"
                unit="px"
                :value="value?.weight"
                :disabled="value === null"
                :min="0"
                :max="1000"
                @set="(weight, run) => change({ weight }, run)"
            />
            <button
                v-if="value"
                class="btn"
                type="button"
                :aria-pressed="gradient !== null"
                @click="
                    change({
                        colour: gradient
                            ? (gradient.stops[0]?.colour ?? '#20302d')
                            : {
                                  gradient: 'linear',
                                  angle: 90,
                                  stops: [
                                      { at: 0, colour: colour ?? '#20302d' },
                                      { at: 1, colour: '#fffefb' },
                                  ],
                              },
                    })
                "
            >
                gradient
            </button>
        </div>
        <template v-if="value">
            <div class="pair">
                <FieldFrame
                    class="dashes"
                    label="dashes"
                    spoken="Dashes and gaps"
                    unit="px"
                    placeholder="unbroken"
                    :shown="shownDashes"
                    :wrong="wrong"
                    @type="type"
                    @blur="keepDashes"
                    @keydown="onKey"
                />
                <button
                    class="btn"
                    type="button"
                    :disabled="dashes.length === 0"
                    :aria-pressed="value.fitted ?? false"
                    v-tooltip.top="{
                        value: 'Gaps are stretched so that a dash stands on every corner and end',
                        showDelay: 400,
                    }"
                    @click="change({ fitted: !value?.fitted })"
                >
                    fitted
                </button>
            </div>
            <div
                v-for="group in GROUPS"
                :key="group.part"
                class="choices"
                role="group"
                :aria-label="`Outline ${group.words}`"
            >
                <span>{{ group.words }}</span>
                <button
                    v-for="(words, key) in WORDS[group.part]"
                    :key="key"
                    class="btn"
                    type="button"
                    :aria-pressed="(value[group.part] ?? group.first) === key"
                    @click="change({ [group.part]: key })"
                >
                    {{ words }}
                </button>
            </div>
        </template>
    </div>
</template>

<style scoped>
.outline {
    display: grid;
    gap: 7px;
    min-width: 0;
}
.pair {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 6px;
}
.pair.alone {
    grid-template-columns: 1fr;
}
.dashes {
    display: flex;
    height: 28px;
    border-radius: 4px;
    min-width: 0;
}
.choices {
    display: grid;
    grid-template-columns: 46px 1fr 1fr 1fr;
    gap: 4px;
    align-items: center;
    font-size: 12px;
    color: var(--soft);
}
.choices .btn {
    padding: 0 2px;
    min-width: 0;
}
[aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
</style>
