import type { ReactNode } from 'react';
import type { FoilView, GroundView } from '../api/client';
import { useLight } from '../state/light';
import { say } from '../words/say';

type Spot = FoilView['spots'][number];

/** Our own head from four sides, on a field of 300 by 300. */
const VIEWS: { view: Spot['view']; name: () => string; outline: string }[] = [
  {
    view: 'BACK',
    name: () => say('visit.back'),
    outline:
      'M 150 12 C 226 12 262 76 258 150 C 255 214 222 268 150 270 C 78 268 45 214 42 150 C 38 76 74 12 150 12 Z M 112 264 L 106 298 M 188 264 L 194 298',
  },
  {
    view: 'ABOVE',
    name: () => say('visit.fromAbove'),
    outline:
      'M 150 24 C 226 24 258 92 258 158 C 258 226 218 284 150 284 C 82 284 42 226 42 158 C 42 92 74 24 150 24 Z M 136 22 L 150 6 L 164 22',
  },
  {
    view: 'LEFT',
    name: () => say('visit.leftSide'),
    outline:
      'M 160 18 C 232 18 268 74 264 140 C 262 200 226 252 170 262 L 96 262 C 84 246 66 240 62 216 L 50 196 L 34 178 C 44 166 46 160 46 148 C 44 80 88 18 160 18 Z M 214 128 C 232 122 238 146 222 164',
  },
  {
    view: 'RIGHT',
    name: () => say('visit.rightSide'),
    outline:
      'M 140 18 C 68 18 32 74 36 140 C 38 200 74 252 130 262 L 204 262 C 216 246 234 240 238 216 L 250 196 L 266 178 C 256 166 254 160 254 148 C 256 80 212 18 140 18 Z M 86 128 C 68 122 62 146 78 164',
  },
];

interface Props {
  foils: FoilView[];
  /** The hair under the foils, which can be pressed too; left out where only foils matter. */
  grounds?: {
    all: GroundView[];
    chosen: GroundView['place'] | undefined;
    onChoose: (place: GroundView['place']) => void;
  };
  chosen: number | undefined;
  onChoose: (number: number) => void;
  /** Which do not stand out. */
  dimmed: (foil: FoilView) => boolean;
  /** Which have their product. */
  laid?: (foil: FoilView) => boolean;
  /** The only side that is drawn, near those that stand out; else all four, whole. */
  only?: Spot['view'] | undefined;
}

const WHOLE = '20 0 260 300';
const ROUND_ABOUT = 16;

/** What of a side is drawn, so that these foils fill it. */
function near(foils: FoilView[], view: Spot['view']): string {
  const spots = foils.flatMap(({ spots: all }) => all.filter((spot) => spot.view === view));
  if (spots.length === 0) {
    return WHOLE;
  }
  const left = Math.min(...spots.map(({ x }) => x)) - 2 * ROUND_ABOUT;
  const top = Math.min(...spots.map(({ y }) => y)) - ROUND_ABOUT;
  const right = Math.max(...spots.map(({ x, width }) => x + width)) + 2 * ROUND_ABOUT;
  const bottom = Math.max(...spots.map(({ y, height }) => y + height)) + ROUND_ABOUT;
  return `${left} ${top} ${right - left} ${bottom - top}`;
}

