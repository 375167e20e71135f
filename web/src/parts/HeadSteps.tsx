import { Segmented } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import type { RouteView, WorkedZone } from '../api/client';
import { Head, type HeadHair } from '../hair/Head';
import { VIEWS, type View } from '../hair/head';
import { hairOf } from '../hair/worked';
import { useSize } from '../state/useSize';
import { coloursHair, sentence } from './RouteStrip';

const NAMES: Record<View, string> = { front: 'Front', left: 'Left', right: 'Right', back: 'Back' };
const HEIGHT = 284;
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
          hair: zones.map((zone, z): HeadHair => ({
            place: zone.place,
            bands: hairOf(zone, column.outcomes[z] ?? []),
          })),
        })),
    [route, zones],
  );
  const wide = Math.min(WIDEST, Math.floor(width / columns.length) - 8);
  return (
    <section className="head-steps" aria-label="The head through the steps">
      <header>
        <h2>The head through the steps</h2>
        <Segmented<View>
          aria-label="Seen from"
          value={view}
          options={VIEWS.map((one) => ({ value: one, label: NAMES[one] }))}
          onChange={setView}
        />
      </header>
      <ol ref={row}>
        {columns.map(({ column, hair }, i) => (
          <li key={`${i} ${column.title}`}>
            <h3>
              {column.visit > (columns[i - 1]?.column.visit ?? 1) && <b>visit {column.visit}: </b>}
              {i === 0 ? column.title : `After ${lowerFirst(column.title)}`}
            </h3>
            {wide > 40 && (
              <Head
                hair={hair}
                view={view}
                width={wide}
                height={HEIGHT}
                words={`${NAMES[view]}, ${column.title}. ${zones
                  .map((zone, z) => `${zone.words}: ${sentence(zone, column.outcomes[z] ?? [], i === 0)}`)
                  .join('. ')}`}
              />
            )}
          </li>
        ))}
      </ol>
    </section>
  );
}

function lowerFirst(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}
