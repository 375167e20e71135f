import { Segmented } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { RouteView, WorkedZone } from '../api/client';
import { Head, type HeadHair } from '../hair/Head';
import { VIEW_WORDS, VIEWS, type View } from '../hair/head';
import { hairOf } from '../hair/worked';
import { useSize } from '../state/useSize';
import { lowerFirst } from '../state/words';
import { coloursHair, sentence } from './RouteStrip';
import { say } from '../words/say';

const HEIGHT = 284;
/** What stands above each head; kept free before the heads are drawn, so that nothing below moves. */
const TITLE = 24;
const WIDEST = 300;

/** The whole head through the steps of a route, from the side that is chosen. */
export function HeadSteps({ route, zones }: { route: RouteView; zones: WorkedZone[] }): ReactNode {
  const [view, setView] = useState<View>('back');
  const [row, { width }] = useSize<HTMLOListElement>();
  const columns = useMemo(
    () =>
      route.columns
        .filter(({ kind }, i) => coloursHair(kind, i))
        .map((column) => ({
          column,
          hair: hairOfHead(zones, column),
        })),
    [route, zones],
  );
  const wide = Math.min(WIDEST, Math.floor(width / columns.length) - 8);
  return (
    <section className="head-steps" aria-label={say('visit.theHeadThroughTheSteps')}>
      <header>
        <h2>{say('visit.theHeadThroughTheSteps')}</h2>
        <span className="push" />
        <Link to="../before-after">{say('visit.beforeAndAfter')}</Link>
        <Segmented<View>
          aria-label={say('visit.seenFrom')}
          value={view}
          options={VIEWS.map((one) => ({ value: one, label: VIEW_WORDS[one]() }))}
          onChange={setView}
        />
      </header>
      <ol ref={row} style={{ minHeight: HEIGHT + TITLE }}>
        {columns.map(({ column, hair }, i) => (
          <li key={`${i} ${column.title}`}>
            <h3>
              {column.visit > (columns[i - 1]?.column.visit ?? 1) && (
                <b>{say('visit.visit2', { visit: column.visit })} </b>
              )}
              {i === 0 ? column.title : say('visit.after', { title: lowerFirst(column.title) })}
            </h3>
            {wide > 40 && (
              <Head
                hair={hair}
                view={view}
                width={wide}
                height={HEIGHT}
                words={`${VIEW_WORDS[view]()}, ${column.title}. ${saidOfHead(zones, column, i === 0)}`}
              />
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

export type Column = RouteView['columns'][number];

/** The head at one moment of a route. */
export function hairOfHead(zones: WorkedZone[], column: Column): HeadHair[] {
  return zones.map((zone, z) => ({ place: zone.place, bands: hairOf(zone, column.outcomes[z] ?? []) }));
}

/** The same in words, zone by zone. */
export function saidOfHead(zones: WorkedZone[], column: Column, reading: boolean): string {
  return zones
    .map((zone, z) => `${zone.words}: ${sentence(zone, column.outcomes[z] ?? [], reading)}`)
    .join('. ');
}
