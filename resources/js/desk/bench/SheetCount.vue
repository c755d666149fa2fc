<script setup lang="ts">
import { is } from '@/sheet/kinds';
import { useActions } from '@/desk/actions';
import LengthField from '@/parts/LengthField.vue';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { computed } from 'vue';

/** What is on the sheet, while nothing is selected: how many things, the unit of spacing, and how to begin. */
const desk = useDesk();
const units = useUnits();
const { actions } = useActions();

const counts = computed(() => {
    // What is combined is one thing.
    const all = [...desk.items.values()].filter(
        (item) => !desk.tree.ancestors(item.id).some((group) => is(group, 'shows-as-one')),
    );
    const groups = all.filter((item) => is(item, 'framed-by-items') && !is(item, 'shows-as-one')).length;
    const of = (count: number, one: string, more: string) => (count === 1 ? `1 ${one}` : `${count} ${more}`);
    return [
        of(all.length - groups, 'thing', 'things'),
        ...(groups ? [of(groups, 'group', 'groups')] : []),
        ...(desk.guides.length ? [of(desk.guides.length, 'guide', 'guides')] : []),
        ...(desk.slices.length ? [of(desk.slices.length, 'slice', 'slices')] : []),
    ].join(', ');
});
const spacing = (typed: string, _: string[], run?: string) =>
    desk.run('set-sheet', { unit_of_spacing: typed }, [], { run });
const none = () => void desk.run('set-sheet', { unit_of_spacing: null }, []);
</script>

<template>
    <div v-if="desk.sheet" class="sheet-count">
        <p>{{ desk.items.size === 0 ? 'Nothing on the sheet yet.' : `On the sheet: ${counts}.` }}</p>
        <div class="row">
            <LengthField
                label="unit of spacing"
                name="unit of spacing"
                :unit="units.unit"
                :value="desk.sheet.unit_of_spacing"
                :blank="desk.sheet.unit_of_spacing === null"
                hint="gaps and insets are made of it"
                :apply="spacing"
            />
            <button v-if="desk.sheet.unit_of_spacing !== null" class="btn" type="button" @click="none">None</button>
        </div>
        <div class="row">
            <button class="btn" type="button" :disabled="!actions.all.possible()" @click="actions.all.run()">
                Select all
            </button>
            <span>or draw a band round two things or more.</span>
        </div>
    </div>
</template>

<style scoped>
.sheet-count {
    display: grid;
    gap: 10px;
    justify-items: start;
}
.row {
    display: flex;
    align-items: center;
    gap: 8px;
    color: var(--soft);
    font-size: 12px;
}
.row :deep(.field) {
    width: 176px;
}
</style>
