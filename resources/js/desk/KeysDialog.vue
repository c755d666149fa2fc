<script setup lang="ts">
import Dialog from 'primevue/dialog';
import { KEYS } from './keys';

const open = defineModel<boolean>('open', { required: true });
</script>

<template>
    <Dialog v-model:visible="open" modal header="Keys" :style="{ width: '720px' }" :draggable="false" dismissable-mask>
        <dl>
            <div v-for="[keys, words] in KEYS" :key="keys">
                <dt class="num">{{ keys }}</dt>
                <dd>{{ words }}</dd>
            </div>
        </dl>
    </Dialog>
</template>

<style scoped>
dl {
    margin: 0;
    columns: 2;
    column-gap: 28px;
}
dl div {
    display: grid;
    grid-template-columns: 150px 1fr;
    gap: 10px;
    padding: 4px 0;
    break-inside: avoid;
    border-bottom: 1px solid var(--desk);
}
dt {
    font-size: 12px;
}
dd {
    margin: 0;
    color: var(--soft);
}
</style>
