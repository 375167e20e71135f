import { expect, test } from 'vitest';
import { coloured, meanOf, type Sort, type Stretch } from './colour';
import { lyingTress, type Fibres } from './fibres';
import { fallingHair, shows, VIEWS, type HeadZone } from './head';
import { lightOf, linear, lots, screen } from './light';

/** CIELAB of linear light under D65 (IEC 61966-2-1 for the primaries, CIE 15 for the rest). */
function lab({ red, green, blue }: { red: number; green: number; blue: number }): [number, number, number] {
  const f = (t: number): number => (t > (6 / 29) ** 3 ? Math.cbrt(t) : t / (3 * (6 / 29) ** 2) + 4 / 29);
  const x = f((0.4124 * red + 0.3576 * green + 0.1805 * blue) / 0.9505);
  const y = f(0.2126 * red + 0.7152 * green + 0.0722 * blue);
  const z = f((0.0193 * red + 0.1192 * green + 0.9505 * blue) / 1.089);
  return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

/** CIE76, which is never less than CIEDE2000 by more than a rounding for near colours that are not blue. */
function apart(one: [number, number, number], other: [number, number, number]): number {
  return Math.hypot(one[0] - other[0], one[1] - other[1], one[2] - other[2]);
}

/** Mean of the light that pixels of a strand send, between two heights, away from where two colours meet. */
function seen(
  fibres: Fibres,
  pixels: Uint8ClampedArray,
  strand: number,
  fromCm: number,
  toCm: number,
): { red: number; green: number; blue: number; count: number } {
  const sum = { red: 0, green: 0, blue: 0, count: 0 };
  fibres.fibre.forEach((fibre, p) => {
    const cm = fibres.cm[p] ?? 0;
    if (
      fibre > 0 &&
      fibres.strand[fibre] === strand &&
      cm >= fromCm + 0.25 &&
      cm < toCm - 0.25 &&
      pixels[4 * p + 3] === 255
    ) {
      sum.red += linear(pixels[4 * p] ?? 0);
      sum.green += linear(pixels[4 * p + 1] ?? 0);
      sum.blue += linear(pixels[4 * p + 2] ?? 0);
      sum.count++;
    }
  });
  const n = Math.max(1, sum.count);
  return { red: sum.red / n, green: sum.green / n, blue: sum.blue / n, count: sum.count };
}

const COLOURS = [
  '#15100e',
  '#2a1d17',
  '#4a3222',
  '#806442',
  '#a5492a',
  '#b98f5a',
  '#d9c08f',
  '#efe3c8',
  '#f6f1e6',
  '#7d5a86',
  '#3f6f8f',
];

function one(hex: string): Sort {
  return { share: 1, light: lightOf(hex) };
}

test('a tress is of its colours, stretch by stretch, whatever they are', () => {
  const fibres = lyingTress(500, 60, 32, 5);
  for (const root of COLOURS) {
    for (const ends of COLOURS.filter((_, i) => i % 2 === 0)) {
      const strand: Stretch[] = [
        { fromCm: 0, toCm: 6, sorts: [one(root)], softCm: 0.5 },
        { fromCm: 6, toCm: 32, sorts: [one(ends)], softCm: 0.5 },
      ];
      const pixels = coloured(fibres, [strand], 'woven');
      for (const { fromCm, toCm, sorts } of strand) {
        const mean = seen(fibres, pixels, 0, fromCm, toCm);
        expect(mean.count).toBeGreaterThan(500);
        expect(apart(lab(mean), lab(meanOf(sorts))), `${root} into ${ends}`).toBeLessThan(1);
      }
    }
  }
});

test('white fibres and woven pieces come to the mean of their shares', () => {
  const fibres = lyingTress(700, 104, 20, 3);
  const white = { share: 0.4, light: lightOf('#e9e3d8') };
  const sorts: Sort[] = [
    { share: 0.3, light: lightOf('#d9c08f') },
    { share: 0.7, light: lightOf('#3a2a1f'), white },
  ];
  const pixels = coloured(fibres, [[{ fromCm: 0, toCm: 20, sorts, softCm: 0 }]], 'woven');
  expect(apart(lab(seen(fibres, pixels, 0, 0, 20)), lab(meanOf(sorts)))).toBeLessThan(1);
  const light = new Set<number>();
  fibres.lot.forEach((lot) => lot < white.share && light.add(lot));
  expect(light.size / (fibres.lot.length - 1)).toBeCloseTo(white.share, 1);
});

test('pieces that lie apart are each of their colour', () => {
  const fibres = lyingTress(300, 56, 15, 9);
  const sorts = [
    { share: 0.5, light: lightOf('#efe3c8') },
    { share: 0.5, light: lightOf('#2a1d17') },
  ];
  const pixels = coloured(fibres, [[{ fromCm: 0, toCm: 15, sorts, softCm: 0 }]], 'apart');
  const luminance = (p: number): number => linear(pixels[4 * p + 1] ?? 0);
  expect(luminance(14 * 300 + 150)).toBeGreaterThan(4 * luminance(42 * 300 + 150));
});

test('the same seed draws the same hair, another another', () => {
  const pixels = (seed: number): string =>
    coloured(
      lyingTress(60, 20, 10, seed),
      [[{ fromCm: 0, toCm: 10, sorts: [one('#806442')], softCm: 0 }]],
      'woven',
    ).join();
  expect(pixels(4)).toBe(pixels(4));
  expect(pixels(4)).not.toBe(pixels(5));
});

test('hair that is not there is not drawn', () => {
  const fibres = lyingTress(100, 24, 10, 1);
  const pixels = coloured(
    fibres,
    [
      [
        { fromCm: 0, toCm: 5, sorts: [one('#806442')], softCm: 0.5 },
        { fromCm: 5, toCm: 10, sorts: [], softCm: 0.5 },
      ],
    ],
    'woven',
  );
  expect(pixels[4 * (12 * 100 + 20) + 3]).toBeGreaterThan(0);
  expect(pixels[4 * (12 * 100 + 80) + 3]).toBe(0);
});

const ZONES: HeadZone[] = [
  { place: 'FRINGE', lengthCm: 20 },
  { place: 'CROWN', lengthCm: 34 },
  { place: 'SIDE_LEFT', lengthCm: 32 },
  { place: 'SIDE_RIGHT', lengthCm: 32 },
  { place: 'BACK', lengthCm: 36 },
  { place: 'NAPE', lengthCm: 30 },
];

test("a head's zones are of their colours from every side", () => {
  const lot = lots(11);
  for (const view of VIEWS) {
    const fibres = fallingHair(view, ZONES, 360, 420, 1);
    const strands = ZONES.map(({ lengthCm }): Stretch[] => [
      { fromCm: 0, toCm: 8, sorts: [one(COLOURS[Math.floor(lot() * 11)] ?? '#806442')], softCm: 0.5 },
      { fromCm: 8, toCm: lengthCm, sorts: [one(COLOURS[Math.floor(lot() * 11)] ?? '#806442')], softCm: 0.5 },
    ]);
    const pixels = coloured(fibres, strands, 'woven');
    let compared = 0;
    strands.forEach((strand, z) =>
      strand.forEach(({ fromCm, toCm, sorts }) => {
        const mean = seen(fibres, pixels, z, fromCm, toCm);
        if (mean.count >= 60) {
          compared++;
          expect(apart(lab(mean), lab(meanOf(sorts))), `${view}, zone ${z} from ${fromCm} cm`).toBeLessThan(
            2,
          );
        }
      }),
    );
    expect(compared).toBeGreaterThan(3);
  }
});

test('short hair reaches less far down than long hair', () => {
  const lowest = (lengthCm: number): number => {
    const { fibre, width } = fallingHair(
      'back',
      [
        { place: 'CROWN', lengthCm },
        { place: 'NAPE', lengthCm: 40 },
      ],
      200,
      300,
      1,
    );
    const { strand } = fallingHair(
      'back',
      [
        { place: 'CROWN', lengthCm },
        { place: 'NAPE', lengthCm: 40 },
      ],
      200,
      300,
      1,
    );
    return Math.floor(fibre.findLastIndex((one) => one > 0 && strand[one] === 0) / width);
  };
  expect(lowest(12)).toBeLessThan(lowest(30) - 20);
});

test("each side shows the client's own side", () => {
  expect(shows('left', 'SIDE_LEFT')).toBe(true);
  expect(shows('left', 'SIDE_RIGHT')).toBe(false);
  expect(shows('back', 'FRINGE')).toBe(false);
});

test('light goes to the screen and back', () => {
  for (let value = 0; value < 256; value++) {
    expect(Math.round(screen(linear(value)))).toBe(value);
  }
});
