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
            if (answer.document_changed) document.value = await api.document(id);
            last.value = direction;
            say(`${direction === 'undo' ? 'Undone' : 'Redone'}: ${answer.entry.label}`);
            if (answer.sheet !== sheet.value?.id) {
                elsewhere.value = { sheet: answer.sheet, selection: answer.selection };
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
                document.value = await api.document(id);
                if (answer.sheet !== sheet.value?.id && answer.document_changed) {
                    elsewhere.value = { sheet: answer.sheet, selection: answer.selection };
                } else await reload();
                select(answer.selection);
                say(line === 0 ? 'Back before the first change' : `Now at: ${label || answer.entry.label}`);
            },
            refused: (problem) => refuse(problem, []),
        });
    }

    return { travel, goTo };
}
