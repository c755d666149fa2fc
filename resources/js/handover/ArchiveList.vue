<script setup lang="ts">
import type { Archive } from '@/api/handover';
import { isOnItsWay, save, useHandover } from '@/stores/handover';
import ProgressBar from 'primevue/progressbar';
import { bytes, counted, when } from './words';

/** The archives that were ordered: how far they are, how they differ from the one before, and what went wrong. */
const handover = useHandover();

function words(archive: Archive): string {
    if (archive.state === 'waiting') return archive.stopping ? 'being called off' : 'waits its turn';
    if (archive.state === 'making')
        return archive.stopping ? 'being called off' : `${archive.done} of ${counted(archive.total, 'file')}`;
    if (archive.state === 'cancelled') return 'called off';
    if (archive.state === 'failed') return archive.error ?? 'failed';
    const d = archive.differences;
    const size = `${counted(archive.total, 'file')}, ${bytes(archive.bytes ?? 0)}`;
    if (!d || d.changed + d.same + d.gone === 0) return size;
    return `${size}: ${[
        ...(d.changed ? [`${d.changed} changed`] : []),
        ...(d.new ? [`${d.new} new`] : []),
        ...(d.same ? [`${d.same} the same`] : []),
        ...(d.gone ? [`${d.gone} gone`] : []),
    ].join(', ')}`;
}
</script>

<template>
    <section v-if="handover.archives.length">
        <h2>Archives</h2>
        <ul aria-label="Archives">
            <li v-for="archive in handover.archives" :key="archive.id" :class="archive.state">
                <b>{{ archive.name }}</b>
                <span class="num">{{ when(archive.ordered) }}</span>
                <p :role="isOnItsWay(archive) ? 'status' : undefined">{{ words(archive) }}</p>
                <span class="actions">
                    <button v-if="archive.state === 'done'" class="link" type="button" @click="save(archive)">
                        Download
                    </button>
                    <button
                        v-if="archive.state === 'failed' || archive.state === 'cancelled'"
                        class="link"
                        type="button"
                        @click="handover.again(archive)"
                    >
                        Try again
                    </button>
                    <button
                        v-if="!archive.stopping"
                        class="link"
                        type="button"
                        :aria-label="`${isOnItsWay(archive) ? 'Cancel' : 'Delete'} ${archive.name}`"
                        @click="handover.drop(archive)"
                    >
                        {{ isOnItsWay(archive) ? 'Cancel' : 'Delete' }}
                    </button>
                </span>
                <ProgressBar
                    v-if="isOnItsWay(archive)"
                    class="bar"
                    :show-value="false"
                    :value="Math.round((100 * archive.done) / Math.max(1, archive.total))"
                    :aria-label="`Making ${archive.name}`"
                />
            </li>
        </ul>
    </section>
</template>

<style scoped>
li {
    display: grid;
    grid-template-columns: minmax(80px, auto) auto minmax(0, 1fr) auto;
    gap: 2px 12px;
    align-items: baseline;
    padding: 5px 0;
    border-top: 1px solid var(--edge);
    font-size: 12px;
}
b {
    font-weight: 600;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
}
.num,
p {
    color: var(--soft);
}
.failed p {
    color: var(--brick);
}
.actions {
    display: flex;
    gap: 12px;
}
.bar {
    grid-column: 1 / -1;
    height: 4px;
}
</style>
