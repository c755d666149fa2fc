/** Milliseconds after which another press begins a new line of the history. */
const RUN_ENDS = 3000;

/**
 * Presses of a key that follow each other are one line of the history.
 *
 * @returns gives, for each press, the run it belongs to; another one where what it is about is another
 */
export function usePresses() {
    const run = { token: '', about: '', last: -Infinity };
    return (about = '', now = performance.now()): string => {
        if (run.about !== about || now - run.last > RUN_ENDS) run.token = crypto.randomUUID();
        Object.assign(run, { about, last: now });
        return run.token;
    };
}
