import react from '@vitejs/plugin-react';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { constants, gzipSync } from 'node:zlib';
import { defineConfig, type Plugin } from 'vite';

const ASSETS = 'public/build/assets';

/** Packs what is built as tightly as can be, once, so that the server need not do it for every visitor. */
function precompressed(): Plugin {
    return {
        name: 'precompressed',
        apply: 'build',
        writeBundle() {
            for (const file of readdirSync(ASSETS).filter((one) => /\.(?:js|css)$/.test(one))) {
                const packed = gzipSync(readFileSync(`${ASSETS}/${file}`), { level: constants.Z_BEST_COMPRESSION });
                writeFileSync(`${ASSETS}/${file}.gz`, packed);
            }
        },
    };
}

export default defineConfig({
    base: '/build/',
    publicDir: false,
    plugins: [react(), precompressed()],
    resolve: {
        alias: { '@rc-component/form': fileURLToPath(new URL('resources/js/ui/withoutForms.ts', import.meta.url)) },
    },
    build: {
        outDir: 'public/build',
        emptyOutDir: true,
        manifest: true,
        target: 'es2022',
        rolldownOptions: { input: 'resources/js/main.tsx' },
    },
});
