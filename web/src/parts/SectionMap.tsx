import type { ReactNode } from 'react';
import type { FoilView, Place } from '../api/client';
import { useLight } from '../state/light';

/** Where a zone's partings lie in one view: left, top, width, height on a field of 300 by 300. */
type Box = [number, number, number, number];

interface View {
  name: string;
  outline: string;
  boxes: Partial<Record<Place, Box>>;
}

const VIEWS: View[] = [
  {
    name: 'Back',
    outline:
      'M 150 12 C 226 12 262 76 258 150 C 255 214 222 268 150 270 C 78 268 45 214 42 150 C 38 76 74 12 150 12 Z M 112 264 L 106 298 M 188 264 L 194 298',
    boxes: {
      CROWN: [74, 34, 152, 74],
      CROWN_LEFT: [74, 34, 74, 74],
      CROWN_RIGHT: [152, 34, 74, 74],
      BACK: [56, 114, 188, 86],
      BACK_LEFT: [56, 114, 92, 86],
      BACK_RIGHT: [152, 114, 92, 86],
      NAPE: [90, 206, 120, 54],
      NAPE_LEFT: [90, 206, 58, 54],
      NAPE_RIGHT: [152, 206, 58, 54],
    },
  },
  {
    name: 'From above',
    outline:
      'M 150 24 C 226 24 258 92 258 158 C 258 226 218 284 150 284 C 82 284 42 226 42 158 C 42 92 74 24 150 24 Z M 136 22 L 150 6 L 164 22',
    boxes: {
      HAIRLINE: [84, 34, 132, 16],
      FRINGE: [92, 56, 116, 58],
      FRINGE_LEFT: [92, 56, 56, 58],
      FRINGE_RIGHT: [152, 56, 56, 58],
      PARTING: [118, 120, 64, 90],
    },
  },
  {
    name: 'Left side',
    outline:
      'M 160 18 C 232 18 268 74 264 140 C 262 200 226 252 170 262 L 96 262 C 84 246 66 240 62 216 L 50 196 L 34 178 C 44 166 46 160 46 148 C 44 80 88 18 160 18 Z M 214 128 C 232 122 238 146 222 164',
    boxes: { SIDE_LEFT: [76, 62, 132, 150], SIDES: [76, 62, 132, 150] },
  },
  {
    name: 'Right side',
    outline:
      'M 140 18 C 68 18 32 74 36 140 C 38 200 74 252 130 262 L 204 262 C 216 246 234 240 238 216 L 250 196 L 266 178 C 256 166 254 160 254 148 C 256 80 212 18 140 18 Z M 86 128 C 68 122 62 146 78 164',
    boxes: { SIDE_RIGHT: [92, 62, 132, 150], SIDES: [92, 62, 132, 150] },
  },
];

interface Props {
  foils: FoilView[];
  chosen: number | undefined;
  onChoose: (number: number) => void;
  /** Those of this layer stand out. */
  layer: number | undefined;
}

/** The head from four sides with every foil where it lies, numbered, with the bowls that go into it. */
export function SectionMap({ foils, chosen, onChoose, layer }: Props): ReactNode {
  return (
    <div className="section-map">
      {VIEWS.map((view) => (
        <figure key={view.name}>
          <figcaption>{view.name}</figcaption>
          <svg viewBox="20 0 260 300" role="group" aria-label={view.name}>
            <path d={view.outline} className="section-outline" />
            {foils
              .filter(({ place }) => view.boxes[place])
              .map((foil) => (
                <Foil
                  key={foil.number}
                  foil={foil}
                  box={boxOf(foil, view.boxes[foil.place] ?? [0, 0, 0, 0], foils)}
                  pressed={foil.number === chosen}
                  dimmed={layer !== undefined && foil.layer !== layer}
                  onChoose={onChoose}
                />
              ))}
          </svg>
        </figure>
      ))}
    </div>
  );
}

/** Layers of one zone lie beside each other, its partings above each other, the lowest first. */
function boxOf(foil: FoilView, [x, y, width, height]: Box, foils: FoilView[]): Box {
  const layers = [...new Set(foils.filter(({ place }) => place === foil.place).map((other) => other.layer))];
  const of = width / layers.length;
  const left = x + of * layers.indexOf(foil.layer);
  const upright = foil.direction === 'VERTICAL';
  const columns = upright ? foil.rows : foil.columns;
  const rows = upright ? foil.columns : foil.rows;
  const column = upright ? foil.row : foil.column;
  const row = upright ? foil.column : foil.row;
  const gap = Math.min(2, height / rows / 5);
  return [
    left + ((column - 1) * of) / columns + 1,
    y + height - (row * height) / rows + gap / 2,
    of / columns - 2,
    height / rows - gap,
  ];
}

function Foil(props: {
  foil: FoilView;
  box: Box;
  pressed: boolean;
  dimmed: boolean;
  onChoose: (number: number) => void;
}): ReactNode {
  const { light } = useLight();
  const { foil, box } = props;
  const [x, y, width, height] = box;
  const whole = Math.max(
    0.1,
    foil.stretches.reduce((sum, one) => sum + one.toCm - one.fromCm, 0),
  );
  const bowls = [...new Set(foil.stretches.flatMap((one) => one.bowls))];
  const letters = bowls.length > 3 ? `${bowls.slice(0, 3).join('·')}…` : bowls.join('·');
  const turn = foil.direction === 'DIAGONAL' ? `rotate(-8 ${x + width / 2} ${y + height / 2})` : undefined;
  const top = foil.stretches[0]?.fromCm ?? 0;
  return (
    <g
      className={`foil${props.pressed ? ' chosen' : ''}${props.dimmed ? ' dimmed' : ''}${foil.direction === 'ZIGZAG' ? ' zigzag' : ''}`}
      role="button"
      tabIndex={0}
      aria-pressed={props.pressed}
      aria-label={`Foil ${foil.number}, ${foil.called}${bowls.length > 0 ? `, bowl ${bowls.join(', ')}` : ''}`}
      transform={turn}
      onClick={() => props.onChoose(foil.number)}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault();
          props.onChoose(foil.number);
        }
      }}
    >
      {foil.stretches.map((one) => (
        <rect
          key={one.fromCm}
          x={x + (width * (one.fromCm - top)) / whole}
          y={y}
          width={(width * (one.toCm - one.fromCm)) / whole}
          height={height}
          style={{ fill: one.look.colours[light] }}
        />
      ))}
      <rect x={x} y={y} width={width} height={height} className="foil-edge" />
      {height >= 6 && (
        <text x={x + width / 2} y={y + height / 2} fontSize={Math.min(11, height * 0.85)}>
          {foil.number}
          {width > 56 && letters ? ` ${letters}` : ''}
        </text>
      )}
    </g>
  );
}
