<script setup lang="ts">
import { api } from '@/api/client';
import type { Item, Point } from '@/api/types';
import { isPictureFile, PICTURE_TYPES, usePicturePlacing } from '@/desk/pictures';
import { followPointer } from '@/parts/dragging';
import FileChooser from '@/parts/FileChooser.vue';
import { commonOf, tallied } from '@/sheet/common';
import { figure } from '@/sheet/geometry';
import { addressOf, magnificationOf, sidesOf } from '@/sheet/pictures';
import { counted } from '@/sheet/words';
import { useDesk } from '@/stores/desk';
import { usePictures } from '@/stores/pictures';
import { computed, ref, watch } from 'vue';
import NumberField from './NumberField.vue';

/** The pictures of what is selected: which they are, how they lie in their frames, and what of them is kept in view. */
const props = defineProps<{ items: Item[] }>();
const desk = useDesk();
const pictures = usePictures();
const placing = usePicturePlacing();
const chooser = ref<InstanceType<typeof FileChooser> | null>(null);
const held = ref<Point | null>(null);

type Way = 'cover' | 'contain' | 'stretch' | 'hand';
const WAYS: { value: Way; name: string; hint: string }[] = [
    { value: 'cover', name: 'Fill', hint: 'The frame is filled, and what does not fit is cut off' },
    { value: 'contain', name: 'All of it', hint: 'The whole picture is seen in the frame' },
    { value: 'stretch', name: 'Stretch', hint: 'Both sides are those of the frame, whatever becomes of the picture' },
    { value: 'hand', name: 'By hand', hint: 'It stays as it lies now; a double click moves it under its frame' },
];

const ids = computed(() => props.items.map((item) => item.id));
const shown = computed(() => props.items.filter((item) => item.fields.picture));
const key = computed(() => commonOf(props.items, (item) => item.fields.picture ?? null));
const sides = computed(() => (key.value ? sidesOf(key.value) : null));
const fit = computed(() => commonOf(props.items, (item) => item.fields.fit ?? 'cover'));
const differs = computed(() =>
    fit.value === undefined
        ? tallied(props.items.map((item) => WAYS.find((way) => way.value === item.fields.fit)?.name ?? ''))
        : '',
);
const magnification = computed(() => commonOf(shown.value, magnificationOf));
/** the ones of which a pixel is larger than one of the sheet */
const coarse = computed(() => shown.value.filter((item) => (magnificationOf(item) ?? 0) > 1.0005));
const focus = computed(() => ({
    x: held.value?.x ?? commonOf(props.items, (item) => item.fields.focus_x ?? 0.5),
    y: held.value?.y ?? commonOf(props.items, (item) => item.fields.focus_y ?? 0.5),
}));
const credit = ref('');
watch(
    key,
    async (picture) => {
        credit.value = '';
        const about = picture ? await api.aboutPicture(picture).catch(() => null) : null;
        if (key.value === picture) credit.value = about?.credit ?? '';
    },
    { immediate: true },
);
const percent = (share: number | undefined) => (share === undefined ? undefined : Math.round(share * 1e5) / 1e3);

function lay(way: Way, scale?: number): void {
    void desk.run('fit-picture', { fit: way, ...(scale === undefined ? {} : { scale }) }, ids.value);
}

const swap = (files: File[]) => placing.bringAndShow(files.filter(isPictureFile), props.items);

/** A press on the small picture says what of it is kept in view. */
function point(event: PointerEvent): void {
    if (event.button !== 0) return;
    const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
    const share = (at: number, from: number, of: number) =>
        Math.min(1, Math.max(0, Math.round(((at - from) / of) * 1000) / 1000));
    const move = (to: PointerEvent) => {
        held.value = { x: share(to.clientX, box.left, box.width), y: share(to.clientY, box.top, box.height) };
    };
    move(event);
    followPointer(move, (at) => {
        const to = held.value;
        held.value = null;
        if (at && to) void desk.run('set', { focus_x: to.x, focus_y: to.y }, ids.value);
    });
}
</script>

