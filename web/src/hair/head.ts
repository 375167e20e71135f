import type { Place } from '../api/client';
import { Drawing, type Fibres } from './fibres';
import { lots } from './light';
import { say } from '../words/say';

/** From where a head is looked at. */
export type View = 'front' | 'left' | 'right' | 'back';

export const VIEWS: readonly View[] = ['front', 'left', 'right', 'back'];

export const VIEW_WORDS: Record<View, () => string> = {
  front: () => say('visit.front'),
  left: () => say('visit.left'),
  right: () => say('visit.right'),
  back: () => say('visit.back'),
};

/** One zone's hair: where it grows, and how long it is. */
export interface HeadZone {
  readonly place: Place;
  readonly lengthCm: number;
}

type Point = readonly [x: number, y: number];
type Curve = readonly [Point, Point, Point, Point];

/** A lock falls from where it grows over what lies below; in units of the head's half height, its middle at 0. */
interface Fall {
  readonly curve: Curve;
  /** Of the lot's order from rim to rim, 0–1. */
  readonly turned: number;
}

/** cm in half a head's height. */
const CM_A_UNIT = 11.5;
/** Half a head's width by its half height. */
const WIDE = 0.78;

const NAPES = ['NAPE', 'NAPE_LEFT', 'NAPE_RIGHT'];
const BACKS = ['BACK', 'BACK_LEFT', 'BACK_RIGHT'];
const SIDES = ['SIDES', 'SIDE_LEFT', 'SIDE_RIGHT'];
const CROWNS = ['CROWN', 'CROWN_LEFT', 'CROWN_RIGHT'];
const FRINGES = ['FRINGE', 'FRINGE_LEFT', 'FRINGE_RIGHT'];

/** Zones that fall alike, whole or halved. */
type Room = 'nape' | 'back' | 'side' | 'crown' | 'parting' | 'fringe' | 'hairline';

function roomOf(place: Place): Room {
  if (NAPES.includes(place)) {
    return 'nape';
  }
  if (BACKS.includes(place)) {
    return 'back';
  }
  if (SIDES.includes(place)) {
    return 'side';
  }
  if (CROWNS.includes(place)) {
    return 'crown';
  }
  if (FRINGES.includes(place)) {
    return 'fringe';
  }
  return place === 'PARTING' ? 'parting' : 'hairline';
}

/** Which of the client's sides a place is on: −1 left, 1 right, 0 both. */
function handOf(place: Place): -1 | 0 | 1 {
  return place.endsWith('_LEFT') ? -1 : place.endsWith('_RIGHT') ? 1 : 0;
}

/** What lies over what from each side, lowest first. */
const ORDER: Record<View, readonly Room[]> = {
  back: ['hairline', 'fringe', 'side', 'nape', 'back', 'crown', 'parting'],
  front: ['nape', 'back', 'side', 'crown', 'parting', 'fringe', 'hairline'],
  left: ['nape', 'back', 'crown', 'parting', 'side', 'fringe', 'hairline'],
  right: ['nape', 'back', 'crown', 'parting', 'side', 'fringe', 'hairline'],
};

/** Fibres of a whole zone at full size. */
const COUNTS: Record<Room, number> = {
  nape: 300,
  back: 620,
  side: 540,
  crown: 760,
  parting: 120,
  fringe: 260,
  hairline: 180,
};

/** Behind the face: what of a room can be seen past it. */
const BEHIND: Partial<Record<View, readonly Room[]>> = { front: ['nape', 'back'] };

/** Whether any of a place is seen from there at all. */
export function shows(view: View, place: Place): boolean {
  const room = roomOf(place);
  const hand = handOf(place);
  switch (view) {
    case 'back':
      return room !== 'fringe' && room !== 'hairline';
    case 'front':
      return true;
    case 'left':
      return hand <= 0;
    case 'right':
      return hand >= 0;
  }
}

