<script setup lang="ts">
import { followPointer } from '@/parts/dragging';
import { usePresses } from '@/parts/presses';
import { computed, ref } from 'vue';

/** An angle, set by turning a hand: degrees clockwise from straight up; with Shift in steps of 15. */
const props = defineProps<{ label: string; value: number }>();
const emit = defineEmits<{ set: [degrees: number, run?: string] }>();
const presses = usePresses();
const face = ref<SVGSVGElement | null>(null);
const held = ref<number | null>(null);
const shown = computed(() => held.value ?? props.value);

function at(event: PointerEvent): number {
    const box = face.value?.getBoundingClientRect();
    if (!box) return props.value;
    const [x, y] = [event.clientX - box.left - box.width / 2, event.clientY - box.top - box.height / 2];
    const degrees = (Math.atan2(x, -y) * 180) / Math.PI;
    const step = event.shiftKey ? 15 : 1;
    return (Math.round(degrees / step) * step + 360) % 360;
}

function take(event: PointerEvent): void {
    held.value = at(event);
    followPointer(
        (to) => (held.value = at(to)),
        (to) => {
            const degrees = held.value;
            held.value = null;
            if (to && degrees !== null && degrees !== props.value) emit('set', degrees);
        },
    );
}

function onKey(event: KeyboardEvent): void {
    const by = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    event.stopPropagation();
    emit('set', (((props.value + by * (event.shiftKey ? 15 : 1)) % 360) + 360) % 360, presses());
}
</script>

<template>
    <svg
        ref="face"
        class="dial"
        width="34"
        height="34"
        viewBox="-17 -17 34 34"
        tabindex="0"
        role="slider"
        :aria-label="label"
        :aria-valuenow="Math.round(shown)"
        aria-valuemin="0"
        aria-valuemax="360"
        @pointerdown="take"
        @keydown="onKey"
    >
        <circle r="15" />
        <path d="M0 -15v3M0 15v-3M-15 0h3M15 0h-3" />
        <path class="hand" d="M0 0V-11" :transform="`rotate(${shown})`" />
    </svg>
</template>

<style scoped>
.dial {
    flex: none;
    cursor: grab;
    touch-action: none;
    border-radius: 50%;
}
circle {
    fill: var(--card);
    stroke: var(--line);
}
path {
    stroke: var(--soft);
    stroke-width: 1;
}
.hand {
    stroke: var(--spruce);
    stroke-width: 2.5;
    stroke-linecap: round;
}
</style>
