// Texts are parsed when the pages are built, so that no parser has to be fetched with them.
import { parse } from '@formatjs/icu-messageformat-parser';

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
  };
}

/** What asks for nothing stays a text. */
function parsed(text) {
  const parts = parse(text);
  return parts.length === 1 && parts[0].type === 0 ? parts[0].value : parts;
}
