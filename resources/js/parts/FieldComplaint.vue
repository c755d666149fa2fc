<script setup lang="ts">
import { nextTick, ref, watch, type ComponentPublicInstance } from 'vue';

/** Says beside a field what is wrong with what was typed into it, for as long as it stands there. */
const props = defineProps<{ words: string; of: ComponentPublicInstance | HTMLElement | null }>();
const place = ref({ left: '0px', top: '0px' });
const WIDTH = 240;

watch(
    () => props.words,
    async () => {
        await nextTick();
        const element = props.of instanceof HTMLElement ? props.of : (props.of?.$el as HTMLElement | undefined);
        const box = element?.getBoundingClientRect();
        if (!box) return;
        const below = box.bottom + 60 < window.innerHeight;
        place.value = {
            left: `${Math.max(6, Math.min(box.left, window.innerWidth - WIDTH - 6))}px`,
            top: below ? `${box.bottom + 5}px` : `calc(${box.top - 5}px - 100%)`,
            ...(below ? {} : { top: `${box.top - 5}px`, transform: 'translateY(-100%)' }),
        };
    },
    { immediate: true },
);
</script>

<template>
    <Teleport to="body">
        <p v-if="words" class="complaint" role="alert" :style="place">{{ words }}</p>
    </Teleport>
</template>

<style scoped>
.complaint {
    position: fixed;
    z-index: 1200;
    max-width: 240px;
    margin: 0;
    padding: 5px 9px;
    border: 1px solid var(--brick);
    border-radius: 3px;
    background: var(--card);
    color: var(--brick);
    font: 12px/1.35 var(--words);
    pointer-events: none;
}
</style>
