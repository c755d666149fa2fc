import { ref } from 'vue';

export interface Status {
    text: string;
    kind: 'done' | 'refused' | 'note';
}

/** What is said at the bottom of the desk. */
export function useStatus() {
    const status = ref<Status>({ text: '', kind: 'note' });
    /** the command that was done last, undo among them, for whoever watches what is done */
    const last = ref('');

    function say(text: string, kind: Status['kind'] = 'done'): void {
        status.value = { text, kind };
    }

    return { status, last, say };
}
