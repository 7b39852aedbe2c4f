import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

export default defineConfig({
    plugins: [laravel({ input: 'resources/js/app.tsx', refresh: true }), react(), tailwindcss()],
    build: {
        rolldownOptions: {
            output: { codeSplitting: { groups: [{ name: 'often', minShareCount: 12 }, { name: 'shared', minShareCount: 3, maxSize: 40000 }] } },
        },
    },
});
