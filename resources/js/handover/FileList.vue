<script setup lang="ts">
import { useHandover } from '@/stores/handover';
import { computed, ref } from 'vue';

/** The files that the archive will hold, before it is made. */
const handover = useHandover();
const SOME = 18;
const all = ref(false);
const files = computed(() => {
    const planned = new Map(handover.plan?.files.map((file) => [file.file, file]));
    return (handover.plan?.names ?? []).map((name) => {
        const file = planned.get(name);
        return { name, size: file ? `${file.width} × ${file.height}` : '' };
    });
});
const shown = computed(() => (all.value ? files.value : files.value.slice(0, SOME)));
</script>

<template>
    <section v-if="files.length">
        <h2>In the archive</h2>
        <ul class="num" aria-label="Files in the archive">
            <li v-for="file in shown" :key="file.name">
                {{ file.name }}<span>{{ file.size }}</span>
            </li>
        </ul>
        <button v-if="files.length > SOME" class="link" type="button" @click="all = !all">
            {{ all ? 'Only the first' : `and ${files.length - SOME} more` }}
        </button>
    </section>
</template>

<style scoped>
ul {
    columns: 2 270px;
    column-gap: 30px;
    font-size: 12px;
    color: var(--soft);
    line-height: 1.65;
}
li {
    display: flex;
    gap: 12px;
    justify-content: space-between;
    break-inside: avoid;
    overflow-wrap: anywhere;
}
span {
    white-space: nowrap;
    color: var(--ink);
}
</style>
