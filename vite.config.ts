import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { shownIcons } from './fonts/icons.mjs';

export default defineConfig({
  plugins: [laravel({ input: ['web/main.tsx'], refresh: false }), react(), shownIcons()],
  css: {
    preprocessorOptions: {
      scss: { quietDeps: true, silenceDeprecations: ['import', 'global-builtin', 'color-functions', 'if-function'] },
    },
  },
  build: { chunkSizeWarningLimit: 900 },
});
