/** Linear light of red, green and blue, 0–1: what adds up when hair of two colours is seen from afar (IEC 61966-2-1). */
export interface Rgb {
  readonly red: number;
  readonly green: number;
  readonly blue: number;
}

const STEPS = 4096;
/** Below this the eye and the encoding tell finer steps apart. */
const DARK = 1 / 32;

/** From linear light to what a screen is sent, 0–255: once over all, once for the dark. */
const SCREEN = Float32Array.from({ length: STEPS + 1 }, (_, i) => 255 * encoded(i / STEPS));
const DARK_SCREEN = Float32Array.from({ length: STEPS + 1 }, (_, i) => 255 * encoded((DARK * i) / STEPS));

const LINEAR = Float64Array.from({ length: 256 }, (_, i) => {
  const value = i / 255;
  return value <= 0.04045 ? value / 12.92 : ((value + 0.055) / 1.055) ** 2.4;
});

function encoded(light: number): number {
  return light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055;
}

/** @param value 0–255, as a screen is sent it */
export function linear(value: number): number {
  return LINEAR[value] ?? 0;
}

/** @param light 0–1; less is shown as 0, more as 1 */
export function screen(light: number): number {
  if (light < DARK) {
    return light > 0 ? (DARK_SCREEN[(light * (STEPS / DARK) + 0.5) | 0] ?? 0) : 0;
  }
  return light < 1 ? (SCREEN[(light * STEPS + 0.5) | 0] ?? 0) : 255;
}

/** @param hex #rrggbb */
export function lightOf(hex: string): Rgb {
  const value = Number.parseInt(hex.slice(1), 16);
  return {
    red: linear((value >> 16) & 255),
    green: linear((value >> 8) & 255),
    blue: linear(value & 255),
  };
}

/** A plain linear congruential generator (Numerical Recipes' constants): the same seed draws the same hair. */
export function lots(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}
