import type { Commands } from '@/api/commands.gen';
import { useDesk } from '@/stores/desk';

export const isTokenFile = (file: File): boolean => /\.json$/i.test(file.name);

/** Takes a file of design tokens: swatches, styles, the scale, the unit of spacing. */
export function useTokens() {
    const desk = useDesk();

    async function take(file: File): Promise<void> {
        let read: unknown;
        try {
            read = JSON.parse(await file.text());
        } catch {
            desk.say(`${file.name} cannot be read as JSON.`, 'refused');
            return;
        }
        if (typeof read !== 'object' || read === null || Array.isArray(read))
            desk.say(`${file.name} holds no design tokens.`, 'refused');
        else if ('format' in read && read.format === 'allsquare-document')
            desk.say(`${file.name} is a document. Open it among the documents.`, 'refused');
        else await desk.run('take-tokens', { file: read as Commands['take-tokens']['file'] }, []);
    }

    return { take };
}