<template>
    <div class="picture">
        <div
            v-if="key"
            class="small"
            :style="{ aspectRatio: `${sides?.width} / ${sides?.height}` }"
            @pointerdown.prevent="point"
        >
            <img :src="addressOf(key, 512)" alt="" draggable="false" />
            <span
                v-if="focus.x !== undefined && focus.y !== undefined"
                class="focus"
                :style="{ left: `${focus.x * 100}%`, top: `${focus.y * 100}%` }"
            />
        </div>
        <p class="note">
            <template v-if="sides">{{ sides.width }} × {{ sides.height }} px</template>
            <template v-else-if="shown.length === 0">No picture yet. Drop one on the frame, or choose one.</template>
            <template v-else>{{ counted(shown) }}, not the same</template>
            <template v-if="magnification">, shown at {{ figure(magnification * 100) }} %</template>
        </p>
        <p v-if="credit" class="note">Made by {{ credit }}</p>
        <p v-if="coarse.length" class="warning" role="status">
            {{ coarse.length === items.length ? '' : `${coarse.length} of ${items.length}: ` }}Shown larger than its
            pixels. Sharp at 100 % and below.
        </p>
        <FileChooser
            ref="chooser"
            label="Picture to swap in"
            :accept="PICTURE_TYPES"
            :multiple="items.length > 1"
            @chosen="swap"
        />
        <div class="two">
            <button class="btn" type="button" :disabled="pictures.under !== null" @click="chooser?.open()">
                {{ shown.length ? 'Swap…' : 'Choose…' }}
            </button>
            <button
                class="btn"
                type="button"
                :disabled="items.length !== 1"
                v-tooltip.top="{ value: 'It covers the sheet, behind everything', showDelay: 400 }"
                @click="desk.run('cover-sheet', {}, ids)"
            >
                To the sheet
            </button>
        </div>
        <div class="ways" role="group" aria-label="How it lies in its frame">
            <button
                v-for="way in WAYS"
                :key="way.value"
                class="btn"
                type="button"
                :aria-pressed="fit === way.value"
                v-tooltip.top="{ value: way.hint, showDelay: 400 }"
                @click="lay(way.value)"
            >
                {{ way.name }}
            </button>
        </div>
        <p v-if="differs" class="note">{{ differs }}</p>
        <p class="note">Focal point</p>
        <div class="two">
            <NumberField
                label="across"
                unit="%"
                :value="percent(focus.x)"
                :min="0"
                :max="100"
                @set="(typed, run) => desk.run('set', { focus_x: typed / 100 }, ids, { run })"
            />
            <NumberField
                label="down"
                unit="%"
                :value="percent(focus.y)"
                :min="0"
                :max="100"
                @set="(typed, run) => desk.run('set', { focus_y: typed / 100 }, ids, { run })"
            />
        </div>
        <div class="two">
            <NumberField
                label="size"
                unit="%"
                :value="magnification ? Math.round(magnification * 1e5) / 1e3 : undefined"
                :min="0.01"
                :max="100000"
                @set="(typed) => lay('hand', typed / 100)"
            />
            <button
                class="btn"
                type="button"
                v-tooltip.top="{ value: 'Shift N', showDelay: 400 }"
                @click="lay('hand', 1)"
            >
                Real pixels
            </button>
        </div>
    </div>
</template>

<style scoped>
.picture {
    display: grid;
    gap: 7px;
    min-width: 0;
}
.small {
    position: relative;
    justify-self: start;
    max-width: 100%;
    max-height: 150px;
    cursor: crosshair;
    touch-action: none;
    border: 1px solid var(--line);
}
.small img {
    display: block;
    width: 100%;
    height: 100%;
    pointer-events: none;
}
.focus {
    position: absolute;
    width: 15px;
    height: 15px;
    margin: -8px 0 0 -8px;
    border: 2px solid var(--card);
    outline: 1px solid var(--ink);
    pointer-events: none;
}
.note {
    margin: 0;
    font-size: 12px;
    color: var(--soft);
}
.warning {
    margin: 0;
    font-size: 12px;
    color: var(--brick);
}
.two,
.ways {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
[aria-pressed='true'] {
    background: var(--spruce-wash);
    border-color: var(--spruce);
}
</style>
