import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';

/** A class is called after its sheet and its own name, so that two sheets may use the same word. */
const generateScopedName = (name: string, file: string) =>
  `${file.replace(/^.*\//, '').replace(/\.module\.css.*$/, '')}-${name}`;

export default defineConfig({
  css: { modules: { generateScopedName } },
  plugins: [
    laravel({ input: ['resources/js/app/main.tsx', 'resources/js/builder/main.tsx'], refresh: false }),
    react(),
  ],
  resolve: { alias: { '@': '/resources/js' } },
  build: { target: 'es2022', chunkSizeWarningLimit: 900 },
});
