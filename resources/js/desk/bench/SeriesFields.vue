<script setup lang="ts">
import type { Commands } from '@/api/commands.gen';
import type { Item, Series } from '@/api/types';
import { useActions } from '@/desk/actions';
import LengthField from '@/parts/LengthField.vue';
import { readSum } from '@/sheet/sums';
import { useDesk } from '@/stores/desk';
import { computed, ref } from 'vue';

/** The numbers of a series, each a field: how many, how far apart. With the extent kept, the gaps follow. */
const props = defineProps<{ group: Item }>();
const desk = useDesk();
const { actions } = useActions();
const keep = ref(false);

type Name = keyof Commands['set-series'];
const FIELDS: Record<Series['kind'], { name: Name; label: string; whole?: boolean; unit?: string }[]> = {
    block: [
        { name: 'columns', label: 'columns', whole: true },
        { name: 'rows', label: 'rows', whole: true },
        { name: 'column_gap', label: 'gap ↔' },
        { name: 'row_gap', label: 'gap ↕' },
        { name: 'count', label: 'in all', whole: true },
    ],
    steps: [
        { name: 'count', label: 'in all', whole: true },
        { name: 'dx', label: 'across' },
        { name: 'dy', label: 'down' },
        { name: 'angle', label: 'turn', whole: true, unit: '°' },
        { name: 'inset', label: 'inset per copy' },
    ],
    ring: [
        { name: 'count', label: 'in all', whole: true },
        { name: 'radius', label: 'radius' },
        { name: 'start', label: 'start', whole: true, unit: '°' },
        { name: 'sweep', label: 'sweep', whole: true, unit: '°' },
        { name: 'every', label: 'front at every', whole: true },
    ],
};
const WORDS = { block: 'Rows and columns', steps: 'Steps', ring: 'Ring' };

const series = computed(() => props.group.fields.series ?? null);
const members = computed(() => desk.tree.children(props.group.id).length);
const fields = computed(() => (series.value ? FIELDS[series.value.kind] : []));
const canKeep = computed(() => series.value?.kind !== 'ring');

function shown(name: Name): number | null {
    if (!series.value) return null;
    if (name === 'count') return members.value;
    if (name === 'rows') return Math.ceil(members.value / (series.value.columns ?? 1));
    const value = series.value[name as keyof Series];
    return typeof value === 'number' ? value : null;
}

const apply = (name: Name, whole: boolean) => (typed: string, ids: string[]) => {
    const figure = readSum(typed);
    if (whole && figure === null) {
        desk.say(`"${typed}" cannot be read as a number.`, 'refused');
        return Promise.resolve(false);
    }
    const value = whole ? (figure ?? 0) : typed;
    return desk.run('set-series', { [name]: value, ...(keep.value && canKeep.value ? { extent: 'keep' } : {}) }, ids);
};
</script>

<template>
    <div v-if="series" class="series">
        <p>
            {{ WORDS[series.kind] }} of <b class="num">{{ members }}</b>. A look given to one goes to all.
        </p>
        <div class="fields">
            <LengthField
                v-for="field in fields"
                :key="field.name"
                :label="field.label"
                :name="`series ${field.name}`"
                :unit="field.unit"
                :plain="field.whole"
                :value="shown(field.name)"
                :blank="shown(field.name) === null"
                :hint="shown(field.name) === null ? 'by the extent' : undefined"
                :apply="apply(field.name, field.whole ?? false)"
            />
        </div>
        <div class="row">
            <label v-if="canKeep"><input v-model="keep" type="checkbox" /> in the same extent</label>
            <button class="btn" type="button" @click="actions.ungroup.run()">Break up</button>
        </div>
    </div>
</template>

<style scoped>
.series {
    display: grid;
    gap: 8px;
}
p {
    font-size: 12px;
    color: var(--soft);
}
b {
    color: var(--ink);
}
.fields {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 112px));
    gap: 6px;
}
.row {
    display: flex;
    gap: 14px;
    align-items: center;
    font-size: 12px;
}
.row label {
    display: flex;
    gap: 5px;
    align-items: center;
}
input[type='checkbox'] {
    accent-color: var(--spruce);
    margin: 0;
}
</style>
