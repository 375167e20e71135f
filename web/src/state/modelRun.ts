import type { ModelChoices, ModelRun } from '../api/client';
import { say } from '../words/say';

export type Laid = ModelRun['product']['kind'];
export type Past = ModelRun['start']['past'];
export type LaidWord = ModelChoices['products'][number];

/** What the page opens with: brown hair as it grew, and a usual lightener in foil. */
export const FIRST_RUN: ModelRun = {
  start: {
    past: 'AS_GROWN',
    level: 5,
    tone: 'NATURAL',
    underFrom: 1,
    underTo: 12,
    layers: 0,
    thickness: 'NORMAL',
    porosity: 1,
    greyShare: 0,
  },
  product: {
    kind: 'LIGHTENER',
    amount: 45,
    volume: 20,
    ratio: 2,
    place: 'MIDS',
    cover: 'FOIL',
    heat: false,
    sectionMm: 3,
    ageMinutes: 0,
    shadeLevel: 7,
    shadeTone: 'NATURAL',
    hue: 'BLUE',
    lightener: [],
    clear: 0,
    wetness: 'DRY',
  },
  strandTest: { done: false, level: 8 },
};

/** A history brings a tone hair of that history can have, and a layer where there is oxidative colour. */
export function withPast(run: ModelRun, past: Past): ModelRun {
  const lifted = past === 'LIFTED';
  const oxidative = past === 'COLOURED' || past === 'COLOURED_OVER_LIFTED';
  return {
    ...run,
    start: {
      ...run.start,
      past,
      tone: lifted ? 'AS_LIFTED' : run.start.tone === 'AS_LIFTED' ? 'NATURAL' : run.start.tone,
      layers: oxidative ? Math.max(1, run.start.layers) : 0,
    },
  };
}

/** A product comes with its usual volume, ratio, time and cover. */
export function withProduct(run: ModelRun, product: LaidWord): ModelRun {
  return { ...run, product: asUsual(run.product, product) };
}

/** The same laid with another product, as that is usually laid. */
export function asUsual(laid: ModelRun['product'], product: LaidWord): ModelRun['product'] {
  return {
    ...laid,
    kind: product.value,
    amount: product.usualAmount,
    volume: product.usualVolume,
    ratio: product.usualRatio,
    cover: product.value === 'LIGHTENER' ? 'FOIL' : product.value === 'REMOVER' ? 'FILM' : 'OPEN',
    sectionMm: product.value === 'LIGHTENER' ? 3 : 5,
  };
}

/** Washes are counted, everything else takes minutes. */
export function amountWords(kind: Laid, amount: number): string {
  const figure = Math.round(amount);
  return kind === 'WASHES' ? say('shared.washes', { figure }) : say('shared.min', { figure });
}
