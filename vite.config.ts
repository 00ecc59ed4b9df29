import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { generateScopedName } from './vite.names';

export default defineConfig({
  css: { modules: { generateScopedName } },
  plugins: [
    laravel({ input: ['resources/js/app/main.tsx', 'resources/js/builder/main.tsx'], refresh: false }),
    react(),
  ],
  resolve: { alias: { '@': '/resources/js' } },
  build: { target: 'es2022', chunkSizeWarningLimit: 900 },
});