function falls(view: View, room: Room, u: number, length: number, lot: () => number): Fall {
  const W = WIDE;
  const L = length / CM_A_UNIT;
  const side = u < 0.5 ? -1 : 1;
  /** From the middle outwards. */
  const k = Math.abs(u - 0.5) * 2;
  const r = lot();
  const drop = (x0: number, y0: number, x1: number, bow: number, least = 0.1): Curve => {
    const y1 = y0 + Math.max(least, L);
    return [
      [x0, y0],
      [x0 + (x1 - x0) * bow, y0 + (y1 - y0) * 0.12],
      [x1, y0 + (y1 - y0) * 0.5],
      [x1 * 0.97 + x0 * 0.03 + (lot() - 0.5) * 0.1, y1],
    ];
  };
  if (view === 'back') {
    switch (room) {
      case 'nape':
        return {
          curve: drop((u - 0.5) * 2 * W * 0.66, 0.62 + 0.22 * r, (u - 0.5) * 2 * W * 0.78, 0.4),
          turned: k * 0.7,
        };
      case 'back':
        return {
          curve: drop((u - 0.5) * 2 * W * 0.9, -0.12 + 0.45 * r, (u - 0.5) * 2 * W * 1.02, 0.5),
          turned: k,
        };
      case 'side': {
        const x0 = side * W * (0.7 + 0.25 * k);
        return { curve: drop(x0, -0.35 + 0.4 * k, side * W * (0.86 + 0.26 * k), 0.7), turned: 0.6 + 0.4 * k };
      }
      default: {
        // From the crown over the back of the head.
        const x1 = (u - 0.5) * 2 * W * 1.06;
        const y0 = -0.97 + 0.06 * r + k * k * 0.12;
        const y1 = y0 + Math.max(0.2, L);
        return {
          curve: [
            [(u - 0.5) * W * 0.7, y0],
            [x1 * 1.34, y0 + 0.06],
            [x1 * 1.04, y0 + (y1 - y0) * 0.5],
            [x1 * 0.95 + (lot() - 0.5) * 0.08, y1 - 0.12 * k],
          ],
          turned: k,
        };
      }
    }
  }
  if (view === 'front') {
    switch (room) {
      case 'nape':
      case 'back': {
        const x0 = (u - 0.5) * 2 * W * 0.9;
        return { curve: drop(x0, room === 'nape' ? 0.5 : 0.1, (u - 0.5) * 2 * W * 1.12, 0.6), turned: 1 };
      }
      case 'side': {
        const x0 = side * W * (0.45 + 0.5 * k);
        const y0 = -0.72 + 0.55 * k * k;
        return { curve: drop(x0, y0, side * W * (1.0 + 0.18 * r), 0.95), turned: 0.4 + 0.6 * r };
      }
      case 'fringe': {
        const x1 = side * W * (0.5 + 0.42 * k);
        const y0 = -0.97 + 0.05 * k;
        const y1 = y0 + Math.max(0.15, Math.min(L, L));
        return {
          curve: [
            [side * W * 0.03, y0],
            [x1 * 0.8, y0 + 0.08],
            [x1 * 1.12, y0 + (y1 - y0) * 0.5],
            [x1 * 1.1 + (lot() - 0.5) * 0.05, y1],
          ],
          turned: k * 0.6,
        };
      }
      case 'hairline': {
        const x1 = side * W * (0.82 + 0.16 * r);
        return { curve: drop(side * W * (0.1 + 0.75 * k), -0.86 + 0.42 * k * k, x1, 1), turned: 0.4 * k };
      }
      default: {
        const x1 = side * W * (0.85 + 0.28 * k);
        const y0 = -1.05 + 0.04 * k;
        const y1 = y0 + Math.max(0.2, L);
        return {
          curve: [
            [side * W * 0.03, y0],
            [x1 * 0.95, y0 - 0.02],
            [x1 * 1.12, y0 + (y1 - y0) * 0.5],
            [x1 * 1.04 + (lot() - 0.5) * 0.08, y1],
          ],
          turned: k,
        };
      }
    }
  }
  // From the client's right, the face to the right; the left is its mirror.
  switch (room) {
    case 'nape':
      return {
        curve: drop(-W * (0.78 - 0.42 * u), 0.42 + 0.3 * u + 0.1 * r, -W * (0.86 - 0.5 * u), 0.5),
        turned: 1 - u,
      };
    case 'back':
      return {
        curve: drop(-W * (1.05 - 0.62 * u), -0.5 + 0.5 * r, -W * (1.14 - 0.68 * u), 0.8),
        turned: 1 - u,
      };
    case 'side': {
      // From beside the parting over the temple and the ear.
      const x1 = W * (-0.5 + 1.02 * u);
      const y0 = -0.95 + 0.1 * u + 0.07 * r;
      const y1 = y0 + Math.max(0.2, L);
      return {
        curve: [
          [W * (-0.08 + 0.52 * u), y0],
          [x1 + W * 0.16 * u, y0 + 0.1],
          [x1 + W * 0.04, y0 + (y1 - y0) * 0.5],
          [x1 - W * 0.03 + (lot() - 0.5) * 0.08, y1],
        ],
        turned: 0.5 * Math.abs(u - 0.5),
      };
    }
    case 'fringe': {
      const x1 = W * (0.55 + 0.34 * u);
      const y0 = -0.93 + 0.05 * u;
      const y1 = y0 + Math.max(0.15, L);
      return {
        curve: [
          [W * 0.3, y0],
          [x1, y0 + 0.02],
          [x1 + W * 0.14, y0 + (y1 - y0) * 0.45],
          [x1 - W * 0.05 + (lot() - 0.5) * 0.06, y1],
        ],
        turned: u * 0.6,
      };
    }
    case 'hairline':
      return { curve: drop(W * (0.62 + 0.14 * u), -0.72 + 0.55 * u, W * (0.48 + 0.2 * r), 0.6), turned: 0.3 };
    default: {
      const x1 = W * (-1.16 + 1.25 * u);
      const y0 = -1.0 + 0.03 * r + 0.08 * (1 - u) * (1 - u);
      const y1 = y0 + Math.max(0.25, L);
      return {
        curve: [
          [W * (0.1 - 0.3 * (1 - u)), y0],
          [x1 - W * 0.22 * (1 - u), y0 + 0.06],
          [x1 - W * 0.1 * (1 - u), y0 + (y1 - y0) * 0.5],
          [x1 + (lot() - 0.5) * 0.08, y1],
        ],
        turned: u < 0.4 ? 1 - u / 0.4 : 0,
      };
    }
  }
}

