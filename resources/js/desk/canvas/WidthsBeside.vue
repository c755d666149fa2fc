<script setup lang="ts">
import { useDesk } from '@/stores/desk';
import { useWidths, type Width } from '@/stores/widths';
import { nextTick, onMounted, ref, watch } from 'vue';
import { sharpen } from './elements';
import { fetchGlyphs } from './glyphs';
import { Painting } from './painting';
import { useView } from '@/stores/view';

/** The page at its other widths beside the sheet, as it is there; a click goes to it. Lies in the plane of the sheet. */
const widths = useWidths();
const desk = useDesk();
const view = useView();
const planes = ref<SVGGElement[]>([]);
const paintings = new Map<string, { painting: Painting; of: Width }>();

async function paint(): Promise<void> {
    await nextTick();
    const list = [...widths.others.values()];
    for (const id of [...paintings.keys()]) if (!widths.others.has(id)) paintings.delete(id);
    for (const width of list) {
        const plane = planes.value.find((one) => one.dataset.width === width.sheet.id);
        if (!plane) continue;
        await fetchGlyphs(width.tree.items.values()).catch(() => undefined);
        let known = paintings.get(width.sheet.id);
        if (known?.of === width && plane.childElementCount > 0) continue;
        if (!known || plane.childElementCount === 0) {
            plane.replaceChildren();
            known = {
                painting: new Painting(plane, document.createElementNS('http://www.w3.org/2000/svg', 'g')),
                of: width,
            };
        }
        paintings.set(width.sheet.id, { painting: known.painting, of: width });
        known.painting.sync(width.tree, { x: 0, y: 0, w: width.sheet.width, h: width.sheet.height });
        sharpen(plane, view.zoom);
    }
}

watch(() => widths.others, paint);
onMounted(paint);
</script>

<template>
    <g v-if="widths.shown && desk.sheet" class="beside">
        <g
            v-for="width in [...widths.others.values()]"
            :key="width.sheet.id"
            :transform="`translate(${widths.places.get(width.sheet.id) ?? 0} 0)`"
        >
            <rect
                class="sheet"
                :width="width.sheet.width"
                :height="width.sheet.height"
                :fill="width.sheet.background ?? '#ffffff'"
            />
            <svg :width="width.sheet.width" :height="width.sheet.height">
                <g ref="planes" :data-width="width.sheet.id" />
            </svg>
        </g>
    </g>
</template>

<style scoped>
.sheet {
    stroke: var(--edge);
    stroke-width: 1;
    vector-effect: non-scaling-stroke;
}
</style>
