import type { Preset } from '@/api/handover';
import type {
    Answer,
    Dimension,
    Guide,
    Item,
    NamedGrid,
    SheetContent,
    SheetSettings,
    Slice,
    Swatch,
} from '@/api/types';
import type { OwnKit } from '@/api/kits';
import type { OwnFont, TypeScale, TypeStyle } from '@/api/fonts';
import { ref, shallowRef } from 'vue';

/** A sheet and all that is on it, as the server has stored it, kept in step by its answers. */
export function useContents() {
    const sheet = shallowRef<SheetSettings | null>(null);
    const stored = shallowRef<ReadonlyMap<string, Item>>(new Map());
    const slices = shallowRef<Slice[]>([]);
    const guides = shallowRef<Guide[]>([]);
    const grids = shallowRef<NamedGrid[]>([]);
    const dimensions = shallowRef<Dimension[]>([]);
    const presets = shallowRef<Preset[]>([]);
    const swatches = shallowRef<Swatch[]>([]);
    const styles = shallowRef<TypeStyle[]>([]);
    const scales = shallowRef<TypeScale[]>([]);
    const ownFonts = shallowRef<OwnFont[]>([]);
    const kits = shallowRef<OwnKit[]>([]);
    const revision = ref(0);

    function show(content: SheetContent): void {
        sheet.value = content.sheet;
        stored.value = new Map(content.items.map((item) => [item.id, item]));
        revision.value = content.revision;
        around(content);
    }

    /** Takes what a command, or an undo, has changed. */
    function take(answer: Answer): void {
        const map = new Map(stored.value);
        answer.removed.forEach((id) => map.delete(id));
        for (const item of [...answer.created, ...answer.changed]) {
            const before = map.get(item.id);
            map.set(item.id, item.painting === undefined && before ? { ...item, painting: before.painting } : item);
        }
        stored.value = map;
        revision.value = answer.revision;
        if (answer.settings) sheet.value = answer.settings;
        around(answer);
    }

    /** What is no item: what is not named stays. */
    function around(
        given: Partial<
            Pick<
                SheetContent,
                | 'slices'
                | 'guides'
                | 'grids'
                | 'dimensions'
                | 'presets'
                | 'swatches'
                | 'styles'
                | 'scales'
                | 'own_fonts'
                | 'kits'
            >
        >,
    ): void {
        if (given.slices) slices.value = given.slices;
        if (given.guides) guides.value = given.guides;
        if (given.grids) grids.value = given.grids;
        if (given.dimensions) dimensions.value = given.dimensions;
        if (given.presets) presets.value = given.presets;
        if (given.swatches) swatches.value = given.swatches;
        if (given.styles) styles.value = given.styles;
        if (given.scales) scales.value = given.scales;
        if (given.own_fonts) ownFonts.value = given.own_fonts;
        if (given.kits) kits.value = given.kits;
    }

    return {
        sheet,
        stored,
        slices,
        guides,
        grids,
        dimensions,
        presets,
        swatches,
        styles,
        scales,
        ownFonts,
        kits,
        revision,
        show,
        take,
    };
}
