<script setup lang="ts">
import { useTheme } from '@/stores/theme';
import Toast from 'primevue/toast';

useTheme();
</script>

<template>
    <RouterView />
    <Toast position="bottom-center">
        <template #message="{ message }">
            <div class="toast">
                <span>{{ message.detail }}</span>
                <button v-if="message.undo" class="btn" type="button" @click="message.undo()">Undo</button>
            </div>
        </template>
    </Toast>
</template>

<style scoped>
.toast {
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 14px;
    flex: 1;
    color: var(--ink);
}
</style>
