<script setup lang="ts">
import type { Item, Point } from '@/api/types';
import { followPointer } from '@/parts/dragging';
import { applied, inverse, mirrored, rounded } from '@/sheet/geometry';
import { hexOf, isColour, type Gradient } from '@/sheet/looks';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { computed, ref } from 'vue';

/** Where the gradient of the only selected thing runs, while its look is shown: both ends can be dragged. */
const desk = useDesk();
const view = useView();
const held = ref<Gradient | null>(null);

const item = computed(() => (desk.selected.length === 1 && desk.selection.length === 1 ? desk.selected[0] : undefined));
const gradient = computed((): Gradient | null => {
    const fill = held.value ?? item.value?.fields.fill;
    return fill && !isColour(fill) && 'gradient' in fill ? (fill as Gradient) : null;
});
const shows = computed(
    () => view.drawer === 'look' && view.tool === 'select' && !view.bare && desk.edited.length === 0 && gradient.value,
);

const origin = (of: Item) => of.origin ?? { x: 0, y: 0 };

/** Both ends in the item's own space, as core/Item/Look/Gradient has them. */
function ends(of: Item, g: Gradient): [Point, Point] {
    const { w, h } = of.frame;
    const { x, y } = origin(of);
    if (g.gradient === 'radial') {
        const centre = { x: x + (g.centre?.x ?? 0.5) * w, y: y + (g.centre?.y ?? 0.5) * h };
        return [centre, { x: centre.x + (g.radius ?? 0.5) * w, y: centre.y }];
    }
    const turn = ((g.angle ?? 90) * Math.PI) / 180;
    const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
    const half = (Math.abs(w * sin) + Math.abs(h * cos)) / 2;
    const middle = { x: x + w / 2, y: y + h / 2 };
    return [
        { x: middle.x - sin * half, y: middle.y + cos * half },
        { x: middle.x + sin * half, y: middle.y - cos * half },
    ];
}

const line = computed(() => {
    const [of, g] = [item.value, gradient.value];
    if (!shows.value || !of || !g) return null;
    const at = (point: Point) => view.toScreen(applied(desk.tree.toSheet(of.id), mirrored(of, point)));
    const [from, to] = ends(of, g).map(at) as [Point, Point];
    const [first, last] = [g.stops[0], g.stops[g.stops.length - 1]];
    return {
        from,
        to,
        colours: [first, last].map((stop) => (stop ? hexOf(stop.colour, desk.swatches) : '#ffffff')),
    };
});

/** An end that is dragged turns the line about its middle; of one from a centre, it moves that, or sets how far it reaches. */
function changed(of: Item, g: Gradient, end: 0 | 1, to: Point, steps: boolean): Gradient {
    const { w, h } = of.frame;
    const { x, y } = origin(of);
    if (g.gradient === 'radial') {
        if (end === 0) return { ...g, centre: { x: rounded((to.x - x) / w), y: rounded((to.y - y) / h) } };
        const centre = { x: x + (g.centre?.x ?? 0.5) * w, y: y + (g.centre?.y ?? 0.5) * h };
        const reach = Math.hypot((to.x - centre.x) / w, (to.y - centre.y) / h);
        return { ...g, radius: Math.min(5, Math.max(0.01, rounded(reach))) };
    }
    const [dx, dy] = [to.x - x - w / 2, to.y - y - h / 2];
    const degrees = (Math.atan2(end === 1 ? dx : -dx, end === 1 ? -dy : dy) * 180) / Math.PI;
    const step = steps ? 15 : 1;
    return { ...g, angle: (Math.round(degrees / step) * step + 360) % 360 };
}

function drag(event: PointerEvent, end: 0 | 1): void {
    const [of, g] = [item.value, gradient.value];
    if (!of || !g || event.button !== 0) return;
    event.stopPropagation();
    event.preventDefault();
    const box = (event.currentTarget as SVGElement).ownerSVGElement?.getBoundingClientRect();
    const move = (to: PointerEvent) => {
        const at = view.toSheet({ x: to.clientX - (box?.left ?? 0), y: to.clientY - (box?.top ?? 0) });
        held.value = changed(of, g, end, mirrored(of, applied(inverse(desk.tree.toSheet(of.id)), at)), to.shiftKey);
    };
    followPointer(move, (at) => {
        const fill = held.value;
        held.value = null;
        if (at && fill && JSON.stringify(fill) !== JSON.stringify(g)) void desk.run('set', { fill }, [of.id]);
    });
}
</script>

<template>
    <svg v-if="line" class="gradient-line" :width="view.size.w" :height="view.size.h" aria-hidden="true">
        <path class="under" :d="`M${line.from.x} ${line.from.y}L${line.to.x} ${line.to.y}`" />
        <path class="line" :d="`M${line.from.x} ${line.from.y}L${line.to.x} ${line.to.y}`" />
        <circle
            data-gradient="from"
            :cx="line.from.x"
            :cy="line.from.y"
            r="6"
            :fill="line.colours[0]"
            @pointerdown="drag($event, 0)"
        />
        <circle
            data-gradient="to"
            :cx="line.to.x"
            :cy="line.to.y"
            r="6"
            :fill="line.colours[1]"
            @pointerdown="drag($event, 1)"
        />
    </svg>
</template>

<style scoped>
.gradient-line {
    position: absolute;
    inset: 0;
    z-index: 1;
    pointer-events: none;
    overflow: hidden;
}
.under {
    stroke: #fffefb;
    stroke-width: 3;
}
.line {
    stroke: var(--mark-ochre);
    stroke-width: 1.4;
}
circle {
    stroke: var(--mark-ochre);
    stroke-width: 2;
    pointer-events: all;
    cursor: grab;
}
</style>
