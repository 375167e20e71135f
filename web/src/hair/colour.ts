import type { Fibres } from './fibres';
import { screen, type Rgb } from './light';

/** Hair of one colour among that of a stretch. */
export interface Sort {
  /** Of the stretch's hair, 0–1; all of a stretch's sorts come to 1. */
  readonly share: number;
  readonly light: Rgb;
  /** Its part that is white, if any is. */
  readonly white?: { readonly share: number; readonly light: Rgb } | undefined;
}

export interface Stretch {
  readonly fromCm: number;
  readonly toCm: number;
  /** None: hair that is not there. */
  readonly sorts: readonly Sort[];
  /** Over how many cm it runs into the one below; 0: a line. */
  readonly softCm: number;
}

/** How the sorts of a stretch lie: woven among each other, or one beside the other across the strand. */
export type Lying = 'woven' | 'apart';

/** Of the light there is, how much shines white at the brightest. */
const SHINE = 0.3;
/** Pixels wholly of hair count towards its mean; at the edges the ground shows through. */
const WHOLE = 0.98;
const FEWEST = 24;
/** So many pixels tell a picture's means to a part in a thousand. */
const ENOUGH = 20_000;
const LAST = 47;
const PRIMES = [2, 3, 5, 7, 11, 13, 17, 19, 23, 29, 31, 37, 41, 43, LAST];

/**
 * Colours fibres so that over every stretch the mean of the light that comes from them is the stretch's colour: a drawing never lies about
 * the colour. Fibres are lighter and darker about it, and shine white; what that adds is taken off again, channel by channel.
 *
 * @param strands for each strand its stretches, from the scalp down; a strand without any is not drawn
 * @return pixels, red, green, blue and cover, 0–255
 */
export function coloured(
  fibres: Fibres,
  strands: readonly (readonly Stretch[])[],
  lying: Lying,
): Uint8ClampedArray<ArrayBuffer> {
  const painted = strands.map((stretches) => new Strand(stretches, lying));
  const cells = new Cells(fibres, painted);
  tally(fibres, painted, cells);
  painted.forEach((strand, s) => cells.settled(strand, s));
  return seen(fibres, cells);
}

/** What the loops over all pixels look up, in plain arrays one after the other: strand by strand, and fibre by fibre. */
class Cells {
  /** Of each fibre: where its strand's cells begin, less than 0 if it is not drawn; where its colours begin; its cells a cm. */
  readonly first: Int32Array;
  readonly colours: Int32Array;
  readonly perCm: Float32Array;
  /** Of each cell. */
  readonly contrast: Float32Array;
  readonly shine: Float32Array;
  readonly none: Uint8Array;
  /** Red, green, blue by row and cell. */
  readonly lights: Float32Array;
  private readonly rowsOf: Int32Array;

  constructor(fibres: Fibres, strands: readonly Strand[]) {
    const count = fibres.strand.length;
    this.first = new Int32Array(count).fill(-1);
    this.colours = new Int32Array(count);
    this.perCm = new Float32Array(count);
    const row = new Int32Array(count);
    for (let f = 1; f < count; f++) {
      const s = fibres.strand[f] ?? 0;
      const strand = strands[s];
      if (strand && !strand.bald) {
        this.first[f] = s * CELLS;
        this.perCm[f] = strand.perCm;
        row[f] = strand.rowOf(fibres.lot[f] ?? 0, fibres.across[f] ?? 0);
      }
    }
    this.rowsOf = new Int32Array(strands.length);
    let rows = 0;
    strands.forEach((strand, s) => {
      this.rowsOf[s] = rows;
      rows += strand.lights.length / (3 * CELLS);
    });
    this.lights = new Float32Array(3 * CELLS * rows);
    this.contrast = new Float32Array(CELLS * strands.length);
    this.shine = new Float32Array(CELLS * strands.length);
    this.none = new Uint8Array(CELLS * strands.length);
    strands.forEach((strand, s) => {
      this.lights.set(strand.lights, 3 * CELLS * (this.rowsOf[s] ?? 0));
      this.contrast.set(strand.contrast, CELLS * s);
      this.none.set(strand.none, CELLS * s);
    });
    for (let f = 1; f < count; f++) {
      this.colours[f] = CELLS * ((this.rowsOf[fibres.strand[f] ?? 0] ?? 0) + (row[f] ?? 0));
    }
  }

