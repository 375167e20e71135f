// Texts are parsed when the pages are built, so that no parser has to be fetched with them.
import { parse } from '@formatjs/icu-messageformat-parser';
import fs from 'node:fs';
import { read } from './catalogue.mjs';

const TEXTS = new URL('../src/words/', import.meta.url).pathname;
const OFFLINE = new URL('./offline.html', import.meta.url).pathname;

/** @returns {import('vite').Plugin} */
export function words() {
  return {
    name: 'words',
    enforce: 'pre',
    transform(code, id) {
      if (!/\/src\/words\/[a-z]+\/\w+\.json$/.test(id)) {
        return null;
      }
      const texts = Object.entries(JSON.parse(code)).map(([key, text]) => [key, parsed(text)]);
      return { code: JSON.stringify(Object.fromEntries(texts)), map: null };
    },
    generateBundle() {
      for (const [language, said] of Object.entries(read(TEXTS))) {
        const source = offlinePage(language, said);
        this.emitFile({ type: 'asset', fileName: `offline-${language}.html`, source });
      }
    },
  };
}

/** What asks for nothing stays a text. */
function parsed(text) {
  const parts = parse(text);
  return parts.length === 1 && parts[0].type === 0 ? parts[0].value : parts;
}

/** What is shown where the program does not answer; it needs nothing else to be shown. */
export function offlinePage(language, said) {
  const stands = {
    language,
    title: said['shared.offline'],
    text: said['shared.offlineWhy'],
    again: said['shared.offlineAgain'],
  };
  return fs.readFileSync(OFFLINE, 'utf8').replace(/\{(\w+)\}/g, (mark, name) => stands[name] ?? mark);
}