/** Where the middle of the head lies in a picture, and how large it is: long hair makes it smaller. */
export interface Stand {
  readonly x: number;
  readonly y: number;
  readonly unit: number;
}

/** How low a room's hair begins at most, in halves of the head's height below its middle. */
const LOWEST: Record<Room, number> = {
  nape: 0.84,
  back: 0.33,
  side: -0.1,
  crown: -0.9,
  parting: -0.95,
  fringe: -0.9,
  hairline: -0.4,
};

/** As large as the longest hair lets it be. */
export function standing(width: number, height: number, zones: readonly HeadZone[]): Stand {
  const ends = zones.map(({ place, lengthCm }) => LOWEST[roomOf(place)] + lengthCm / CM_A_UNIT);
  const below = Math.max(1.8, ...ends);
  const unit = Math.min(height / (1.16 + below), width / 2.5);
  return { x: width / 2, y: unit * 1.12, unit };
}

/** Down the hair in 256 parts: once below the crown, once where it falls free. */
const SHINES = Float32Array.from(
  { length: 257 },
  (_, i) =>
    0.9 * Math.exp(-(((i / 256 - 0.16) / 0.07) ** 2)) + 0.45 * Math.exp(-(((i / 256 - 0.6) / 0.1) ** 2)),
);
const FACTOR = 0.34;
const RIM = 0.66;

/**
 * A head of hair from one side, hair falling from its zones at true length; strands are numbered as the zones are.
 *
 * @param part hair that falls behind the face, or what lies before it; from other sides there is nothing behind
 */
