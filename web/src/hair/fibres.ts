import { lots } from './light';

/**
 * Hair without its colour: for each pixel which fibre lies there, of which strand and how far from the scalp, how much it is in the light.
 * It depends on nothing but shape and seed, so that the same hair takes the colours of every step and every light.
 */
export interface Fibres {
  readonly width: number;
  readonly height: number;
  /** Where there is any hair: its pixels, row by row. */
  readonly hair: Int32Array;
  /** Which fibre lies on top, from 1; 0 where there is no hair. */
  readonly fibre: Uint16Array;
  /** How much of the pixel is hair, 0–1. */
  readonly cover: Float32Array;
  /** Light on it by its place among the others; 1 is the mean. */
  readonly shade: Float32Array;
  /** How much it shines, 0–1. */
  readonly gleam: Float32Array;
  /** cm from the scalp. */
  readonly cm: Float32Array;
  /** Of each fibre, from 1: which strand it belongs to, and a lot that says whether it is white or woven out, 0–1. */
  readonly strand: readonly number[];
  readonly lot: readonly number[];
  /** Of each fibre: where it lies across its strand, 0–1. */
  readonly across: readonly number[];
}

const MOST_FIBRES = 65_535;
/** More of a pixel than that is all of it, to the eye. */
const WHOLE = 0.98;

/** Fibres as they are drawn, the uppermost first: what lies under others is hardly worked at. */
export class Drawing {
  /** 1 where nothing more can be seen. */
  readonly full: Uint8Array;
  readonly fibre: Uint16Array;
  readonly cover: Float32Array;
  readonly shade: Float32Array;
  readonly gleam: Float32Array;
  readonly cm: Float32Array;
  readonly strand: number[] = [0];
  readonly lot: number[] = [0];
  readonly across: number[] = [0];

  constructor(
    readonly width: number,
    readonly height: number,
  ) {
    const pixels = width * height;
    this.full = new Uint8Array(pixels);
    this.fibre = new Uint16Array(pixels);
    this.cover = new Float32Array(pixels);
    this.shade = new Float32Array(pixels);
    this.gleam = new Float32Array(pixels);
    this.cm = new Float32Array(pixels);
  }

  /** @return its number */
  begin(strand: number, lot: number, across: number): number {
    if (this.strand.length >= MOST_FIBRES) {
      throw new RangeError('too many fibres');
    }
    this.strand.push(strand);
    this.lot.push(lot);
    this.across.push(across);
    return this.strand.length - 1;
  }

  /** All fibres are drawn. */
  done(): Fibres {
    const { width, height, fibre, cover, shade, gleam, cm, strand, lot, across } = this;
    let count = 0;
    const hair = new Int32Array(fibre.length);
    for (let p = 0; p < fibre.length; p++) {
      if (fibre[p] !== 0) {
        hair[count++] = p;
      }
    }
    return { width, height, hair: hair.slice(0, count), fibre, cover, shade, gleam, cm, strand, lot, across };
  }

  /** A little of a fibre, under what is there already. */
  touch(fibre: number, pixel: number, cover: number, shade: number, gleam: number, cm: number): void {
    const there = this.cover[pixel] ?? 0;
    if (there === 0 || (there <= 0.5 && cover > 0.5)) {
      this.fibre[pixel] = fibre;
      this.cm[pixel] = cm;
    }
    const more = (1 - there) * cover;
    const all = there + more;
    const part = more / all;
    this.shade[pixel] = (this.shade[pixel] ?? 0) * (1 - part) + shade * part;
    this.gleam[pixel] = (this.gleam[pixel] ?? 0) * (1 - part) + gleam * part;
    this.cover[pixel] = all > WHOLE ? 1 : all;
    this.full[pixel] = all > WHOLE ? 1 : 0;
  }
}

const SINES = Float32Array.from({ length: 1024 }, (_, i) => Math.sin((i / 1024) * 2 * Math.PI));

/** @param radians 0 or more */
function sine(radians: number): number {
  return SINES[((radians * 1024) / (2 * Math.PI)) & 1023] ?? 0;
}

/** A prime beyond any count of fibres, so that every place is taken once. */
const STRIDE = 4801;

/** How far fibres differ in lightness: linear light about the mean. */
const VARIED = 0.42;
/** What lies at the rim is turned away from the light. */
const RIM = 0.72;
const SHINES: readonly (readonly [at: number, wide: number, strong: number])[] = [
  [0.3, 0.09, 1],
  [0.72, 0.12, 0.7],
];

/**
 * A tress lying to scale, scalp at the left.
 *
 * @param width of its bitmap, for the whole length
 */
export function lyingTress(width: number, height: number, lengthCm: number, seed: number): Fibres {
  const lot = lots(seed);
  const drawing = new Drawing(width, height);
  const { full } = drawing;
  const count = 2 * Math.max(8, Math.round(height * 0.85)) + 1;
  const shines = Float32Array.from({ length: width }, (_, x) =>
    SHINES.reduce((sum, [at, wide, strong]) => sum + strong * Math.exp(-(((x / width - at) / wide) ** 2)), 0),
  );
  for (let k = 0; k < count; k++) {
    // One to each part of its width, in no order: hair without holes, where fibres lie over each other by chance.
    const v = (((k * STRIDE) % count) + lot()) / count;
    const rim = Math.min(1, Math.max(0, (Math.abs(v - 0.5) - 0.3) / 0.2));
    const shade = (1 + (lot() - 0.5) * 2 * VARIED) * (1 - rim * (1 - RIM));
    const shine = (0.35 + 0.65 * lot()) * (1 - rim * 0.8);
    const y0 = height * (0.06 + 0.88 * v);
    const sway = (lot() - 0.5) * height * 0.09;
    const phase = lot() * 2 * Math.PI;
    const often = 1 + lot() * 1.2;
    // A few end early: the ends thin out.
    const end = width * (1 - (k % 3 === 0 ? 0.09 : 0.035) * lot() ** 1.5);
    const thick = 1.1 + lot() * 1.5;
    const fibre = drawing.begin(0, lot(), v);
    const shift = Math.round((v - 0.5) * 0.05 * width);
    for (let x = 0; x < end; x++) {
      const t = x / width;
      const y = y0 + sway * sine(phase + often * 3.1 * t) * (0.15 + 0.85 * t);
      const gleam = shine * (shines[Math.min(width - 1, Math.max(0, x - shift))] ?? 0);
      const half = thick * (1 - 0.35 * t) * 0.5;
      const last = Math.min(height - 1, (y + half + 0.5) | 0);
      for (let py = Math.max(0, (y - half) | 0); py <= last; py++) {
        const pixel = py * width + x;
        if (full[pixel] === 1) {
          continue;
        }
        const cover = Math.min(1, half + 0.5 - Math.abs(py + 0.5 - y));
        if (cover > 0) {
          drawing.touch(fibre, pixel, cover, shade, gleam, t * lengthCm);
        }
      }
    }
  }
  return drawing.done();
}
