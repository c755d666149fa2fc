<script setup lang="ts">
import { api, Problem } from '@/api/client';
import SheetTabs from '@/desk/SheetTabs.vue';
import { figure } from '@/desk/geometry';
import Choices, { type Background } from '@/handover/Choices.vue';
import { filesOf } from '@/handover/files';
import SheetWithSlices from '@/handover/SheetWithSlices.vue';
import SliceTable from '@/handover/SliceTable.vue';
import TopBar from '@/parts/TopBar.vue';
import { useDesk } from '@/stores/desk';
import ProgressBar from 'primevue/progressbar';
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';

/** Handing over: which slices, at which sizes; the list of files before they are made; the archive. */
const desk = useDesk();
const route = useRoute();
const LIMIT = { files: 20, megapixels: 20 };
const scales = ref([1, 2]);
const background = ref<Background>('sheet');
const colour = ref('#ffffff');
const left = ref<string[]>([]);
const busy = ref(false);
const said = ref<{ text: string; wrong: boolean }>({ text: '', wrong: false });

watch(
    () => [route.params.document, route.params.sheet],
    async ([document, sheet]) => {
        if (!document || !sheet) return;
        try {
            await desk.open(String(document), String(sheet));
            left.value = [];
            say('');
        } catch (error) {
            say(error instanceof Problem ? error.message : 'The server does not answer. Is it running?', true);
        }
    },
    { immediate: true },
);

const taken = computed(() => desk.slices.filter((slice) => !left.value.includes(slice.id)));
const files = computed(() => filesOf(taken.value, scales.value));
const megapixels = computed(() => files.value.reduce((sum, file) => sum + file.w * file.h, 0) / 1e6);

/** Why it cannot be made, if it cannot. */
const hindrance = computed(() => {
    if (desk.slices.length === 0) return 'There are no slices on this sheet yet.';
    if (taken.value.length === 0) return 'No slice is taken.';
    if (scales.value.length === 0) return 'No size is chosen.';
    if (background.value === 'colour' && !/^#[0-9a-f]{6}$/i.test(colour.value)) return 'The colour reads like #1a2b3c.';
    if (files.value.length > LIMIT.files)
        return `${files.value.length} files; at once, ${LIMIT.files} are made at most.`;
    if (megapixels.value > LIMIT.megapixels)
        return `${figure(Math.round(megapixels.value * 10) / 10)} megapixels; at once, ${LIMIT.megapixels} are painted at most.`;
    return '';
});

function say(text: string, wrong = false): void {
    said.value = { text, wrong };
}

async function make(): Promise<void> {
    if (!desk.sheet || hindrance.value || busy.value) return;
    busy.value = true;
    say('');
    try {
        const order = {
            slices: taken.value.map((slice) => slice.id),
            scales: scales.value,
            background: background.value === 'colour' ? colour.value : background.value,
        };
        const archive = await api.archive(desk.sheet.id, order);
        save(archive, `${desk.sheet.name.replace(/[\\/:*?"<>|]/g, '-')}.zip`);
        say(`Made the archive: ${files.value.length} files, ${Math.max(1, Math.round(archive.size / 1024))} kB`);
    } catch (error) {
        say(error instanceof Problem ? error.message : 'The server does not answer. Try again.', true);
    } finally {
        busy.value = false;
    }
}

function save(archive: Blob, name: string): void {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(archive);
    link.download = name;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}

async function putRight(): Promise<void> {
    for (const slice of desk.slices.filter((s) => [s.x, s.y, s.w, s.h].some((v) => v % 1 !== 0))) {
        const [x, y] = [Math.floor(slice.x), Math.floor(slice.y)];
        await desk.run(
            'set-slice',
            { slices: [slice.id], x, y, w: Math.ceil(slice.x + slice.w) - x, h: Math.ceil(slice.y + slice.h) - y },
            [],
        );
    }
}
</script>

<template>
    <div class="page">
        <TopBar>
            <span class="document">{{ desk.document?.name }}</span>
            <SheetTabs route="hand-over" fixed />
            <RouterLink class="btn" :to="{ name: 'desk', params: route.params }">Back to the desk</RouterLink>
        </TopBar>
        <div class="left">
            <SheetWithSlices
                v-if="desk.sheet"
                :sheet="desk.sheet"
                :slices="desk.slices"
                :revision="desk.revision"
                :left="left"
            />
            <section v-if="files.length">
                <h2>In the archive</h2>
                <ul class="num files" aria-label="Files in the archive">
                    <li v-for="file in files.slice(0, 30)" :key="file.name">
                        {{ file.name }}<span>{{ file.w }} × {{ file.h }}</span>
                    </li>
                    <li v-if="files.length > 30">… {{ files.length - 30 }} more</li>
                    <li>manifest.json</li>
                </ul>
            </section>
        </div>
        <section class="right" aria-label="Hand over">
            <div class="head">
                <h1>Hand over</h1>
                <p>
                    {{ taken.length }} {{ taken.length === 1 ? 'slice' : 'slices' }}, {{ files.length }}
                    {{ files.length === 1 ? 'file' : 'files' }}, PNG
                </p>
            </div>
            <div v-if="desk.slices.length === 0" class="empty">
                <p>Nothing is cut yet.</p>
                <p>
                    Go back to the desk, select what is to become an asset, and press “Cut a slice” under Slices, or
                    Ctrl K.
                </p>
            </div>
            <SliceTable v-else v-model:left="left" :scales="scales" @put-right="putRight" />
            <div class="foot">
                <Choices v-model:scales="scales" v-model:background="background" v-model:colour="colour" />
                <div class="make">
                    <p :class="{ wrong: hindrance || said.wrong }" role="status">
                        {{ busy ? 'Painting' : hindrance || said.text }}
                    </p>
                    <button class="btn main" type="button" :disabled="hindrance !== '' || busy" @click="make">
                        Make the archive
                    </button>
                </div>
                <ProgressBar v-if="busy" mode="indeterminate" class="bar" aria-label="Painting the slices" />
            </div>
        </section>
    </div>
</template>

<style scoped>
.page {
    display: grid;
    grid-template: 46px minmax(0, 1fr) / minmax(0, 1fr) minmax(480px, 44%);
    height: 100%;
}
.page > :deep(header) {
    grid-column: 1 / -1;
}
.document {
    opacity: 0.8;
    max-width: 170px;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    flex: none;
}
.left {
    padding: 28px;
    overflow: auto;
    min-width: 0;
}
.left h2 {
    font-size: 13px;
    margin: 20px 0 6px;
}
.files {
    list-style: none;
    margin: 0;
    padding: 0;
    columns: 2;
    column-gap: 30px;
    font-size: 12px;
    color: var(--soft);
    line-height: 1.65;
}
.files li {
    display: flex;
    gap: 12px;
    justify-content: space-between;
    break-inside: avoid;
    overflow-wrap: anywhere;
}
.files span {
    white-space: nowrap;
    color: var(--ink);
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
    padding: 16px 18px 10px;
}
.head h1 {
    font-size: 18px;
}
.head p {
    color: var(--soft);
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
    padding: 12px 18px;
    display: grid;
    gap: 9px;
    position: relative;
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
.bar {
    height: 4px;
    position: absolute;
    left: 0;
    right: 0;
    bottom: 0;
}
</style>
