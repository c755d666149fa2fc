import { api, Problem } from '@/api/client';
import type { Archive, Order, Plan, Preset, Settings } from '@/api/handover';
import { restingQuestion } from '@/api/restingQuestion';
import { useDesk } from '@/stores/desk';
import { kept } from '@/stores/kept';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';

const REST = 120;
/** Milliseconds between two looks at an archive that is being made. */
const LOOK = 400;

const AT_FIRST: Settings = {
    scales: ['1x', '2x'],
    formats: ['png'],
    background: 'sheet',
    quality: 90,
    png: 'true-colour',
    text: 'outlines',
};

export interface NamedSettings {
    /** of a preset of the document; none of those that every document has */
    id?: string;
    name: string;
    settings: Settings;
    sheets: Order['sheets'];
}

/** Those that every document has. */
const EVERYWHERE: NamedSettings[] = [
    { name: 'Web, 1x and 2x', settings: AT_FIRST, sheets: 'none' },
    { name: 'Phone, 1x to 3x', settings: { ...AT_FIRST, scales: ['1x', '2x', '3x'] }, sheets: 'none' },
    { name: 'Print, PDF', settings: { ...AT_FIRST, scales: ['1x'], formats: ['pdf'] }, sheets: 'this' },
];

/** Handing over: how, which files that makes, and the archives that were made. */
export const useHandover = defineStore('handover', () => {
    const desk = useDesk();
    const settings = kept<Settings>('hand-over', structuredClone(AT_FIRST));
    const page = kept('hand-over-page', false);
    const measured = kept('hand-over-measured', false);
    const sheets = ref<Order['sheets']>('none');
    /** ids of slices that are not taken */
    const left = ref<string[]>([]);
    const plan = shallowRef<Plan | null>(null);
    /** why there is no plan */
    const trouble = ref('');
    const archives = shallowRef<Archive[]>([]);
    /** the last archive that was made of this sheet, with its files */
    const last = shallowRef<Archive | null>(null);
    /** the archive that is fetched once it is made */
    const wanted = ref<string | null>(null);
    const question = restingQuestion(REST);
    let looking: ReturnType<typeof setTimeout> | undefined;

    const taken = computed(() => desk.slices.filter((slice) => !left.value.includes(slice.id)));
    const order = computed<Order>(() => ({
        ...settings.value,
        slices: taken.value.map((slice) => slice.id),
        page: page.value,
        measured: measured.value,
        sheets: sheets.value,
    }));
    const presets = computed<NamedSettings[]>(() => [...EVERYWHERE, ...desk.presets.map(ofDocument)]);
    const chosen = computed(() =>
        presets.value.find((preset) => alike(preset.settings, settings.value) && preset.sheets === sheets.value),
    );
    const busy = computed(() => archives.value.some(isOnItsWay));

    watch([order, () => desk.revision, () => desk.sheet?.id], ask, { immediate: true, deep: true });

    /** Asks which files this comes to. */
    function ask(): void {
        question.ask(
            (signal) => (desk.sheet ? api.ask<Plan>(`sheets/${desk.sheet.id}/export/plan`, order.value, signal) : null),
            (answer) => {
                plan.value = answer;
                trouble.value = '';
            },
            (problem) => {
                plan.value = null;
                trouble.value = problem.message;
            },
        );
    }

    function use(preset: NamedSettings): void {
        settings.value = structuredClone({ ...preset.settings, scales: [...preset.settings.scales] });
        sheets.value = preset.sheets;
    }

    const keep = (name: string) => desk.run('keep-preset', { name, ...commanded(settings.value) }, []);
    const forget = (id: string) => desk.run('delete-preset', { preset: id }, []);

    /** @throws Problem when it is refused */
    async function make(): Promise<void> {
        if (!desk.sheet) return;
        const archive = await api.order(desk.sheet.id, order.value);
        wanted.value = archive.id;
        archives.value = [archive, ...archives.value];
        follow();
    }

    /** Looks how far the archives are, and again while any is on its way. */
    async function look(): Promise<void> {
        clearTimeout(looking);
        const id = desk.document?.id;
        if (!id) return;
        const found = await api.archives(id).catch(() => null);
        if (found && desk.document?.id === id) {
            archives.value = found;
            await lookAtLast();
            fetchWanted();
        }
        if (found === null || busy.value) follow();
    }

    function follow(): void {
        clearTimeout(looking);
        looking = setTimeout(() => void look(), LOOK);
    }

    async function lookAtLast(): Promise<void> {
        const made = archives.value.find((one) => one.state === 'done' && one.sheet === desk.sheet?.id);
        if (made?.id !== last.value?.id) last.value = made ? await api.archive(made.id).catch(() => null) : null;
    }

    /** What was asked for here is saved as soon as it is there. */
    function fetchWanted(): void {
        const archive = archives.value.find((one) => one.id === wanted.value);
        if (!archive || isOnItsWay(archive)) return;
        wanted.value = null;
        if (archive.state === 'done') save(archive);
    }

    async function again(archive: Archive): Promise<void> {
        await api.archiveAgain(archive.id);
        wanted.value = archive.id;
        await look();
    }

    /** Calls off what is on its way; takes away what is over. */
    async function drop(archive: Archive): Promise<void> {
        await api.dropArchive(archive.id).catch((error: unknown) => {
            if (!(error instanceof Problem)) throw error;
        });
        if (last.value?.id === archive.id) last.value = null;
        await look();
    }

    function leave(): void {
        clearTimeout(looking);
        question.drop();
        wanted.value = null;
    }

    return {
        settings,
        page,
        measured,
        sheets,
        left,
        plan,
        trouble,
        archives,
        last,
        wanted,
        taken,
        presets,
        chosen,
        busy,
        ask,
        use,
        keep,
        forget,
        make,
        look,
        again,
        drop,
        leave,
    };
});

export function isOnItsWay(archive: Archive): boolean {
    return archive.state === 'waiting' || archive.state === 'making';
}

export function save(archive: Archive): void {
    const link = document.createElement('a');
    link.href = `/api/archives/${archive.id}/file`;
    link.download = '';
    link.click();
}

function ofDocument({ id, name, ...settings }: Preset): NamedSettings {
    return { id, name, settings, sheets: 'none' };
}

function alike(a: Settings, b: Settings): boolean {
    return (Object.keys(AT_FIRST) as (keyof Settings)[]).every(
        (key) => JSON.stringify(a[key]) === JSON.stringify(b[key]),
    );
}

/** As the command takes them: lists that are not empty. */
function commanded(settings: Settings) {
    return {
        ...settings,
        scales: settings.scales as [string, ...string[]],
        formats: settings.formats as [Settings['formats'][number], ...Settings['formats']],
    };
}
