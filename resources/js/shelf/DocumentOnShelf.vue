<script setup lang="ts">
import type { DocumentSummary } from '@/api/types';
import TextField from '@/parts/TextField.vue';
import Menu from 'primevue/menu';
import { computed, nextTick, ref } from 'vue';

/** A document on the shelf: a true thumbnail of its first sheet in its own proportion, standing on the board. */
const props = defineProps<{ document: DocumentSummary }>();
const emit = defineEmits<{ rename: [name: string]; copy: []; remove: [] }>();
const ROOM = { w: 226, h: 168 };
const menu = ref<InstanceType<typeof Menu> | null>(null);
const renaming = ref(false);
const root = ref<HTMLElement | null>(null);

const sheet = computed(() => props.document.sheets[0]);
const size = computed(() => {
    const { width, height } = sheet.value ?? { width: 1, height: 1 };
    const scale = Math.min(ROOM.w / width, ROOM.h / height);
    return { width: `${Math.max(6, width * scale)}px`, height: `${Math.max(6, height * scale)}px` };
});

const when = computed(() => {
    const then = new Date(props.document.changed);
    const days = Math.floor((new Date().setHours(0, 0, 0, 0) - new Date(then).setHours(0, 0, 0, 0)) / 86_400_000);
    if (days <= 0) return 'today';
    return days === 1
        ? 'yesterday'
        : then.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
});

const sheets = computed(
    () => `${props.document.sheets.length} ${props.document.sheets.length === 1 ? 'sheet' : 'sheets'}`,
);

async function startRenaming(): Promise<void> {
    renaming.value = true;
    await nextTick();
    root.value?.querySelector<HTMLInputElement>('.text-field')?.select();
}

const entries = [
    { label: 'Rename', command: () => void startRenaming() },
    { label: 'Copy', command: () => emit('copy') },
    { label: 'Save as a file', url: `/api/documents/${props.document.id}/file` },
    { label: 'Save with pictures beside it', url: `/api/documents/${props.document.id}/file?as=zip` },
    { label: 'Delete', command: () => emit('remove') },
];
</script>

<template>
    <li ref="root" class="standing">
        <div class="board">
            <RouterLink
                v-if="sheet"
                :to="{ name: 'desk', params: { document: document.id, sheet: sheet.id } }"
                :aria-label="`Open ${document.name}`"
            >
                <img :src="`/api/sheets/${sheet.id}/render.svg?pixels=512&r=${sheet.revision}`" :style="size" alt="" />
            </RouterLink>
        </div>
        <div class="words">
            <TextField
                v-if="renaming"
                :value="document.name"
                label="Name of the document"
                @keep="emit('rename', $event)"
                @done="renaming = false"
            />
            <b v-else :title="document.name">{{ document.name }}</b>
            <button
                type="button"
                class="more"
                :aria-label="`What to do with ${document.name}`"
                aria-haspopup="true"
                @click="menu?.toggle($event)"
            >
                <svg width="16" height="16"><path d="M4 6.500 8 10.500 12 6.500" /></svg>
            </button>
        </div>
        <span>{{ sheets }}, changed {{ when }}</span>
        <span v-if="document.out_of_square" class="odd">{{ document.out_of_square }} out of square</span>
        <Menu ref="menu" :model="entries" popup />
    </li>
</template>

<style scoped>
.standing > .odd {
    display: block;
    color: var(--brick);
}
.standing {
    padding-bottom: 14px;
    min-width: 0;
}
.board {
    height: 196px;
    display: flex;
    align-items: flex-end;
    padding: 0 8px 3px;
}
.board a {
    display: block;
    line-height: 0;
}
.board img {
    display: block;
    background: #fff;
    outline: 1px solid var(--edge);
    transition: transform 0.12s;
}
.board a:hover img {
    outline-color: var(--spruce);
    transform: translateY(-3px);
}
.words {
    display: flex;
    align-items: center;
    gap: 4px;
    padding: 9px 8px 0;
    min-height: 36px;
}
.words b {
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.more {
    border: 0;
    background: none;
    padding: 3px;
    border-radius: 3px;
    cursor: pointer;
    line-height: 0;
}
.more:hover {
    background: var(--paper);
}
.more path {
    fill: none;
    stroke: var(--soft);
    stroke-width: 1.6;
}
span {
    padding: 0 8px;
    color: var(--soft);
}
</style>
