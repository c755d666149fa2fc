<script setup lang="ts">
import Dialog from 'primevue/dialog';
import { KEYS } from './keyList';

const open = defineModel<boolean>('open', { required: true });
</script>

<template>
    <Dialog
        :pt="{ content: { tabindex: 0 } }"
        v-model:visible="open"
        modal
        header="Keys"
        :style="{ width: 'min(820px, calc(100vw - 40px))' }"
        :draggable="false"
        dismissable-mask
    >
        <div class="columns">
            <section v-for="part in KEYS" :key="part.about">
                <h3>{{ part.about }}</h3>
                <dl>
                    <div v-for="[keys, words] in part.keys" :key="keys">
                        <dt class="num">{{ keys }}</dt>
                        <dd>{{ words }}</dd>
                    </div>
                </dl>
            </section>
        </div>
    </Dialog>
</template>

<style scoped>
.columns {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 14px 28px;
}
h3 {
    margin: 0 0 4px;
    font-size: 12.5px;
}
dl {
    margin: 0;
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
