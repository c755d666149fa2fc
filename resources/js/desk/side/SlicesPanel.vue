<script setup lang="ts">
import { is } from '@/sheet/kinds';
import type { Commands } from '@/api/commands.gen';
import type { Slice } from '@/api/types';
import { useUnits } from '@/stores/units';
import { rounded } from '@/sheet/geometry';
import LengthField from '@/parts/LengthField.vue';
import TextField from '@/parts/TextField.vue';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import Menu from 'primevue/menu';
import { computed, ref } from 'vue';

/** The slices of the sheet: drawn, cut from items, along guides or the grid; renamed, placed by numbers. */
const desk = useDesk();
const view = useView();
const units = useUnits();
const menu = ref<InstanceType<typeof Menu> | null>(null);
const pattern = ref('');
const chosen = computed(() => {
    const [only] = desk.selectedSlices;
    return desk.selectedSlices.length === 1 ? desk.slices.find((slice) => slice.id === only) : undefined;
});
const several = computed(() => desk.selection.length > 1);

function cut(params: Commands['add-slice'], ids = desk.selection): void {
    const name = pattern.value.trim();
    void desk.run('add-slice', { ...(name ? { name } : {}), ...params }, ids);
}

function cutSheet(): void {
    if (desk.sheet) cut({ name: desk.sheet.name, x: 0, y: 0, w: desk.sheet.width, h: desk.sheet.height }, []);
}

const ways = computed(() => {
    const hasGroup = desk.selected.some((item) => is(item, 'framed-by-items'));
    const hasTable = desk.selected.length > 0 && desk.selected.every((item) => is(item, 'has-cells'));
    const crossed = desk.guides.length > 0;
    const hasGrid = Boolean(desk.sheet?.grid.columns ?? desk.sheet?.grid.rows);
    return [
        { label: 'The selected ones as one', disabled: !several.value, command: () => cut({ as: 'one' }) },
        {
            label: 'Every child of the group',
            disabled: !hasGroup,
            command: () => cut({ as: 'children', follow: true }),
        },
        { label: 'Every row of the table', disabled: !hasTable, command: () => cut({ as: 'rows' }) },
        { label: 'Every cell of the table', disabled: !hasTable, command: () => cut({ as: 'cells' }) },
        { separator: true },
        { label: 'Along the guides', disabled: !crossed, command: () => cut({ along: 'guides' }, []) },
        { label: 'Along the grid’s cells', disabled: !hasGrid, command: () => cut({ along: 'grid' }, []) },
        { label: 'The whole sheet', command: cutSheet },
    ];
});

const isOff = (slice: Slice) => [slice.x, slice.y, slice.w, slice.h].some((length) => length % 1 !== 0);

function choose(event: MouseEvent, id: string): void {
    const adding = event.shiftKey || event.ctrlKey || event.metaKey;
    const others = adding ? desk.selectedSlices.filter((other) => other !== id) : [];
    const leaves = adding && desk.selectedSlices.includes(id);
    desk.select([]);
    desk.selectedSlices = leaves ? others : [...others, id];
}

const ids = () => desk.selectedSlices as [string, ...string[]];
const set = (side: 'x' | 'y' | 'w' | 'h') => (typed: string) =>
    desk.run(
        'set-slice',
        { slices: ids(), [side]: side === 'x' || side === 'y' ? units.fromZero(typed, side) : typed },
        [],
    );
const rename = (name: string) => void desk.run('set-slice', { slices: ids(), name }, []);
const remove = () => void desk.run('delete-slice', { slices: ids() }, []);
</script>

