<script setup lang="ts">
import { focusStage } from './focus';
import { figure } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import InputText from 'primevue/inputtext';
import { computed, ref, watch, type ComponentPublicInstance } from 'vue';
import FieldComplaint from './FieldComplaint.vue';
import { useFittingFigure } from './fittingFigure';
import { usePresses } from './presses';
import { relative } from './sums';

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
const text = ref<string | null>(null);
const wrong = ref('');
let meantFor: string[] = [];
/** how many values that were applied are on their way */
let waiting = 0;
let sent = '';
const presses = usePresses();

const field = ref<ComponentPublicInstance | null>(null);
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
    text.value = value ?? '';
    wrong.value = '';
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

function giveBack(): void {
    text.value = null;
    wrong.value = '';
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
    if (event.key === 'Enter') void keep();
    else if (event.key === 'Escape') {
        event.stopPropagation();
        if (text.value === null) focusStage();
        else giveBack();
    } else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
        event.preventDefault();
        step((event.key === 'ArrowUp' ? 1 : -1) * (event.shiftKey ? 10 : 1));
    }
}
</script>

<template>
    <label
        class="field"
        :class="{ wrong, disabled }"
        :title="[shown.length > 5 ? shown : '', mixed, hint].filter(Boolean).join(', ') || undefined"
    >
        <span v-if="label">{{ label }}</span>
        <InputText
            ref="field"
            :style="{ fontSize: `${size}px` }"
            :name="name"
            :model-value="shown"
            :placeholder="value === null && !disabled && !blank ? 'mixed' : ''"
            :disabled="disabled"
            :aria-invalid="wrong !== ''"
            :aria-label="hint ? `${name}, ${hint}` : name"
            autocomplete="off"
            spellcheck="false"
            size="small"
            @update:model-value="type"
            @focus="($event.target as HTMLInputElement).select()"
            @blur="keep()"
            @keydown="onKey"
        />
        <em v-if="unit">{{ unit }}</em>
        <FieldComplaint :words="wrong" :of="field" />
    </label>
</template>

<style scoped>
.field {
    display: inline-flex;
    align-items: center;
    height: 26px;
    border: 1px solid var(--line);
    border-radius: 3px;
    background: var(--card);
    color: var(--soft);
    font-size: 12px;
    padding-left: 7px;
    min-width: 0;
    white-space: nowrap;
}
.field:focus-within {
    border-color: var(--spruce);
    box-shadow: 0 0 0 1px var(--spruce);
}
.field.wrong {
    border-color: var(--brick);
    box-shadow: 0 0 0 1px var(--brick);
}
.field.disabled {
    background: transparent;
    color: var(--off);
}
.field :deep(input) {
    text-overflow: ellipsis;
    width: 100%;
    min-width: 0;
    border: 0;
    background: transparent;
    box-shadow: none;
    outline: none;
    padding: 0 7px 0 4px;
    text-align: right;
    font: 12px var(--figures);
    color: var(--ink);
}
.field em {
    font-style: normal;
    padding-right: 7px;
}
</style>
