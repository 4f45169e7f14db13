import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: { include: ['{web,painter,renderer}/**/*.test.ts'], environment: 'node' },
});
