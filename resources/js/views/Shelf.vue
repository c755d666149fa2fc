<script setup lang="ts">
import { Problem } from '@/api/client';
import type { DocumentSummary, NewSheet } from '@/api/types';
import NewSheetDialog from '@/parts/NewSheetDialog.vue';
import TopBar from '@/parts/TopBar.vue';
import NewDocuments from '@/shelf/NewDocuments.vue';
import DocumentOnShelf from '@/shelf/DocumentOnShelf.vue';
import { useFirstSteps } from '@/stores/firstSteps';
import { useShelf, type Sorting } from '@/stores/shelf';
import InputText from 'primevue/inputtext';
import { useToast } from 'primevue/usetoast';
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';

/** Documents standing on a shelf, and new ones to begin. */
const shelf = useShelf();
const router = useRouter();
const toast = useToast();
const exact = ref(false);
const failed = ref('');
const dropping = ref(false);
const opening = ref('');
const SORTINGS: Record<Sorting, string> = { changed: 'last changed', name: 'name', sheets: 'number of sheets' };
const steps = useFirstSteps();

/** The sheet of the demo that has something to put right. */
const trial = computed(() => {
    for (const document of shelf.documents) {
        const sheet = document.sheets.find((one) => one.name.endsWith('before squaring'));
        if (sheet) return { document: document.id, sheet: sheet.id };
    }
    return null;
});

async function tryIt(): Promise<void> {
    if (!trial.value) return;
    await router.push({ name: 'desk', params: trial.value });
    steps.begin();
}

onMounted(load);

async function load(): Promise<void> {
    document.title = 'All Square';
    failed.value = '';
    await shelf.load().catch((error: Error) => (failed.value = error.message));
}

async function attempt(work: () => Promise<unknown>): Promise<void> {
    try {
        await work();
    } catch (error) {
        toast.add({
            severity: 'error',
            detail: error instanceof Problem ? error.message : `${(error as Error).message} Nothing was changed.`,
            life: 6000,
        });
    }
}

function begin(name: string, sheet: NewSheet): Promise<void> {
    return attempt(async () => {
        const made = await shelf.create(name, { name: 'Sheet 1', ...sheet });
        await router.push({ name: 'desk', params: { document: made.id, sheet: made.sheets[0]?.id } });
    });
}

async function openFiles(files: Iterable<File>): Promise<void> {
    dropping.value = false;
    for (const file of files) {
        opening.value = file.name;
        await attempt(async () => {
            const opened = await shelf.openFile(file);
            toast.add({ severity: 'secondary', detail: `Opened "${opened.name}" from ${file.name}.`, life: 6000 });
        });
    }
    opening.value = '';
}

function pick(event: Event): void {
    const input = event.target as HTMLInputElement;
    void openFiles([...(input.files ?? [])]).then(() => (input.value = ''));
}

function remove(document: DocumentSummary): Promise<void> {
    return attempt(async () => {
        const takeBack = await shelf.remove(document.id);
        const undo = () => {
            toast.removeAllGroups();
            void attempt(takeBack);
        };
        // The toast's own template shows a button for it.
        toast.add({ severity: 'secondary', detail: `Deleted "${document.name}".`, life: 12000, undo } as Parameters<
            typeof toast.add
        >[0]);
    });
}
</script>

<template>
    <div
        class="page"
        :class="{ dropping }"
        @dragover.prevent="dropping = true"
        @dragleave.self="dropping = false"
        @drop.prevent="openFiles($event.dataTransfer?.files ?? [])"
    >
        <TopBar />
        <main>
            <div class="head">
                <div>
                    <h1>Your documents</h1>
                    <p v-if="trial && !steps.putAway" class="how">
                        New here? Put four cards right, in a minute, and see how everything works.
                        <button class="btn" type="button" @click="tryIt">Show me</button>
                        <button class="link" type="button" @click="steps.end()">No, thanks</button>
                    </p>
                </div>
                <label class="btn open">
                    {{ opening ? `Opening ${opening}` : 'Open a file' }}
                    <input
                        type="file"
                        accept=".json,application/json"
                        multiple
                        aria-label="Open a file"
                        @change="pick"
                    />
                </label>
                <template v-if="shelf.documents.length > 1">
                    <label class="sort">
                        Sort by
                        <select v-model="shelf.sorting">
                            <option v-for="(words, key) in SORTINGS" :key="key" :value="key">{{ words }}</option>
                        </select>
                    </label>
                    <InputText
                        v-model="shelf.search"
                        type="search"
                        placeholder="Search documents and sheets"
                        aria-label="Search documents and sheets"
                        size="small"
                    />
                </template>
            </div>
            <p v-if="failed" class="failed">
                {{ failed }} <button class="btn" type="button" @click="load">Try again</button>
            </p>
            <p v-else-if="shelf.loaded && shelf.documents.length === 0" class="bare">
                The shelf is empty. Begin with one of the sizes below.
            </p>
            <p v-else-if="shelf.loaded && shelf.found.length === 0" class="bare">
                No document is called “{{ shelf.search }}”, and none of their sheets is.
            </p>
            <ul v-else class="shelf" aria-label="Documents">
                <DocumentOnShelf
                    v-for="document in shelf.found"
                    :key="document.id"
                    :document="document"
                    @rename="(name) => attempt(() => shelf.rename(document.id, name))"
                    @copy="attempt(() => shelf.copy(document.id))"
                    @remove="remove(document)"
                />
            </ul>
            <h2>Begin a new one</h2>
            <p class="sub">Drawn to one scale.</p>
            <NewDocuments @begin="begin" @exact="exact = true" />
        </main>
        <footer>Everything is kept on this computer.</footer>
        <NewSheetDialog
            v-model:open="exact"
            title="An exact size"
            button="Begin"
            name-label="Name of the document"
            named="Untitled"
            @make="begin"
        />
    </div>
</template>

<style scoped>
.page {
    display: grid;
    grid-template-rows: 46px minmax(0, 1fr) 27px;
    height: 100%;
}
main {
    overflow: auto;
    padding: 24px 44px 20px;
}
.head {
    display: flex;
    align-items: flex-start;
    gap: 10px;
}
.head > div {
    flex: 1;
}
.open {
    position: relative;
    overflow: hidden;
}
.open:focus-within {
    outline: 2px solid var(--spruce);
    outline-offset: 1px;
}
.open input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
}
.dropping main {
    outline: 2px dashed var(--spruce);
    outline-offset: -10px;
}
h1 {
    font-size: 22px;
    font-weight: 700;
}
h2 {
    font-size: 18px;
    font-weight: 700;
    margin-top: 26px;
}
.how {
    display: flex;
    align-items: center;
    gap: 10px;
    color: var(--soft);
    margin-top: 3px;
    line-height: 1.5;
}
.sub {
    color: var(--soft);
}
.shelf {
    list-style: none;
    margin: 0;
    padding: 0;
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
    grid-auto-rows: 276px;
    background: repeating-linear-gradient(transparent 0 193px, var(--edge) 193px 196px, transparent 196px 276px);
}
.bare,
.failed {
    margin: 40px 0;
    color: var(--soft);
    font-size: 14px;
}
.failed {
    color: var(--brick);
}
footer {
    background: var(--paper);
    border-top: 1px solid var(--line);
    padding: 5px 12px;
    font-size: 12px;
    color: var(--soft);
}
</style>
