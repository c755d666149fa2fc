<script setup lang="ts">
import { useFonts } from './fonts';

/** The families that texts can be set in. */
const { families, nameOf, weightsOf, hasItalic, weightName } = useFonts();
const said = (family: string) =>
    weightsOf(family)
        .map(({ weight }) => weightName(weight))
        .join(', ') + (hasItalic(family) ? ', italics' : '');
</script>

<template>
    <section>
        <h3>Fonts</h3>
        <div v-for="family in families" :key="family" class="family">
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
</style>
