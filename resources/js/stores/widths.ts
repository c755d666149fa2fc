import { api } from '@/api/client';
import type { Box, Item, SheetSettings, SheetSummary } from '@/api/types';
import { Tree } from '@/sheet/tree';
import { useDesk } from '@/stores/desk';
import { useSending } from '@/stores/sending';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';

/** px of the sheet between a width and the next */
const BETWEEN = 96;
const REST = 80;

/** The page at another width, as it is stored. */
export interface Width {
    sheet: SheetSettings;
    revision: number;
    tree: Tree;
}

/** The other widths of the page that is on the desk, and where they are shown beside it. */
export const useWidths = defineStore('widths', () => {
    const desk = useDesk();
    const sending = useSending();
    const shown = ref(true);
    /** the width whose places are shown on the sheet as ghosts */
    const pointed = ref<string | null>(null);
    /** the width that is to come onto the desk */
    const wanted = ref<string | null>(null);
    const others = shallowRef<ReadonlyMap<string, Width>>(new Map());

    /** Sheets of the page in their order, the one on the desk among them; none where there is one width only. */
    const all = computed<SheetSummary[]>(() => {
        const page = desk.sheet?.page;
        const sheets = page ? (desk.document?.sheets.filter((sheet) => sheet.page === page) ?? []) : [];
        return sheets.length > 1 ? sheets : [];
    });

    /** Where each other width lies, in px of the sheet that is on the desk. */
    const places = computed<ReadonlyMap<string, number>>(() => {
        const widths = all.value.map((one) => ({
            id: one.id,
            w:
                one.id === desk.sheet?.id
                    ? (desk.sheet?.width ?? 0)
                    : (others.value.get(one.id)?.sheet.width ?? one.width),
        }));
        const at = widths.findIndex((one) => one.id === desk.sheet?.id);
        const found = new Map<string, number>();
        let x = (widths[at]?.w ?? 0) + BETWEEN;
        for (const one of widths.slice(at + 1)) {
            found.set(one.id, x);
            x += one.w + BETWEEN;
        }
        x = 0;
        for (const one of widths.slice(0, Math.max(at, 0)).reverse()) {
            x -= one.w + BETWEEN;
            found.set(one.id, x);
        }
        return found;
    });

    /** What is on the desk with all that is shown beside it. */
    const extent = computed<Box | null>(() => {
        if (!desk.sheet) return null;
        const boxes = [
            { x: 0, w: desk.sheet.width, h: desk.sheet.height },
            ...(shown.value ? [...others.value.values()] : []).map(({ sheet }) => ({
                x: places.value.get(sheet.id) ?? 0,
                w: sheet.width,
                h: sheet.height,
            })),
        ];
        const left = Math.min(...boxes.map((box) => box.x));
        const right = Math.max(...boxes.map((box) => box.x + box.w));
        return { x: left, y: 0, w: right - left, h: Math.max(...boxes.map((box) => box.h)) };
    });

    let timer: ReturnType<typeof setTimeout> | undefined;

    /** Fetches those that changed. */
    async function look(): Promise<void> {
        const wanted = shown.value ? all.value.filter((one) => one.id !== desk.sheet?.id) : [];
        const found = await Promise.all(
            wanted.map(async ({ id }) => {
                const known = others.value.get(id);
                const revision = await api.revision(id).catch(() => null);
                if (known && revision === known.revision) return known;
                const content = await api.sheet(id).catch(() => null);
                if (!content) return null;
                const items = new Map<string, Item>(content.items.map((item) => [item.id, item]));
                return { sheet: content.sheet, revision: content.revision, tree: new Tree(items) };
            }),
        );
        const now = all.value.map((one) => one.id);
        const fresh = found.filter((one): one is Width => one !== null && now.includes(one.sheet.id));
        others.value = new Map(fresh.map((one) => [one.sheet.id, one]));
    }

    watch(
        () => [
            all.value.map((one) => one.id).join(),
            desk.sheet?.id,
            desk.revision,
            shown.value,
            sending.waiting === 0,
        ],
        () => {
            clearTimeout(timer);
            if (all.value.length === 0) others.value = new Map();
            else if (sending.waiting === 0) timer = setTimeout(() => void look(), REST);
        },
        { immediate: true },
    );

    /** The width that lies under a place of the desk. */
    function at(point: { x: number; y: number }): Width | undefined {
        if (!shown.value) return undefined;
        return [...others.value.values()].find(({ sheet }) => {
            const x = point.x - (places.value.get(sheet.id) ?? Infinity);
            return x >= 0 && x <= sheet.width && point.y >= 0 && point.y <= sheet.height;
        });
    }

    return { shown, pointed, wanted, others, all, places, extent, at };
});
