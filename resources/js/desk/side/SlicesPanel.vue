<script setup lang="ts">
import { useUnits } from '@/stores/units';
import { settled } from '@/desk/geometry';
import LengthField from '@/parts/LengthField.vue';
import TextField from '@/parts/TextField.vue';
import { useDesk } from '@/stores/desk';
import { computed } from 'vue';

/** The slices of the sheet: cut from what is selected, renamed, placed by numbers. */
const desk = useDesk();
const units = useUnits();
const chosen = computed(() => {
    const [only] = desk.selectedSlices;
    return desk.selectedSlices.length === 1 ? desk.slices.find((slice) => slice.id === only) : undefined;
});

function cut(): void {
    void desk.run('add-slice', {});
}

function cutSheet(): void {
    if (!desk.sheet) return;
    void desk.run('add-slice', { name: desk.sheet.name, x: 0, y: 0, w: desk.sheet.width, h: desk.sheet.height }, []);
}

function choose(event: MouseEvent, id: string): void {
    const others =
        event.shiftKey || event.ctrlKey || event.metaKey ? desk.selectedSlices.filter((other) => other !== id) : [];
    desk.selectedSlices = [...others, id];
}

const set = (side: 'x' | 'y' | 'w' | 'h') => (typed: string) =>
    desk.run('set-slice', {
        slices: desk.selectedSlices as [string, ...string[]],
        [side]: side === 'x' || side === 'y' ? units.fromZero(typed, side) : typed,
    });

function rename(name: string): void {
    void desk.run('set-slice', { slices: desk.selectedSlices as [string, ...string[]], name });
}

function remove(): void {
    void desk.run('delete-slice', { slices: desk.selectedSlices as [string, ...string[]] });
}
</script>

<template>
    <div class="slices">
        <div class="actions">
            <button class="btn" type="button" :disabled="desk.selection.length === 0" @click="cut">
                {{ desk.selection.length > 1 ? `Cut ${desk.selection.length} slices` : 'Cut a slice' }}
            </button>
            <button class="btn" type="button" @click="cutSheet">Whole sheet</button>
        </div>
        <p v-if="desk.slices.length === 0" class="empty">
            No slices yet. Select what is to become an asset and cut it: each item gets a slice of its own.
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
                    <i class="num">{{ units.text(slice.w) }} × {{ units.text(slice.h) }}</i>
                </button>
            </li>
        </ul>
        <div v-if="desk.selectedSlices.length" class="chosen">
            <template v-if="chosen">
                <TextField :key="chosen.id" :value="chosen.name" label="Name of the slice" @keep="rename" />
                <div class="fields">
                    <LengthField
                        v-for="side in ['x', 'y', 'w', 'h'] as const"
                        :key="side"
                        :label="side"
                        :name="`slice ${side}`"
                        :value="
                            settled(chosen[side] - (side === 'x' || side === 'y' ? (desk.sheet?.zero[side] ?? 0) : 0))
                        "
                        :apply="set(side)"
                    />
                </div>
            </template>
            <button class="btn" type="button" @click="remove">
                {{ chosen ? 'Delete slice' : `Delete ${desk.selectedSlices.length} slices` }}
            </button>
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
    background: #f1eee3;
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
.chosen {
    border-top: 1px solid var(--line);
    padding: 9px;
    display: grid;
    gap: 7px;
}
.fields {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.empty {
    padding: 6px 14px;
    color: var(--soft);
    line-height: 1.5;
    flex: 1;
}
</style>
