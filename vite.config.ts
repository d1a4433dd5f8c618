import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
    base: '/build/',
    publicDir: false,
    plugins: [react()],
    build: {
        outDir: 'public/build',
        emptyOutDir: true,
        manifest: true,
        target: 'es2022',
        rolldownOptions: { input: 'resources/js/main.tsx' },
    },
});
