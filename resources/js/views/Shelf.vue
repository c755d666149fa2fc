<script setup lang="ts">
import { Problem } from '@/api/client';
import type { DocumentSummary, NewSheet } from '@/api/types';
import NewSheetDialog from '@/parts/NewSheetDialog.vue';
import TopBar from '@/parts/TopBar.vue';
import NewDocuments from '@/shelf/NewDocuments.vue';
import DocumentOnShelf from '@/shelf/DocumentOnShelf.vue';
import FailedFiles from '@/shelf/FailedFiles.vue';
import { useFirstSteps } from '@/stores/firstSteps';
import { useShelf, type Sorting } from '@/stores/shelf';
import InputText from 'primevue/inputtext';
import { useToast } from 'primevue/usetoast';
import { filesIn, isDocumentFile } from '@/shelf/files';
import { computed, onMounted, ref } from 'vue';
import { useRouter } from 'vue-router';

/** Documents standing on a shelf, and new ones to begin. */
const shelf = useShelf();
const router = useRouter();
const toast = useToast();
const exact = ref(false);
const failed = ref('');
const dropping = ref(false);
/** the file that is being opened, and how far it is */
const opening = ref<{ name: string; done: number; of: number } | null>(null);
const failures = ref<{ name: string; why: string }[]>([]);
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

/** One after the other: what cannot be opened is told at the end, and the others are opened all the same. */
async function openFiles(files: File[]): Promise<void> {
    dropping.value = false;
    failures.value = [];
    const opened: string[] = [];
    for (const [done, file] of files.entries()) {
        opening.value = { name: file.name, done, of: files.length };
        try {
            const { name, said } = await shelf.openFile(file);
            opened.push(`"${name}" from ${file.name}.${said ? ` ${said}` : ''}`);
        } catch (error) {
            failures.value.push({ name: file.name, why: (error as Error).message });
        }
    }
    opening.value = null;
    if (opened.length === 0) return;
    const detail = opened.length === 1 ? `Opened ${opened[0]}` : `Opened ${opened.length} of ${files.length} files.`;
    toast.add({ severity: 'secondary', detail, life: 6000 });
}

function pick(event: Event): void {
    const input = event.target as HTMLInputElement;
    const files = [...(input.files ?? [])];
    void openFiles(input.webkitdirectory ? files.filter(isDocumentFile) : files).then(() => (input.value = ''));
}

async function drop(event: DragEvent): Promise<void> {
    dropping.value = false;
    if (event.dataTransfer) await openFiles(await filesIn(event.dataTransfer));
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
        @drop.prevent="drop"
    >
        <TopBar />
        <main>
            <div class="head">
                <h1>Your documents</h1>
                <label class="btn open">
                    Open files
                    <input
                        type="file"
                        accept=".json,.zip,.svg,application/json,application/zip,image/svg+xml"
                        multiple
                        aria-label="Open files"
                        @change="pick"
                    />
                </label>
                <label class="btn open">
                    Open a folder
                    <input type="file" webkitdirectory aria-label="Open a folder" @change="pick" />
                </label>
                <a
                    v-if="shelf.documents.length > 1"
                    class="btn"
                    href="/api/documents/files"
                    download
                    v-tooltip.bottom="{
                        value: 'Each as a file, in one archive. Unpacked, the folder can be opened again',
                        showDelay: 400,
                    }"
                    >Save all</a
                >
                <template v-if="shelf.documents.length > 1">
                    <label class="sort">
                        Sort by
                        <select v-model="shelf.sorting" class="choose">
                            <option v-for="(words, key) in SORTINGS" :key="key" :value="key">{{ words }}</option>
                        </select>
                    </label>
                    <InputText
                        v-model="shelf.search"
                        type="search"
                        placeholder="Search"
                        aria-label="Search documents and sheets"
                        size="small"
                    />
                </template>
            </div>
            <p v-if="trial && !steps.putAway" class="how">
                New here? Put four cards right, in a minute, and see how everything works.
                <button class="btn" type="button" @click="tryIt">Show me</button>
                <button class="link" type="button" @click="steps.end()">No, thanks</button>
            </p>
            <p v-if="opening" class="opening" role="status">
                <progress :value="opening.done" :max="opening.of" aria-label="Files opened" />
                Opening {{ opening.of === 1 ? '' : `${opening.done + 1} of ${opening.of}: ` }}{{ opening.name }}
            </p>
            <FailedFiles v-if="failures.length" :failures="failures" @close="failures = []" />
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
.head h1 {
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
.opening {
    display: flex;
    align-items: center;
    gap: 10px;
    margin: 16px 0 0;
}
.opening progress {
    width: 160px;
    height: 8px;
    accent-color: var(--spruce);
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
