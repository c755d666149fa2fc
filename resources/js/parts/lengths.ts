import { api, Problem } from '@/api/client';
import type { UnitName } from '@/api/types';
import { useDesk } from '@/stores/desk';

/**
 * Reads a sum with units; the server does, as it does everywhere.
 *
 * @param of what bare numbers are in, and how many px an inch has; as on the sheet that is shown, in px, without it
 * @returns px, or what is wrong with it
 */
export async function readLength(text: string, of?: { unit: UnitName; ppi: number }): Promise<number | string> {
    const { unit, ppi } = of ?? { unit: 'px' as const, ppi: useDesk().sheet?.ppi ?? 96 };
    try {
        return (await api.post<{ px: number }>('evaluate', { text, unit, ppi })).px;
    } catch (error) {
        return error instanceof Problem ? error.message : 'The server does not answer.';
    }
}