<template>
    <div class="slices">
        <div class="actions">
            <button
                class="btn"
                type="button"
                :disabled="desk.selection.length === 0"
                v-tooltip.bottom="'A slice for each, which follows it (Ctrl K)'"
                @click="cut({ follow: true })"
            >
                {{ several ? `Cut ${desk.selection.length} slices` : 'Cut a slice' }}
            </button>
            <button
                class="btn icon"
                type="button"
                aria-haspopup="true"
                aria-label="Other ways to cut"
                @click="menu?.toggle($event)"
            >
                <svg width="10" height="8" aria-hidden="true"><path d="M1 2 5 6 9 2" /></svg>
            </button>
            <button
                class="btn"
                type="button"
                :aria-pressed="view.tool === 'slice'"
                v-tooltip.bottom="'Drag from corner to corner (x)'"
                @click="view.tool = view.tool === 'slice' ? 'select' : 'slice'"
            >
                Draw a slice
            </button>
            <button
                class="btn icon"
                type="button"
                :aria-pressed="view.showSlices"
                :aria-label="view.showSlices ? 'Hide the slices on the sheet' : 'Show the slices on the sheet'"
                v-tooltip.bottom="'Slices on the sheet (k)'"
                @click="view.showSlices = !view.showSlices"
            >
                <svg width="14" height="14" aria-hidden="true"><path d="M1 4V1h3M10 1h3v3M13 10v3h-3M4 13H1v-3" /></svg>
            </button>
            <Menu ref="menu" :model="ways" popup />
            <TextField
                class="pattern"
                :value="pattern"
                label="Names of new slices"
                placeholder="names: {item}, icons/{nn}"
                v-tooltip.bottom="'{sheet} {item} {n} {nn} {row} {column} are filled in; / makes folders'"
                @keep="pattern = $event"
                @done="undefined"
            />
            <button v-if="pattern" class="link" type="button" @click="pattern = ''">named after their items</button>
        </div>
        <p v-if="desk.slices.length === 0" class="empty">
            No slices yet. Select what is to become an asset and cut it: each item gets a slice of its own that follows
            it. Or draw one, or cut along the guides.
        </p>
        <ul v-else aria-label="Slices">
            <li v-for="slice in desk.slices" :key="slice.id">
                <button
                    type="button"
                    :class="{ on: desk.selectedSlices.includes(slice.id) }"
                    :aria-pressed="desk.selectedSlices.includes(slice.id)"
                    @click="choose($event, slice.id)"
                >
                    <span>{{ slice.name }}</span>
                    <i
                        class="num"
                        :class="{ off: isOff(slice) }"
                        :title="isOff(slice) ? 'It lies off the pixel. Handing over puts it right' : undefined"
                        >{{ units.text(slice.w) }} × {{ units.text(slice.h) }}</i
                    >
                </button>
            </li>
        </ul>
        <div v-if="desk.selectedSlices.length" class="chosen">
            <TextField
                :key="desk.selectedSlices.join()"
                :value="chosen?.name ?? ''"
                :label="chosen ? 'Name of the slice' : 'Names of the slices'"
                placeholder="rename: icons/{nn}"
                @keep="rename"
            />
            <div v-if="chosen" class="fields">
                <LengthField
                    v-for="side in ['x', 'y', 'w', 'h'] as const"
                    :key="side"
                    :label="side"
                    :name="`slice ${side}`"
                    :value="rounded(chosen[side] - (side === 'x' || side === 'y' ? (desk.sheet?.zero[side] ?? 0) : 0))"
                    :apply="set(side)"
                />
            </div>
            <div class="two">
                <button class="btn" type="button" @click="view.drawer = 'look'">How it is cut</button>
                <button class="btn" type="button" @click="remove">
                    {{ chosen ? 'Delete' : `Delete ${desk.selectedSlices.length}` }}
                </button>
            </div>
        </div>
    </div>
</template>

<style scoped>
.slices {
    flex: 1;
    min-height: 0;
    display: flex;
    flex-direction: column;
}
.actions {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 6px;
    padding: 9px;
}
.actions .pattern,
.actions .link {
    grid-column: 1 / -1;
}
.actions path {
    fill: none;
    stroke: currentcolor;
    stroke-width: 1.5;
}
.icon {
    width: 29px;
    padding: 0;
}
ul {
    list-style: none;
    margin: 0;
    padding: 0;
    flex: 1;
    overflow: auto;
    min-height: 0;
}
li button {
    display: flex;
    justify-content: space-between;
    gap: 8px;
    width: 100%;
    height: 26px;
    align-items: center;
    padding: 0 10px;
    border: 0;
    background: none;
    text-align: left;
    cursor: pointer;
}
li button:hover {
    background: var(--over);
}
li button.on {
    background: var(--ochre-wash);
}
li button:focus-visible {
    outline-offset: -2px;
}
li span {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
li i {
    font-style: normal;
    color: var(--soft);
    font-size: 11.5px;
    white-space: nowrap;
}
li i.off {
    color: var(--brick);
}
.chosen {
    border-top: 1px solid var(--line);
    padding: 9px;
    display: grid;
    gap: 7px;
}
.fields,
.two {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.two {
    grid-template-columns: 1fr auto;
}
.empty {
    padding: 6px 14px;
    color: var(--soft);
    line-height: 1.5;
    flex: 1;
}
</style>
