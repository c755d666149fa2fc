<script setup lang="ts">
import { api } from '@/api/client';
import FileChooser from '@/parts/FileChooser.vue';
import { useDesk } from '@/stores/desk';
import { computed, ref } from 'vue';
import { readFonts, useFonts } from './fonts';

/** The families that texts can be set in: those of the application, and those that were brought along, which are added and removed here. */
const desk = useDesk();
const { families, nameOf, weightsOf, hasItalic, weightName, isOwn } = useFonts();
const chooser = ref<InstanceType<typeof FileChooser> | null>(null);
const busy = ref('');

const shipped = computed(() => families.value.filter((family) => !isOwn(family)));
const said = (family: string) =>
    weightsOf(family)
        .map(({ weight }) => weightName(weight))
        .join(', ') + (hasItalic(family) ? ', italics' : '');

/** Each file by itself: what is refused says why, and the others are added all the same. */
async function add(files: File[]): Promise<void> {
    for (const file of files) {
        busy.value = file.name;
        try {
            const { font } = await api.addFont(file);
            await desk.run('add-font', { font }, []);
        } catch (error) {
            desk.say(`${file.name}: ${(error as Error).message}`, 'refused');
        }
    }
    busy.value = '';
    await readFonts();
}
</script>

<template>
    <section>
        <h3>Fonts of this document</h3>
        <div v-for="font in desk.ownFonts" :key="font.id" class="own">
            <span>{{ font.name }}</span>
            <button
                class="btn"
                type="button"
                :aria-label="`Remove ${font.name}, ${weightName(font.weight)}${font.italic ? ', italic' : ''}`"
                v-tooltip.top="{ value: 'Texts that are set in it stay as they are', showDelay: 400 }"
                @click="desk.run('remove-font', { own_font: font.id }, [])"
            >
                ×
            </button>
            <p class="note">{{ weightName(font.weight) }}{{ font.italic ? ', italic' : '' }}</p>
        </div>
        <p v-if="desk.ownFonts.length === 0" class="note">
            None. A font file (TTF, OTF with TrueType outlines, WOFF) that is added goes with the document, also into
            its file.
        </p>
        <FileChooser ref="chooser" label="Font files" accept=".ttf,.otf,.woff" multiple @chosen="add" />
        <button class="btn" type="button" :disabled="busy !== ''" @click="chooser?.open()">
            {{ busy ? `Reading ${busy}…` : 'Add font files…' }}
        </button>
        <h3>Fonts of the application</h3>
        <div v-for="family in shipped" :key="family" class="family">
            <span :style="{ fontFamily: `'${nameOf(family)}'` }">{{ nameOf(family) }}</span>
            <p class="note">{{ said(family) }}</p>
        </div>
    </section>
</template>

<style scoped src="./type.css"></style>

<style scoped>
.family span {
    font-size: 15px;
}
.own {
    display: grid;
    grid-template-columns: 1fr auto;
    gap: 0 6px;
    align-items: center;
}
.own .btn {
    grid-row: span 2;
    padding: 0 9px;
}
.own span {
    font-weight: 600;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
</style>
