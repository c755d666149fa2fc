import { api, type KeptPicture } from '@/api/client';
import { useDesk } from '@/stores/desk';
import { defineStore } from 'pinia';
import { ref } from 'vue';

export interface Brought extends KeptPicture {
    /** of the file, without its ending */
    name: string;
}

/** Brings pictures along, one after the other, and says how far it is. What is refused says why; the others are brought all the same. */
export const usePictures = defineStore('pictures', () => {
    const desk = useDesk();
    /** what is being brought */
    const under = ref<{ done: number; of: number; name: string } | null>(null);
    /** the picture that is moved under its frame */
    const moved = ref<string | null>(null);

    async function bring(files: File[]): Promise<Brought[]> {
        const brought: Brought[] = [];
        const refused: string[] = [];
        const notes: string[] = [];
        for (const [done, file] of files.entries()) {
            under.value = { done, of: files.length, name: file.name };
            try {
                const kept = await api.addPicture(file, file.name);
                brought.push({ ...kept, name: file.name.replace(/\.\w+$/, '') || 'Picture' });
                notes.push(...kept.notes.map((note) => `${file.name}: ${note}`));
            } catch (error) {
                refused.push(`${file.name}: ${(error as Error).message}`);
            }
        }
        under.value = null;
        if (refused.length > 0) desk.say(refused.join(' '), 'refused');
        else if (notes.length > 0) desk.say(notes.join(' '), 'note');
        return brought;
    }

    /** Takes one of the library. */
    async function take(id: string, name: string): Promise<Brought | null> {
        under.value = { done: 0, of: 1, name };
        try {
            return await api.takeFromLibrary(id);
        } finally {
            under.value = null;
        }
    }

    return { under, moved, bring, take };
});
