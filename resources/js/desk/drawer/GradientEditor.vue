<script setup lang="ts">
import { followPointer } from '@/parts/dragging';
import { hexOf, type Gradient, type Stop } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import { computed, ref, watch } from 'vue';
import ColourField from './ColourField.vue';
import Dial from './Dial.vue';
import NumberField from './NumberField.vue';

/** A gradient: its stops on a bar, dragged or typed, and where it runs. */
const props = defineProps<{ value: Gradient }>();
const emit = defineEmits<{ set: [gradient: Gradient, run?: string] }>();
const desk = useDesk();
const bar = ref<HTMLElement | null>(null);
const chosen = ref(0);
/** the stops while one is dragged */
const held = ref<Stop[] | null>(null);

const stops = computed(() => held.value ?? props.value.stops);
const stop = computed(() => stops.value[chosen.value]);
const painted = computed(() => {
    const list = [...stops.value]
        .sort((a, b) => a.at - b.at)
        .map(({ at, colour }) => `${hexOf(colour, desk.swatches)} ${at * 100}%`);
    return `linear-gradient(90deg, ${list.join(', ')})`;
});
const radial = computed(() => (props.value.gradient === 'radial' ? props.value : null));

watch(
    () => props.value.stops.length,
    (count) => (chosen.value = Math.min(chosen.value, count - 1)),
);

function change(part: Partial<Gradient>, run?: string): void {
    emit('set', { ...props.value, ...part } as Gradient, run);
}

/** In the order of their places, as they are kept; what is chosen stays so. */
function changeStops(next: Stop[], of = next[chosen.value], run?: string): void {
    const sorted = [...next].sort((a, b) => a.at - b.at);
    chosen.value = of ? sorted.indexOf(of) : 0;
    change({ stops: sorted as unknown as Gradient['stops'] }, run);
}

function setStop(part: Partial<Stop>, run?: string): void {
    const changed = { ...(stop.value as Stop), ...part };
    changeStops(
        stops.value.map((one, i) => (i === chosen.value ? changed : one)),
        changed,
        run,
    );
}

const shareAt = (event: PointerEvent | MouseEvent): number => {
    const box = bar.value?.getBoundingClientRect();
    const share = box ? (event.clientX - box.left) / box.width : 0;
    return Math.round(Math.min(1, Math.max(0, share)) * 100) / 100;
};

/** A click beside the stops adds one, in the colour of the nearest. */
function add(event: MouseEvent): void {
    if (event.target !== bar.value || stops.value.length >= 20) return;
    const at = shareAt(event);
    const [nearest] = [...stops.value].sort((a, b) => Math.abs(a.at - at) - Math.abs(b.at - at));
    const made = { at, colour: nearest?.colour ?? '#ffffff' };
    changeStops([...stops.value, made], made);
}

function drag(i: number): void {
    chosen.value = i;
    const move = (to: PointerEvent) => {
        held.value = props.value.stops.map((one, k) => (k === i ? { ...one, at: shareAt(to) } : one));
    };
    followPointer(move, (at) => {
        const next = held.value;
        held.value = null;
        if (at && next && JSON.stringify(next) !== JSON.stringify(props.value.stops)) changeStops(next, next[i]);
    });
}

function remove(): void {
    if (stops.value.length > 2)
        changeStops(
            stops.value.filter((_, i) => i !== chosen.value),
            undefined,
        );
}

function onKey(event: KeyboardEvent): void {
    const by = { ArrowLeft: -0.01, ArrowRight: 0.01 }[event.key];
    if (by !== undefined && stop.value)
        setStop({
            at: Math.min(1, Math.max(0, Math.round((stop.value.at + by * (event.shiftKey ? 10 : 1)) * 100) / 100)),
        });
    else if (event.key === 'Delete' || event.key === 'Backspace') remove();
    else return;
    event.preventDefault();
    event.stopPropagation();
}
</script>

<template>
    <div class="gradient">
        <div ref="bar" class="bar" :style="{ background: painted }" title="Click to add a stop" @click="add">
            <button
                v-for="(one, i) in stops"
                :key="i"
                type="button"
                role="slider"
                class="stop"
                :class="{ on: i === chosen }"
                :style="{ left: `${one.at * 100}%`, '--stop': hexOf(one.colour, desk.swatches) }"
                :aria-label="`Stop ${i + 1}`"
                :aria-valuenow="Math.round(one.at * 100)"
                aria-valuemin="0"
                aria-valuemax="100"
                @pointerdown="drag(i)"
                @focus="chosen = i"
                @keydown="onKey"
            />
        </div>
        <template v-if="stop">
            <ColourField
                label="Stop"
                :value="stop.colour"
                :none="false"
                @set="(colour) => colour && setStop({ colour })"
            />
            <div class="pair">
                <NumberField
                    :label="`stop ${chosen + 1} at`"
                    unit="%"
                    :value="Math.round(stop.at * 1000) / 10"
                    :min="0"
                    :max="100"
                    @set="(percent, run) => setStop({ at: percent / 100 }, run)"
                />
                <button class="btn" type="button" :disabled="stops.length < 3" @click="remove">Remove</button>
            </div>
        </template>
        <div v-if="radial" class="pair">
            <NumberField
                label="centre x"
                unit="%"
                :value="(radial.centre?.x ?? 0.5) * 100"
                :min="-200"
                :max="300"
                @set="(x, run) => change({ centre: { x: x / 100, y: radial?.centre?.y ?? 0.5 } }, run)"
            />
            <NumberField
                label="y"
                unit="%"
                :value="(radial.centre?.y ?? 0.5) * 100"
                :min="-200"
                :max="300"
                @set="(y, run) => change({ centre: { x: radial?.centre?.x ?? 0.5, y: y / 100 } }, run)"
            />
            <NumberField
                label="radius"
                unit="%"
                :value="(radial.radius ?? 0.5) * 100"
                :min="1"
                :max="500"
                @set="(radius, run) => change({ radius: radius / 100 }, run)"
            />
        </div>
        <div v-else-if="value.gradient === 'linear'" class="pair">
            <Dial
                label="Angle of the gradient"
                :value="value.angle ?? 90"
                @set="(angle, run) => change({ angle }, run)"
            />
            <NumberField
                label="angle"
                unit="°"
                :value="value.angle ?? 90"
                :min="-360"
                :max="360"
                @set="(angle, run) => change({ angle }, run)"
            />
        </div>
    </div>
</template>

<style scoped>
.gradient {
    display: grid;
    gap: 8px;
    min-width: 0;
}
.bar {
    position: relative;
    height: 20px;
    margin: 0 12px 10px;
    border: 1px solid var(--line);
    border-radius: 3px;
    cursor: copy;
}
.stop {
    position: absolute;
    top: 6px;
    width: 24px;
    height: 24px;
    margin-left: -12px;
    padding: 0;
    border: 0;
    border-radius: 3px;
    background: none;
    cursor: ew-resize;
    touch-action: none;
}
.stop::after {
    content: '';
    position: absolute;
    inset: 4px 6px;
    border: 2px solid var(--card);
    border-radius: 2px;
    background: var(--stop);
    box-shadow: 0 0 0 1px var(--soft);
}
.stop.on::after {
    box-shadow: 0 0 0 2px var(--spruce);
}
.pair {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
}
.pair > .number {
    flex: 1 1 96px;
    min-width: 0;
}
.btn {
    flex: none;
    padding: 0 8px;
}
</style>
