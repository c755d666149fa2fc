import type { Fields } from './commands.gen';

/** How words are set, kept by the document under a name. */
export interface TypeStyle {
    id: string;
    /** by which texts refer to it */
    key: string;
    name: string;
    styles: Partial<Fields>;
}

/** The sizes of letters that the document offers. */
export interface TypeScale {
    id: string;
    base: number;
    ratio: number;
    whole: boolean;
    sizes: number[];
}

/** A font that the document has of its own. */
export interface OwnFont {
    id: string;
    /** its key, which is that of its outlines */
    font: string;
    family: string;
    name: string;
    weight: number;
    italic: boolean;
}

/** A family of fonts: what it calls itself, and its weights. */
export interface Family {
    name: string;
    weights: number[];
    italics: number[];
}