  /** Takes over what brings a strand's mean to its colour. */
  settled(strand: Strand, s: number): void {
    strand.settle();
    this.shine.set(strand.shine, CELLS * s);
    const begin = 3 * CELLS * (this.rowsOf[s] ?? 0);
    const end = begin + strand.lights.length;
    for (let at = begin, cell = 0; at < end; at++, cell = cell + 1 < 3 * CELLS ? cell + 1 : 0) {
      this.lights[at] = (this.lights[at] ?? 0) * (strand.right[cell] ?? 1);
    }
  }
}

/** Counts what would be drawn of every stretch. Of a large picture a part says as much: a prime step meets all rows and fibres. */
function tally(
  { hair, fibre, cover, shade, gleam, cm, strand }: Fibres,
  painted: readonly Strand[],
  cells: Cells,
): void {
  const step = hair.length > 2 * ENOUGH ? (PRIMES.find((prime) => prime >= hair.length / ENOUGH) ?? LAST) : 1;
  for (let i = 0; i < hair.length; i += step) {
    const p = hair[i] ?? 0;
    const f = fibre[p] ?? 0;
    const first = cells.first[f] ?? -1;
    if (first < 0 || (cover[p] ?? 0) < WHOLE) {
      continue;
    }
    const cell = Math.min(CELLS - 1, ((cm[p] ?? 0) * (cells.perCm[f] ?? 0)) | 0);
    const at = 3 * ((cells.colours[f] ?? 0) + cell);
    const turned = 1 + ((shade[p] ?? 1) - 1) * (cells.contrast[first + cell] ?? 1);
    painted[strand[f] ?? 0]?.count(
      cell,
      (cells.lights[at] ?? 0) * turned,
      (cells.lights[at + 1] ?? 0) * turned,
      (cells.lights[at + 2] ?? 0) * turned,
      gleam[p] ?? 0,
    );
  }
}

function seen(
  { width, height, hair, fibre, cover, shade, gleam, cm }: Fibres,
  cells: Cells,
): Uint8ClampedArray<ArrayBuffer> {
  const shown = new Uint8ClampedArray(4 * width * height);
  const { first, colours, perCm, contrast, shine, none, lights } = cells;
  for (let i = 0, count = hair.length; i < count; i++) {
    const p = hair[i] ?? 0;
    const f = fibre[p] ?? 0;
    const from = first[f] ?? -1;
    if (from < 0) {
      continue;
    }
    const along = ((cm[p] ?? 0) * (perCm[f] ?? 0)) | 0;
    const cell = along < CELLS ? along : CELLS - 1;
    if (none[from + cell] === 1) {
      continue;
    }
    const at = 3 * ((colours[f] ?? 0) + cell);
    const turned = 1 + ((shade[p] ?? 1) - 1) * (contrast[from + cell] ?? 1);
    const shines = (shine[from + cell] ?? 0) * (gleam[p] ?? 0);
    const to = 4 * p;
    shown[to] = screen((lights[at] ?? 0) * turned + shines);
    shown[to + 1] = screen((lights[at + 1] ?? 0) * turned + shines);
    shown[to + 2] = screen((lights[at + 2] ?? 0) * turned + shines);
    shown[to + 3] = 255 * (cover[p] ?? 0);
  }
  return shown;
}

/** Parts of a strand's length that are coloured alike: half a millimetre of usual hair. */
const CELLS = 800;

