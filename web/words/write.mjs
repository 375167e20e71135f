// Writes the catalogue's keys and figures out as types.
import fs from 'node:fs';
import { FIRST, read, typesOf } from './catalogue.mjs';

const folder = new URL('../src/words/', import.meta.url).pathname;
fs.writeFileSync(`${folder}keys.ts`, typesOf(read(folder)[FIRST]));
