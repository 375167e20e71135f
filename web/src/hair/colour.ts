import { Drawing, type Fibres } from './fibres';
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
  const { width, height } = fibres;
  const painted = strands.map((stretches) => new Strand(stretches, lying, fibres));
  const pixels = width * height;
  const red = new Float32Array(pixels);
  const green = new Float32Array(pixels);
  const blue = new Float32Array(pixels);
  const spot = new Spot();
  for (let p = 0; p < pixels; p++) {
    if (!spot.find(fibres, painted, p)) {
      continue;
    }
    const { here, other, share, fibre } = spot;
    const shade = here.shaded(fibres.shade[p] ?? 1);
    const mine = here.lightOf(fibre);
    const next = share > 0 ? other.lightOf(fibre) : mine;
    red[p] = (mine.red + (next.red - mine.red) * share) * shade;
    green[p] = (mine.green + (next.green - mine.green) * share) * shade;
    blue[p] = (mine.blue + (next.blue - mine.blue) * share) * shade;
    if (share === 0 && (fibres.cover[p] ?? 0) >= WHOLE) {
      here.count(red[p] ?? 0, green[p] ?? 0, blue[p] ?? 0, fibres.gleam[p] ?? 0);
    }
  }
  painted.forEach(({ stretches }) => stretches.forEach((one) => one.settle()));
  const shown = new Uint8ClampedArray(pixels * 4);
  for (let p = 0; p < pixels; p++) {
    if (!spot.find(fibres, painted, p)) {
      continue;
    }
    const { here, other, share } = spot;
    const shine = (here.shine + (other.shine - here.shine) * share) * (fibres.gleam[p] ?? 0);
    const { right } = here;
    const next = other.right;
    shown[4 * p] = screen((red[p] ?? 0) * (right.red + (next.red - right.red) * share) + shine);
    shown[4 * p + 1] = screen((green[p] ?? 0) * (right.green + (next.green - right.green) * share) + shine);
    shown[4 * p + 2] = screen((blue[p] ?? 0) * (right.blue + (next.blue - right.blue) * share) + shine);
    shown[4 * p + 3] = 255 * (fibres.cover[p] ?? 0);
  }
  return shown;
}

/** What lies at a pixel: a fibre, its stretch, and the stretch beside with its part in the colour there. */
class Spot {
  fibre = 0;
  here = NOTHING;
  other = NOTHING;
  share = 0;

  /** @return whether hair is drawn there */
  find(fibres: Fibres, strands: readonly Strand[], pixel: number): boolean {
    const fibre = fibres.fibre[pixel] ?? 0;
    const strand = fibre === 0 ? undefined : strands[fibres.strand[fibre] ?? 0];
    if (!strand) {
      return false;
    }
    const cm = fibres.cm[pixel] ?? 0;
    const here = strand.at(cm);
    if (here.empty) {
      return false;
    }
    this.fibre = fibre;
    this.here = here;
    this.other = here;
    this.share = 0;
    const { above, below } = here;
    if (above && cm - here.fromCm < above.softCm / 2) {
      this.other = above;
      this.share = 0.5 - (cm - here.fromCm) / above.softCm;
    } else if (below && here.toCm - cm < here.softCm / 2) {
      this.other = below;
      this.share = 0.5 - (here.toCm - cm) / here.softCm;
    }
    return true;
  }
}

/** A millimetre and a half of the longest hair there is. */
const CELLS = 800;

class Strand {
  readonly stretches: readonly Painted[];
  private readonly cells: readonly Painted[];
  private readonly perCm: number;

  constructor(stretches: readonly Stretch[], lying: Lying, fibres: Fibres) {
    this.stretches = stretches.map((one) => new Painted(one, lying, fibres));
    this.stretches.forEach((one, i) => one.between(this.stretches[i - 1], this.stretches[i + 1]));
    const length = this.stretches.at(-1)?.toCm ?? 0;
    this.perCm = length > 0 ? CELLS / length : 0;
    let i = 0;
    this.cells = Array.from({ length: CELLS }, (_, cell) => {
      while (i < this.stretches.length - 1 && (cell + 0.5) / this.perCm >= (this.stretches[i]?.toCm ?? 0)) {
        i++;
      }
      return this.stretches[i] ?? NOTHING;
    });
  }

  at(cm: number): Painted {
    return this.cells[Math.min(CELLS - 1, Math.floor(cm * this.perCm))] ?? NOTHING;
  }
}

class Painted {
  readonly fromCm: number;
  readonly toCm: number;
  readonly softCm: number;
  readonly empty: boolean;
  /** What it runs into, if anything is there. */
  above: Painted | undefined;
  below: Painted | undefined;
  /** What brings the mean of what is drawn to the colour. */
  right: Rgb = { red: 1, green: 1, blue: 1 };
  shine: number;
  private readonly want: Rgb;
  /** Of each fibre, once it was asked for. */
  private readonly lights: Rgb[] = [];
  /** How much of a fibre's own lightness may show before pale hair would be whiter than white. */
  private readonly contrast: number;
  private red = 0;
  private green = 0;
  private blue = 0;
  private shone = 0;
  private pixels = 0;

  constructor(
    private readonly of: Stretch,
    private readonly lying: Lying,
    private readonly fibres: Fibres,
  ) {
    this.fromCm = of.fromCm;
    this.toCm = of.toCm;
    this.softCm = Math.min(of.softCm, 2 * (of.toCm - of.fromCm));
    this.empty = of.sorts.length === 0;
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

  between(above: Painted | undefined, below: Painted | undefined): void {
    this.above = above && !above.empty && above.softCm > 0 ? above : undefined;
    this.below = below && !below.empty && this.softCm > 0 ? below : undefined;
  }

  shaded(shade: number): number {
    return 1 + (shade - 1) * this.contrast;
  }

  lightOf(fibre: number): Rgb {
    const known = this.lights[fibre];
    if (known) {
      return known;
    }
    const found = this.drawn(this.fibres.lot[fibre] ?? 0, this.fibres.across[fibre] ?? 0);
    this.lights[fibre] = found;
    return found;
  }

  private drawn(lot: number, across: number): Rgb {
    // Two lots out of one: which fibres are woven out says nothing of which are white.
    const by = this.lying === 'apart' ? across : (lot * 7.31) % 1;
    let upTo = 0;
    for (const { share, light, white } of this.of.sorts) {
      upTo += share;
      if (by < upTo) {
        return white && lot < white.share ? white.light : light;
      }
    }
    return this.of.sorts.at(-1)?.light ?? this.want;
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

const NOTHING = new Painted({ fromCm: 0, toCm: 0, sorts: [], softCm: 0 }, 'woven', new Drawing(0, 0));

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
