import type { ReactNode } from 'react';
import type { FoilView } from '../api/client';
import { useLight } from '../state/light';

type Spot = FoilView['spots'][number];

/** Our own head from four sides, on a field of 300 by 300. */
const VIEWS: { view: Spot['view']; name: string; outline: string }[] = [
  {
    view: 'BACK',
    name: 'Back',
    outline:
      'M 150 12 C 226 12 262 76 258 150 C 255 214 222 268 150 270 C 78 268 45 214 42 150 C 38 76 74 12 150 12 Z M 112 264 L 106 298 M 188 264 L 194 298',
  },
  {
    view: 'ABOVE',
    name: 'From above',
    outline:
      'M 150 24 C 226 24 258 92 258 158 C 258 226 218 284 150 284 C 82 284 42 226 42 158 C 42 92 74 24 150 24 Z M 136 22 L 150 6 L 164 22',
  },
  {
    view: 'LEFT',
    name: 'Left side',
    outline:
      'M 160 18 C 232 18 268 74 264 140 C 262 200 226 252 170 262 L 96 262 C 84 246 66 240 62 216 L 50 196 L 34 178 C 44 166 46 160 46 148 C 44 80 88 18 160 18 Z M 214 128 C 232 122 238 146 222 164',
  },
  {
    view: 'RIGHT',
    name: 'Right side',
    outline:
      'M 140 18 C 68 18 32 74 36 140 C 38 200 74 252 130 262 L 204 262 C 216 246 234 240 238 216 L 250 196 L 266 178 C 256 166 254 160 254 148 C 256 80 212 18 140 18 Z M 86 128 C 68 122 62 146 78 164',
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
      {VIEWS.map(({ view, name, outline }) => (
        <figure key={view}>
          <figcaption>{name}</figcaption>
          <svg viewBox="20 0 260 300" role="group" aria-label={name}>
            <path d={outline} className="section-outline" />
            {foils.map((foil) =>
              foil.spots
                .filter((spot) => spot.view === view)
                .map((spot) => (
                  <Foil
                    key={foil.number}
                    foil={foil}
                    spot={spot}
                    pressed={foil.number === chosen}
                    dimmed={layer !== undefined && foil.layer !== layer}
                    onChoose={onChoose}
                  />
                )),
            )}
          </svg>
        </figure>
      ))}
    </div>
  );
}

function Foil(props: {
  foil: FoilView;
  spot: Spot;
  pressed: boolean;
  dimmed: boolean;
  onChoose: (number: number) => void;
}): ReactNode {
  const { light } = useLight();
  const { foil } = props;
  const { x, y, width, height } = props.spot;
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
