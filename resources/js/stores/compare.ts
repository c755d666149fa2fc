import { api, Problem } from '@/api/client';
import type { Compared, Difference, Which } from '@/api/compare';
import type { Box } from '@/api/types';
import { useDesk } from '@/stores/desk';
import { kept } from '@/stores/kept';
import { useUnits } from '@/stores/units';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';

export type Way = 'beside' | 'over' | 'blink';

const LEAST = 0.05;
const MOST = 16;

/** Two arrangements of a sheet: in what they differ, and how both are looked at. */
export const useCompare = defineStore('compare', () => {
    const desk = useDesk();
    const units = useUnits();
    const which = shallowRef<Which>({});
    const compared = shallowRef<Compared | null>(null);
    const trouble = ref('');
    const looking = ref(false);
    const lit = ref<string | null>(null);
    const way = kept<Way>('compare-way', 'beside');
    /** the share of the width from which on the other one is seen, where one lies over the other */
    const split = ref(0.5);
    /** whether the other one is seen, where they are seen by turns */
    const other = ref(false);
    /** both are moved and zoomed together: px of the screen to a px of a sheet, and where the sheets begin */
    const seen = ref({ zoom: 1, x: 0, y: 0 });
    /** px of the screen that each has */
    const room = ref({ w: 0, h: 0 });
    /** counts how often the other one was read: its picture is read anew then */
    const turn = ref(0);

    const differences = computed(() => compared.value?.differences ?? []);
    const current = computed(() => differences.value.find((one) => one.key === lit.value));
    const otherSheet = computed(() => desk.document?.sheets.find((one) => one.id === which.value.sheet));
    /** Of a variant of some things only what is about these counts. */
    const items = computed(() => {
        const variant = otherSheet.value?.variant;
        return variant?.of === desk.sheet?.id ? (variant?.items ?? []) : [];
    });

    async function look(): Promise<void> {
        const sheet = desk.sheet?.id;
        if (!sheet || Object.keys(which.value).length === 0) return;
        looking.value = true;
        try {
            const answer = await api.post<Compared>(`sheets/${sheet}/compare?unit=${units.unit}`, {
                ...which.value,
                ...(items.value.length > 0 ? { items: items.value } : {}),
            });
            if (desk.sheet?.id !== sheet) return;
            compared.value = answer;
            trouble.value = '';
            turn.value++;
        } catch (error) {
            compared.value = null;
            trouble.value = error instanceof Problem ? error.message : 'The server does not answer. Try again.';
        } finally {
            looking.value = false;
        }
    }

    async function compareWith(what: Which): Promise<void> {
        which.value = what;
        lit.value = null;
        compared.value = null;
        await look();
        fit();
    }

    /** Takes differences over: those named, or all that are listed. */
    async function take(keys?: string[]): Promise<void> {
        const params = { ...which.value, ...(keys ? { differences: keys } : {}) };
        await desk.run('take-over', params as never, keys ? [] : items.value);
    }

    /** Both sheets whole. */
    function fit(): void {
        const w = Math.max(desk.sheet?.width ?? 1, compared.value?.there.width ?? 1);
        const h = Math.max(desk.sheet?.height ?? 1, compared.value?.there.height ?? 1);
        const zoom = Math.min((room.value.w - 32) / w, (room.value.h - 32) / h, 2);
        seen.value = { zoom, x: (room.value.w - w * zoom) / 2, y: (room.value.h - h * zoom) / 2 };
    }

    /** @param x and y px of the screen that stay where they are */
    function zoomBy(factor: number, x = room.value.w / 2, y = room.value.h / 2): void {
        const zoom = Math.min(MOST, Math.max(LEAST, seen.value.zoom * factor));
        const by = zoom / seen.value.zoom;
        seen.value = { zoom, x: x - (x - seen.value.x) * by, y: y - (y - seen.value.y) * by };
    }

    function moveBy(dx: number, dy: number): void {
        seen.value = { ...seen.value, x: seen.value.x + dx, y: seen.value.y + dy };
    }

    /** Lights a difference, and brings it into sight. */
    function goTo(one: Difference): void {
        lit.value = one.key;
        const box = one.there ?? one.here;
        if (box && !isSeen(box)) {
            const { zoom } = seen.value;
            seen.value = {
                zoom,
                x: room.value.w / 2 - (box.x + box.w / 2) * zoom,
                y: room.value.h / 2 - (box.y + box.h / 2) * zoom,
            };
        }
    }
    function isSeen(box: Box): boolean {
        const { zoom, x, y } = seen.value;
        return (
            box.x * zoom + x >= 0 &&
            box.y * zoom + y >= 0 &&
            (box.x + box.w) * zoom + x <= room.value.w &&
            (box.y + box.h) * zoom + y <= room.value.h
        );
    }

    return {
        which,
        compared,
        trouble,
        looking,
        lit,
        way,
        split,
        other,
        seen,
        room,
        turn,
        differences,
        current,
        otherSheet,
        look,
        compareWith,
        take,
        fit,
        zoomBy,
        moveBy,
        goTo,
    };
});
