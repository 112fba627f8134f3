import react from '@vitejs/plugin-react';
import laravel from 'laravel-vite-plugin';
import { defineConfig } from 'vite';
import { compressed } from './bin/compressed.mjs';
import { docsPage } from './bin/docs-page.mjs';

export default defineConfig({
  plugins: [laravel({ input: ['resources/js/main.tsx'], refresh: false }), react(), docsPage(), compressed()],
  build: {
    // fonts stay files of our own: the content security policy allows no data: fonts
    assetsInlineLimit: 0,
    chunkSizeWarningLimit: 1200,
  },
});
