<script setup lang="ts">
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { lift } from './gestures/gesture';
import { computed, onMounted, ref, watch } from 'vue';

/** One ruler, in px from the sheet's zero; the selection's extent is shaded on it, the pointer marked. */
const props = defineProps<{ axis: 'x' | 'y' }>();
const desk = useDesk();
const view = useView();
const canvas = ref<HTMLCanvasElement | null>(null);

const THICK = 20;
const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000, 10000];
/** Figures stand at least this far apart on the screen. */
const APART = 56;

const along = computed(() => (props.axis === 'x' ? view.size.w : view.size.h));

function draw(): void {
    const context = canvas.value?.getContext('2d');
    if (!canvas.value || !context || along.value === 0) return;
    const ratio = window.devicePixelRatio || 1;
    const [w, h] = props.axis === 'x' ? [along.value, THICK] : [THICK, along.value];
    canvas.value.width = w * ratio;
    canvas.value.height = h * ratio;
    context.setTransform(ratio, 0, 0, ratio, 0, 0);
    if (props.axis === 'y') context.transform(0, 1, 1, 0, 0, 0);
    shade(context);
    ticks(context);
}

const start = () => (props.axis === 'x' ? view.pan.x : view.pan.y);

function shade(context: CanvasRenderingContext2D): void {
    const box = desk.selectedBox;
    if (!box) return;
    const [from, size] = props.axis === 'x' ? [box.x, box.w] : [box.y, box.h];
    context.fillStyle = 'rgb(23 97 79 / 32%)';
    context.fillRect(from * view.zoom + start(), THICK - 6, Math.max(size * view.zoom, 1), 6);
}

function ticks(context: CanvasRenderingContext2D): void {
    const step = STEPS.find((s) => s * view.zoom >= APART) ?? 20000;
    const parts = step === 1 ? 1 : String(step).startsWith('2') ? 4 : 10;
    const small = step / (step / parts >= 1 ? parts : 1);
    const zero = props.axis === 'x' ? (desk.sheet?.zero.x ?? 0) : (desk.sheet?.zero.y ?? 0);
    const origin = start() + zero * view.zoom;
    const first = Math.floor(-origin / (small * view.zoom)) - 1;
    const last = Math.ceil((along.value - origin) / (small * view.zoom)) + 1;
    context.strokeStyle = '#7d857c';
    context.fillStyle = '#55635e';
    context.font = '400 9.5px "Overpass Mono", monospace';
    context.beginPath();
    for (let i = first; i <= last; i++) {
        const value = i * small;
        const at = Math.round(origin + value * view.zoom) + 0.5;
        const major = Math.abs(value % step) < 1e-6;
        const middle = parts === 10 && i % 5 === 0;
        context.moveTo(at, THICK);
        context.lineTo(at, THICK - (major ? 12 : middle ? 7 : 4));
        if (major) label(context, String(Math.round(value)), at + 3);
    }
    context.stroke();
}

/** On the upright ruler the figures stand on their side, so that they read upwards. */
function label(context: CanvasRenderingContext2D, text: string, at: number): void {
    if (props.axis === 'x') {
        context.fillText(text, at, 9);
        return;
    }
    const ratio = window.devicePixelRatio || 1;
    context.save();
    context.setTransform(ratio, 0, 0, ratio, 0, 0);
    context.translate(9, at - 1);
    context.rotate(-Math.PI / 2);
    context.textAlign = 'right';
    context.fillText(text, 0, 0);
    context.restore();
}

/** Where the pointer is: a line of its own, so that the ruler is not drawn anew with every move. */
const mark = computed(() => {
    // While things are dragged their own place stands beside the pointer, and only what moves is painted.
    if (!view.pointer || lift.value) return { display: 'none' };
    const at = Math.round(props.axis === 'x' ? view.pointer.x : view.pointer.y);
    return { transform: props.axis === 'x' ? `translateX(${at}px)` : `translateY(${at}px)` };
});

watch(() => [view.zoom, view.pan, along.value, desk.selectedBox, desk.sheet], draw, { flush: 'post' });
onMounted(() => void document.fonts.ready.then(draw));
</script>

<template>
    <div :class="['ruler', axis]" aria-hidden="true">
        <canvas
            ref="canvas"
            :style="
                axis === 'x'
                    ? { width: `${along}px`, height: `${THICK}px` }
                    : { width: `${THICK}px`, height: `${along}px` }
            "
        />
        <i :style="mark" />
    </div>
</template>

<style scoped>
.ruler {
    position: relative;
    background: var(--well);
    overflow: hidden;
}
.ruler canvas {
    display: block;
}
.ruler i {
    position: absolute;
    left: 0;
    top: 0;
    background: var(--brick);
    will-change: transform;
}
.x i {
    width: 1px;
    height: 100%;
}
.y i {
    height: 1px;
    width: 100%;
}
</style>
