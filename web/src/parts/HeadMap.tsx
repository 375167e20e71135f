import type { ReactNode } from 'react';
import type { CaseFile, LookView, Place } from '../api/client';
import { useLight } from '../state/light';
import { say } from '../words/say';

interface Props {
  zones: CaseFile['zones'];
  chosen: number;
  looks: (LookView | undefined)[];
  nameOf: (place: Place) => string;
  onChoose: (zone: number) => void;
}

const LEFT = 'M 100 14 C 52 14 26 56 26 104 C 26 152 58 190 100 190';
const RIGHT = 'M 100 14 C 148 14 174 56 174 104 C 174 152 142 190 100 190';

/** Where each zone lies on a head seen from above, the face at the top. Halves are cut along the middle. */
const SHAPES: Partial<Record<Place, string>> = {
  HAIRLINE:
    'M 48 44 C 60 26 78 16 100 16 C 122 16 140 26 152 44 L 145 50 C 134 34 118 25 100 25 C 82 25 66 34 55 50 Z',
  FRINGE: 'M 66 58 C 72 38 86 28 100 28 C 114 28 128 38 134 58 Z',
  FRINGE_LEFT: 'M 66 58 C 72 38 86 28 100 28 L 100 58 Z',
  FRINGE_RIGHT: 'M 100 28 C 114 28 128 38 134 58 L 100 58 Z',
  PARTING: 'M 95 60 L 105 60 L 105 84 L 95 84 Z',
  CROWN:
    'M 100 62 C 130 62 138 80 138 98 C 138 116 126 128 100 128 C 74 128 62 116 62 98 C 62 80 70 62 100 62 Z',
  CROWN_LEFT: 'M 100 62 C 70 62 62 80 62 98 C 62 116 74 128 100 128 Z',
  CROWN_RIGHT: 'M 100 62 C 130 62 138 80 138 98 C 138 116 126 128 100 128 Z',
  SIDE_LEFT: 'M 46 52 C 34 68 28 86 27 108 C 36 118 48 124 58 124 C 56 104 56 76 64 58 Z',
  SIDE_RIGHT: 'M 154 52 C 166 68 172 86 173 108 C 164 118 152 124 142 124 C 144 104 144 76 136 58 Z',
  BACK: 'M 28 114 C 34 144 48 160 62 170 C 84 162 116 162 138 170 C 152 160 166 144 172 114 C 160 124 148 128 140 128 C 124 136 76 136 60 128 C 50 128 40 124 28 114 Z',
  BACK_LEFT:
    'M 28 114 C 34 144 48 160 62 170 C 74 165 86 163 100 163 L 100 134 C 84 134 70 132 60 128 C 50 128 40 124 28 114 Z',
  BACK_RIGHT:
    'M 172 114 C 166 144 152 160 138 170 C 126 165 114 163 100 163 L 100 134 C 116 134 130 132 140 128 C 150 128 160 124 172 114 Z',
  NAPE: 'M 66 174 C 84 167 116 167 134 174 C 124 184 114 188 100 188 C 86 188 76 184 66 174 Z',
  NAPE_LEFT: 'M 66 174 C 77 169 88 168 100 168 L 100 188 C 86 188 76 184 66 174 Z',
  NAPE_RIGHT: 'M 134 174 C 123 169 112 168 100 168 L 100 188 C 114 188 124 184 134 174 Z',
};
SHAPES.SIDES = `${SHAPES.SIDE_LEFT ?? ''} ${SHAPES.SIDE_RIGHT ?? ''}`;

/** A head from above, drawn by us: each zone in the colour of its lengths; press one to take its strand in hand. */
export function HeadMap({ zones, chosen, looks, nameOf, onChoose }: Props): ReactNode {
  const { light } = useLight();
  // Small zones lie over large ones.
  const order = zones.map((_, i) => i).sort((a, b) => depth(zones[a]?.place) - depth(zones[b]?.place));
  return (
    <svg
      className="head-map"
      viewBox="14 2 172 196"
      role="group"
      aria-label={say('read.headFromAboveFaceAt')}
    >
      <path d={`${LEFT} M 100 14 ${RIGHT.slice(8)}`} fill="none" stroke="currentColor" strokeWidth="1.5" />
      <path d="M 92 12 L 100 3 L 108 12" fill="none" stroke="currentColor" strokeWidth="1.5" />
      <path
        d="M 25 92 C 17 94 17 112 26 114 M 175 92 C 183 94 183 112 174 114"
        fill="none"
        stroke="currentColor"
      />
      {order.map((i) => {
        const zone = zones[i];
        const shape = zone && SHAPES[zone.place];
        return shape ? (
          <path
            key={zone.place}
            d={shape}
            role="button"
            tabIndex={0}
            aria-label={say('read.takeInHand', { place: nameOf(zone.place).toLowerCase() })}
            aria-pressed={i === chosen}
            className={i === chosen ? 'zone chosen' : 'zone'}
            style={{ fill: looks[i]?.colours[light] ?? '#999' }}
            onClick={() => onChoose(i)}
            onKeyDown={(event) => {
              if (event.key === 'Enter' || event.key === ' ') {
                event.preventDefault();
                onChoose(i);
              }
            }}
          />
        ) : null;
      })}
    </svg>
  );
}

function depth(place: Place | undefined): number {
  return place === 'PARTING' || place === 'HAIRLINE' ? 1 : 0;
}
