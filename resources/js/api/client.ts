import type { ReadList } from './tables';
import type { Commands } from './commands.gen';
import type { Archive, Order } from './handover';
import type { Family } from './fonts';
import type { Icon, KitList, LibraryPicture } from './kits';
import type { DocumentSummary, HistoryEntry, NewSheet, SheetContent, SheetSummary } from './types';

/** The server said no, with a sentence for the person at the desk. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        detail: string,
        readonly revision?: number,
    ) {
        super(detail);
    }
}

/** The server could not be reached, or did not answer sensibly: nothing is known of what happened. */
export class Unreachable extends Error {}

/** The server is there and cannot now: busy, its disk is full, its data folder cannot be written. */
const TRY_AGAIN = [502, 503, 504, 507];

interface ProblemDocument {
    detail?: string;
    revision?: number;
}

/** Files that are known by their types; all others are what is in them. */
const TYPES = ['image/svg+xml', 'application/zip'];
const typeOf = (body: unknown) =>
    !(body instanceof Blob) ? 'application/json' : TYPES.includes(body.type) ? body.type : 'application/octet-stream';

/** A picture that is kept: items show it by its key. */
export interface KeptPicture {
    picture: string;
    width: number;
    height: number;
    /** what was changed about it, as sentences */
    notes: string[];
}

export async function send(
    method: string,
    path: string,
    body?: unknown,
    signal?: AbortSignal,
    more: Record<string, string> = {},
): Promise<Response> {
    let response: Response;
    try {
        response = await fetch(`/api/${path}`, {
            method,
            headers: { ...(body === undefined ? {} : { 'Content-Type': typeOf(body) }), ...more },
            body: body === undefined || body instanceof Blob ? body : JSON.stringify(body),
            signal,
        });
    } catch {
        throw new Unreachable('The server does not answer.');
    }
    if (response.ok) {
        return response;
    }
    const problem = (await response.json().catch(() => ({}))) as ProblemDocument;
    if (TRY_AGAIN.includes(response.status)) throw new Unreachable(problem.detail ?? 'The server is busy.');
    if (response.status === 401) window.location.assign('/sign-in');
    throw new Problem(
        response.status,
        problem.detail ?? `The server refused this (${response.status}).`,
        problem.revision,
    );
}

async function json<T>(method: string, path: string, body?: unknown, signal?: AbortSignal): Promise<T> {
    const response = await send(method, path, body, signal);
    try {
        return (await response.json()) as T;
    } catch {
        throw new Unreachable('The answer of the server broke off.');
    }
}

