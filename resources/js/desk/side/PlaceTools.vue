<script setup lang="ts">
import { PICTURE_TYPES, usePicturePlacing } from '@/desk/pictures';
import { usePlacing } from '@/desk/placing';
import FileChooser from '@/parts/FileChooser.vue';
import { focusStage } from '@/parts/focus';
import { drawnKinds, is, type DrawnKind } from '@/sheet/kinds';
import { useTable } from '@/stores/table';
import { useView } from '@/stores/view';
import Menu from 'primevue/menu';
import { computed, ref } from 'vue';

/** The things that can be placed. Pressing one again gives the pointer back. What stands behind another is in a small menu; the last one taken stays. */
const view = useView();
const table = useTable();
const put = usePlacing();
const placing = usePicturePlacing();
const chooser = ref<InstanceType<typeof FileChooser> | null>(null);
const lists = ref<InstanceType<typeof FileChooser> | null>(null);
const menu = ref<InstanceType<typeof Menu> | null>(null);
const opened = ref<DrawnKind[]>([]);
/** the one last taken of those that stand behind one another, by the first of them */
const last = ref<Record<string, string>>({});

const stacks = computed(() =>
    drawnKinds
        .filter((kind) => !kind.tool.behind)
        .map((kind) => [kind, ...drawnKinds.filter((other) => other.tool.behind === kind.name)]),
);
const shown = (stack: DrawnKind[]) => stack.find((kind) => kind.name === last.value[stack[0]?.name ?? '']) ?? stack[0];
const tools = computed(() => stacks.value.flatMap((stack) => (shown(stack) ? [{ stack, kind: shown(stack)! }] : [])));

const entries = computed(() => [
    ...opened.value.map((kind) => ({
        label: kind.tool.name,
        command: () => {
            last.value[opened.value[0]?.name ?? ''] = kind.name;
            view.draw(kind);
        },
    })),
    ...(opened.value.some(isTable)
        ? [
              { label: 'Of a list (CSV)…', command: () => lists.value?.open() },
              { label: 'Matrix of numbers…', command: () => (table.asksNumbers = true) },
          ]
        : []),
]);

function chooseList([file]: File[]): void {
    focusStage();
    if (file) void table.recognise(file, file.name);
}

/** With the pointer it is taken to be drawn; with the keyboard (a click without a place) it is put on the sheet at once. */
function take(event: MouseEvent, kind: DrawnKind): void {
    if (kind.tool.ghost === 'chosen') chooser.value?.open();
    else if (event.detail === 0) void put(kind);
    else if (isTaken(kind)) view.tool = 'select';
    else view.draw(kind);
}

/** Into the frames that are selected and empty, else onto the sheet. */
async function choose(chosen: File[]): Promise<void> {
    focusStage();
    await placing.bringAndShow(
        chosen,
        placing.frames().filter((item) => !item.fields.picture),
    );
}

/** What the small menu offers, in words. */
const also = (stack: DrawnKind[]) =>
    stack.some(isTable) ? 'Of a list, or a matrix of numbers' : stack.map((one) => one.tool.name).join(', ');

function open(event: Event, stack: DrawnKind[]): void {
    opened.value = stack;
    menu.value?.toggle(event);
}

const isTable = (kind: DrawnKind) => is({ kind: kind.name }, 'has-cells');

const isTaken = (kind: DrawnKind) => view.tool === 'draw' && view.drawn?.name === kind.name;
</script>

<template>
    <div class="tools" :class="{ many: tools.length > 5 }" role="group" aria-label="Things to place">
        <div v-for="{ stack, kind } in tools" :key="stack[0]?.name" class="slot">
            <button
                type="button"
                class="tool"
                :aria-pressed="isTaken(kind)"
                v-tooltip.right="{ value: kind.tool.hint, showDelay: 500 }"
                @click="take($event, kind)"
            >
                <svg width="22" height="22" aria-hidden="true"><path :d="kind.tool.icon" /></svg>
                {{ kind.tool.name }}
            </button>
            <button
                v-if="stack.length > 1 || stack.some(isTable)"
                type="button"
                class="more"
                aria-haspopup="menu"
                :aria-label="`Others than ${kind.tool.name}`"
                v-tooltip.right="{ value: also(stack), showDelay: 500 }"
                @click="open($event, stack)"
            >
                <svg width="9" height="9" aria-hidden="true"><path d="M1.500 3l3 3 3-3" /></svg>
            </button>
        </div>
        <FileChooser ref="chooser" label="Pictures to place" :accept="PICTURE_TYPES" multiple @chosen="choose" />
        <FileChooser
            ref="lists"
            label="A list to make a table of"
            accept=".csv,.tsv,.tab,.txt,text/csv"
            @chosen="chooseList"
        />
        <Menu ref="menu" :model="entries" popup />
    </div>
</template>

<style scoped>
.tools {
    display: grid;
    grid-template-columns: repeat(5, minmax(max-content, 1fr));
    gap: 1px;
    background: var(--line);
    border-bottom: 1px solid var(--line);
}
.tools.many {
    grid-template-columns: repeat(4, minmax(0, 1fr));
}
/* what is left of the last row */
.tools.many::after {
    content: '';
    grid-column-end: -1;
    background: var(--paper);
}
.slot {
    position: relative;
    display: grid;
}
.tool {
    border: 0;
    background: var(--paper);
    padding: 7px 3px 6px;
    font-size: 11px;
    color: var(--soft);
    cursor: pointer;
    display: grid;
    justify-items: center;
    gap: 1px;
    white-space: nowrap;
    letter-spacing: -0.02em;
}
.tool:hover {
    background: var(--card);
    color: var(--ink);
}
.tool[aria-pressed='true'] {
    background: var(--spruce-wash);
    color: var(--spruce);
    font-weight: 600;
    box-shadow: inset 0 -2px var(--spruce);
}
button:focus-visible {
    outline-offset: -2px;
}
path {
    fill: none;
    stroke: var(--ink);
    stroke-width: 1.5;
}
.tool[aria-pressed='true'] path {
    stroke: var(--spruce);
}
.more {
    position: absolute;
    top: 0;
    right: 0;
    width: 24px;
    height: 24px;
    padding: 0 0 4px 4px;
    border: 0;
    background: none;
    cursor: pointer;
    display: grid;
    place-items: center;
}
.more:hover {
    background: var(--well);
}
.more path {
    stroke: var(--soft);
}
</style>
