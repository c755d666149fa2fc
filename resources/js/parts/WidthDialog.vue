<script setup lang="ts">
import Dialog from 'primevue/dialog';
import InputText from 'primevue/inputtext';
import { computed, ref, watch } from 'vue';
import { readSum } from '@/sheet/sums';

/** At which other width a page is to be shown. */
const props = defineProps<{ name: string; taken: number[] }>();
const emit = defineEmits<{ make: [width: number] }>();
const open = defineModel<boolean>('open', { required: true });

const USUAL = [
    { width: 390, words: 'phone' },
    { width: 768, words: 'tablet' },
    { width: 1280, words: 'screen' },
    { width: 1920, words: 'wide screen' },
];
const typed = ref('390');
watch(open, (now) => {
    if (now) typed.value = String(USUAL.find((one) => !props.taken.includes(one.width))?.width ?? '');
});

const width = computed(() => readSum(typed.value));
const wrong = computed(() => {
    const px = width.value;
    if (px === null) return 'Type a width in px.';
    if (!(px >= 1 && px <= 30000)) return 'A page is from 1 to 30,000 px wide.';
    return props.taken.includes(Math.round(px)) ? 'The page is there at that width.' : '';
});

function make(): void {
    if (wrong.value || width.value === null) return;
    emit('make', width.value);
    open.value = false;
}
</script>

<template>
    <Dialog
        v-model:visible="open"
        modal
        :header="`“${name}” at another width`"
        :style="{ width: '400px' }"
        :draggable="false"
    >
        <form @submit.prevent="make">
            <label>Width<InputText v-model="typed" class="num" autofocus /></label>
            <div class="usual">
                <button
                    v-for="one in USUAL"
                    :key="one.width"
                    class="btn"
                    type="button"
                    :disabled="taken.includes(one.width)"
                    @click="typed = String(one.width)"
                >
                    {{ one.words }} <span class="num">{{ one.width }}</span>
                </button>
            </div>
            <p :class="{ wrong }" role="status">
                {{ wrong || 'Its rails, grid and pins propose where things lie. Words, pictures and looks stay one.' }}
            </p>
            <div class="actions">
                <button class="btn" type="button" @click="open = false">Cancel</button>
                <button class="btn main" type="submit" :disabled="wrong !== ''">Add width</button>
            </div>
        </form>
    </Dialog>
</template>

<style scoped>
form {
    display: grid;
    gap: 11px;
}
label {
    display: grid;
    gap: 4px;
    font-size: 12px;
    color: var(--soft);
    font-weight: 600;
}
.usual {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
}
.usual .num {
    color: var(--soft);
}
p {
    color: var(--soft);
    min-height: 36px;
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
