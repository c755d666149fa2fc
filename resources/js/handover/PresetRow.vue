<script setup lang="ts">
import { useHandover } from '@/stores/handover';
import InputText from 'primevue/inputtext';
import { nextTick, ref } from 'vue';

/** Settings by name: those that every document has, and those that were kept in this one. */
const handover = useHandover();
const naming = ref(false);
const name = ref('');
const row = ref<HTMLElement | null>(null);

async function begin(): Promise<void> {
    naming.value = true;
    name.value = '';
    await nextTick();
    row.value?.querySelector('input')?.focus();
}

async function keep(): Promise<void> {
    const wanted = name.value.trim();
    naming.value = false;
    if (wanted) await handover.keep(wanted);
}
</script>

<template>
    <div ref="row" class="presets" role="group" aria-label="Presets">
        <span v-for="preset in handover.presets" :key="preset.id ?? preset.name" class="preset">
            <button class="btn" type="button" :aria-pressed="handover.chosen === preset" @click="handover.use(preset)">
                {{ preset.name }}
            </button>
            <button
                v-if="preset.id"
                class="drop"
                type="button"
                :aria-label="`Delete the preset ${preset.name}`"
                @click="handover.forget(preset.id)"
            >
                ×
            </button>
        </span>
        <InputText
            v-if="naming"
            v-model="name"
            class="name"
            size="small"
            maxlength="200"
            placeholder="Name, Enter"
            aria-label="Name of the preset"
            @keydown.enter="keep"
            @keydown.esc.stop="naming = false"
            @blur="keep"
        />
        <button v-else-if="!handover.chosen" class="link" type="button" @click="begin">Keep as a preset</button>
    </div>
</template>

<style scoped>
.presets {
    display: flex;
    flex-wrap: wrap;
    gap: 6px;
    align-items: center;
}
.preset {
    position: relative;
}
.preset:has(.drop) .btn {
    padding-right: 24px;
}
.drop {
    position: absolute;
    right: 4px;
    top: 4px;
    width: 19px;
    height: 19px;
    padding: 0;
    border: 0;
    border-radius: 3px;
    background: none;
    color: var(--soft);
    cursor: pointer;
}
.drop:hover {
    color: var(--brick);
}
.name {
    width: 120px;
    height: 27px;
    font-size: 12px;
}
</style>
