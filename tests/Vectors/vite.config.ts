import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));

/** One script of what is held to vectors. */
export default defineConfig({
    root: at('.'),
    logLevel: 'warn',
    resolve: { alias: { '@': at('../../resources/js') } },
    build: {
        lib: { entry: at('page.ts'), formats: ['iife'], name: 'page', fileName: () => 'vectors.js' },
        outDir: at('../../bootstrap/cache/vectors'),
        emptyOutDir: true,
    },
});
