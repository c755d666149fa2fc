import { api } from '@/api/client';
import type { Family } from '@/api/fonts';
import { useDesk } from '@/stores/desk';
import { computed, onMounted, ref } from 'vue';

const WEIGHTS: Record<number, string> = {
    100: 'Thin',
    200: 'Extra light',
    300: 'Light',
    400: 'Regular',
    500: 'Medium',
    600: 'Semibold',
    700: 'Bold',
    800: 'Extra bold',
    900: 'Black',
};

const known = ref<Record<string, Family>>({});
/** families that were brought along, by whichever document */
const own = ref<string[]>([]);

/** Asks again which fonts there are, for when one was added. */
export async function readFonts(): Promise<void> {
    const fonts = await api.fonts().catch(() => null);
    if (!fonts) return;
    known.value = fonts.families;
    own.value = fonts.own;
}

/** The families that texts can be set in, and their weights, by the names that people read. */
export function useFonts() {
    onMounted(() => {
        if (Object.keys(known.value).length === 0) void readFonts();
    });

    const desk = useDesk();
    const isOwn = (family: string) => own.value.includes(family);
    /** Those of the application, and those of this document, or that a text of it is set in. */
    const families = computed(() => {
        const here = new Set([
            ...desk.ownFonts.map(({ family }) => family),
            ...[...desk.items.values()].map((item) => item.fields.font ?? ''),
        ]);
        return Object.keys(known.value).filter((family) => !isOwn(family) || here.has(family));
    });
    const nameOf = (family: string) => known.value[family]?.name ?? family;
    const weightName = (weight: number) => WEIGHTS[weight] ?? String(weight);
    const weightsOf = (family = 'overpass', italic = false) => {
        const { weights = [], italics = [] } = known.value[family] ?? {};
        const of = italic && italics.length > 0 ? italics : weights;
        return (of.length > 0 ? of : [400, 700]).map((weight) => ({ weight, name: weightName(weight) }));
    };
    const hasItalic = (family = 'overpass') => (known.value[family]?.italics.length ?? 0) > 0;

    return { isOwn, families, nameOf, weightName, weightsOf, hasItalic };
}
