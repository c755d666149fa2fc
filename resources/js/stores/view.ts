import type { Box, Point } from '@/api/types';
import type { DrawnKind } from '@/sheet/kinds';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';

export const CLOSEST = 32;
export const FURTHEST = 0.05;

/** What the pointer can do besides selecting: draw a thing or a slice, measure, fit to the grid, read a colour. */
export type Tool = 'select' | 'draw' | 'slice' | 'measure' | 'fit' | 'colour' | 'room';

/** How the sheet is looked at: zoom, place, what is being done with the pointer. Nothing of it is stored. */
export const useView = defineStore('view', () => {
    const zoom = ref(1);
    /** where the sheet's top left lies on the canvas, in screen px */
    const pan = ref<Point>({ x: 0, y: 0 });
    const size = ref({ w: 0, h: 0 });
    const tool = ref<Tool>('select');
    /** the kind of thing that is drawn */
    const drawn = shallowRef<DrawnKind | null>(null);
    const hovered = ref<string | null>(null);
    /** the item picked from the menu of what lies under the pointer */
    const picked = ref<string | null>(null);
    /** the shape that is marked as the anchor of what is combined */
    const anchorShown = ref<string | null>(null);
    const pointer = ref<Point | null>(null);
    /** the text that is being edited, or the place of a new one */
    const editing = ref<{ item: string | null; at: Box } | null>(null);
    const showSlices = ref(false);
    const showFindings = ref(true);
    const showGuides = ref(true);
    /** the guide that is pointed at in its panel */
    const guideOver = ref<string | null>(null);
    /** the dimension that is pointed at in its panel */
    const dimensionOver = ref<string | null>(null);
    const showGrid = ref(false);
    const showReferences = ref(true);
    const bare = ref(false);
    /** only the outlines of things, without their fills */
    const outlinesOnly = ref(false);
    /** whether the sheet was fitted and not moved since: then it stays fitted when its room changes */
    const fitted = ref(false);
    /** the panel at the side, and the well that is shown where two share one place */
    /** what the panel of kits offers, and the words that it is searched by */
    const offered = ref<'kits' | 'icons' | 'pictures'>('kits');
    const wanted = ref('');
    const panel = ref<'contents' | 'guides' | 'slices' | 'kits'>('contents');
    const wellShown = ref<'space' | 'gaps'>('space');
    /** whether the sheet is painted and has rested once: what is not seen yet is made ready then */
    const rested = ref(false);
    const benchOpen = ref(true);
    const sideOpen = ref(true);
    const drawer = ref<'look' | 'type' | 'check' | 'history' | null>(null);

    /** The part of the sheet's plane that is on the screen. */
    const visible = computed<Box>(() => ({
        x: -pan.value.x / zoom.value,
        y: -pan.value.y / zoom.value,
        w: size.value.w / zoom.value,
        h: size.value.h / zoom.value,
    }));

    /** Its middle. */
    const middle = computed<Point>(() => ({
        x: visible.value.x + visible.value.w / 2,
        y: visible.value.y + visible.value.h / 2,
    }));

    const toScreen = (point: Point): Point => ({
        x: point.x * zoom.value + pan.value.x,
        y: point.y * zoom.value + pan.value.y,
    });
    const toSheet = (point: Point): Point => ({
        x: (point.x - pan.value.x) / zoom.value,
        y: (point.y - pan.value.y) / zoom.value,
    });

    function draw(kind: DrawnKind): void {
        drawn.value = kind;
        tool.value = 'draw';
    }

    /** @param at the point of the canvas that stays where it is, in screen px; the middle without it */
    function zoomTo(next: number, at: Point = { x: size.value.w / 2, y: size.value.h / 2 }): void {
        const kept = toSheet(at);
        fitted.value = false;
        zoom.value = Math.min(CLOSEST, Math.max(FURTHEST, next));
        pan.value = { x: Math.round(at.x - kept.x * zoom.value), y: Math.round(at.y - kept.y * zoom.value) };
    }

    function panBy(dx: number, dy: number): void {
        fitted.value = false;
        pan.value = { x: pan.value.x + dx, y: pan.value.y + dy };
    }

    /** Brings a box of the sheet onto the screen, whole, at most at its own size or a given closeness. */
    function fit(box: Box, closest = 1, room = 28): void {
        const { w, h } = size.value;
        if (w === 0 || h === 0) return;
        const next = Math.min((w - 2 * room) / Math.max(box.w, 1), (h - 2 * room) / Math.max(box.h, 1), closest);
        zoom.value = Math.min(CLOSEST, Math.max(FURTHEST, next));
        pan.value = {
            x: Math.round((w - box.w * zoom.value) / 2 - box.x * zoom.value),
            y: Math.round((h - box.h * zoom.value) / 2 - box.y * zoom.value),
        };
    }

    return {
        zoom,
        pan,
        size,
        tool,
        drawn,
        draw,
        hovered,
        picked,
        anchorShown,
        pointer,
        editing,
        showSlices,
        showFindings,
        showGuides,
        guideOver,
        dimensionOver,
        showGrid,
        showReferences,
        bare,
        outlinesOnly,
        fitted,
        panel,
        offered,
        wanted,
        wellShown,
        rested,
        benchOpen,
        sideOpen,
        drawer,
        visible,
        middle,
        toScreen,
        toSheet,
        zoomTo,
        panBy,
        fit,
    };
});
