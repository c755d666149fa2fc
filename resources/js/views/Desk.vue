<script setup lang="ts">
import Bench from '@/desk/bench/Bench.vue';
import Stage from '@/desk/canvas/Stage.vue';
import CheckStamp from '@/desk/CheckStamp.vue';
import { useClipboard } from '@/desk/clipboard';
import FirstSteps from '@/desk/FirstSteps.vue';
import HistoryDrawer from '@/desk/drawer/HistoryDrawer.vue';
import CheckDrawer from '@/desk/drawer/CheckDrawer.vue';
import LookDrawer from '@/desk/drawer/LookDrawer.vue';
import TypeDrawer from '@/desk/drawer/TypeDrawer.vue';
import ItemMenu from '@/desk/ItemMenu.vue';
import { useDeskFocus } from '@/parts/focus';
import { useKeys } from '@/desk/keys';
import KeysDialog from '@/desk/KeysDialog.vue';
import ListDialog from '@/desk/table/ListDialog.vue';
import MatrixDialog from '@/desk/table/MatrixDialog.vue';
import SheetTabs from '@/desk/SheetTabs.vue';
import Side from '@/desk/side/Side.vue';
import StatusLine from '@/desk/StatusLine.vue';
import TopBar from '@/parts/TopBar.vue';
import { useDesk } from '@/stores/desk';
import { useSending } from '@/stores/sending';
import { useView } from '@/stores/view';
import { computed, onBeforeUnmount, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';

/** The editor: the sheet in the middle, the bench with the numbers under it. */
const LOOK_AGAIN = 2500;
const DRAWERS = [
    { drawer: 'look' as const, words: 'Look' },
    { drawer: 'type' as const, words: 'Type' },
    { drawer: 'check' as const, words: 'Check' },
    { drawer: 'history' as const, words: 'History' },
];
const desk = useDesk();
const view = useView();
const sending = useSending();
const route = useRoute();
const router = useRouter();
const { listOpen } = useKeys();
useDeskFocus();
useClipboard();
const missing = ref('');
/** another sheet of the document, where the one that was shown is gone */
const another = computed(() => {
    const sheet = desk.document?.sheets.find((one) => one.id !== desk.sheet?.id);
    return sheet && desk.deleted.startsWith('The sheet')
        ? { name: 'desk', params: { document: route.params.document, sheet: sheet.id } }
        : null;
});
const menu = ref<InstanceType<typeof ItemMenu> | null>(null);

async function open(): Promise<void> {
    missing.value = '';
    performance.clearMarks('sheet-shown');
    try {
        await desk.open(String(route.params.document), String(route.params.sheet));
        document.title = `${desk.sheet?.name ?? ''}, ${desk.document?.name ?? ''}: All Square`;
    } catch (error) {
        missing.value = (error as Error).message;
    }
}

watch(
    () => [route.params.document, route.params.sheet],
    ([document, sheet]) => document && sheet && void open(),
    { immediate: true },
);

watch(
    () => desk.elsewhere,
    (place) =>
        place && void router.push({ name: 'desk', params: { document: route.params.document, sheet: place.sheet } }),
);

/** The mark that says the sheet is painted. */
function shown(sheet: string): void {
    if (sheet === route.params.sheet) requestAnimationFrame(() => performance.mark('sheet-shown'));
    requestIdleCallback(() => (view.rested = true));
}

const timer = setInterval(() => {
    if (!document.hidden) void desk.lookAgain().catch(() => undefined);
}, LOOK_AGAIN);

function warn(event: BeforeUnloadEvent): void {
    if (sending.waiting > 0) event.preventDefault();
}

window.addEventListener('beforeunload', warn);
onBeforeUnmount(() => {
    clearInterval(timer);
    window.removeEventListener('beforeunload', warn);
});
</script>

<template>
    <div class="desk" :class="{ 'no-side': !view.sideOpen, drawer: view.drawer }">
        <TopBar>
            <span class="document" :title="desk.document?.name">{{ desk.document?.name }}</span>
            <SheetTabs route="desk" />
            <CheckStamp />
            <button class="btn" type="button" v-tooltip.bottom="'Ctrl Z'" @click="desk.travel('undo')">Undo</button>
            <button class="btn" type="button" v-tooltip.bottom="'Ctrl Shift Z'" @click="desk.travel('redo')">
                Redo
            </button>
            <RouterLink v-if="desk.sheet" class="btn main" :to="{ name: 'hand-over', params: route.params }"
                >Hand over</RouterLink
            >
        </TopBar>
        <div v-if="missing || desk.deleted" class="missing">
            <h1>{{ desk.deleted ? 'This is not there any more' : 'This sheet cannot be shown' }}</h1>
            <p>{{ missing || desk.deleted }}</p>
            <p>
                <button v-if="!desk.deleted" class="btn" type="button" @click="open">Try again</button>
                <RouterLink v-else-if="another" class="btn main" :to="another">To another sheet</RouterLink>
                <RouterLink class="btn" to="/">To the shelf</RouterLink>
            </p>
        </div>
        <template v-else>
            <Side v-show="view.sideOpen" />
            <main>
                <FirstSteps />
                <Stage @menu="(event, under, locked) => menu?.open(event, under, locked)" @shown="shown" />
            </main>
            <Bench v-show="view.benchOpen" />
            <div class="drawers">
                <button
                    v-for="one in DRAWERS"
                    :key="one.drawer"
                    type="button"
                    :aria-expanded="view.drawer === one.drawer"
                    @click="view.drawer = view.drawer === one.drawer ? null : one.drawer"
                >
                    {{ one.words }}
                </button>
            </div>
            <section v-if="view.drawer" class="open-drawer" :aria-label="view.drawer">
                <LookDrawer v-if="view.drawer === 'look'" />
                <TypeDrawer v-else-if="view.drawer === 'type'" />
                <CheckDrawer v-else-if="view.drawer === 'check'" />
                <HistoryDrawer v-else />
            </section>
        </template>
        <StatusLine @keys="listOpen = true" />
        <ItemMenu ref="menu" />
        <KeysDialog v-model:open="listOpen" />
        <ListDialog />
        <MatrixDialog />
    </div>
</template>

<style scoped>
.desk {
    display: grid;
    height: 100%;
    grid-template: 46px minmax(0, 1fr) auto 27px / 212px minmax(0, 1fr) 30px;
    overflow: hidden;
}
.desk.no-side {
    grid-template-columns: 0 minmax(0, 1fr) 30px;
}
.desk.drawer {
    grid-template-columns: 212px minmax(0, 1fr) 30px clamp(216px, 20vw, 264px);
}
.desk.no-side.drawer {
    grid-template-columns: 0 minmax(0, 1fr) 30px clamp(216px, 20vw, 264px);
}
.desk > :deep(header),
.desk > :deep(footer) {
    grid-column: 1 / -1;
}
.desk > :deep(footer) {
    grid-row: 4;
}
.desk > :deep(.side) {
    grid-area: 2 / 1;
}
.desk > :deep(.bench) {
    grid-area: 3 / 1 / 4 / -1;
}
main {
    position: relative;
    display: flex;
    flex-direction: column;
    min-width: 0;
    min-height: 0;
    grid-area: 2 / 2;
}
main > :deep(.stage) {
    flex: 1;
}
.drawers {
    grid-area: 2 / 3;
    background: var(--paper);
    border-left: 1px solid var(--line);
    display: flex;
    flex-direction: column;
    padding-top: 8px;
}
.drawers button {
    writing-mode: vertical-rl;
    border: 0;
    background: none;
    padding: 12px 6px;
    width: 100%;
    font-size: 12px;
    color: var(--soft);
    cursor: pointer;
    line-height: 17px;
}
.drawers button:hover {
    color: var(--ink);
    background: var(--well);
}
.drawers button[aria-expanded='true'] {
    color: var(--ink);
    font-weight: 600;
    box-shadow: inset 2px 0 var(--spruce);
}
.open-drawer {
    grid-area: 2 / 4;
    background: var(--paper);
    border-left: 1px solid var(--line);
    min-height: 0;
    overflow: hidden;
}
.missing {
    grid-area: 2 / 1 / 4 / -1;
    display: grid;
    gap: 12px;
    place-content: center;
    text-align: center;
}
</style>
