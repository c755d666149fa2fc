import { defineStore } from 'pinia';
import { computed, ref, watchEffect } from 'vue';
import { kept } from './kept';

export type Theme = 'system' | 'light' | 'dark';

const NEXT: Record<Theme, Theme> = { system: 'light', light: 'dark', dark: 'system' };
export const THEMES: Record<Theme, string> = {
    system: 'as the system wishes',
    light: 'light desk',
    dark: 'dark desk',
};

/** Whether the desk is light or dark: as the system wishes, or as it was chosen here. Sheets never change their colours. */
export const useTheme = defineStore('theme', () => {
    const chosen = kept<Theme>('allsquare-desk', 'system');
    const query = window.matchMedia('(prefers-color-scheme: dark)');
    const wished = ref(query.matches);
    query.addEventListener('change', (event) => (wished.value = event.matches));

    const isDark = computed(() => chosen.value === 'dark' || (chosen.value === 'system' && wished.value));
    watchEffect(() => document.documentElement.classList.toggle('dark-desk', isDark.value));

    function turn(): Theme {
        chosen.value = NEXT[chosen.value];
        return chosen.value;
    }

    return { chosen, isDark, turn };
});