export const api = {
    documents: async () => (await json<{ documents: DocumentSummary[] }>('GET', 'documents')).documents,
    document: (id: string) => json<DocumentSummary>('GET', `documents/${id}`),
    createDocument: (name: string, sheet: NewSheet) => json<DocumentSummary>('POST', 'documents', { name, sheet }),
    renameDocument: (id: string, name: string) => json<DocumentSummary>('PATCH', `documents/${id}`, { name }),
    copyDocument: (id: string) => json<DocumentSummary>('POST', `documents/${id}/copy`),
    deleteDocument: (id: string) => send('DELETE', `documents/${id}`),
    restoreDocument: (id: string) => json<DocumentSummary>('POST', `documents/${id}/restore`),
    sheet: (id: string) => json<SheetContent>('GET', `sheets/${id}`),
    revision: async (id: string) => (await json<{ revision: number }>('GET', `sheets/${id}/revision`)).revision,
    addSheet: (document: string, sheet: NewSheet) => json<SheetSummary>('POST', `documents/${document}/sheets`, sheet),
    setSheet: (id: string, place: { name?: string; position?: number }) =>
        json<SheetSummary>('PATCH', `sheets/${id}`, place),
    copySheet: (id: string) => json<SheetSummary>('POST', `sheets/${id}/copy`),
    /** another arrangement of a sheet, or of some things on it */
    addVariant: (id: string, items: string[] = []) => json<SheetSummary>('POST', `sheets/${id}/variants`, { items }),
    addWidth: (id: string, width: number) => json<SheetSummary>('POST', `sheets/${id}/widths`, { width }),
    deleteSheet: (id: string) => send('DELETE', `sheets/${id}`),
    post: <T>(path: string, body?: unknown) => json<T>('POST', path, body),
    /** a question that changes nothing and can be taken back */
    ask: <T>(path: string, body: unknown, signal?: AbortSignal) => json<T>('POST', path, body, signal),
    look: <T>(path: string, signal?: AbortSignal) => json<T>('GET', path, undefined, signal),
    history: async (document: string) =>
        (await json<{ lines: HistoryEntry[] }>('GET', `documents/${document}/history`)).lines,
    /** How words would stand, without keeping them. */
    setting: <T>(sheet: string, body: unknown) => json<T>('POST', `sheets/${sheet}/setting`, body),
    fonts: () =>
        json<{ families: Record<string, Family>; own: string[]; hashes: Record<string, string> }>('GET', 'fonts'),
    /** Sends a font file; the document has it once the command add-font says so. */
    addFont: async (file: Blob): Promise<{ font: string; family: string }> =>
        (await send('POST', 'fonts', file)).json() as Promise<{ font: string; family: string }>,
    addPicture: async (file: Blob, name: string): Promise<KeptPicture> =>
        (await send('POST', `pictures?name=${encodeURIComponent(name)}`, file)).json() as Promise<KeptPicture>,
    aboutPicture: (picture: string) =>
        json<{ name: string; credit: string | null }>('GET', `pictures/${picture}/about`),
    kits: () => json<KitList>('GET', 'kits'),
    kit: (id: string) => json<{ name: string; file: Commands['paste']['file'] }>('GET', `kits/${id}`),
    icons: (words: string, signal?: AbortSignal) =>
        json<{ icons: Icon[]; count: number; side: number }>(
            'GET',
            `icons?search=${encodeURIComponent(words)}`,
            undefined,
            signal,
        ),
    pictureLibrary: async (words: string, signal?: AbortSignal) =>
        (
            await json<{ pictures: LibraryPicture[] }>(
                'GET',
                `picture-library?search=${encodeURIComponent(words)}`,
                undefined,
                signal,
            )
        ).pictures,
    takeFromLibrary: (id: string) => json<KeptPicture & { name: string }>('POST', `picture-library/${id}/take`),
    outlines: (font: string, hash: string) => json<Record<string, string>>('GET', `fonts/${font}/${hash}`),
    /** gives an order to the queue, whatever its size (RFC 7240) */
    order: async (sheet: string, order: Order) =>
        (await (
            await send('POST', `sheets/${sheet}/export`, order, undefined, { Prefer: 'respond-async' })
        ).json()) as Archive,
    archives: async (document: string) =>
        (await json<{ archives: Archive[] }>('GET', `documents/${document}/archives`)).archives,
    archive: (id: string) => json<Archive>('GET', `archives/${id}`),
    archiveAgain: (id: string) => json<Archive>('POST', `archives/${id}/again`),
    dropArchive: (id: string) => send('DELETE', `archives/${id}`),
    /** Opens a document file, an archive with one, or a drawing in SVG as a document of its own. */
    openDocument: async (file: File): Promise<DocumentSummary & { said?: string }> => {
        const type = /\.svg$/i.test(file.name) ? TYPES[0] : /\.zip$/i.test(file.name) ? TYPES[1] : undefined;
        if (type) {
            const path = `documents/import?name=${encodeURIComponent(file.name)}`;
            return json<DocumentSummary>('POST', path, new Blob([file], { type }));
        }
        const body = (await file.text()).trim();
        let read: unknown;
        try {
            read = JSON.parse(body);
        } catch {
            throw new Problem(422, 'This is not a document file: it cannot be read as JSON.');
        }
        return json<DocumentSummary>('POST', 'documents/import', read);
    },
    /** What is recognised of a list of values; what is known of it already is wished for. */
    readList: async (list: Blob, wish: Record<string, string>): Promise<ReadList> =>
        (
            await send('POST', `lists/read?${new URLSearchParams(wish)}`, new Blob([list], { type: 'text/csv' }))
        ).json() as Promise<ReadList>,
    /** Reads a drawing in SVG as what can be pasted. */
    readDrawing: (svg: Blob, name: string) =>
        json<{ excerpt: Commands['paste']['file'] | null; width: number; height: number; said: string }>(
            'POST',
            `drawings/read?name=${encodeURIComponent(name)}`,
            new Blob([svg], { type: 'image/svg+xml' }),
        ),
};
