import { defineConfig } from 'vitest/config';

export default defineConfig({
  test: {
    include: ['{web,painter,renderer,player,fonts}/**/*.test.{ts,tsx,mjs}'],
    environment: 'node',
    // Pictures are painted and films are made, while other checks run beside these.
    testTimeout: 60_000,
    hookTimeout: 60_000,
  },
});
