// The catalogue of what the pages say: read, checked, and written out as types. Texts are ICU messages.
import { parse, TYPE } from '@formatjs/icu-messageformat-parser';
import fs from 'node:fs';
import path from 'node:path';

export const FIRST = 'en';

/** @returns {Record<string, Record<string, string>>} by language, then by key */
export function read(folder) {
  const languages = fs.readdirSync(folder, { withFileTypes: true }).filter((one) => one.isDirectory());
  return Object.fromEntries(
    languages.map(({ name }) => [
      name,
      Object.fromEntries(
        fs
          .readdirSync(path.join(folder, name))
          .filter((file) => file.endsWith('.json'))
          .sort()
          .flatMap((file) =>
            Object.entries(JSON.parse(fs.readFileSync(path.join(folder, name, file), 'utf8'))).map(
              ([key, text]) => [`${file.slice(0, -'.json'.length)}.${key}`, text],
            ),
          ),
      ),
    ]),
  );
}

/** What a text asks for: `grams` → plain, count, choice or mark. */
export function figuresOf(text) {
  const found = new Map();
  const add = (name, kind) => {
    const before = found.get(name);
    found.set(name, before === undefined || before === 'plain' ? kind : before);
  };
  const walk = (parts) => {
    for (const part of parts) {
      switch (part.type) {
        case TYPE.argument:
          add(part.value, 'plain');
          break;
        case TYPE.plural:
          add(part.value, 'count');
          Object.values(part.options).forEach(({ value }) => walk(value));
          break;
        case TYPE.select:
          add(part.value, 'choice');
          Object.values(part.options).forEach(({ value }) => walk(value));
          break;
        case TYPE.tag:
          add(part.value, 'mark');
          walk(part.children);
          break;
        case TYPE.number:
          add(part.value, 'count');
          break;
        default:
      }
    }
  };
  walk(parse(text));
  return found;
}

/**
 * @param said by language, then by key
 * @param used keys that stand in the pages' code
 * @returns {string[]} what is wrong, in words
 */
export function faults(said, used) {
  const first = said[FIRST];
  const wrong = [];
  const figures = (language, key) => {
    try {
      return figuresOf(said[language][key]);
    } catch (error) {
      wrong.push(`${language}: ${key} is no message: ${error.message}`);
      return new Map();
    }
  };
  for (const [language, texts] of Object.entries(said)) {
    for (const key of Object.keys(texts)) {
      if (!(key in first)) {
        wrong.push(`${language}: ${key} is not in ${FIRST}`);
      }
      if (texts[key].trim() === '') {
        wrong.push(`${language}: ${key} is empty`);
      }
    }
  }
  for (const key of Object.keys(first)) {
    const asked = figures(FIRST, key);
    for (const language of Object.keys(said).filter((one) => one !== FIRST)) {
      if (!(key in said[language])) {
        wrong.push(`${language}: ${key} is missing`);
        continue;
      }
      const has = figures(language, key);
      for (const name of asked.keys()) {
        if (!has.has(name)) {
          wrong.push(`${language}: ${key} forgets {${name}}`);
        }
      }
      for (const name of has.keys()) {
        if (!asked.has(name)) {
          wrong.push(`${language}: ${key} asks for {${name}}, which nobody gives`);
        }
      }
    }
    if (!used.has(key)) {
      wrong.push(`${key} is not used`);
    }
  }
  return wrong;
}

/** Keys as they stand in code, in quotes. */
export function usedIn(source) {
  return new Set([...source.matchAll(/['"]([a-zA-Z]+\.[a-zA-Z0-9]+)['"]/g)].map(([, key]) => key));
}

const TYPES = { plain: 'Said', count: 'number', choice: 'string', mark: 'unknown' };

/** Keys with their figures, for the compiler. */
export function typesOf(texts) {
  const lines = Object.entries(texts).map(([key, text]) => {
    const figures = [...figuresOf(text)].map(([name, kind]) => `${name}: ${TYPES[kind]}`);
    return `  '${key}': ${figures.length === 0 ? 'undefined' : `{ ${figures.join('; ')} }`};`;
  });
  return [
    '// Made from the English catalogue by `npm run words`; not to be edited.',
    '/** What may stand in a text; nothing, where there is nothing to say. */',
    'export type Said = string | number | false | undefined;',
    '',
    'export interface Figures {',
    ...lines,
    '}',
    '',
  ].join('\n');
}
