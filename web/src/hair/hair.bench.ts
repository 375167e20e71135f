import { bench } from 'vitest';
import { coloured, type Stretch } from './colour';
import { lyingTress } from './fibres';
import { fallingHair, type HeadZone } from './head';
import { lightOf } from './light';

const LENGTH = 34;
/** In dots, as the reading and the comparison draw them at 1280×800. */
const TRESS = { width: 500, height: 104 };
const HEAD = { width: 480, height: 454 };

const zones: HeadZone[] = (['FRINGE', 'CROWN', 'SIDES', 'BACK', 'NAPE'] as const).map((place) => ({
  place,
  lengthCm: LENGTH,
}));

function strand(ends: string): Stretch[] {
  return [
    { fromCm: 0, toCm: 5, sorts: [{ share: 1, light: lightOf('#4a3222') }], softCm: 0.5 },
    { fromCm: 5, toCm: LENGTH, sorts: [{ share: 1, light: lightOf(ends) }], softCm: 0.5 },
  ];
}

const tresses = (): ReturnType<typeof lyingTress>[] =>
  [1, 2, 3, 4, 5].map((seed) => lyingTress(TRESS.width, TRESS.height, LENGTH, seed));
const heads = (): ReturnType<typeof fallingHair>[] =>
  (['front', 'right', 'back'] as const).map((view) => fallingHair(view, zones, HEAD.width, HEAD.height, 1));

function colour(fibres: ReturnType<typeof lyingTress>[], ends: string, count: number): void {
  fibres.forEach((one) =>
    coloured(
      one,
      Array.from({ length: count }, () => strand(ends)),
      'woven',
    ),
  );
}

const keptTresses = tresses();
const keptHeads = heads();
let turn = 0;

bench('five tresses and three heads for another step or light', () => {
  const ends = turn++ % 2 === 0 ? '#d9c08f' : '#806442';
  colour(keptTresses, ends, 1);
  colour(keptHeads, ends, zones.length);
});

bench('the same of another length or size, drawn anew', () => {
  colour(tresses(), '#d9c08f', 1);
  colour(heads(), '#d9c08f', zones.length);
});
