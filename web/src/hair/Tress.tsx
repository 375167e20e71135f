import { memo, useLayoutEffect, useMemo, useRef, type ReactNode } from 'react';
import type { Light, LookView } from '../api/client';
import { useLight } from '../state/light';
import { useSize } from '../state/useSize';
import { coloured, type Lying, type Sort, type Stretch } from './colour';
import { lyingTress, type Fibres } from './fibres';
import { lightOf } from './light';

/** How hair looks that is drawn: in each light, and its white fibres apart where it has any. */
export type HairLook = Pick<LookView, 'colours' | 'white'>;

/** What is drawn of a stretch of hair. */
export interface TressBand {
  fromCm: number;
  toCm: number;
  /** Hair by its colours, with their shares; none: not drawn. */
  pieces: { share: number; look: HairLook }[];
  /** Over how many cm it runs into the next; half a centimetre if not said. */
  softCm?: number | undefined;
}

export const SOFT_CM = 0.5;
/** Pixels drawn for one of the page's across the hair, so that fibres are finer than a screen's dots; along them little changes. */
const FINE = 2;
const MOST_KEPT = 60;

/** Shapes of hair that were drawn lately: they take other colours without being drawn anew. */
const kept = new Map<string, Fibres>();

export function keptFibres(key: string, make: () => Fibres): Fibres {
  const known = kept.get(key) ?? make();
  kept.delete(key);
  kept.set(key, known);
  const oldest = kept.keys().next().value;
  if (kept.size > MOST_KEPT && oldest !== undefined) {
    kept.delete(oldest);
  }
  return known;
}

/**
 * What is drawn of bands in one light. Written out it is also what a drawing depends on: it is drawn again when that has changed, not
 * whenever somebody hands in the same hair anew.
 */
export function stretchesOf(bands: TressBand[], light: Light): Stretch[] {
  return bands.map(({ fromCm, toCm, pieces, softCm }) => ({
    fromCm,
    toCm,
    sorts: sortsOf(pieces, light),
    softCm: softCm ?? SOFT_CM,
  }));
}

function sortsOf(pieces: TressBand['pieces'], light: Light): Sort[] {
  const all = pieces.reduce((sum, { share }) => sum + share, 0) || 1;
  return pieces.map(({ share, look }) => {
    const [white] = look.white;
    return white
      ? {
          share: share / all,
          light: lightOf(white.rest[light]),
          white: { share: white.share, light: lightOf(white.colours[light]) },
        }
      : { share: share / all, light: lightOf(look.colours[light]) };
  });
}

/**
 * Hair of one zone lying to scale, scalp at the left, behind whatever is laid over it to be pressed. It says nothing to those who do not
 * see it: what lies over it does.
 *
 * @param width of the whole length, in the page's pixels
 */
export const Tress = memo(function Tress(props: {
  bands: TressBand[];
  width: number;
  height: number;
  seed: number;
  lying?: Lying;
}): ReactNode {
  const { bands, height, seed, lying = 'woven' } = props;
  const { light } = useLight();
  const canvas = useRef<HTMLCanvasElement>(null);
  const width = Math.max(1, Math.round(props.width));
  const lengthCm = bands.at(-1)?.toCm ?? 0;
  const spec = JSON.stringify(stretchesOf(bands, light));
  const stretches = useMemo(
    () => stretchesOf(bands, light),
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what it says of the bands is in spec
    [spec],
  );
  useLayoutEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context || lengthCm <= 0) {
      return;
    }
    const w = width;
    const h = height * FINE;
    const fibres = keptFibres(`tress ${w} ${h} ${lengthCm} ${seed}`, () => lyingTress(w, h, lengthCm, seed));
    context.putImageData(new ImageData(coloured(fibres, [stretches], lying), w, h), 0, 0);
  }, [stretches, width, height, lengthCm, seed, lying]);
  return (
    <canvas
      ref={canvas}
      className="tress"
      aria-hidden="true"
      width={width}
      height={height * FINE}
      style={{ width, height }}
    />
  );
});

/** A tress as large as what it lies in; it hangs where that is higher than wide. */
export function FullTress(props: { bands: TressBand[]; seed: number; lying?: Lying }): ReactNode {
  const [place, { width, height }] = useSize<HTMLSpanElement>();
  const hanging = height > width;
  return (
    <span ref={place} className="full-tress" aria-hidden="true">
      {width > 0 && height > 0 && (
        <span className={hanging ? 'hanging' : undefined} style={hanging ? { left: width } : undefined}>
          <Tress {...props} width={hanging ? height : width} height={hanging ? width : height} />
        </span>
      )}
    </span>
  );
}

/** Hair of one colour, as a tress or a lock of it. */
export function Lock({ look, seed = 1 }: { look: HairLook; seed?: number }): ReactNode {
  return <FullTress bands={[{ fromCm: 0, toCm: 10, pieces: [{ share: 1, look }] }]} seed={seed} />;
}

/** The same words draw the same hair, here and on every other page. */
export function seedOf(words: string): number {
  let seed = 7;
  for (let i = 0; i < words.length; i++) {
    seed = (Math.imul(seed, 31) + words.charCodeAt(i)) >>> 0;
  }
  return seed % 9973;
}
