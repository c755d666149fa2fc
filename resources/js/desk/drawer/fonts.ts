import { api } from '@/api/client';
import { computed, onMounted, ref } from 'vue';

const FAMILIES: Record<string, string> = { overpass: 'Overpass', 'overpass-mono': 'Overpass Mono', bitter: 'Bitter' };
const WEIGHTS: Record<number, string> = { 400: 'Regular', 600: 'Semibold', 700: 'Bold' };

const known = ref<Record<string, number[]>>({});

/** The families that ship with the application, and their weights, by the names that people read. */
export function useFonts() {
    onMounted(async () => {
        if (Object.keys(known.value).length > 0) return;
        known.value = await api.fonts().then(
            (fonts) => fonts.families,
            () => ({}),
        );
    });

    const families = computed(() => Object.keys(known.value));
    const nameOf = (family: string) => FAMILIES[family] ?? family;
    const weightsOf = (family = 'overpass') =>
        (known.value[family] ?? [400, 700]).map((weight) => ({ weight, name: WEIGHTS[weight] ?? String(weight) }));

    return { families, nameOf, weightsOf };
}
