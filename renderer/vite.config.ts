import { defineConfig } from 'vite';

// The renderer runs in Node: one file for each entry, packages stay outside.
export default defineConfig({
  publicDir: false,
  build: {
    ssr: true,
    outDir: 'renderer/dist',
    emptyOutDir: true,
    rollupOptions: {
      input: {
        cutouts: 'renderer/src/cutouts.ts',
        film: 'renderer/src/film.ts',
        join: 'renderer/src/join.ts',
        still: 'renderer/src/still.ts',
        stills: 'renderer/src/stills.ts',
        painting: 'renderer/src/painting.ts',
        picture: 'renderer/src/picture.ts',
        workbook: 'renderer/src/workbook.ts',
      },
      output: { entryFileNames: '[name].js', chunkFileNames: '[name].js', format: 'es' },
      external: ['@napi-rs/canvas', 'exceljs'],
    },
    target: 'node20',
  },
});
