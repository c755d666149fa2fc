import type { Commands } from '@/api/commands.gen';
import type { Box } from '@/api/types';
import { figure } from '@/sheet/geometry';
import { counted } from '@/sheet/words';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { defineStore } from 'pinia';
import { computed, ref, watch } from 'vue';

export type Edge = Commands['align']['edge'];
export type By = NonNullable<Commands['align']['by']>;
export type As = 'each' | 'one' | 'pairs';
export type To = 'selection' | 'anchor' | 'sheet' | 'margins' | 'ground' | `guide ${string}`;
export type Within = NonNullable<Commands['distribute']['within']>;

/** Which box of a thing counts, and what it is called. */
export const BOXES: { key: By; words: string }[] = [
    { key: 'frame', words: 'the frame' },
    { key: 'ink', words: 'what is painted' },
    { key: 'upright', words: 'the frame, ignoring the turn' },
];

export interface Order<C extends keyof Commands = keyof Commands> {
    command: C;
    params: Commands[C];
    ids?: string[];
}

/** What the bench is set to: to what things are aligned, within what they are spaced, which box of them counts. */
export const useBench = defineStore('bench', () => {
    const desk = useDesk();
    const units = useUnits();
    const by = ref<By>('frame');
    const as = ref<As>('each');
    const wantedTo = ref<To>('selection');
    const chosenAnchor = ref<string | null>(null);
    const within = ref<Within>('selection');
    const mode = ref<NonNullable<Commands['distribute']['mode']>>('gaps');
    const bySize = ref(false);
    const hold = ref<'first' | 'last' | 'centre'>('first');
    const gap = ref('24');
    const inset = ref('24');
    const columns = ref('4');
    // What is a bare number stays the same length when the unit becomes another.
    watch(
        () => units.pixels,
        (now, was) => {
            for (const field of [gap, inset])
                if (Number.isFinite(Number(field.value))) field.value = figure((Number(field.value) * was) / now);
        },
    );
    /** whether x, y, w and h are those of each selected item, instead of all as one */
    const placesEach = ref(false);
    /** a place that was taken, in px of the sheet it was taken on */
    const placeTaken = ref<Box | null>(null);

    const count = computed(() => desk.selected.length);
    const free = computed(() => desk.selected.filter((item) => !desk.tree.isLocked(item.id)));
    const locked = computed(() => desk.selected.filter((item) => desk.tree.isLocked(item.id)));

    /** Whether there are enough that can move to even them out. */
    const canSpace = computed(() => free.value.length >= (within.value === 'selection' ? 3 : 2));

    /** The anchor: the one chosen, else the one locked item, else the one selected last. */
    const anchor = computed(
        () =>
            desk.selected.find((item) => item.id === chosenAnchor.value) ??
            (locked.value.length === 1 ? locked.value[0] : undefined) ??
            desk.selected[count.value - 1],
    );

    /** Whether half of what is selected could go to the other half: the larger ones are the anchors. */
    const pairs = computed(() => {
        const half = Math.floor(count.value / 2);
        if (half < 1 || count.value % 2 === 1) return null;
        const area = (id: string) => {
            const box = desk.items.get(id)?.bounds;
            return box ? box.w * box.h : 0;
        };
        const sorted = desk.selection.map((id) => [id, area(id)] as const).sort((a, b) => b[1] - a[1]);
        return { anchors: sorted.slice(0, half).map(([id]) => id), ids: sorted.slice(half).map(([id]) => id) };
    });

    const targets = computed<{ key: To; words: string }[]>(() => {
        const several = count.value > 1;
        return [
            ...(several && as.value === 'each'
                ? ([
                      { key: 'selection', words: 'each other' },
                      { key: 'anchor', words: 'one of them' },
                  ] as const)
                : []),
            { key: 'ground' as const, words: several && as.value === 'each' ? 'what each lies on' : 'what it lies on' },
            { key: 'sheet' as const, words: 'the sheet' },
            { key: 'margins' as const, words: 'the margins' },
            ...desk.guides.map((guide) => ({
                key: `guide ${guide.id}` as const,
                words: `the ${guide.axis === 'x' ? 'vertical' : 'horizontal'} guide at ${units.place(guide.at, guide.axis)}`,
            })),
        ];
    });
    const to = computed<To>(() =>
        targets.value.some((target) => target.key === wantedTo.value)
            ? wantedTo.value
            : (targets.value[0]?.key ?? 'sheet'),
    );

    const ways = computed<{ key: As; words: string }[]>(() => [
        { key: 'each', words: 'each' },
        { key: 'one', words: 'one' },
        ...(pairs.value ? ([{ key: 'pairs', words: 'pairs' }] as const) : []),
    ]);
    const way = computed<As>(() => (count.value < 2 || (as.value === 'pairs' && !pairs.value) ? 'each' : as.value));

    /** In plain words what moves and to what, before anything is pressed. */
    const sentence = computed(() => {
        if (count.value === 0) return '';
        const words = targets.value.find((target) => target.key === to.value)?.words ?? '';
        if (way.value === 'pairs' && pairs.value)
            return `each of the ${pairs.value.ids.length} smaller ones onto a larger one of its own`;
        if (count.value === 1)
            return `${counted(desk.selected)} to ${to.value === 'ground' ? groundWords.value : words}`;
        if (way.value === 'one')
            return `the ${count.value} as one to ${to.value === 'ground' ? groundWords.value : words}`;
        if (to.value === 'selection') return `each of ${count.value} to their common box`;
        if (to.value === 'anchor') return `each of the others to ${anchor.value?.name ?? ''}, which stays`;
        if (to.value === 'ground') return `each of ${count.value} to what it lies on`;
        return `each of ${count.value} to ${words}`;
    });

    const groundWords = computed(() => (desk.ground === null ? 'the sheet' : `"${desk.ground}"`));

    function align(edge: Edge, and?: Edge): Order<'align'> {
        const params: Commands['align'] = { edge };
        if (and && and !== 'baseline' && and !== 'last-baseline') params.and = and;
        if (by.value !== 'frame') params.by = by.value;
        if (way.value === 'pairs' && pairs.value) {
            const anchors = pairs.value.anchors as [string, ...string[]];
            return { command: 'align', params: { ...params, as: 'pairs', anchors }, ids: pairs.value.ids };
        }
        if (way.value === 'one') params.as = 'one';
        if (to.value.startsWith('guide ')) params.guide = to.value.slice(6);
        else params.to = to.value as Exclude<To, `guide ${string}`>;
        if (to.value === 'anchor' && anchor.value) params.anchor = anchor.value.id;
        return { command: 'align', params };
    }

    const distribute = (axis: 'x' | 'y', extent?: number): Order<'distribute'> => ({
        command: 'distribute',
        params: {
            axis,
            mode: mode.value,
            ...(extent === undefined ? { within: within.value } : { extent }),
            ...(by.value === 'frame' ? {} : { by: by.value }),
        },
    });

    const setGap = (axis: 'x' | 'y'): Order<'set-gap'> => ({
        command: 'set-gap',
        params: {
            axis,
            gap: gap.value,
            ...(bySize.value ? { by_size: true } : { hold: hold.value }),
            ...(by.value === 'frame' ? {} : { by: by.value }),
        },
    });

    const insetAll = (): Order<'inset'> => ({
        command: 'inset',
        params: {
            value: inset.value,
            ...(bySize.value ? { by_size: true } : {}),
            ...(way.value === 'one' ? { as: 'one' as const } : {}),
        },
    });

    const placeWords = computed(() =>
        placeTaken.value
            ? `${units.place(placeTaken.value.x, 'x')}, ${units.place(placeTaken.value.y, 'y')}`
            : 'none yet',
    );

    return {
        placesEach,
        placeTaken,
        placeWords,
        by,
        as,
        wantedTo,
        chosenAnchor,
        within,
        mode,
        bySize,
        hold,
        gap,
        inset,
        columns,
        count,
        free,
        canSpace,
        anchor,
        pairs,
        targets,
        to,
        ways,
        way,
        sentence,
        groundWords,
        align,
        distribute,
        setGap,
        insetAll,
    };
});

/** The pad's nine cells as they lie on a number pad: 7 is top left. */
export const PAD: Record<string, [Edge, Edge]> = {
    7: ['left', 'top'],
    8: ['centre', 'top'],
    9: ['right', 'top'],
    4: ['left', 'middle'],
    5: ['centre', 'middle'],
    6: ['right', 'middle'],
    1: ['left', 'bottom'],
    2: ['centre', 'bottom'],
    3: ['right', 'bottom'],
};