/** One strand's colours by cell, from the scalp to its end. */
class Strand {
  /** Red, green, blue of each cell, row by row: a row for each way in which fibres differ along their length. */
  lights = new Float32Array(0);
  readonly contrast = new Float32Array(CELLS);
  /** 1 where there is no hair. */
  readonly none = new Uint8Array(CELLS);
  /** What brings the mean of what is drawn to the colour, and how much shines; known once all was counted. */
  readonly right = new Float32Array(3 * CELLS).fill(1);
  readonly shine = new Float32Array(CELLS);
  private readonly stretches: readonly Painted[];
  readonly perCm: number;
  /** Whether nothing of it is drawn. */
  readonly bald: boolean;
  private readonly here = new Int16Array(CELLS);
  private readonly other = new Int16Array(CELLS);
  private readonly share = new Float32Array(CELLS);
  private readonly rows = new Map<string, number>();

  constructor(
    stretches: readonly Stretch[],
    private readonly lying: Lying,
  ) {
    this.stretches = stretches.map((one) => new Painted(one));
    const length = this.stretches.at(-1)?.of.toCm ?? 0;
    this.bald = stretches.length === 0;
    this.perCm = length > 0 ? CELLS / length : 0;
    let at = 0;
    for (let cell = 0; cell < CELLS; cell++) {
      const cm = length > 0 ? (cell + 0.5) / this.perCm : 0;
      while (at < this.stretches.length - 1 && cm >= (this.stretches[at]?.of.toCm ?? 0)) {
        at++;
      }
      const one = this.stretches[at];
      this.here[cell] = at;
      this.none[cell] = !one || one.none ? 1 : 0;
      this.contrast[cell] = one?.contrast ?? 1;
      this.beside(cell, at, cm);
    }
  }

  /** How much of its neighbour's colour is there where one stretch runs into the next. */
  private beside(cell: number, at: number, cm: number): void {
    const one = this.stretches[at];
    const above = this.stretches[at - 1];
    const below = this.stretches[at + 1];
    this.other[cell] = at;
    if (!one || one.none) {
      return;
    }
    const down = cm - one.of.fromCm;
    const up = one.of.toCm - cm;
    if (above && !above.none && down < above.softCm / 2) {
      this.other[cell] = at - 1;
      this.share[cell] = 0.5 - down / above.softCm;
    } else if (below && !below.none && up < one.softCm / 2) {
      this.other[cell] = at + 1;
      this.share[cell] = 0.5 - up / one.softCm;
    }
  }

  /** The row of a fibre's colours. @param lot the fibre's, 0–1 @param across where it lies across the strand, 0–1 */
  rowOf(lot: number, across: number): number {
    const sorts = this.stretches.map((one) => one.sortOf(lot, across, this.lying));
    const key = sorts.join();
    const known = this.rows.get(key);
    if (known !== undefined) {
      return known;
    }
    const found = this.rows.size;
    this.rows.set(key, found);
    const lights = new Float32Array(3 * CELLS * (found + 1));
    lights.set(this.lights);
    for (let cell = 0; cell < CELLS; cell++) {
      const at = this.here[cell] ?? 0;
      const next = this.other[cell] ?? 0;
      const mine = this.stretches[at]?.lightOf(sorts[at] ?? 0);
      const beside = this.stretches[next]?.lightOf(sorts[next] ?? 0);
      const share = this.share[cell] ?? 0;
      if (mine && beside) {
        const to = 3 * (found * CELLS + cell);
        lights[to] = mine.red + (beside.red - mine.red) * share;
        lights[to + 1] = mine.green + (beside.green - mine.green) * share;
        lights[to + 2] = mine.blue + (beside.blue - mine.blue) * share;
      }
    }
    this.lights = lights;
    return found;
  }

  count(cell: number, red: number, green: number, blue: number, gleam: number): void {
    if (this.share[cell] === 0) {
      this.stretches[this.here[cell] ?? 0]?.count(red, green, blue, gleam);
    }
  }

  settle(): void {
    this.stretches.forEach((one) => one.settle());
    for (let cell = 0; cell < CELLS; cell++) {
      const mine = this.stretches[this.here[cell] ?? 0];
      const beside = this.stretches[this.other[cell] ?? 0];
      const share = this.share[cell] ?? 0;
      if (mine && beside) {
        this.shine[cell] = mine.shine + (beside.shine - mine.shine) * share;
        this.right[3 * cell] = mine.right.red + (beside.right.red - mine.right.red) * share;
        this.right[3 * cell + 1] = mine.right.green + (beside.right.green - mine.right.green) * share;
        this.right[3 * cell + 2] = mine.right.blue + (beside.right.blue - mine.right.blue) * share;
      }
    }
  }
}

