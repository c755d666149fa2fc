<script setup lang="ts">
import { Problem } from '@/api/client';
import SheetTabs from '@/desk/SheetTabs.vue';
import ArchiveList from '@/handover/ArchiveList.vue';
import FileList from '@/handover/FileList.vue';
import OrderSettings from '@/handover/OrderSettings.vue';
import PresetRow from '@/handover/PresetRow.vue';
import SheetWithSlices from '@/handover/SheetWithSlices.vue';
import SliceTable from '@/handover/SliceTable.vue';
import { counted } from '@/handover/words';
import TopBar from '@/parts/TopBar.vue';
import { useDesk } from '@/stores/desk';
import { useHandover } from '@/stores/handover';
import { computed, nextTick, onBeforeUnmount, ref, watch } from 'vue';
import { useRoute } from 'vue-router';

/** Handing over: which slices, how; the list of files before they are made; the archives. */
const desk = useDesk();
const handover = useHandover();
const route = useRoute();
const failed = ref('');
const pointed = ref<string | null>(null);

watch(
    () => [route.params.document, route.params.sheet],
    async ([document, sheet]) => {
        if (!document || !sheet) return;
        try {
            await desk.open(String(document), String(sheet));
            handover.left = [];
            failed.value = '';
            globalThis.document.title = `Hand over ${desk.sheet?.name ?? ''}: All Square`;
            await handover.look();
        } catch (error) {
            failed.value = error instanceof Problem ? error.message : 'The server does not answer. Is it running?';
        }
    },
    { immediate: true },
);
onBeforeUnmount(handover.leave);

const files = computed(() => handover.plan?.files.length ?? 0);
const askew = computed(
    () =>
        new Set(
            handover.plan?.warnings
                .filter((one) => ['off-pixel', 'fraction'].includes(one.kind))
                .map((one) => one.slice),
        ),
);

/** Why it cannot be made, if it cannot. */
const hindrance = computed(() => {
    if (failed.value) return failed.value;
    const { settings, measured, sheets } = handover;
    const more = measured || sheets !== 'none';
    if (settings.formats.length === 0) return 'No format is chosen.';
    if (settings.scales.length === 0) return 'No size is chosen.';
    if (desk.slices.length === 0 && !more) return 'There are no slices on this sheet yet.';
    if (handover.taken.length === 0 && !more) return 'No slice is taken.';
    const large = handover.plan?.warnings.find((one) => one.kind === 'too-large');
    return handover.trouble || (large ? `Too large: ${large.text}.` : '');
});

const line = computed(() => {
    const making = handover.archives.find((one) => one.id === handover.wanted);
    if (making) return making.state === 'making' ? `Making: ${making.done} of ${making.total}` : 'Waits its turn';
    return hindrance.value;
});

async function make(): Promise<void> {
    if (hindrance.value || handover.wanted) return;
    try {
        await handover.make();
    } catch (error) {
        failed.value = error instanceof Problem ? error.message : 'The server does not answer. Try again.';
    }
}

function putRight(towards: 'outward' | 'nearest'): void {
    const slices = [...askew.value] as [string, ...string[]];
    void desk.run('whole-slices', { slices, towards, scales: handover.settings.scales as [string, ...string[]] }, []);
}

/** One slice, as large as the sheet and called as it is. */
function cutSheet(): void {
    if (!desk.sheet) return;
    const { width, height, name } = desk.sheet;
    void desk.run('add-slice', { x: 0, y: 0, w: width, h: height, name }, []);
}

/** The one thing that this screen is for has the focus as soon as it can be done, where nothing else was taken. */
const main = ref<HTMLButtonElement | null>(null);
watch(
    () => hindrance.value === '' && main.value !== null,
    async (ready) => {
        await nextTick();
        if (ready && document.activeElement === document.body) main.value?.focus({ preventScroll: true });
    },
    { immediate: true },
);
</script>

