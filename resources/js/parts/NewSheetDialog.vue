<script setup lang="ts">
import type { NewSheet, UnitName } from '@/api/types';
import Dialog from 'primevue/dialog';
import InputText from 'primevue/inputtext';
import Select from 'primevue/select';
import { computed, reactive, watch } from 'vue';

/** An exact size for a new sheet or document. */
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

const pixels = computed(() => {
    const ppi = form.unit === 'px' ? 1 : Number(form.ppi) / PER_INCH[form.unit];
    return [form.width, form.height].map((side) => Math.floor(Number(side) * ppi + 0.5 + 1e-6));
});

const wrong = computed(() => {
    if (form.name.trim() === '') return 'Give it a name.';
    if ([form.width, form.height, form.ppi].some((typed) => !(Number(typed) > 0)))
        return 'Width, height and pixels per inch are numbers above 0.';
    if (pixels.value.some((side) => !(side >= 1 && side <= 30000)))
        return 'A sheet is from 1 to 30,000 px wide and high.';
    return '';
});

function make(): void {
    if (wrong.value) return;
    emit('make', form.name.trim(), {
        width: Number(form.width),
        height: Number(form.height),
        unit: form.unit,
        ppi: form.unit === 'px' ? 96 : Number(form.ppi),
    });
    open.value = false;
}
</script>

<template>
    <Dialog v-model:visible="open" modal :header="title" :style="{ width: '400px' }" :draggable="false">
        <form class="form" @submit.prevent="make">
            <label class="wide">{{ nameLabel }}<InputText v-model="form.name" autofocus maxlength="200" /></label>
            <label>Width<InputText v-model="form.width" class="num" inputmode="decimal" /></label>
            <label>Height<InputText v-model="form.height" class="num" inputmode="decimal" /></label>
            <label>Unit<Select v-model="form.unit" :options="UNITS" aria-label="Unit" /></label>
            <label v-if="form.unit !== 'px'"
                >Pixels per inch<InputText v-model="form.ppi" class="num" inputmode="decimal"
            /></label>
            <p class="wide" :class="{ wrong }">{{ wrong || `${pixels[0]} × ${pixels[1]} pixels` }}</p>
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
