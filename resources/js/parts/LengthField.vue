<script setup lang="ts">
import { figure } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { computed, ref, watch } from 'vue';
import FieldFrame from './FieldFrame.vue';
import { useFittingFigure } from './fittingFigure';
import { usePresses } from './presses';
import { relative } from '@/sheet/sums';
import { onFieldKey, useTyped } from './typed';

/**
 * A field for a length: takes sums and units, `+40` for 40 more; Enter applies, Escape puts the old value back and then
 * leaves, up and down step by 1, with Shift by 10. A run of such presses is one line of the history. What was half typed
 * applies to what was selected when typing began.
 */
const props = defineProps<{
    label: string;
    /** px, shown in the desk's unit; null while the values differ */
    value: number | null;
    name: string;
    unit?: string;
    disabled?: boolean;
    /** of differing values: how often each occurs */
    mixed?: string;
    /** there is no value, rather than differing ones */
    blank?: boolean;
    hint?: string;
    /** it is no length but a count or an angle */
    plain?: boolean;
    /** what a sum calls the value the field holds; without it, the figure that is shown */
    own?: string;
    apply: (typed: string, ids: string[], run?: string) => Promise<boolean>;
}>();

const desk = useDesk();
const { text, wrong, type: take, giveBack, leave } = useTyped();
let meantFor: string[] = [];
/** how many values that were applied are on their way */
let waiting = 0;
let sent = '';
const presses = usePresses();

const frame = ref<InstanceType<typeof FieldFrame> | null>(null);
const field = computed(() => frame.value?.field ?? null);
const units = useUnits();
const read = (value: number) => (props.plain ? figure(value) : units.text(value));
const shown = computed(() => text.value ?? (props.value === null ? '' : read(props.value)));
const size = useFittingFigure(field, shown);

// An error goes with its cause: when what is typed is another, or is meant for something else.
watch(() => desk.selection.join(), giveBack);
watch(
    () => props.value,
    () => {
        if (!wrong.value && document.activeElement?.getAttribute('name') !== props.name) text.value = null;
    },
);

function type(value: string | undefined): void {
    if (text.value === null) meantFor = [...desk.selection];
    take(value);
}

async function keep(run?: string): Promise<void> {
    const typed = text.value?.trim();
    if (typed === undefined || typed === '' || (waiting === 0 && props.value !== null && typed === read(props.value))) {
        giveBack();
        return;
    }
    // Left while it is on its way: it is not applied twice.
    if (waiting > 0 && typed === sent && run === undefined) return;
    sent = typed;
    waiting++;
    const done = await props.apply(props.plain ? typed : relative(typed, props.own ?? shownOwn()), meantFor, run);
    waiting--;
    // What was pressed or typed meanwhile stays.
    if (text.value?.trim() !== typed) return;
    if (done) giveBack();
    else wrong.value = desk.status.text;
}

function step(by: number): void {
    const typed = Number(shown.value);
    if (!Number.isFinite(typed)) return;
    type(figure(typed + by));
    void keep(presses(meantFor.join()));
}

/** What the field holds, as a term of a sum. */
const shownOwn = () => (props.value === null ? '' : read(props.value));

function onKey(event: KeyboardEvent): void {
    onFieldKey(event, {
        keep: () => void keep(),
        leave,
        step,
    });
}
</script>

<template>
    <FieldFrame
        ref="frame"
        :title="[shown.length > 5 ? shown : '', mixed, hint].filter(Boolean).join(', ') || undefined"
        :label="label"
        :name="name"
        :spoken="hint ? `${name}, ${hint}` : name"
        :shown="shown"
        :unit="unit"
        :wrong="wrong"
        :disabled="disabled"
        :placeholder="value === null && !disabled && !blank ? 'mixed' : ''"
        :size="size"
        @type="type"
        @blur="keep()"
        @keydown="onKey"
    />
</template>

<style scoped>
.disabled {
    background: transparent;
}
</style>
