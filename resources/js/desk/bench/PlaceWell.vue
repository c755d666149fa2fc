<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import type { Item } from '@/api/types';
import { settled } from '@/desk/geometry';
import { counted, occurrences } from '@/desk/words';
import LengthField from '@/parts/LengthField.vue';
import { useDesk } from '@/stores/desk';
import { computed, ref } from 'vue';

type Ref = NonNullable<Commands['place']['ref']>;
type Side = 'x' | 'y' | 'w' | 'h';

/** Place and size: a figure of what is selected, with its measures where a drawing has them. Every figure is a field. */
const desk = useDesk();
const reference = ref<Ref>('top-left');
const each = ref(false);

const POINTS: { ref: Ref; x: number; y: number; words: string }[] = (
    [
        ['top-left', 0, 0],
        ['top', 0.5, 0],
        ['top-right', 1, 0],
        ['left', 0, 0.5],
        ['centre', 0.5, 0.5],
        ['right', 1, 0.5],
        ['bottom-left', 0, 1],
        ['bottom', 0.5, 1],
        ['bottom-right', 1, 1],
    ] as const
).map(([point, x, y]) => ({ ref: point, x, y, words: point.replace('-', ' ') }));

const several = computed(() => desk.selected.length > 1);
const asEach = computed(() => each.value || !several.value);

/** What a field shows of one item: its bounds from the zero; of a turned one, its own width and height. */
function measure(item: Item, side: Side): number {
    const upright = desk.tree.toSheet(item.id).angle % 90 === 0;
    if (side === 'w' || side === 'h') return upright ? item.bounds[side] : item.frame[side];
    return fromZero(item.bounds, side);
}

function fromZero(box: Item['bounds'], side: 'x' | 'y'): number {
    const point = POINTS.find((p) => p.ref === reference.value);
    const along = side === 'x' ? box.x + box.w * (point?.x ?? 0) : box.y + box.h * (point?.y ?? 0);
    return settled(along - (desk.sheet?.zero[side] ?? 0));
}

function shown(side: Side): number | null {
    if (asEach.value) {
        const values = new Set(desk.selected.map((item) => measure(item, side)));
        const [only] = values;
        return values.size === 1 && only !== undefined ? only : null;
    }
    const box = desk.selectedBox;
    if (!box) return null;
    return side === 'w' || side === 'h' ? settled(box[side]) : fromZero(box, side);
}

const mixed = (side: Side) => occurrences(desk.selected.map((item) => measure(item, side)));

const place = (side: Side) => (typed: string, ids: string[]) =>
    desk.run('place', { [side]: typed, ref: reference.value, as: asEach.value ? 'each' : 'one' }, ids);

const angle = computed(() => {
    const values = new Set(desk.selected.map((item) => item.angle));
    const [only] = values;
    return values.size === 1 && only !== undefined ? only : null;
});

function turn(typed: string, ids: string[]): Promise<boolean> {
    const degrees = Number(typed.replace('°', ''));
    if (Number.isFinite(degrees)) return desk.run('set', { angle: degrees }, ids);
    desk.say(`"${typed}" is no angle. Type degrees, as in 15 or -90.`, 'refused');
    return Promise.resolve(false);
}

const nothing = computed(() => desk.selected.length === 0);
</script>

<template>
    <div class="well place">
        <h3>
            Place and size
            <span v-if="several" class="as">
                <button type="button" :aria-pressed="!each" @click="each = false">as one</button>
                <button type="button" :aria-pressed="each" @click="each = true">each</button>
            </span>
            <span>{{ nothing ? 'nothing selected' : counted(desk.selected) }}</span>
        </h3>
        <div class="figure" :class="{ nothing }">
            <svg class="drawing" viewBox="0 0 284 136" preserveAspectRatio="none" aria-hidden="true">
                <path d="M80 22V44M208 22V44M80 26H208M77 29l6-6M205 29l6-6" />
                <path d="M216 44H240M216 112H240M236 44V112M233 47l6-6M233 115l6-6" />
            </svg>
            <div class="item">
                <button
                    v-for="point in POINTS"
                    :key="point.ref"
                    class="point"
                    type="button"
                    :disabled="nothing"
                    :aria-pressed="reference === point.ref"
                    :aria-label="`x and y are those of the ${point.words}`"
                    :style="{ left: `${point.x * 100}%`, top: `${point.y * 100}%` }"
                    v-tooltip.top="{ value: `x and y of the ${point.words}`, showDelay: 500 }"
                    @click="reference = point.ref"
                />
                <LengthField
                    label="x"
                    name="x"
                    :value="shown('x')"
                    :mixed="mixed('x')"
                    :disabled="nothing"
                    :apply="place('x')"
                />
                <LengthField
                    label="y"
                    name="y"
                    :value="shown('y')"
                    :mixed="mixed('y')"
                    :disabled="nothing"
                    :apply="place('y')"
                />
            </div>
            <LengthField
                class="w"
                label="w"
                name="w"
                :value="shown('w')"
                :mixed="mixed('w')"
                :disabled="nothing"
                :apply="place('w')"
            />
            <LengthField
                class="h"
                label="h"
                name="h"
                :value="shown('h')"
                :mixed="mixed('h')"
                :disabled="nothing"
                :apply="place('h')"
            />
            <LengthField
                class="angle"
                label="turn"
                name="angle"
                unit="°"
                :value="angle"
                :disabled="nothing"
                :apply="turn"
            />
        </div>
    </div>
</template>

<style scoped>
.as {
    margin-left: auto;
    display: flex;
    gap: 2px;
    overflow: visible !important;
}
.as button {
    border: 0;
    background: none;
    padding: 0 5px;
    border-radius: 3px;
    font-size: 11.5px;
    color: var(--soft);
    cursor: pointer;
}
.as button[aria-pressed='true'] {
    background: var(--spruce-wash);
    color: var(--spruce);
    font-weight: 600;
}
.figure {
    position: relative;
    width: 284px;
    height: 136px;
    margin: 0 auto;
    background: var(--well);
    border: 1px solid var(--line);
}
.drawing {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
}
.drawing path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1;
}
.item {
    position: absolute;
    left: 80px;
    top: 44px;
    width: 128px;
    height: 68px;
    border: 1.4px solid var(--spruce);
    background: var(--spruce-wash);
    display: flex;
    flex-direction: column;
    justify-content: center;
    align-items: center;
    gap: 5px;
}
.nothing .item {
    border-color: var(--edge);
    background: transparent;
}
.item > label {
    width: 104px;
    height: 24px;
}
.w {
    position: absolute;
    left: 98px;
    top: 6px;
    width: 92px;
}
.h {
    position: absolute;
    right: 4px;
    top: 65px;
    width: 65px;
}
.angle {
    position: absolute;
    left: 4px;
    top: 65px;
    width: 66px;
    padding-left: 5px !important;
}
.angle :deep(input) {
    padding: 0 2px !important;
}
.angle :deep(em) {
    padding-right: 4px;
}
.angle :deep(span) {
    font-size: 11px;
}
.point {
    position: absolute;
    width: 17px;
    height: 17px;
    margin: -8.5px;
    padding: 0;
    border: 0;
    background: none;
    cursor: pointer;
}
.point::before {
    content: '';
    position: absolute;
    inset: 5px;
    background: var(--card);
    border: 1.2px solid var(--spruce);
}
.point[aria-pressed='true']::before {
    inset: 4px;
    background: var(--spruce);
}
.point:hover:not(:disabled)::before {
    inset: 3.5px;
}
.nothing .point::before {
    border-color: var(--edge);
    background: var(--well);
}
</style>
