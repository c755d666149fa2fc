import { api } from '@/api/client';
import type { Commands } from '@/api/commands.gen';
import type { Answer, Box, Item, Report, Slice } from '@/api/types';
import { restingQuestion } from '@/api/restingQuestion';
import { addressed, asItem } from '@/sheet/slices';
import { useDesk } from '@/stores/desk';
import { useSending } from '@/stores/sending';
import { useUnits } from '@/stores/units';
import { defineStore } from 'pinia';
import { ref, shallowRef } from 'vue';
import type { Order } from './bench';

/** How long the pointer has to rest on an action before it is rehearsed. */
const REST = 110;

/** What an action would do, tried on the server without storing anything: ghosts on the sheet and a sentence. */
export const useRehearsal = defineStore('rehearsal', () => {
    const desk = useDesk();
    const sending = useSending();
    /** the items as they would be */
    const ghosts = shallowRef<Item[]>([]);
    const words = ref('');
    /** what else is said of it */
    const report = shallowRef<Report | null>(null);
    /** the boxes that would be others, by id */
    const boxes = shallowRef<Map<string, Box>>(new Map());
    /** whether the words say why it cannot be done */
    const refused = ref(false);
    const question = restingQuestion(REST);
    let held: Order | null = null;

    function offer(order: Order | null): void {
        end();
        if (!order || !desk.sheet) return;
        const { command, params } = order;
        let items: string[] = [];
        question.ask(
            (signal) => {
                const sheet = desk.sheet?.id;
                // What is on its way would be asked about as it was before it.
                if (!sheet || sending.waiting > 0) return null;
                items = order.ids ?? desk.selection;
                const what = addressed(command, params, items, desk.instead);
                const body = { ...what, dry: true, unit: useUnits().unit };
                return api.ask<Answer>(`sheets/${sheet}/commands`, body, signal);
            },
            (answer) => {
                ghosts.value = [...outermost(answer, items), ...elsewhere(answer.slices ?? [])];
                words.value = answer.report.summary;
                report.value = answer.report;
                boxes.value = new Map([...answer.created, ...answer.changed].map((item) => [item.id, item.bounds]));
            },
            (problem) => {
                refused.value = true;
                words.value = problem.message;
            },
        );
    }

    /** Shows this whenever nothing else is rehearsed, until another is held, or none. */
    function hold(order: Order | null): void {
        held = order;
        offer(order);
    }

    /** The pointer has left what was rehearsed. */
    function leave(): void {
        offer(held);
    }

    /** Slices that would lie elsewhere. */
    function elsewhere(slices: Slice[]): Item[] {
        const now = new Map(desk.slices.map((slice) => [slice.id, slice]));
        return slices
            .filter((to) => {
                const from = now.get(to.id);
                return !from || [from.x, from.y, from.w, from.h].join() !== [to.x, to.y, to.w, to.h].join();
            })
            .map(asItem);
    }

    function end(): void {
        question.drop();
        ghosts.value = [];
        words.value = '';
        report.value = null;
        boxes.value = new Map();
        refused.value = false;
    }

    return { ghosts, words, report, boxes, refused, offer, hold, leave, end };
});

/** What was made or changed itself: not what only moves along in a group, nor a group that only follows what is in it. */
function outermost(answer: Answer, asked: string[]): Item[] {
    const made = new Map(answer.created.map((item) => [item.id, item]));
    const named = new Set(asked);
    return [
        ...answer.created.filter((item) => {
            const group = item.parent === null ? undefined : made.get(item.parent);
            // Of a series its members are shown, not the group that keeps them.
            return !item.fields.series && (!group || group.fields.series);
        }),
        // Of a command that names nothing, what moves by itself.
        ...answer.changed.filter((item) =>
            named.size > 0 ? named.has(item.id) : !answer.changed.some((group) => group.id === item.parent),
        ),
    ];
}

/** Runs what a button offers. */
export function pressed(order: Order): Promise<boolean> {
    useRehearsal().end();
    return useDesk().run(order.command as keyof Commands, order.params as never, order.ids);
}

/** the button whose order is rehearsed */
let offering: HTMLElement | null = null;

/** `v-rehearse="order"` on a button: ghosts while the pointer rests on it or it has the focus. */
export const vRehearse = {
    mounted(element: HTMLElement, binding: { value: () => Order | null }): void {
        const button = element as HTMLElement & { order: () => Order | null };
        button.order = binding.value;
        const begin = () => {
            if ((element as HTMLButtonElement).disabled) return;
            offering = element;
            useRehearsal().offer(button.order());
        };
        const end = () => useRehearsal().leave();
        element.addEventListener('pointerenter', begin);
        element.addEventListener('pointerleave', end);
        element.addEventListener('focus', () => element.matches(':focus-visible') && begin());
        element.addEventListener('blur', end);
    },
    updated(element: HTMLElement, binding: { value: () => Order | null }): void {
        (element as HTMLElement & { order: () => Order | null }).order = binding.value;
    },
    beforeUnmount(element: HTMLElement): void {
        // Another that goes meanwhile leaves it alone.
        if (offering === element) useRehearsal().leave();
    },
};