/** A stretch as it is drawn. */
class Painted {
  readonly softCm: number;
  readonly none: boolean;
  /** What brings the mean of what is drawn to the colour. */
  right: Rgb = { red: 1, green: 1, blue: 1 };
  shine: number;
  /** How much of a fibre's own lightness may show before pale hair would be whiter than white. */
  readonly contrast: number;
  private readonly want: Rgb;
  private red = 0;
  private green = 0;
  private blue = 0;
  private shone = 0;
  private pixels = 0;

  constructor(readonly of: Stretch) {
    this.softCm = Math.min(of.softCm, 2 * (of.toCm - of.fromCm));
    this.none = of.sorts.length === 0;
    this.want = meanOf(of.sorts);
    const brightest = Math.max(
      0.01,
      ...of.sorts.map(({ light, white }) =>
        Math.max(brightestOf(light), white ? brightestOf(white.light) : 0),
      ),
    );
    const { red, green, blue } = this.want;
    const luminance = 0.2126 * red + 0.7152 * green + 0.0722 * blue;
    this.shine = Math.min(SHINE * (luminance + 0.03), 0.9 * Math.max(0, 1 - brightest) + 0.02);
    this.contrast = Math.min(1, Math.max(0.12, (1 - brightest) / (0.5 * brightest)));
  }

  /** Twice the index of a fibre's sort, and one more if it is white there. */
  sortOf(lot: number, across: number, lying: Lying): number {
    const { sorts } = this.of;
    // Two lots out of one: which fibres are woven out says nothing of which are white.
    const by = lying === 'apart' ? across : (lot * 7.31) % 1;
    let upTo = 0;
    let at = 0;
    for (const [i, { share }] of sorts.entries()) {
      upTo += share;
      at = i;
      if (by < upTo) {
        break;
      }
    }
    return 2 * at + (lot < (sorts[at]?.white?.share ?? 0) ? 1 : 0);
  }

  lightOf(sort: number): Rgb {
    const one = this.of.sorts[sort >> 1];
    return (sort % 2 === 1 ? one?.white?.light : one?.light) ?? this.want;
  }

  count(red: number, green: number, blue: number, gleam: number): void {
    this.red += red;
    this.green += green;
    this.blue += blue;
    this.shone += gleam;
    this.pixels++;
  }

  settle(): void {
    if (this.pixels < FEWEST) {
      return;
    }
    const { want, pixels } = this;
    const gleam = this.shone / pixels;
    // Never more shine than would leave the colour itself: blue goes first in warm hair.
    const least = Math.min(want.red, want.green, want.blue);
    this.shine = gleam > 0 ? Math.min(this.shine, (0.5 * least) / gleam) : this.shine;
    const off = this.shine * gleam;
    const put = (wanted: number, drawn: number): number =>
      drawn > 0 ? ((wanted - off) * pixels) / drawn : 1;
    this.right = {
      red: put(want.red, this.red),
      green: put(want.green, this.green),
      blue: put(want.blue, this.blue),
    };
  }
}

function brightestOf({ red, green, blue }: Rgb): number {
  return Math.max(red, green, blue);
}

/** Seen from afar. */
export function meanOf(sorts: readonly Sort[]): Rgb {
  let red = 0;
  let green = 0;
  let blue = 0;
  for (const { share, light, white } of sorts) {
    const pale = white?.share ?? 0;
    red += share * ((1 - pale) * light.red + pale * (white?.light.red ?? 0));
    green += share * ((1 - pale) * light.green + pale * (white?.light.green ?? 0));
    blue += share * ((1 - pale) * light.blue + pale * (white?.light.blue ?? 0));
  }
  return { red, green, blue };
}
