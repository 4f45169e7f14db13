import { defineConfig } from 'vite';

// What a page carries in itself: one script and one style, without modules to load.
export default defineConfig({
  publicDir: false,
  build: {
    outDir: 'player/dist',
    emptyOutDir: true,
    cssCodeSplit: false,
    rollupOptions: {
      input: 'player/src/player.ts',
      output: { format: 'iife', entryFileNames: 'player.js', assetFileNames: 'player[extname]' },
    },
    target: 'es2022',
  },
});
