<script setup lang="ts">
import { api, Problem } from '@/api/client';
import type { Item } from '@/api/types';
import { useActions, type Action } from '@/desk/actions';
import { focusBack } from '@/parts/focus';
import { useDesk } from '@/stores/desk';
import { useUnits } from '@/stores/units';
import { useView } from '@/stores/view';
import ContextMenu from 'primevue/contextmenu';
import { computed, nextTick, ref, shallowRef } from 'vue';
import { useRoute, useRouter } from 'vue-router';

/** What can be done with what is selected, where the pointer is. */
const { actions } = useActions();
const desk = useDesk();
const view = useView();
const units = useUnits();
const route = useRoute();
const router = useRouter();
/** what lies under the pointer, the foremost first */
const beneath = shallowRef<Item[]>([]);
/** what is locked and lies under the pointer, which lets it through */
const lockedHere = shallowRef<Item[]>([]);
const MOST = 20;
const MOST_LOCKED = 3;
const menu = ref<InstanceType<typeof ContextMenu> | null>(null);

const entry = (action: Action) => ({
    label: action.words,
    keys: action.keys,
    disabled: !action.possible(),
    command: action.run,
});
function pick(item: Item): void {
    desk.select([item.id]);
    view.picked = item.id;
}

/** Where an entry led nowhere else, the keys of the desk count again. */
const focusLater = () => void nextTick(() => focusBack(null));

/** Another arrangement of what is selected, on a sheet beside this one. */
async function vary(): Promise<void> {
    const sheet = desk.sheet;
    if (!sheet || !desk.document) return;
    try {
        const made = await api.addVariant(sheet.id, desk.selection);
        units.take(sheet.id, made.id);
        await router.push({ name: 'desk', params: { document: desk.document.id, sheet: made.id } });
        desk.say(`Made "${made.name}" for another arrangement. Compare it from the menu of its tab.`);
    } catch (error) {
        desk.say(error instanceof Problem ? error.message : 'The server does not answer.', 'refused');
    }
}

function measure(): void {
    void router.push({ name: 'measured', params: route.params });
}

const entries = computed(() => [
    entry(actions.duplicate),
    entry(actions.delete),
    entry(actions.again),
    { separator: true },
    entry(actions.copyPlace),
    entry(actions.pastePlace),
    entry(actions.copyLook),
    entry(actions.pasteLook),
    { separator: true },
    entry(actions.group),
    entry(actions.ungroup),
    {
        label: 'Trays, rails and tables',
        keys: '',
        items: [
            entry(actions.tray),
            entry(actions.clip),
            entry(actions.rail),
            entry(actions.table),
            entry(actions.apart),
            entry(actions.mask),
            entry(actions.running),
            ...(desk.sheet?.page ? [entry(actions.atWidths)] : []),
        ],
    },
    entry(actions.release),
    entry(actions.onCircle),
    entry(actions.toPath),
    entry(actions.editPoints),
    ...(actions.coverSheet.possible()
        ? [entry(actions.movePicture), entry(actions.realPixels), entry(actions.coverSheet)]
        : []),
    entry(actions.front),
    entry(actions.forward),
    entry(actions.backward),
    entry(actions.back),
    { separator: true },
    entry(actions.lock),
    entry(actions.hide),
    entry(actions.reference),
    entry(actions.slice),
    {
        label: desk.selection.length > 0 ? 'Measured sheet of these' : 'Measured sheet',
        keys: '',
        command: measure,
    },
    {
        label: 'Variant of the selection',
        keys: '',
        disabled: desk.selection.length === 0,
        command: () => void vary(),
    },
    { separator: true },
    ...(beneath.value.length > 1
        ? [
              {
                  label: 'Lying here',
                  keys: '',
                  items: beneath.value.map((item) => ({
                      label: item.name,
                      keys: item.kind,
                      command: () => pick(item),
                  })),
              },
          ]
        : []),
    {
        label: 'Select',
        keys: '',
        items: [
            entry(actions.all),
            entry(actions.inverse),
            entry(actions.alikeKind),
            entry(actions.alikeSize),
            entry(actions.alikeLook),
            entry(actions.originals),
        ],
    },
    entry(actions.showAll),
    ...lockedHere.value.map((item) => ({
        label: `Unlock "${item.name}"`,
        keys: '',
        command: () => void desk.run('set', item.reference ? { reference: false } : { locked: false }, [item.id]),
    })),
    entry(actions.unlockAll),
]);

defineExpose({
    open(event: MouseEvent, under: Item[] = [], locked: Item[] = []): void {
        beneath.value = under.slice(0, MOST);
        lockedHere.value = locked.slice(0, MOST_LOCKED);
        menu.value?.show(event);
    },
});
</script>

<template>
    <!-- A menu item has no level (WAI-ARIA 1.2). -->
    <ContextMenu
        ref="menu"
        :model="entries"
        :pt="{ item: { 'aria-level': null, 'aria-label': null } }"
        @hide="focusLater"
    >
        <template #item="{ item, props }">
            <a v-bind="props.action" class="entry">
                <span>{{ item.label }}</span>
                <kbd class="num">{{ item.items ? '▸' : item.keys }}</kbd>
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
