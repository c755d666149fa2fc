import { api, Problem } from '@/api/client';
import type { DocumentSummary, SheetContent } from '@/api/types';
import { useSending } from '@/stores/sending';
import { useUnits } from '@/stores/units';
import { ref, shallowRef } from 'vue';
import type { useContents } from './contents';
import type { useSelection } from './selection';
import type { useStatus } from './status';

/** Something that a command was about, as it was called when it was sent. */
export interface Named {
    id: string;
    name: string;
}

/** Brings a sheet onto the desk, and notices when it was changed or deleted elsewhere. */
export function useOpening(
    contents: ReturnType<typeof useContents>,
    { selection, clear }: ReturnType<typeof useSelection>,
    { say }: ReturnType<typeof useStatus>,
) {
    const sending = useSending();
    const units = useUnits();
    const { sheet, stored, slices, revision } = contents;
    const document = shallowRef<DocumentSummary | null>(null);
    /** that the sheet is gone, in words; empty while it is there */
    const deleted = ref('');
    /** where an undo or redo on another sheet wants to go */
    const elsewhere = ref<{ sheet: string; selection: string[] } | null>(null);

    async function open(documentId: string, sheetId: string): Promise<void> {
        const [found, content] = await Promise.all([api.document(documentId), api.sheet(sheetId)]);
        const another = sheet.value?.id !== content.sheet.id;
        document.value = found;
        deleted.value = '';
        if (another) clear();
        show(content);
        if (another && elsewhere.value?.sheet === sheetId) selection.value = elsewhere.value.selection;
        if (another) elsewhere.value = null;
    }

    function show(content: SheetContent): void {
        contents.show(content);
        units.show(content.sheet);
    }

    async function reload(): Promise<void> {
        if (!sheet.value || !document.value) return;
        await open(document.value.id, sheet.value.id);
    }

    /** Looks whether someone else has changed the sheet, and shows it if so. */
    async function lookAgain(): Promise<void> {
        const id = sheet.value?.id;
        if (!id || sending.waiting > 0) return;
        const current = await api.revision(id).catch(gone);
        if (current === undefined) return;
        if (sheet.value?.id === id && sending.waiting === 0 && current !== revision.value) {
            await reload();
            say('This sheet was changed from elsewhere. It is shown as it is now.', 'note');
        }
    }

    /** Says why something was refused, of the things that it was about; what was shown may be out of date. */
    async function refuse(problem: Problem, about: Named[]): Promise<void> {
        const isBehind = problem.status === 409 || problem.status === 404;
        if (isBehind) {
            sending.drop();
            await reload().catch(gone);
        }
        const missing = about.filter(({ id }) => !stored.value.has(id) && !slices.value.some((one) => one.id === id));
        const [first, ...others] = missing;
        say(
            isBehind && first
                ? `"${first.name}"${others.length ? ` and ${others.length} more` : ''} was deleted in another window.`
                : problem.message,
            'refused',
        );
    }

    /** The sheet that is shown, or its document, is not there any more. */
    async function gone(error: unknown): Promise<void> {
        if (!(error instanceof Problem) || error.status !== 404 || !sheet.value || !document.value) return;
        const still = await api.document(document.value.id).catch(() => null);
        deleted.value = still
            ? `The sheet "${sheet.value.name}" was deleted in another window.`
            : `The document "${document.value.name}" was deleted in another window.`;
    }

    return { document, deleted, elsewhere, open, reload, lookAgain, refuse };
}
