/** What can be opened as a document. */
export const isDocumentFile = (file: File): boolean => /\.(json|zip|svg)$/i.test(file.name);

/** All files that were dropped, also those in folders that were: of these, what can be opened. */
export async function filesIn(data: DataTransfer): Promise<File[]> {
    const entries = [...data.items].map((item) => item.webkitGetAsEntry());
    if (!entries.some((entry) => entry?.isDirectory)) return [...data.files];
    const found: File[] = [];
    for (const entry of entries) if (entry) await collect(entry, found, true);
    return found;
}

async function collect(entry: FileSystemEntry, found: File[], named: boolean): Promise<void> {
    if (entry.isFile) {
        const file = await new Promise<File>((done, failed) => (entry as FileSystemFileEntry).file(done, failed));
        if (named || isDocumentFile(file)) found.push(file);
        return;
    }
    const reader = (entry as FileSystemDirectoryEntry).createReader();
    for (;;) {
        const inside = await new Promise<FileSystemEntry[]>((done, failed) => reader.readEntries(done, failed));
        if (inside.length === 0) return;
        for (const one of inside) await collect(one, found, false);
    }
}
