import { Problem, Unreachable } from '@/api/client';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';

/** One request that changes something. Requests go out one after another, in the order they were made. */
export interface QueuedRequest {
    /** sends it; called again, with the same key inside, while the server cannot be reached */
    send: () => Promise<void>;
    /** the server said no */
    refused: (problem: Problem) => void | Promise<void>;
    /** px by which it moves items, shown before the server has answered */
    move?: { ids: string[]; dx: number; dy: number };
}

const FIRST_WAIT = 400;
const LONGEST_WAIT = 4000;

/** What still has to reach the server. When it is gone, requests wait; nothing is lost while the page is open. */
export const useSending = defineStore('sending', () => {
    const queue = shallowRef<readonly QueuedRequest[]>([]);
    /** why nothing can be sent, in words; empty while it can */
    const unreachable = ref('');
    let running = false;
    let wake: (() => void) | null = null;

    const waiting = computed(() => queue.value.length);

    function add(request: QueuedRequest): void {
        queue.value = [...queue.value, request];
        if (!running) void run();
    }

    /** Forgets what has not been sent: it was meant for a sheet that is no longer as it was. */
    function drop(): number {
        const dropped = Math.max(0, queue.value.length - 1);
        queue.value = queue.value.slice(0, 1);
        return dropped;
    }

    async function run(): Promise<void> {
        running = true;
        let wait = FIRST_WAIT;
        for (let request = queue.value[0]; request; request = queue.value[0]) {
            try {
                await request.send();
                unreachable.value = '';
            } catch (error) {
                if (error instanceof Unreachable) {
                    unreachable.value = error.message;
                    await pause(wait);
                    wait = Math.min(wait * 2, LONGEST_WAIT);
                    continue;
                }
                unreachable.value = '';
                await request.refused(
                    error instanceof Problem ? error : new Problem(0, 'This could not be done. Load the page again.'),
                );
            }
            wait = FIRST_WAIT;
            queue.value = queue.value.filter((other) => other !== request);
        }
        running = false;
    }

    /** Waits, or until the network says it is back. */
    function pause(milliseconds: number): Promise<void> {
        return new Promise((resolve) => {
            const done = () => {
                clearTimeout(timer);
                wake = null;
                resolve();
            };
            const timer = setTimeout(done, milliseconds);
            wake = done;
        });
    }

    function tryNow(): void {
        wake?.();
    }

    return { queue, waiting, unreachable, add, drop, tryNow };
});
