import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': new URL('./resources/js', import.meta.url).pathname } },
  test: {
    css: { include: /\.css/, modules: { classNameStrategy: 'non-scoped' } },
    environment: 'node',
    setupFiles: ['resources/js/shared/testing/page.ts'],
    include: ['resources/js/**/*.test.{ts,tsx}'],
  },
});
