import { api } from '@/api/client';
import type { DocumentSummary, NewSheet } from '@/api/types';
import { kept } from './kept';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';

export type Sorting = 'changed' | 'name' | 'sheets';

const byName = (a: DocumentSummary, b: DocumentSummary) =>
    a.name.localeCompare(b.name, 'en', { numeric: true, sensitivity: 'base' });
const ORDERS: Record<Sorting, (a: DocumentSummary, b: DocumentSummary) => number> = {
    changed: (a, b) => b.changed.localeCompare(a.changed) || byName(a, b),
    name: byName,
    sheets: (a, b) => b.sheets.length - a.sheets.length || byName(a, b),
};

/** The documents on the shelf. */
export const useShelf = defineStore('shelf', () => {
    const documents = ref<DocumentSummary[]>([]);
    const loaded = ref(false);
    const search = ref('');
    const sorting = kept<Sorting>('allsquare-sorting', 'changed');

    const found = computed(() => {
        const words = search.value.trim().toLowerCase();
        return documents.value
            .filter(
                (document) =>
                    document.name.toLowerCase().includes(words) ||
                    document.sheets.some((sheet) => sheet.name.toLowerCase().includes(words)),
            )
            .sort(ORDERS[sorting.value]);
    });

    async function load(): Promise<void> {
        documents.value = await api.documents();
        loaded.value = true;
    }

    async function rename(id: string, name: string): Promise<void> {
        replace(await api.renameDocument(id, name));
    }

    async function copy(id: string): Promise<void> {
        documents.value = [await api.copyDocument(id), ...documents.value];
    }

    /** @returns what takes it back */
    async function remove(id: string): Promise<() => Promise<void>> {
        await api.deleteDocument(id);
        documents.value = documents.value.filter((document) => document.id !== id);
        return async () => {
            await api.restoreDocument(id);
            await load();
        };
    }

    /** Opens a document file as a new document. */
    async function openFile(file: File): Promise<DocumentSummary & { said?: string }> {
        const opened = await api.openDocument(file);
        documents.value = [opened, ...documents.value];
        return opened;
    }

    function create(name: string, sheet: NewSheet): Promise<DocumentSummary> {
        return api.createDocument(name, sheet);
    }

    function replace(changed: DocumentSummary): void {
        documents.value = documents.value.map((document) => (document.id === changed.id ? changed : document));
    }

    return { documents, loaded, search, sorting, found, load, rename, copy, remove, create, openFile };
});
