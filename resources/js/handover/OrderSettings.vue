<script setup lang="ts">
import type { Format } from '@/api/handover';
import { useDesk } from '@/stores/desk';
import { useHandover } from '@/stores/handover';
import InputText from 'primevue/inputtext';
import { FORMATS, toggled } from '@/sheet/formats';
import FieldComplaint from '@/parts/FieldComplaint.vue';
import { computed, ref, type ComponentPublicInstance } from 'vue';

/** At which sizes, as what and on what slices are painted that do not say so themselves, and what else is in the archive. */
const handover = useHandover();
const desk = useDesk();
const SIZES = ['1x', '1.5x', '2x', '3x'];
const size = ref('');
const colour = ref('#ffffff');
const others = computed(() => handover.settings.scales.filter((one) => !SIZES.includes(one)));
/** at how many widths the page is there */
const widths = computed(() => {
    const page = desk.sheet?.page;
    return page ? (desk.document?.sheets.filter((sheet) => sheet.page === page).length ?? 1) : 1;
});
const background = computed(() =>
    handover.settings.background.startsWith('#') ? 'colour' : handover.settings.background,
);
const has = (format: Format) => handover.settings.formats.includes(format);
const quality = ref<string | null>(null);
const sizeField = ref<ComponentPublicInstance | null>(null);
const qualityField = ref<ComponentPublicInstance | null>(null);
const wrongSize = computed(() => (size.value.trim() === '' ? '' : refused(size.value.trim())));
const wrongQuality = computed(() =>
    quality.value === null || fitsQuality(Number(quality.value)) ? '' : 'A whole number from 1 to 100.',
);
const fitsQuality = (given: number) => Number.isInteger(given) && given >= 1 && given <= 100;
const wrongColour = computed(() => background.value === 'colour' && !/^#[0-9a-f]{6}$/i.test(colour.value));

/** Why a size cannot be, as core/Slice/Scale says it; empty where it can. */
function refused(text: string): string {
    const [, figure = '', of = 'x'] = /^(\d+(?:\.\d+)?)([xwh]?)$/i.exec(text) ?? [];
    const value = Number.parseFloat(figure);
    if (figure === '') return `"${text}" is no size. Type a multiple, a width or a height, such as 4x, 300w or 200h.`;
    if (/[wh]/i.test(of))
        return Number.isInteger(value) && value >= 1 && value <= 16000
            ? ''
            : 'A width or height is a whole number from 1 to 16,000 px.';
    return value >= 0.001 && value <= 16 ? '' : 'A multiple is from 0.001 to 16.';
}

function toggleSize(one: string): void {
    const { scales } = handover.settings;
    const next = scales.includes(one) ? scales.filter((other) => other !== one) : [...scales, one];
    handover.settings.scales = next.sort((a, b) => rank(a) - rank(b));
}

/** Multiples before widths before heights, each from small to large. */
const rank = (one: string) => 'xwh'.indexOf(one.slice(-1)) * 1e6 + Number.parseFloat(one);

function addSize(): void {
    if (size.value.trim() === '' || wrongSize.value) return;
    const text = size.value.trim().toLowerCase();
    const named = /[xwh]$/.test(text) ? text : `${text}x`;
    if (!handover.settings.scales.includes(named)) toggleSize(named);
    size.value = '';
}

function toggleFormat(format: Format): void {
    handover.settings.formats = toggled(handover.settings.formats, format);
}

function paintOn(what: 'transparent' | 'sheet' | 'colour'): void {
    handover.settings.background = what === 'colour' ? (colour.value as `#${string}`) : what;
}

function setColour(text: string | undefined): void {
    colour.value = text ?? '';
    if (!wrongColour.value) paintOn('colour');
}

function setQuality(text: string | undefined): void {
    quality.value = text ?? '';
    if (!wrongQuality.value) handover.settings.quality = Number(text);
}
</script>

<template>
    <div class="settings">
        <div class="choice" role="group" aria-label="Sizes">
            <span>Sizes</span>
            <button
                v-for="one in [...SIZES, ...others]"
                :key="one"
                class="btn num"
                type="button"
                :aria-pressed="handover.settings.scales.includes(one)"
                @click="toggleSize(one)"
            >
                {{ one }}
            </button>
            <InputText
                ref="sizeField"
                v-model="size"
                :aria-invalid="wrongSize !== ''"
                class="num other"
                :class="{ wrong: wrongSize }"
                placeholder="300w"
                maxlength="8"
                size="small"
                aria-label="Another size: 4x, 300w or 200h"
                v-tooltip.top="'Another size: 4x, a width such as 300w, a height such as 200h. Enter adds it'"
                @keydown.enter="addSize"
                @blur="addSize"
            />
            <FieldComplaint :words="wrongSize" :of="sizeField" />
        </div>
        <div class="choice" role="group" aria-label="Formats">
            <span>As</span>
            <button
                v-for="one in FORMATS"
                :key="one.key"
                class="btn"
                type="button"
                :aria-pressed="has(one.key)"
                @click="toggleFormat(one.key)"
            >
                {{ one.words }}
            </button>
            <label v-if="has('jpeg') || has('webp')" class="quality"
                >quality
                <InputText
                    ref="qualityField"
                    class="num"
                    size="small"
                    maxlength="3"
                    :model-value="quality ?? String(handover.settings.quality)"
                    :aria-invalid="wrongQuality !== ''"
                    aria-label="Quality of JPEG and WebP"
                    @update:model-value="setQuality"
                    @blur="quality = null"
                />
                <FieldComplaint :words="wrongQuality" :of="qualityField" />
            </label>
        </div>
        <div class="choice" role="group" aria-label="Background">
            <span>Background</span>
            <button
                class="btn"
                type="button"
                :aria-pressed="background === 'transparent'"
                @click="paintOn('transparent')"
            >
                Clear
            </button>
            <button class="btn" type="button" :aria-pressed="background === 'sheet'" @click="paintOn('sheet')">
                Sheet
            </button>
            <button class="btn" type="button" :aria-pressed="background === 'colour'" @click="paintOn('colour')">
                Colour
            </button>
            <InputText
                v-if="background === 'colour'"
                :model-value="colour"
                class="num hex"
                :class="{ wrong: wrongColour }"
                maxlength="7"
                size="small"
                aria-label="Background colour"
                @update:model-value="setColour"
            />
        </div>
        <div class="choice more">
            <span>Also</span>
            <div class="options">
                <label v-if="has('png')"
                    ><input
                        type="checkbox"
                        :checked="handover.settings.png === 'palette'"
                        @change="
                            handover.settings.png = ($event.target as HTMLInputElement).checked
                                ? 'palette'
                                : 'true-colour'
                        "
                    />smaller PNG (lossless palette)</label
                >
                <label v-if="has('svg')"
                    ><input
                        type="checkbox"
                        :checked="handover.settings.text === 'font'"
                        @change="
                            handover.settings.text = ($event.target as HTMLInputElement).checked ? 'font' : 'outlines'
                        "
                    />SVG texts as text</label
                >
                <label><input v-model="handover.page" type="checkbox" />overview page</label>
                <label><input v-model="handover.measured" type="checkbox" />the measured sheet</label>
                <label
                    >whole sheets
                    <select class="choose" v-model="handover.sheets" aria-label="Whole sheets as PDF">
                        <option value="none">none</option>
                        <option value="this">this one as PDF</option>
                        <option v-if="widths > 1" value="widths">this page at {{ widths }} widths in one PDF</option>
                        <option v-if="(desk.document?.sheets.length ?? 0) > 1" value="all">all in one PDF</option>
                    </select></label
                >
            </div>
        </div>
    </div>
</template>

<style scoped>
.settings {
    display: grid;
    gap: 8px;
}
.choice {
    display: flex;
    align-items: center;
    flex-wrap: wrap;
    gap: 5px 6px;
}
.choice > span {
    width: 76px;
    color: var(--soft);
}
.other {
    width: 62px;
    height: 27px;
    font-size: 12px;
}
.hex {
    width: 86px;
    height: 27px;
}
.wrong {
    border-color: var(--brick);
}
label {
    display: inline-flex;
    align-items: center;
    gap: 5px;
    font-size: 12px;
}
.more {
    flex-wrap: nowrap;
    align-items: start;
}
.more > span {
    flex: none;
    padding-top: 4px;
}
.options {
    display: flex;
    flex-wrap: wrap;
    gap: 3px 14px;
}
.options label {
    min-height: 25px;
}
.quality :deep(input),
.quality input {
    width: 46px;
    height: 27px;
    text-align: right;
}
</style>
