<script setup lang="ts">
import type { CheckKind } from '@/api/checks';
import { useDesk } from '@/stores/desk';
import NumberField from './NumberField.vue';

/** Which checks the document is looked through by, and from which figures on they find something. */
defineProps<{ kinds: CheckKind[] }>();
const desk = useDesk();
</script>

<template>
    <div class="settings">
        <div v-for="one in kinds" :key="one.kind">
            <label>
                <input
                    type="checkbox"
                    :checked="one.on"
                    @change="
                        desk.run('set-check', { kind: one.kind, on: ($event.target as HTMLInputElement).checked }, [])
                    "
                />
                {{ one.heading }}
            </label>
            <NumberField
                v-if="one.limit"
                :label="one.limit.label"
                :value="one.limit.value"
                :unit="one.limit.unit"
                :min="one.limit.least"
                :max="one.limit.most"
                :step="one.limit.default < 5 ? 0.05 : 1"
                @set="(limit) => desk.run('set-check', { kind: one.kind, limit }, [])"
            />
        </div>
    </div>
</template>

<style scoped>
.settings {
    display: grid;
    gap: 4px;
    padding: 0 12px 12px;
}
label {
    display: flex;
    align-items: center;
    gap: 4px;
    font-size: 12px;
}
</style>
