import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': new URL('./resources/js', import.meta.url).pathname } },
  test: {
    css: { include: /\.css/, modules: { classNameStrategy: 'non-scoped' } },
    environment: 'node',
    testTimeout: 30_000,
    setupFiles: ['resources/js/shared/testing/page.ts'],
    include: ['resources/js/**/*.test.{ts,tsx}'],
  },
});
