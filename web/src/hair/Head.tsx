import {
  memo,
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
  type MouseEvent,
  type ReactNode,
  type RefObject,
} from 'react';
import type { Place } from '../api/client';
import { useLight } from '../state/light';
import { coloured } from './colour';
import type { Fibres } from './fibres';
import { fallingHair, standing, type HeadZone, type Stand, type View } from './head';
import { keptFibres, stretchesOf, type TressBand } from './Tress';

/** One zone's hair as it is drawn on the head. */
export interface HeadHair {
  place: Place;
  bands: TressBand[];
}

/** Pixels drawn for one of the page's. */
const FINE = 1.6;
const SEED = 1;
/** A plain bust: lighter and darker than the stage, without a colour of its own. */
const SKIN = '#a9a9a9';
const FAR_SKIN = '#979797';
const SCALP = '#3b3b3b';

/**
 * The whole head of hair from one side, on a plain bust, in the light that is switched on.
 *
 * @param words what those hear who do not see it: a sentence a zone
 * @param onZone a zone was pressed, by its index
 */
export const Head = memo(function Head(props: {
  hair: HeadHair[];
  view: View;
  width: number;
  height: number;
  words: string;
  onZone?: (zone: number) => void;
}): ReactNode {
  const { hair, onZone } = props;
  const { light } = useLight();
  const canvas = useRef<HTMLCanvasElement>(null);
  const view = useTurned(canvas, props.view);
  const drawn = useRef<Fibres[]>([]);
  const width = Math.max(1, Math.round(props.width * FINE));
  const height = Math.max(1, Math.round(props.height * FINE));
  const spec = JSON.stringify(hair.map(({ place, bands }) => [place, stretchesOf(bands, light)]));
  useLayoutEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) {
      return;
    }
    const zones: HeadZone[] = hair.map(({ place, bands }) => ({ place, lengthCm: lengthOf(bands) }));
    const strands = hair.map(({ bands }) => stretchesOf(bands, light));
    const stand = standing(width, height, zones);
    const shape = JSON.stringify(zones);
    const layer = (part: 'behind' | 'before'): Fibres =>
      keptFibres(`head ${view} ${width} ${height} ${part} ${shape}`, () =>
        fallingHair(view, zones, width, height, SEED, part),
      );
    const put = (fibres: Fibres): void => {
      const sheet = document.createElement('canvas');
      sheet.width = width;
      sheet.height = height;
      sheet
        .getContext('2d')
        ?.putImageData(new ImageData(coloured(fibres, strands, 'woven'), width, height), 0, 0);
      context.drawImage(sheet, 0, 0);
    };
    context.clearRect(0, 0, width, height);
    drawn.current = [];
    if (view === 'front') {
      const behind = layer('behind');
      put(behind);
      drawn.current.push(behind);
    }
    bust(context, view, stand);
    const before = layer('before');
    put(before);
    drawn.current.push(before);
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what it says of the hair is in spec
  }, [spec, view, width, height]);
  const press = (event: MouseEvent<HTMLCanvasElement>): void => {
    const box = event.currentTarget.getBoundingClientRect();
    const x = Math.floor(((event.clientX - box.left) / box.width) * width);
    const y = Math.floor(((event.clientY - box.top) / box.height) * height);
    for (const fibres of [...drawn.current].reverse()) {
      const fibre = fibres.fibre[y * width + x] ?? 0;
      if (fibre > 0) {
        onZone?.(fibres.strand[fibre] ?? 0);
        return;
      }
    }
  };
  return (
    <canvas
      ref={canvas}
      className="head"
      role="img"
      aria-label={props.words}
      width={width}
      height={height}
      style={{ width: props.width, height: props.height, cursor: onZone ? 'pointer' : undefined }}
      onClick={onZone && press}
    />
  );
});

/** Half a turn, in milliseconds. */
const TURN_MS = 240;

