<script setup lang="ts">
import { useActions, type Action } from '@/desk/actions';
import ContextMenu from 'primevue/contextmenu';
import { computed, ref } from 'vue';

/** What can be done with what is selected, where the pointer is. */
const { actions } = useActions();
const menu = ref<InstanceType<typeof ContextMenu> | null>(null);

const entry = (action: Action) => ({
    label: action.words,
    keys: action.keys,
    disabled: !action.possible(),
    command: action.run,
});
const entries = computed(() => [
    entry(actions.duplicate),
    entry(actions.delete),
    { separator: true },
    entry(actions.group),
    entry(actions.ungroup),
    entry(actions.front),
    entry(actions.forward),
    entry(actions.backward),
    entry(actions.back),
    { separator: true },
    entry(actions.lock),
    entry(actions.hide),
    entry(actions.slice),
    { separator: true },
    entry(actions.all),
]);

defineExpose({ open: (event: MouseEvent) => menu.value?.show(event) });
</script>

<template>
    <ContextMenu ref="menu" :model="entries">
        <template #item="{ item, props }">
            <a v-bind="props.action" class="entry">
                <span>{{ item.label }}</span>
                <kbd class="num">{{ item.keys }}</kbd>
            </a>
        </template>
    </ContextMenu>
</template>

<style scoped>
.entry {
    display: flex;
    justify-content: space-between;
    gap: 24px;
    width: 100%;
    min-width: 190px;
    font-size: 12.5px;
}
kbd {
    color: var(--soft);
    font-size: 11.5px;
}
</style>
