import { ref, watch, type Ref } from 'vue';

/** A setting of the desk that this browser remembers. What cannot be read any more is as it was at first. */
export function kept<T>(name: string, first: T): Ref<T> {
    const setting = ref(read(name, first)) as Ref<T>;
    watch(setting, (value) => localStorage.setItem(name, JSON.stringify(value)), { deep: true, flush: 'sync' });
    return setting;
}

function read<T>(name: string, first: T): T {
    try {
        return (JSON.parse(localStorage.getItem(name) ?? 'null') as T | null) ?? first;
    } catch {
        return first;
    }
}
