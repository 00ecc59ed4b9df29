import { defineConfig } from 'vitest/config';

export default defineConfig({
  resolve: { alias: { '@': new URL('./resources/js', import.meta.url).pathname } },
  test: { environment: 'node', include: ['resources/js/**/*.test.{ts,tsx}'] },
});
