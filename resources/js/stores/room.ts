import type { Commands } from '@/api/commands.gen';
import type { Axis, Item, Point } from '@/api/types';
import { is } from '@/sheet/kinds';
import type { Order } from '@/stores/bench';
import { useDesk } from '@/stores/desk';
import { useView } from '@/stores/view';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';

type Straddling = NonNullable<Commands['make-room']['straddling']>;

/** px of the screen within which the line goes to a leading edge */
const NEAR = 7;

/** Room at a line: where it lies, how much is made, what becomes of what straddles it. */
export const useRoom = defineStore('room', () => {
    const desk = useDesk();
    const view = useView();
    /** y: the line is level, and things move down */
    const axis = ref<Axis>('y');
    const at = ref<number | null>(null);
    /** px that the line has been dragged */
    const dragged = ref<number | null>(null);
    const by = ref('24');
    const straddling = ref<Straddling>('stay');
    const withSheet = ref(false);

    const size = computed(() => (axis.value === 'x' ? ('w' as const) : ('h' as const)));
    const things = computed(() =>
        desk.tree.children(null).filter((item) => {
            const zone = item.fields.twin?.zone;
            return !item.hidden && !item.reference && zone !== 'head' && zone !== 'foot';
        }),
    );

    const lead = (item: Item) => item.bounds[axis.value];
    const trail = (item: Item) => item.bounds[axis.value] + item.bounds[size.value];

    /** What lies past the line, and what straddles it. */
    const met = computed(() => {
        const line = at.value;
        if (line === null) return { past: [] as Item[], straddling: [] as Item[] };
        const free = things.value.filter((item) => !desk.tree.isLocked(item.id));
        const past = free.filter((item) => lead(item) > line - 0.0005);
        return { past, straddling: free.filter((item) => !past.includes(item) && trail(item) >= line + 0.0005) };
    });
    /** What goes along with the line while it is dragged. */
    const moving = computed(() =>
        [...met.value.past, ...(straddling.value === 'move' ? met.value.straddling : [])].map((item) => item.id),
    );

    /** The line follows the pointer, and goes to the leading edge of what is near. */
    function hover(point: Point): void {
        const place = point[axis.value];
        const edges = things.value
            .filter((item) => !is(item, 'framed-by-items') || desk.tree.children(item.id).length > 0)
            .map(lead);
        const nearest = edges.reduce(
            (best, edge) => (Math.abs(edge - place) < Math.abs(best - place) ? edge : best),
            Infinity,
        );
        at.value = Math.abs(nearest - place) * view.zoom <= NEAR ? nearest : Math.round(place);
    }

    function begin(): void {
        const [first] = desk.selected;
        at.value = first ? lead(first) : null;
        dragged.value = null;
    }

    /** From level to upright, and off. */
    function turn(): void {
        if (view.tool !== 'room') {
            axis.value = 'y';
            view.tool = 'room';
            begin();
        } else if (axis.value === 'y') {
            axis.value = 'x';
            begin();
        } else {
            view.tool = 'select';
        }
    }

    /** Of that much room, for trying it before. */
    const order = (distance: number | string): Order<'make-room'> | null =>
        at.value === null
            ? null
            : {
                  command: 'make-room',
                  params: {
                      axis: axis.value,
                      at: at.value - (desk.sheet?.zero[axis.value] ?? 0),
                      by: distance,
                      straddling: straddling.value,
                      sheet: withSheet.value,
                  },
                  ids: [],
              };

    const make = (distance: number | string) => {
        const wanted = order(distance);
        return wanted ? desk.run('make-room', wanted.params, []) : Promise.resolve(false);
    };

    function selectPast(): void {
        const ids = met.value.past.map((item) => item.id);
        view.tool = 'select';
        desk.select(ids);
    }

    return { axis, at, dragged, by, straddling, withSheet, met, moving, hover, turn, order, make, selectPast };
});
