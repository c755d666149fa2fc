<script setup lang="ts">
import { useTokens } from '@/desk/tokens';
import FileChooser from '@/parts/FileChooser.vue';
import { useDesk } from '@/stores/desk';
import { ref } from 'vue';

/** What has been agreed on, for those who build it: saved as design tokens, and taken in from such a file. */
const desk = useDesk();
const tokens = useTokens();
const chooser = ref<InstanceType<typeof FileChooser> | null>(null);
const address = (ending: string) => `/api/sheets/${desk.sheet?.id}/tokens.${ending}`;

async function take(files: File[]): Promise<void> {
    for (const file of files) await tokens.take(file);
}
</script>

<template>
    <section>
        <h3>Design tokens</h3>
        <p class="note">Swatches, styles, the scale and this sheet’s spacing, for those who build from it.</p>
        <div class="files">
            <a class="btn" :href="address('json')" download>Save JSON</a>
            <a class="btn" :href="address('css')" download>Save CSS</a>
            <button
                class="btn wide"
                type="button"
                v-tooltip.top="{ value: 'What has the same name becomes what the file says', showDelay: 400 }"
                @click="chooser?.open()"
            >
                Take from a file…
            </button>
        </div>
        <FileChooser ref="chooser" label="File of design tokens" accept=".json,application/json" @chosen="take" />
    </section>
</template>

<style scoped src="./section.css"></style>

<style scoped>
.note {
    color: var(--soft);
    font-size: 11.5px;
}
.files {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 6px;
}
.wide {
    grid-column: span 2;
}
</style>
