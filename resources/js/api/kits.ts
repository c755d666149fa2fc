/** A kit that comes with the application. */
export interface ShippedKit {
    kit: string;
    title: string;
    /** what else it is found by */
    words: string;
}

/** Things that the document keeps under a name, to be put on its sheets again. */
export interface OwnKit {
    id: string;
    name: string;
    /** another one where what is in it is another */
    edition: string;
}

/** A kit that some document keeps. */
export interface KeptKit {
    id: string;
    name: string;
    document: string;
    document_name: string;
    /** the sheet of its document by which it is seen */
    sheet: string;
}

export interface KitList {
    shipped: ShippedKit[];
    kept: KeptKit[];
}

export interface Icon {
    name: string;
    /** path data, within a square of 24 px */
    path: string;
}

export interface LibraryPicture {
    id: string;
    name: string;
    credit: string;
}
