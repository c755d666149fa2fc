import { api, type Problem } from '@/api/client';
import type { TravelAnswer } from '@/api/types';
import { useSending } from '@/stores/sending';
import { useUnits } from '@/stores/units';
import type { useContents } from './contents';
import type { useOpening } from './opening';
import type { useSelection } from './selection';
import type { useStatus } from './status';

/** Back and forward through what was done to the document. */
export function useHistory(
    contents: ReturnType<typeof useContents>,
    { select }: ReturnType<typeof useSelection>,
    { say, last }: ReturnType<typeof useStatus>,
    { document, elsewhere, reload, refuse }: ReturnType<typeof useOpening>,
) {
    const sending = useSending();
    const units = useUnits();
    const { sheet, revision } = contents;

    function travel(direction: 'undo' | 'redo'): void {
        const id = document.value?.id;
        if (!id) return;
        const step = async (expected?: number) => {
            const answer = await api.post<TravelAnswer>(`documents/${id}/${direction}`, { revision: expected });
            const gone = answer.document_changed ? await left(id) : undefined;
            last.value = direction;
            say(`${direction === 'undo' ? 'Undone' : 'Redone'}: ${answer.entry.label}`);
            if (gone || answer.sheet !== sheet.value?.id) {
                elsewhere.value = gone ?? { sheet: answer.sheet, selection: answer.selection };
                return;
            }
            contents.take(answer);
            if (answer.settings) units.show(answer.settings);
            select(answer.selection);
        };
        sending.add({
            send: () => step(revision.value),
            async refused(problem) {
                const before = revision.value;
                if (problem.status === 409 && problem.revision !== undefined) {
                    await reload();
                    // The line belongs to another sheet: this one is as it was.
                    if (revision.value === before) {
                        await step().catch((error: Problem) => refuse(error, []));
                        return;
                    }
                }
                await refuse(problem, []);
            },
        });
    }

    /** The document as it is now; and where to go, where the sheet that was shown is not in it any more: to the one before it. */
    async function left(id: string): Promise<{ sheet: string; selection: string[] } | undefined> {
        const were = document.value?.sheets ?? [];
        document.value = await api.document(id);
        const now = document.value.sheets.map((one) => one.id);
        const shown = sheet.value?.id ?? '';
        if (now.includes(shown)) return undefined;
        const at = were.findIndex((one) => one.id === shown);
        const before = were.slice(0, Math.max(at, 0)).findLast((one) => now.includes(one.id));
        const to = before?.id ?? now[0];
        return to ? { sheet: to, selection: [] } : undefined;
    }

    /**
     * Back or forward until a line of the history is the last that is done; 0 is before the first.
     *
     * @param label what that line says, which is where one then is
     */
    function goTo(line: number, label = ''): void {
        const id = document.value?.id;
        if (!id) return;
        sending.add({
            async send() {
                const answer = await api.post<TravelAnswer>(`documents/${id}/history/${line}`);
                const gone = await left(id);
                if (gone || (answer.sheet !== sheet.value?.id && answer.document_changed)) {
                    elsewhere.value = gone ?? { sheet: answer.sheet, selection: answer.selection };
                } else await reload();
                if (!gone) select(answer.selection);
                say(line === 0 ? 'Back before the first change' : `Now at: ${label || answer.entry.label}`);
            },
            refused: (problem) => refuse(problem, []),
        });
    }

    return { travel, goTo };
}
