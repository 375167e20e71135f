import { Button } from 'antd';
import { useEffect, useRef, type ReactNode } from 'react';
import type { OutcomeView, RouteView, WorkedZone } from '../api/client';
import { useWidth } from '../state/useWidth';
import { WorkedStrand } from './WorkedStrand';
import { capital } from '../state/words';
import { say } from '../words/say';

interface Props {
  route: RouteView;
  zones: WorkedZone[];
  chosen: boolean;
  /** Whether somebody has said so: the first that is offered is shown as chosen until then. */
  pressed: boolean;
  /** The route it is compared with; none for the chosen one. */
  against?: RouteView | undefined;
  onChoose: () => void;
  onOwn: () => void;
  /** Whether its bowls and its order stand below, and every band in its place. */
  open: boolean;
  onOpen: (open: boolean) => void;
  children?: ReactNode;
}

/** Rounds after which hair looks as before. */
const COLOURLESS: string[] = ['EQUALISE', 'TREATMENT', 'DRY', 'WAIT'];

export function coloursHair(kind: string, column: number): boolean {
  return column === 0 || !COLOURLESS.includes(kind);
}

const LABEL_WIDTH = 92;
const GAP = 10;

/** One route: its price on the left, and on the right the strands through its steps. */
export function RouteStrip({
  route,
  zones,
  chosen,
  pressed,
  against,
  onChoose,
  onOwn,
  open,
  onOpen,
  children,
}: Props): ReactNode {
  const [area, width] = useWidth<HTMLDivElement>();
  const article = useRef<HTMLElement>(null);
  useEffect(() => {
    if (open) {
      article.current?.scrollIntoView({ block: 'start' });
    }
  }, [open]);
  const columns = route.columns.filter(({ kind }, i) => coloursHair(kind, i));
  const lines = alike(route, zones);
  const columnWidth = (width - LABEL_WIDTH) / columns.length - GAP;
  const longest = Math.max(1, ...zones.map(({ bands }) => bands.at(-1)?.stretch.toCm ?? 0));
  const end = route.columns.at(-1)?.outcomes ?? [];
  const otherEnd = against?.columns.at(-1)?.outcomes;
  const differs = (zone: number, band: number): boolean =>
    otherEnd !== undefined && !same(end[zone]?.[band], otherEnd[zone]?.[band]);
  return (
    <article
      ref={article}
      className={['route', chosen && 'chosen', open && 'open'].filter(Boolean).join(' ')}
      data-route={route.key}
    >
      <div className="route-facts">
        <div className="route-title">
          <h3>{capital(route.words)}</h3>
        </div>
        <p className="merits">
          {route.merits.map((merit) => (
            <b key={merit}>{merit}</b>
          ))}
        </p>
        {route.whole !== '' && (
          <p className="route-whole">{say('visit.readsAsAWhole', { whole: route.whole })}</p>
        )}
        <Facts route={route} against={against} />
        <div className="route-buttons">
          <Button
            type={chosen ? 'primary' : 'default'}
            aria-pressed={pressed}
            aria-label={say('visit.workBy', { words: route.words })}
            onClick={onChoose}
          >
            {pressed ? say('visit.chosen') : say('visit.choose')}
          </Button>
          {route.key !== 'own' && (
            <Button aria-label={say('visit.makeMyOwn', { words: route.words })} onClick={onOwn}>
              {say('visit.makeItMyOwn')}
            </Button>
          )}
          <Button
            aria-expanded={open}
            aria-label={say(open ? 'visit.closeRoute' : 'visit.openRoute', { words: route.words })}
            onClick={() => onOpen(!open)}
          >
            {open ? say('visit.close') : say('visit.bowlsAndSteps')}
          </Button>
        </div>
      </div>
      <div
        ref={area}
        hidden={open}
        className="route-score"
        role="table"
        aria-label={say('visit.strandsThroughTheSteps', { words: route.words })}
        style={{ gridTemplateColumns: `${LABEL_WIDTH}px repeat(${columns.length}, minmax(0, 1fr))` }}
      >
        <div role="row" className="score-row">
          <span role="columnheader">
            <span className="unseen">{say('visit.zones')}</span>
          </span>
          {columns.map((column, i) => (
            <span role="columnheader" className="route-step" key={`${i} ${column.title}`}>
              {column.visit > (columns[i - 1]?.visit ?? 1) && (
                <b>{say('visit.visit2', { visit: column.visit })} </b>
              )}
              {column.title}
            </span>
          ))}
        </div>
        {lines.map(({ zone, words }) => (
          <div role="row" className="score-row" key={words}>
            <span role="rowheader" className="route-zone">
              {words}
            </span>
            {columns.map((column, i) => (
              <div role="cell" className="route-cell" key={`${i} ${column.title}`}>
                {zones[zone] && (
                  <WorkedStrand
                    zone={zones[zone]}
                    outcomes={column.outcomes[zone] ?? []}
                    pixelsPerCm={columnWidth / longest}
                    height={26}
                    said={(b) => told(column.outcomes[zone]?.[b], i === 0)}
                    chosen={null}
                    onChoose={() => onOpen(true)}
                    marked={(b) => i === columns.length - 1 && differs(zone, b)}
                  />
                )}
                <p className="route-words">{sentence(zones[zone], column.outcomes[zone] ?? [], i === 0)}</p>
              </div>
            ))}
          </div>
        ))}
      </div>
      {children}
    </article>
  );
}

