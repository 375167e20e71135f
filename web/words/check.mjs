// Says what is wrong with the catalogue: texts a language lacks, figures it forgets, texts nobody uses.
import fs from 'node:fs';
import path from 'node:path';
import { faults, read, usedIn } from './catalogue.mjs';

const source = new URL('../src/', import.meta.url).pathname;
const code = fs
  .readdirSync(source, { recursive: true })
  .filter((file) => /\.tsx?$/.test(file) && !file.startsWith('words'))
  .map((file) => fs.readFileSync(path.join(source, file), 'utf8'))
  .concat(fs.readFileSync(new URL('./plugin.mjs', import.meta.url), 'utf8'))
  .join('\n');
const wrong = faults(read(path.join(source, 'words')), usedIn(code));
wrong.forEach((one) => console.error(one));
process.exitCode = wrong.length > 0 ? 1 : 0;