export function fallingHair(
  view: View,
  zones: readonly HeadZone[],
  width: number,
  height: number,
  seed: number,
  part: 'behind' | 'before' | 'all' = 'all',
): Fibres {
  const drawing = new Drawing(width, height);
  const lot = lots(seed * 97 + VIEWS.indexOf(view));
  const stand = standing(width, height, zones);
  const mirrored = view === 'left' ? -1 : 1;
  const fine = Math.max(0.5, Math.min(1, stand.unit / 120));
  for (const room of [...ORDER[view]].reverse()) {
    const behind = BEHIND[view]?.includes(room) ?? false;
    if (part !== 'all' && behind !== (part === 'behind')) {
      continue;
    }
    const here = zones
      .map((zone, z) => ({ ...zone, z }))
      .filter(({ place }) => roomOf(place) === room && shows(view, place));
    if (here.length === 0) {
      continue;
    }
    const count = Math.round(COUNTS[room] * fine);
    for (let i = count - 1; i >= 0; i--) {
      const u = (i + lot()) / count;
      // Seen from the front the client's left is on the right.
      const hand = (u < 0.5 ? -1 : 1) * (view === 'front' ? -1 : 1);
      const zone =
        here.find(({ place }) => handOf(place) === hand) ??
        here.find(({ place }) => handOf(place) === 0 || view === 'left' || view === 'right');
      if (!zone) {
        continue;
      }
      const length = zone.lengthCm * (0.9 + 0.1 * lot());
      const { curve, turned } = falls(view, room, u, length, lot);
      const shade = (1 + (lot() - 0.5) * 2 * FACTOR) * (1 - turned * turned * (1 - RIM));
      draw(drawing, stand, mirrored, curve, drawing.begin(zone.z, lot(), u), {
        shade,
        shine: (0.3 + 0.7 * lot()) * (1 - 0.7 * turned),
        lengthCm: length,
        thick: (1.1 + 0.9 * lot()) * Math.max(1.05, stand.unit / 120),
      });
    }
  }
  return drawing.done();
}

function draw(
  drawing: Drawing,
  stand: Stand,
  mirrored: number,
  [p0, p1, p2, p3]: Curve,
  fibre: number,
  of: { shade: number; shine: number; lengthCm: number; thick: number },
): void {
  const [ax, bx, cx] = [
    p3[0] - 3 * p2[0] + 3 * p1[0] - p0[0],
    3 * (p2[0] - 2 * p1[0] + p0[0]),
    3 * (p1[0] - p0[0]),
  ];
  const [ay, by, cy] = [
    p3[1] - 3 * p2[1] + 3 * p1[1] - p0[1],
    3 * (p2[1] - 2 * p1[1] + p0[1]),
    3 * (p1[1] - p0[1]),
  ];
  const { width, height, full } = drawing;
  const reach =
    Math.abs(p3[1] - p0[1]) + Math.abs(p3[0] - p0[0]) + Math.abs(p1[0] - p0[0]) + Math.abs(p2[0] - p1[0]);
  const steps = Math.max(8, Math.ceil(reach * stand.unit * 1.05));
  let row = -1;
  for (let s = 0; s <= steps; s++) {
    const t = s / steps;
    const x = stand.x + mirrored * (((ax * t + bx) * t + cx) * t + p0[0]) * stand.unit;
    const y = stand.y + (((ay * t + by) * t + cy) * t + p0[1]) * stand.unit;
    const py = y < 0 ? -1 : y | 0;
    // Once a row: what is drawn twice there would be thicker there.
    if (py < 0 || py >= height || py === row) {
      continue;
    }
    row = py;
    const gleam = SHINES[(t * 256) | 0] ?? 0;
    const half = of.thick * (1 - 0.45 * t) * 0.5;
    const last = Math.min(width - 1, (x + half + 0.5) | 0);
    for (let px = Math.max(0, (x - half) | 0); px <= last; px++) {
      const pixel = py * width + px;
      if (full[pixel] === 1) {
        continue;
      }
      const cover = Math.min(1, half + 0.5 - Math.abs(px + 0.5 - x));
      if (cover > 0) {
        drawing.touch(fibre, pixel, cover, of.shade, of.shine * gleam, t * of.lengthCm);
      }
    }
  }
}