/** The head from four sides with every foil where it lies, numbered, with the bowls that go into it. */
export function SectionMap({ foils, grounds, chosen, onChoose, dimmed, laid, only }: Props): ReactNode {
  return (
    <div className="section-map">
      <Feathers all={[...foils, ...(grounds?.all ?? [])].map(({ stretches }) => stretches)} />
      {VIEWS.filter(({ view }) => only === undefined || view === only).map(({ view, name, outline }) => (
        <figure key={view}>
          <figcaption>{name()}</figcaption>
          <svg
            viewBox={
              only === undefined
                ? WHOLE
                : near(
                    foils.filter((foil) => !dimmed(foil)),
                    view,
                  )
            }
            role="group"
            aria-label={name()}
          >
            <path d={outline} className="section-outline" />
            {grounds?.all.map((ground) =>
              ground.spots
                .filter((spot) => spot.view === view)
                .map((spot) => (
                  <Ground
                    key={ground.place}
                    ground={ground}
                    spot={spot}
                    pressed={ground.place === grounds.chosen}
                    onChoose={grounds.onChoose}
                  />
                )),
            )}
            {foils.map((foil) =>
              foil.spots
                .filter((spot) => spot.view === view)
                .map((spot) => (
                  <Foil
                    key={foil.number}
                    foil={foil}
                    spot={spot}
                    pressed={foil.number === chosen}
                    dimmed={dimmed(foil)}
                    laid={laid?.(foil) ?? false}
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

/** Narrower on the field of a drawing nobody sees more than a line. */
const SEEN = 2;

/** Of the lower colour where one becomes the next. */
const SHARES = [0, 0.25, 0.5, 0.75, 1];

/** As hair of both colours from afar: light adds, so they are mixed before the screen's curve. */
function mixed(one: string, other: string, share: number): string {
  return `color-mix(in srgb-linear, ${one} ${100 * (1 - share)}%, ${other})`;
}

function fill(one: string, other: string): string {
  return `feather-${one.slice(1)}-${other.slice(1)}`;
}

/** Every way in which one colour of the drawing becomes the next, once. */
function Feathers({ all }: { all: FoilView['stretches'][] }): ReactNode {
  const { light } = useLight();
  const pairs = new Map<string, [string, string]>();
  for (const stretches of all) {
    stretches.forEach((one, i) => {
      const next = stretches[i + 1];
      if (next && one.featherCm > 0) {
        const [from, to] = [one.look.colours[light], next.look.colours[light]];
        pairs.set(fill(from, to), [from, to]);
      }
    });
  }
  return (
    <svg className="feathers" width={0} height={0} aria-hidden="true">
      {[...pairs].map(([id, [from, to]]) => (
        <linearGradient key={id} id={id}>
          {SHARES.map((share) => (
            <stop key={share} offset={share} style={{ stopColor: mixed(from, to, share) }} />
          ))}
        </linearGradient>
      ))}
    </svg>
  );
}

/** Root on the left, ends on the right. */
function Along({ stretches, spot }: { stretches: FoilView['stretches']; spot: Spot }): ReactNode {
  const { light } = useLight();
  const { x, y, width, height } = spot;
  const top = stretches[0]?.fromCm ?? 0;
  const whole = Math.max(
    0.1,
    stretches.reduce((sum, one) => sum + one.toCm - one.fromCm, 0),
  );
  const perCm = width / whole;
  return (
    <>
      {stretches.map((one) => (
        <rect
          key={one.fromCm}
          x={x + (one.fromCm - top) * perCm}
          y={y}
          width={(one.toCm - one.fromCm) * perCm}
          height={height}
          style={{ fill: one.look.colours[light] }}
        />
      ))}
      {stretches.map((one, i) => {
        const next = stretches[i + 1];
        const wide = one.featherCm * perCm;
        return (
          next &&
          wide >= SEEN && (
            <rect
              key={`feather ${one.fromCm}`}
              x={x + (one.toCm - top) * perCm - wide / 2}
              y={y}
              width={wide}
              height={height}
              fill={`url(#${fill(one.look.colours[light], next.look.colours[light])})`}
            />
          )
        );
      })}
    </>
  );
}

function Ground(props: {
  ground: GroundView;
  spot: Spot;
  pressed: boolean;
  onChoose: (place: GroundView['place']) => void;
}): ReactNode {
  const { ground, spot } = props;
  const choose = (): void => props.onChoose(ground.place);
  return (
    <g
      className={`ground${props.pressed ? ' chosen' : ''}`}
      role="button"
      tabIndex={0}
      aria-pressed={props.pressed}
      aria-label={say('visit.hairOfThe', { words: ground.words })}
      onClick={choose}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault();
          choose();
        }
      }}
    >
      <Along stretches={ground.stretches} spot={spot} />
      <rect x={spot.x} y={spot.y} width={spot.width} height={spot.height} className="foil-edge" />
    </g>
  );
}

function Foil(props: {
  foil: FoilView;
  spot: Spot;
  pressed: boolean;
  dimmed: boolean;
  laid: boolean;
  onChoose: (number: number) => void;
}): ReactNode {
  const { foil } = props;
  const { x, y, width, height } = props.spot;
  const bowls = [...new Set(foil.stretches.flatMap((one) => one.bowls))];
  const letters = bowls.length > 3 ? `${bowls.slice(0, 3).join('·')}…` : bowls.join('·');
  const turn = foil.direction === 'DIAGONAL' ? `rotate(-8 ${x + width / 2} ${y + height / 2})` : undefined;
  return (
    <g
      className={`foil${props.pressed ? ' chosen' : ''}${props.dimmed ? ' dimmed' : ''}${props.laid ? ' laid' : ''}${foil.direction === 'ZIGZAG' ? ' zigzag' : ''}`}
      role="button"
      tabIndex={0}
      aria-pressed={props.pressed}
      aria-label={say('visit.foil', {
        number: foil.number,
        called: foil.called,
        bowls: bowls.length > 0 ? say('visit.bowl', { bowls: bowls.join(', ') }) : '',
        figure: props.laid ? say('visit.applied') : '',
      })}
      transform={turn}
      onClick={() => props.onChoose(foil.number)}
      onKeyDown={(event) => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault();
          props.onChoose(foil.number);
        }
      }}
    >
      <Along stretches={foil.stretches} spot={props.spot} />
      <rect x={x} y={y} width={width} height={height} className="foil-edge" />
      {props.pressed && (
        <path d={`M ${x - 4} ${y + height / 2} l -9 -5 v 10 Z`} className="foil-pointer" aria-hidden="true" />
      )}
      {props.laid && (
        <path d={`M ${x} ${y + height} L ${x + width} ${y}`} className="foil-laid" aria-hidden="true" />
      )}
      {height < 6 && (foil.row === 1 || (foil.row > 2 && foil.number % 5 === 0)) && foil.column === 1 && (
        <text className="foil-beside" x={x - 4} y={y + height / 2} fontSize={9}>
          {foil.number}
        </text>
      )}
      {height >= 6 && (
        <text x={x + width / 2} y={y + height / 2} fontSize={Math.min(11, height * 0.85)}>
          {foil.number}
          {width > 56 && letters ? ` ${letters}` : ''}
        </text>
      )}
    </g>
  );
}