function Facts({ route, against }: { route: RouteView; against?: RouteView | undefined }): ReactNode {
  const m = route.measures;
  const other = against?.measures;
  const facts: [string, string, number, number | undefined][] = [
    [
      say('visit.offTheWish'),
      `${m.distance} (${m.distanceFrom}–${m.distanceTo})`,
      m.distance,
      other?.distance,
    ],
    [say('visit.evenness'), String(m.uneven), m.uneven, other?.uneven],
    [say('visit.hairStrength'), m.weakestWords, 100 * m.weakest, other && 100 * other.weakest],
    [say('visit.client2'), m.clientWords, m.clientMinutes, other?.clientMinutes],
    [say('visit.staffTime'), m.handsWords, m.handsMinutes, other?.handsMinutes],
    [say('visit.visits'), String(m.visits), m.visits, other?.visits],
    [say('visit.bowls2'), String(m.bowls), m.bowls, other?.bowls],
    [say('visit.price'), m.priceWords, m.price, other?.price],
    [
      say('visit.product'),
      say('visit.g', { colourGrams: m.colourGrams + m.lightenerGrams + m.treatmentGrams }),
      m.colourGrams + m.lightenerGrams,
      other && other.colourGrams + other.lightenerGrams,
    ],
  ];
  return (
    <dl className="route-measures">
      {facts.map(([name, words, value, than]) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>
            {words}
            {than !== undefined && Math.abs(value - than) > 0.05 && (
              <i>
                <span aria-hidden="true">{value < than ? '▾' : '▴'}</span>
                <span className="unseen">
                  {say('visit.thanTheChosenOne', {
                    figure: value < than ? say('visit.less') : say('visit.more'),
                  })}
                </span>
              </i>
            )}
          </dd>
        </div>
      ))}
    </dl>
  );
}

/** Zones that go through the same are drawn once. */
function alike(route: RouteView, zones: WorkedZone[]): { zone: number; words: string }[] {
  const seen = new Map<string, { zone: number; names: string[] }>();
  zones.forEach((zone, z) => {
    const key = JSON.stringify([
      zone.bands.map(({ stretch, share, aim }) => [stretch.fromCm, stretch.toCm, share, aim]),
      route.columns.map(({ outcomes }) =>
        outcomes[z]?.map(({ look, range }) => [look.level, look.tone, range]),
      ),
    ]);
    const before = seen.get(key);
    if (before) {
      before.names.push(zone.words);
    } else {
      seen.set(key, { zone: z, names: [zone.words] });
    }
  });
  return [...seen.values()].map(({ zone, names }) => ({
    zone,
    words: names.length === zones.length && names.length > 1 ? say('visit.allZones2') : names.join(', '),
  }));
}

function same(a: OutcomeView | undefined, b: OutcomeView | undefined): boolean {
  return a?.look.levelWords === b?.look.levelWords && a?.look.tone === b?.look.tone && a?.cut === b?.cut;
}

function told(outcome: OutcomeView | undefined, reading: boolean): string {
  if (!outcome) {
    return '';
  }
  return reading
    ? `${outcome.look.levelWords} ${outcome.look.tone}`
    : `${outcome.look.levelWords} ${outcome.look.tone} (${outcome.range})`;
}

/** A zone from the scalp down, the tone once where it stays: "6 · 8½ gold-yellow · 9½ · 10 pale yellow". */
export function sentence(zone: WorkedZone | undefined, outcomes: OutcomeView[], reading: boolean): string {
  const pieces = (zone?.bands ?? []).flatMap((_, b) => {
    const outcome = outcomes[b];
    return outcome
      ? [
          outcome.cut
            ? { level: say('visit.cutOff'), tone: '' }
            : { level: reading ? outcome.look.levelWords : outcome.range, tone: outcome.look.tone },
        ]
      : [];
  });
  return pieces
    .filter(({ level, tone }, i) => level !== pieces[i - 1]?.level || tone !== pieces[i - 1]?.tone)
    .map(({ level, tone }, i, all) => (tone === all[i + 1]?.tone || tone === '' ? level : `${level} ${tone}`))
    .join(' · ');
}
