<script setup lang="ts">
import { rulerSteps } from './ticks';
import { useDesk } from '@/stores/desk';
import { figure } from '@/sheet/geometry';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import { lift } from './gestures/gesture';
import { useTheme } from '@/stores/theme';
import { computed, onMounted, ref, watch } from 'vue';

/** One ruler, in the desk's unit from the sheet's zero; the selection's extent is shaded on it, guides and the pointer marked. */
const props = defineProps<{ axis: 'x' | 'y' }>();
const emit = defineEmits<{ pull: [event: PointerEvent] }>();
const desk = useDesk();
const view = useView();
const units = useUnits();
const theme = useTheme();
const canvas = ref<HTMLCanvasElement | null>(null);

const THICK = 20;

const along = computed(() => (props.axis === 'x' ? view.size.w : view.size.h));

/** A colour of the desk, light or dark. */
const colour = (token: string) => getComputedStyle(document.documentElement).getPropertyValue(token);

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
    marks(context);
}

const start = () => (props.axis === 'x' ? view.pan.x : view.pan.y);

function shade(context: CanvasRenderingContext2D): void {
    const box = desk.selectedBox;
    if (!box) return;
    const [from, size] = props.axis === 'x' ? [box.x, box.w] : [box.y, box.h];
    context.fillStyle = `color-mix(in srgb, ${colour('--spruce')} 34%, transparent)`;
    context.fillRect(from * view.zoom + start(), THICK - 6, Math.max(size * view.zoom, 1), 6);
}

/** Where guides cut the ruler. */
function marks(context: CanvasRenderingContext2D): void {
    if (!view.showGuides || view.bare) return;
    context.fillStyle = colour('--ochre');
    for (const guide of desk.guides) {
        if (guide.axis !== props.axis) continue;
        const at = Math.round(start() + guide.at * view.zoom);
        context.beginPath();
        context.moveTo(at - 4, THICK - 6);
        context.lineTo(at + 5, THICK - 6);
        context.lineTo(at + 0.5, THICK);
        context.fill();
    }
}

function ticks(context: CanvasRenderingContext2D): void {
    const { step, parts } = rulerSteps();
    const small = step / parts;
    const scale = units.pixels * view.zoom;
    const zero = props.axis === 'x' ? (desk.sheet?.zero.x ?? 0) : (desk.sheet?.zero.y ?? 0);
    const origin = start() + zero * view.zoom;
    const first = Math.floor(-origin / (small * scale)) - 1;
    const last = Math.ceil((along.value - origin) / (small * scale)) + 1;
    context.strokeStyle = colour('--off');
    context.fillStyle = colour('--soft');
    context.font = '400 9.5px "Overpass Mono", monospace';
    context.beginPath();
    for (let i = first; i <= last; i++) {
        const at = Math.round(origin + i * small * scale) + 0.5;
        const major = i % parts === 0;
        const middle = parts === 10 && i % 5 === 0;
        context.moveTo(at, THICK);
        context.lineTo(at, THICK - (major ? 12 : middle ? 7 : 4));
        if (major) label(context, figure((i / parts) * step), at + 3);
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

watch(
    () => [
        view.zoom,
        view.pan,
        along.value,
        desk.selectedBox,
        desk.sheet,
        desk.guides,
        view.showGuides,
        view.bare,
        units.unit,
        theme.isDark,
    ],
    draw,
    { flush: 'post' },
);
onMounted(() => void document.fonts.ready.then(draw));
</script>

<template>
    <div :class="['ruler', axis]" aria-hidden="true" @pointerdown="emit('pull', $event)">
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
    touch-action: none;
}
.ruler.x {
    cursor: ns-resize;
}
.ruler.y {
    cursor: ew-resize;
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
