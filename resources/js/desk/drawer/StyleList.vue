<script setup lang="ts">
import type { TypeStyle } from '@/api/fonts';
import { figure } from '@/sheet/geometry';
import { useDesk } from '@/stores/desk';
import { useFonts } from './fonts';

/** The styles of the document: renamed and deleted here; how they are set is changed on a text of them. */
const desk = useDesk();
const { nameOf, weightName } = useFonts();

function rename(style: TypeStyle, event: Event): void {
    const field = event.target as HTMLInputElement;
    const name = field.value.trim();
    if (name === '' || name === style.name) field.value = style.name;
    else void desk.run('set-style', { style: style.id, name }, []);
}

const said = ({ styles }: TypeStyle) =>
    `${nameOf(styles.font ?? '')} ${weightName(styles.weight ?? 400)}, ${figure(styles.size ?? 16)} px`;
const texts = (style: TypeStyle) => [...desk.items.values()].filter((item) => item.fields.style === style.key);
</script>

<template>
    <section>
        <h3>Styles</h3>
        <p v-if="desk.styles.length === 0" class="note">
            No styles yet. Select a text that is set as it should be, and keep it as a style: what is changed in a style
            is changed in all texts of it.
        </p>
        <div v-for="style in desk.styles" :key="style.id" class="style">
            <input
                :value="style.name"
                :aria-label="`Name of the style ${style.name}`"
                maxlength="200"
                autocomplete="off"
                @change="rename(style, $event)"
            />
            <button
                class="btn"
                type="button"
                :disabled="texts(style).length === 0"
                :aria-label="`Select the texts of the style ${style.name} on this sheet`"
                v-tooltip.top="{ value: 'Select the texts of it on this sheet', showDelay: 400 }"
                @click="desk.select(texts(style).map((item) => item.id))"
            >
                {{ texts(style).length }}
            </button>
            <button
                class="btn"
                type="button"
                :aria-label="`Delete the style ${style.name}`"
                v-tooltip.top="{ value: 'The texts of it stay as they are', showDelay: 400 }"
                @click="desk.run('delete-style', { style: style.id }, [])"
            >
                ×
            </button>
            <p class="note">{{ said(style) }}</p>
        </div>
    </section>
</template>

<style scoped src="./type.css"></style>

<style scoped>
.style {
    display: grid;
    grid-template-columns: 1fr auto auto;
    gap: 2px 5px;
}
.style .note {
    grid-column: span 3;
    padding: 0 5px;
}
.style .btn {
    padding: 0 9px;
}
input {
    height: 28px;
    min-width: 0;
    border: 1px solid transparent;
    border-radius: 3px;
    background: none;
    color: var(--ink);
    font: 600 12.5px var(--words);
    padding: 0 4px;
}
input:hover,
input:focus {
    border-color: var(--line);
    background: var(--card);
}
</style>
