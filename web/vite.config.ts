import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';
import { words } from './words/plugin.mjs';

// `npm run dev` serves the pages with live reload; the API is taken from an application started beside it.
export default defineConfig(({ mode }) => ({
  plugins: [words(), react()],
  // What the pages say is parsed when they are built: only tests of the catalogue need the parser.
  resolve:
    mode === 'test'
      ? {}
      : {
          alias: {
            '@formatjs/icu-messageformat-parser': '@formatjs/icu-messageformat-parser/no-parser.js',
          },
        },
  build: {
    outDir: 'target/classes/static',
    emptyOutDir: true,
    chunkSizeWarningLimit: 1600,
    modulePreload: { polyfill: false },
  },
  server: { proxy: { '/api': 'http://localhost:8080' } },
  test: { setupFiles: ['src/words/english.setup.ts'] },
}));
