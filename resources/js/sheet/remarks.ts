import type { Answer } from '@/api/types';

/** What else there is to say of an answer, after its summary. */
export function remarks(answer: Answer, nameOf: (id: string) => string): string {
    const { missing_characters: missing, off_pixel: off, past_sheet: past } = answer.report;
    const said = [];
    if (missing?.length) said.push(`the font has no ${missing.slice(0, 5).join(' ')}`);
    if (off?.length) said.push(`${off.length} off the pixel`);
    const [first] = past ?? [];
    if (first && past)
        said.push(
            past.length === 1 ? `"${nameOf(first)}" reaches past the sheet` : `${past.length} reach past the sheet`,
        );
    return said.length ? `; ${said.join('; ')}` : '';
}
