import type { Commands, Fields } from '@/api/commands.gen';
import type { Item } from '@/api/types';

/** What the server says of every kind of item, as GET /api/kinds gives it. No one asks which kind an item is of by its name. */
export interface Kind {
    name: string;
    noun: string;
    nouns: string;
    /** its sign in lists: path data within 14 × 14 */
    icon: string;
    tool: Tool | null;
    traits: Trait[];
    fields: Field[];
}

export interface Tool {
    order: number;
    name: string;
    hint: string;
    /** path data within 22 × 22 */
    icon: string;
    /** px, of one that is put on the sheet without being drawn */
    width: number;
    height: number;
    /** what is shown while one is drawn */
    /** the kind behind whose tool it stands */
    behind: string | null;
    ghost: 'frame' | 'ellipse' | 'line' | 'typed' | 'path' | 'chosen';
}

/** What of a kind the page asks. */
export type Trait =
    | 'holds-items'
    | 'framed-by-items'
    | 'shows-as-one'
    | 'masks-others'
    | 'has-words'
    | 'has-points'
    | 'sets-lines'
    | 'on-circle'
    | 'has-picture'
    | 'has-cells'
    | 'closed'
    | 'flat'
    | 'named-after-others';

export interface Field {
    name: keyof Fields;
    noun: string;
    heading: string;
    label: string;
    type:
        | 'fill'
        | 'outline'
        | 'shadows'
        | 'corners'
        | 'number'
        | 'count'
        | 'choice'
        | 'font'
        | 'font-weight'
        | 'words'
        | 'switch'
        | 'sides'
        | 'picture'
        | 'hidden';
    group: 'geometry' | 'look' | 'words';
    default: unknown;
    own: boolean;
    set: boolean;
    unit?: string;
    least?: number;
    most?: number;
    step?: number;
    none?: boolean;
    /** the field that says nothing while this one is set */
    instead_of?: keyof Fields;
    choices?: { value: string; name: string }[];
}

const SLICES: Kind = {
    name: 'slice',
    noun: 'slice',
    nouns: 'slices',
    icon: '',
    tool: null,
    traits: ['named-after-others'],
    fields: [],
};

const POINTS: Kind = { ...SLICES, name: 'point', noun: 'point', nouns: 'points' };

/** They come with the page. */
function read(): Map<string, Kind> {
    const text = globalThis.document?.getElementById('kinds')?.textContent ?? '[]';
    return new Map([...(JSON.parse(text) as Kind[]), SLICES, POINTS].map((kind) => [kind.name, kind]));
}

const kinds = read();

export function kindOf(item: Pick<Item, 'kind'>): Kind {
    const kind = kinds.get(item.kind);
    if (!kind) throw new Error(`There is no kind of item "${item.kind}".`);
    return kind;
}

export type DrawnKind = Kind & { name: Commands['add-item']['kind']; tool: Tool };

/** Those that are drawn by hand, in the order of their tools. */
export const drawnKinds: DrawnKind[] = [...kinds.values()]
    .flatMap((kind) => (kind.tool ? [{ ...kind, tool: kind.tool } as DrawnKind] : []))
    .sort((a, b) => a.tool.order - b.tool.order);

export const is = (item: Pick<Item, 'kind'>, trait: Trait): boolean => kindOf(item).traits.includes(trait);
