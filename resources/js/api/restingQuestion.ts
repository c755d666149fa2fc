import { Problem } from './client';

/**
 * Questions that are asked once things have rested. Each takes the place of the one before: what that was still waiting
 * for is dropped. Of a server that does not answer nothing is said, but where that is asked for; the next change asks again.
 *
 * @param rest in milliseconds
 */
export function restingQuestion(rest: number) {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let asking: AbortController | null = null;

    function drop(): void {
        clearTimeout(timer);
        asking?.abort();
        asking = null;
    }

    /** @param question asked after the rest; null where there is nothing to ask any more */
    function ask<T>(
        question: (signal: AbortSignal) => Promise<T> | null,
        take: (answer: T) => void,
        refused: (problem: Problem) => void = () => undefined,
        away: (error: Error) => void = () => undefined,
    ): void {
        drop();
        timer = setTimeout(() => void now(question, take, refused, away), rest);
    }

    async function now<T>(
        question: (signal: AbortSignal) => Promise<T> | null,
        take: (answer: T) => void,
        refused: (problem: Problem) => void,
        away: (error: Error) => void,
    ): Promise<void> {
        const mine = (asking = new AbortController());
        try {
            const answer = await question(mine.signal);
            if (answer !== null && asking === mine) take(answer);
        } catch (error) {
            if (asking !== mine) return;
            if (error instanceof Problem) refused(error);
            else away(error as Error);
        }
    }

    return { ask, drop };
}
