import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { generateScopedName } from './vite.names';

/** The builder's page as one classic script and one sheet with its fonts inside: it opens from disk, too. */
export default defineConfig({
  css: { modules: { generateScopedName } },
  plugins: [react()],
  resolve: { alias: { '@': '/resources/js' } },
  publicDir: false,
  base: './',
  build: {
    target: 'es2022',
    outDir: 'resources/built',
    assetsInlineLimit: 400_000,
    cssCodeSplit: false,
    rollupOptions: {
      input: 'resources/js/builder/disk.tsx',
      output: { format: 'iife', entryFileNames: 'page.js', assetFileNames: 'page.[ext]', inlineDynamicImports: true },
    },
  },
});