<template>
    <div class="page">
        <TopBar>
            <span class="document">{{ desk.document?.name }}</span>
            <SheetTabs route="hand-over" fixed />
            <RouterLink class="btn" :to="{ name: 'measured', params: route.params }">Measured sheet</RouterLink>
            <RouterLink class="btn" :to="{ name: 'desk', params: route.params }">Back to the desk</RouterLink>
        </TopBar>
        <div class="left">
            <SheetWithSlices
                v-if="desk.sheet"
                :sheet="desk.sheet"
                :slices="desk.slices"
                :revision="desk.revision"
                :left="handover.left"
                :pointed="pointed"
            />
            <FileList />
            <ArchiveList />
        </div>
        <section class="right" aria-label="Hand over" @mouseleave="pointed = null">
            <div class="head">
                <h1>Hand over</h1>
                <p>
                    {{ counted(handover.taken.length, 'slice') }}, {{ counted(files, 'file')
                    }}<template v-if="handover.plan && handover.plan.megapixels >= 0.05"
                        >, {{ handover.plan.megapixels.toFixed(1) }} megapixels</template
                    >
                </p>
                <PresetRow />
            </div>
            <p v-if="askew.size" class="askew">
                {{ askew.size === 1 ? 'One slice does' : `${askew.size} slices do` }} not come to whole pixels.
                <span>
                    <button class="btn" type="button" @click="putRight('outward')">Grow to whole pixels</button>
                    <button class="btn" type="button" @click="putRight('nearest')">Move to the nearest</button>
                </span>
            </p>
            <div v-if="desk.slices.length === 0" class="empty">
                <p>Nothing is cut yet.</p>
                <p>
                    Go back to the desk, select what is to become an asset, and press “Cut” under Slices, or Ctrl K. A
                    whole sheet can be handed over as PDF, or measured, without any.
                </p>
                <button v-if="desk.sheet" class="btn" type="button" @click="cutSheet">Cut the whole sheet</button>
            </div>
            <SliceTable v-else @point="pointed = $event" />
            <div class="foot">
                <OrderSettings />
                <div class="make">
                    <p :class="{ wrong: hindrance && !handover.wanted }" role="status">{{ line }}</p>
                    <button
                        ref="main"
                        class="btn main"
                        type="button"
                        :disabled="hindrance !== '' || handover.wanted !== null"
                        @click="make"
                    >
                        Make the archive
                    </button>
                </div>
            </div>
        </section>
    </div>
</template>

<style scoped>
.page {
    display: grid;
    grid-template: 46px minmax(0, 1fr) / minmax(0, 1fr) minmax(500px, 46%);
    height: 100%;
}
.page > :deep(header) {
    grid-column: 1 / -1;
}
.left {
    padding: 24px 28px;
    overflow: auto;
    min-width: 0;
    display: grid;
    gap: 18px;
    align-content: start;
}
.left :deep(h2) {
    font-size: 13px;
    margin: 0 0 4px;
}
.left :deep(ul) {
    list-style: none;
    margin: 0;
    padding: 0;
}
.right {
    display: flex;
    flex-direction: column;
    background: var(--paper);
    border-left: 1px solid var(--line);
    min-width: 0;
    min-height: 0;
}
.head {
    display: grid;
    gap: 6px;
    padding: 14px 18px 10px;
}
.head h1 {
    font-size: 18px;
}
.head p {
    color: var(--soft);
}
.askew {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    justify-content: space-between;
    gap: 6px 10px;
    padding: 7px 10px;
    margin: 0 18px 8px;
    border-radius: 4px;
    background: var(--brick-wash);
    color: var(--brick-text);
}
.askew span {
    display: flex;
    gap: 6px;
}
.empty .btn {
    justify-self: start;
}
.empty {
    flex: 1;
    padding: 30px 18px;
    color: var(--soft);
    display: grid;
    gap: 6px;
    align-content: start;
}
.foot {
    border-top: 1px solid var(--line);
    padding: 11px 18px;
    display: grid;
    gap: 9px;
}
.make {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 14px;
}
.make .btn {
    height: 33px;
    padding: 0 18px;
    font-size: 13px;
}
.make p {
    color: var(--soft);
    min-width: 0;
}
.make p.wrong {
    color: var(--brick);
}
</style>
