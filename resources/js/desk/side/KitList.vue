<script setup lang="ts">
import { api } from '@/api/client';
import type { KitList, ShippedKit } from '@/api/kits';
import { usePutting, type Dragged } from '@/desk/putting';
import { useRoving } from '@/parts/roving';
import TextField from '@/parts/TextField.vue';
import { counted } from '@/sheet/words';
import { useDesk } from '@/stores/desk';
import { computed, onMounted, ref, watch } from 'vue';

/** Kits as they will look on this sheet: the document's own, those that come with the application, those of other documents. */
const props = defineProps<{ words: string }>();
const desk = useDesk();
const putting = usePutting();
const list = ref<HTMLElement | null>(null);
const { at, to, focused } = useRoving(list);
const all = ref<KitList | null>(null);
const trouble = ref('');
const named = ref<string | null>(null);

interface Tile {
    id: string;
    name: string;
    note?: string;
    what: Dragged;
    /** the address of its picture */
    seen: string;
    own?: boolean;
}

async function load(): Promise<void> {
    trouble.value = '';
    try {
        all.value = await api.kits();
    } catch (error) {
        trouble.value = (error as Error).message;
    }
}
onMounted(load);

/** Anew where something that kits are made with has changed. */
const edition = computed(() => [
    desk.sheet?.unit_of_spacing,
    desk.sheet?.width,
    desk.scales,
    desk.styles,
    desk.swatches,
]);
const seenAt = ref(desk.revision);
watch(edition, () => (seenAt.value = desk.revision));
const seen = (kit: string, sheet = desk.sheet?.id) => `/api/sheets/${sheet}/kits/${kit}.svg?seen=${seenAt.value}`;

const isWanted = (...said: string[]) =>
    props.words
        .trim()
        .toLowerCase()
        .split(/\s+/)
        .every((word) => ` ${said.join(' ').toLowerCase()}`.includes(` ${word}`) || word === '');

const own = computed<Tile[]>(() =>
    desk.kits
        .filter(({ name }) => isWanted(name))
        .map(({ id, name, edition: of }) => ({
            id,
            name,
            what: { put: 'kit', kit: id },
            seen: `${seen(id)}&edition=${of}`,
            own: true,
        })),
);
const shipped = computed<Tile[]>(() =>
    (all.value?.shipped ?? [])
        .filter(({ title, words }: ShippedKit) => isWanted(title, words))
        .map(({ kit, title }) => ({ id: kit, name: title, what: { put: 'kit', kit }, seen: seen(kit) })),
);
const others = computed<Tile[]>(() =>
    (all.value?.kept ?? [])
        .filter((kit) => kit.document !== desk.document?.id && isWanted(kit.name, kit.document_name))
        .map(({ id, name, document_name: note, sheet }) => ({
            id,
            name,
            note,
            what: { put: 'kept', kit: id },
            seen: seen(id, sheet),
        })),
);
const parts = computed(() =>
    [
        { title: 'Of this document', tiles: own.value },
        { title: 'Ready-made', tiles: shipped.value },
        { title: 'Of other documents', tiles: others.value },
    ].filter(({ tiles }) => tiles.length > 0),
);
const order = computed(() => parts.value.flatMap(({ tiles }) => tiles));
watch(order, () => (at.value = Math.min(at.value, Math.max(0, order.value.length - 1))));

const field = ref<InstanceType<typeof TextField> | null>(null);
watch(field, () => (field.value?.$el as HTMLElement | undefined)?.focus());

async function keep(name: string): Promise<void> {
    named.value = null;
    await desk.run('keep-kit', { name });
}
</script>

<template>
    <div ref="list" class="list" @keydown="to" @focusin="focused">
        <div class="keep">
            <TextField
                ref="field"
                v-if="named !== null"
                :value="named"
                label="Name of the kit"
                placeholder="Name of the kit"
                @keep="keep"
                @done="named = null"
            />
            <button
                v-else
                class="btn"
                type="button"
                :disabled="desk.selection.length === 0"
                v-tooltip.bottom="{ value: 'What is selected can then be put on any sheet again', showDelay: 400 }"
                @click="named = ''"
            >
                {{ desk.selection.length ? `Keep ${counted(desk.selected)} as a kit` : 'Select things to keep them' }}
            </button>
        </div>
        <section v-for="part in parts" :key="part.title">
            <h3>{{ part.title }}</h3>
            <div class="tiles">
                <div v-for="tile in part.tiles" :key="tile.id" class="tile">
                    <button
                        type="button"
                        data-cell
                        draggable="true"
                        :tabindex="order[at] === tile ? 0 : -1"
                        :title="tile.note ? `${tile.name}, ${tile.note}` : tile.name"
                        @click="putting.put(tile.what)"
                        @dragstart="putting.drag($event, tile.what)"
                    >
                        <span class="seen"><img :src="tile.seen" alt="" draggable="false" /></span>
                        <span class="name">{{ tile.name }}</span>
                        <span v-if="tile.note" class="note">{{ tile.note }}</span>
                    </button>
                    <button
                        v-if="tile.own"
                        class="quiet away"
                        type="button"
                        :aria-label="`Delete the kit ${tile.name}`"
                        v-tooltip.right="{ value: 'Delete this kit', showDelay: 400 }"
                        @click="desk.run('delete-kit', { kit: tile.id }, [])"
                    >
                        <svg width="9" height="9" aria-hidden="true"><path d="M1 1l7 7M8 1l-7 7" /></svg>
                    </button>
                </div>
            </div>
        </section>
        <p v-if="trouble" class="empty" role="alert">
            {{ trouble }} <button class="link" type="button" @click="load">Try again</button>
        </p>
        <p v-else-if="all && parts.length === 0" class="empty">No kit is called that. Try another word, or fewer.</p>
    </div>
</template>

<style scoped>
.list {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
    padding: 0 9px 12px;
    display: grid;
    gap: 10px;
    align-content: start;
}
.keep .btn {
    width: 100%;
    overflow: hidden;
    text-overflow: ellipsis;
    display: block;
}
h3 {
    font: 400 12px var(--words);
    color: var(--soft);
    margin: 0 0 5px;
}
.tiles {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 7px;
}
.tile {
    position: relative;
    min-width: 0;
}
.tile > button:first-child {
    width: 100%;
    border: 1px solid var(--line);
    border-radius: 4px;
    background: var(--card);
    padding: 0 0 4px;
    cursor: grab;
    display: grid;
}
.tile > button:first-child:hover {
    border-color: var(--spruce);
    background: var(--over);
}
.seen {
    display: grid;
    place-items: center;
    height: 62px;
    padding: 6px;
    margin-bottom: 3px;
    background: #e7e2d4;
    border-radius: 3px 3px 0 0;
}
.seen img {
    max-width: 100%;
    max-height: 50px;
    object-fit: contain;
}
.name,
.note {
    padding: 0 5px;
    font-size: 11.5px;
    text-align: left;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
    min-width: 0;
}
.note {
    font-size: 11px;
    color: var(--soft);
}
.away {
    position: absolute;
    top: 1px;
    right: 1px;
    opacity: 0;
    color: #20302d;
}
.tile:hover .away,
.away:focus-visible {
    opacity: 1;
}
.away svg {
    fill: none;
    stroke: currentColor;
    stroke-width: 1.4;
}
.empty {
    color: var(--soft);
    font-size: 12px;
}
</style>
