import { readdirSync } from 'node:fs';
import { defineConfig } from 'vite';

// Builds the service worker, after the application: it is told what was built.
const root = 'public';
// Faces in the older format are for browsers without service workers, and the barcode reader needs a connection anyway.
const built = readdirSync(`${root}/build/assets`)
    .filter(
        (file) =>
            /\.(?:js|css|woff2)$/.test(file) && !/^Barcode|-(?:cyrillic|greek|hebrew|vietnamese|latin-ext)/.test(file),
    )
    .map((file) => `/build/assets/${file}`);

export default defineConfig({
    publicDir: false,
    define: {
        // The names change with their contents, so that they need no revision.
        BUILT: JSON.stringify(built.map((url) => ({ url, revision: null }))),
        'process.env.NODE_ENV': '"production"',
    },
    build: {
        outDir: root,
        emptyOutDir: false,
        target: 'es2022',
        lib: { entry: 'resources/js/offline/worker.ts', formats: ['iife'], name: 'worker', fileName: () => 'sw.js' },
    },
});
