import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

// `npm run dev` serves the pages with live reload; the API is taken from an application started beside it.
export default defineConfig({
  plugins: [react()],
  build: {
    outDir: 'target/classes/static',
    emptyOutDir: true,
    chunkSizeWarningLimit: 1600,
    modulePreload: { polyfill: false },
  },
  server: { proxy: { '/api': 'http://localhost:8080' } },
});
