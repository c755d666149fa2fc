<script setup lang="ts">
import type { NewSheet, UnitName } from '@/api/types';
import Dialog from 'primevue/dialog';
import InputText from 'primevue/inputtext';
import Select from 'primevue/select';
import { computed, reactive, ref, watch } from 'vue';
import { readLength } from './lengths';
import { readSum } from '@/sheet/sums';

/** An exact size for a new sheet or document: sums and units in every field. */
const props = defineProps<{ title: string; button: string; named: string; nameLabel: string; start?: NewSheet }>();
const emit = defineEmits<{ make: [name: string, sheet: NewSheet] }>();
const open = defineModel<boolean>('open', { required: true });

const UNITS: UnitName[] = ['px', 'mm', 'cm', 'in', 'pt', 'pc'];
const PER_INCH: Record<Exclude<UnitName, 'px'>, number> = { mm: 25.4, cm: 2.54, in: 1, pt: 72, pc: 6 };
const form = reactive({ name: '', width: '', height: '', unit: 'px' as UnitName, ppi: '96' });

watch(open, (now) => {
    if (!now) return;
    const start = props.start ?? { width: 1280, height: 800, unit: 'px', ppi: 96 };
    Object.assign(form, {
        name: props.named,
        width: String(start.width),
        height: String(start.height),
        unit: start.unit,
        ppi: String(start.ppi),
    });
});

/** The sides in the chosen unit, as they were read; null while that is being done, words where it cannot be. */
const sides = ref<(number | string | null)[]>([null, null]);
const ppi = computed(() => (form.unit === 'px' ? 96 : (readSum(form.ppi) ?? 0)));
const perUnit = computed(() => (form.unit === 'px' ? 1 : ppi.value / PER_INCH[form.unit]));

watch(
    () => [form.width, form.height, form.unit, ppi.value] as const,
    async ([width, height]) => {
        sides.value = [readSum(width), readSum(height)];
        const read = await Promise.all([width, height].map(side));
        if (width === form.width && height === form.height) sides.value = read;
    },
    { immediate: true },
);

/** Plain sums are read here, those with units by the server. */
async function side(typed: string): Promise<number | string> {
    const plain = readSum(typed);
    if (plain !== null) return plain;
    if (!(ppi.value >= 1)) return 'Type the pixels per inch first.';
    const px = await readLength(typed, { unit: form.unit, ppi: ppi.value });
    return typeof px === 'string' ? px : Math.round((px / perUnit.value) * 1e9) / 1e9;
}

const pixels = computed(() =>
    sides.value.map((one) => (typeof one === 'number' ? Math.floor(one * perUnit.value + 0.5 + 1e-6) : 0)),
);

const wrong = computed(() => {
    if (form.name.trim() === '') return 'Give it a name.';
    const unread = sides.value.find((one) => typeof one === 'string');
    if (unread !== undefined) return String(unread);
    if (!(ppi.value >= 1 && ppi.value <= 2400)) return 'Pixels per inch are a number from 1 to 2,400.';
    if (sides.value.some((one) => typeof one === 'number' && one <= 0)) return 'Width and height are more than 0.';
    if (pixels.value.some((one) => !(one >= 1 && one <= 30000))) return 'A sheet is from 1 to 30,000 px wide and high.';
    return '';
});

function make(): void {
    const [width, height] = sides.value;
    if (wrong.value || typeof width !== 'number' || typeof height !== 'number') return;
    emit('make', form.name.trim(), { width, height, unit: form.unit, ppi: ppi.value });
    open.value = false;
}
</script>

<template>
    <Dialog v-model:visible="open" modal :header="title" :style="{ width: '400px' }" :draggable="false">
        <form class="form" @submit.prevent="make">
            <label class="wide">{{ nameLabel }}<InputText v-model="form.name" autofocus maxlength="200" /></label>
            <label>Width<InputText v-model="form.width" class="num" /></label>
            <label>Height<InputText v-model="form.height" class="num" /></label>
            <label>Unit<Select v-model="form.unit" :options="UNITS" aria-label="Unit" /></label>
            <label v-if="form.unit !== 'px'">Pixels per inch<InputText v-model="form.ppi" class="num" /></label>
            <p class="wide" :class="{ wrong }" role="status">{{ wrong || `${pixels[0]} × ${pixels[1]} pixels` }}</p>
            <div class="wide actions">
                <button class="btn" type="button" @click="open = false">Cancel</button>
                <button class="btn main" type="submit" :disabled="wrong !== ''">{{ button }}</button>
            </div>
        </form>
    </Dialog>
</template>

<style scoped>
.form {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 11px;
}
.wide {
    grid-column: 1 / -1;
}
label {
    display: grid;
    gap: 4px;
    font-size: 12px;
    color: var(--soft);
    font-weight: 600;
}
p {
    color: var(--soft);
    min-height: 18px;
}
p.wrong {
    color: var(--brick);
}
.actions {
    display: flex;
    justify-content: flex-end;
    gap: 8px;
}
.actions .btn {
    height: 31px;
    padding: 0 14px;
}
</style>