/** The head turns: what was seen narrows away, and the other view comes round. Who wants no motion sees it at once. */
function useTurned(canvas: RefObject<HTMLCanvasElement | null>, asked: View): View {
  const [turned, setTurned] = useState(asked);
  const still = matchMedia('(prefers-reduced-motion: reduce)').matches;
  useEffect(() => {
    const head = canvas.current;
    if (still || turned === asked || !head) {
      return;
    }
    const away = head.animate(
      { transform: ['scaleX(1)', 'scaleX(0.1)'], opacity: [1, 0.5] },
      { duration: TURN_MS, easing: 'ease-in' },
    );
    away.onfinish = () => {
      setTurned(asked);
      head.animate(
        { transform: ['scaleX(0.1)', 'scaleX(1)'], opacity: [0.5, 1] },
        { duration: TURN_MS, easing: 'ease-out' },
      );
    };
    return () => away.cancel();
  }, [canvas, asked, turned, still]);
  return still ? asked : turned;
}

/** Down to where hair still is: what was cut off hangs nowhere. */
function lengthOf(bands: TressBand[]): number {
  return Math.max(0, ...bands.filter(({ pieces }) => pieces.length > 0).map(({ toCm }) => toCm));
}

type Corner = readonly [number, number];

function bust(context: CanvasRenderingContext2D, view: View, { x, y, unit }: Stand): void {
  const turned = view === 'left' ? -1 : 1;
  const at = ([dx, dy]: Corner): [number, number] => [x + turned * dx * unit, y + dy * unit];
  const shape = (colour: string, from: Corner, ...curves: (readonly [Corner, Corner])[]): void => {
    context.fillStyle = colour;
    context.beginPath();
    context.moveTo(...at(from));
    for (const [by, to] of curves) {
      context.quadraticCurveTo(...at(by), ...at(to));
    }
    context.fill();
  };
  const oval = (colour: string, dx: number, dy: number, rx: number, ry: number): void => {
    context.fillStyle = colour;
    context.beginPath();
    context.ellipse(...at([dx, dy]), rx * unit, ry * unit, 0, 0, 2 * Math.PI);
    context.fill();
  };
  if (view === 'front' || view === 'back') {
    shape(
      FAR_SKIN,
      [-0.3, 0.5],
      [
        [-0.3, 1.2],
        [-0.42, 1.28],
      ],
      [
        [-0.95, 1.4],
        [-1.15, 1.72],
      ],
      [
        [0, 2.0],
        [1.15, 1.72],
      ],
      [
        [0.95, 1.4],
        [0.42, 1.28],
      ],
      [
        [0.3, 1.2],
        [0.3, 0.5],
      ],
    );
    if (view === 'back') {
      oval(SCALP, 0, -0.02, 0.62, 0.9);
    } else {
      oval(SCALP, 0, -0.16, 0.68, 0.86);
      oval(SKIN, 0, 0.06, 0.64, 0.93);
    }
    return;
  }
  shape(
    FAR_SKIN,
    [-0.42, 0.35],
    [
      [-0.4, 1.1],
      [-0.8, 1.42],
    ],
    [
      [-1.0, 1.55],
      [-1.05, 1.75],
    ],
    [
      [-0.1, 1.95],
      [0.8, 1.75],
    ],
    [
      [0.62, 1.4],
      [0.3, 1.3],
    ],
    [
      [0.18, 1.1],
      [0.24, 0.8],
    ],
  );
  shape(
    SKIN,
    [0.46, -0.72],
    [
      [0.7, -0.42],
      [0.68, -0.12],
    ],
    [
      [0.84, 0.2],
      [0.8, 0.27],
    ],
    [
      [0.74, 0.32],
      [0.72, 0.36],
    ],
    [
      [0.78, 0.62],
      [0.66, 0.82],
    ],
    [
      [0.5, 0.96],
      [0.2, 0.84],
    ],
    [
      [-0.3, 0.6],
      [-0.45, 0.3],
    ],
    [
      [-0.5, -0.5],
      [0.46, -0.72],
    ],
  );
  oval(SCALP, -0.14, -0.16, 0.66, 0.8);
}
