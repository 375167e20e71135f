import { Button, Segmented, Spin } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { problemOf, type DecisionView, type LaterView } from '../api/client';
import { useLater, usePromise, useRoutes, useVocabulary } from '../api/queries';
import { Head, type HeadHair } from '../hair/Head';
import { VIEW_WORDS, VIEWS, type View } from '../hair/head';
import { ProblemNote } from '../parts/ProblemNote';
import { hairOfHead, saidOfHead, type Column } from '../parts/HeadSteps';
import { coloursHair } from '../parts/RouteStrip';
import { useCase } from '../state/caseContext';
import { useSize } from '../state/useSize';
import { figure, say } from '../words/say';

/** For the client: the head as it is and as it is predicted to be, one over the other, with a line to draw across. */
export function BeforeAfterPage(): ReactNode {
  const { state } = useCase();
  const navigate = useNavigate();
  const routes = useRoutes(state.id, state.version);
  return (
    <main
      className="before-after"
      onKeyDown={(event) => event.key === 'Escape' && void navigate('../decide', { relative: 'path' })}
    >
      {routes.isPending && <Spin className="wait" />}
      {routes.isError && <ProblemNote problem={problemOf(routes.error)} />}
      {routes.data && <Compared decision={routes.data} />}
      <Button className="before-after-close" onClick={() => void navigate('../decide', { relative: 'path' })}>
        {say('beforeAfter.close')}
      </Button>
    </main>
  );
}

function Compared({ decision }: { decision: DecisionView }): ReactNode {
  const { state } = useCase();
  const promise = usePromise(state.id, state.version, '').data;
  const actions = useVocabulary().data?.actions ?? [];
  const [view, setView] = useState<View>('back');
  const [line, setLine] = useState(50);
  const [step, setStep] = useState<number>();
  const [weeks, setWeeks] = useState(0);
  const [stage, { width, height }] = useSize<HTMLDivElement>();
  const route = decision.routes.find(({ key }) => key === decision.chosen) ?? decision.routes[0];
  const columns = useMemo(() => route?.columns.filter(({ kind }, i) => coloursHair(kind, i)) ?? [], [route]);
  const laters = useLater(state.id, state.version, route?.key ?? '').data;
  const at = step ?? columns.length - 1;
  const [now] = columns;
  const then = columns[at];
  if (!route || !now || !then) {
    return <p>{say('beforeAfter.thereIsNoWayTo')}</p>;
  }
  const last = at === columns.length - 1;
  const later = last ? laters?.find((one) => one.weeks === weeks) : undefined;
  const shown = later ? washed(then, later) : then;
  return (
    <>
      <h1>{state.content.clientName}</h1>
      <div className="before-after-stage" ref={stage}>
        {width > 0 && height > 0 && (
          <>
            <Head
              hair={grown(hairOfHead(decision.zones, shown), later)}
              view={view}
              width={width}
              height={height}
              words={say('beforeAfter.afterwards', {
                view: VIEW_WORDS[view]().toLowerCase(),
                zones: saidOfHead(decision.zones, shown, false),
              })}
            />
            <div className="before-after-now" style={{ clipPath: `inset(0 ${100 - line}% 0 0)` }}>
              <Head
                hair={hairOfHead(decision.zones, now)}
                view={view}
                width={width}
                height={height}
                words={say('beforeAfter.now', {
                  view: VIEW_WORDS[view]().toLowerCase(),
                  zones: saidOfHead(decision.zones, now, true),
                })}
              />
            </div>
            <i className="before-after-line" style={{ left: `${line}%` }} aria-hidden="true" />
            <strong className="before-after-left">{say('beforeAfter.now2')}</strong>
            <strong className="before-after-right">
              {later
                ? say('beforeAfter.inWeeks', { weeks: later.weeks, cm: figure(later.grownCm, 1) })
                : last
                  ? say('beforeAfter.afterwardsPredicted')
                  : say('beforeAfter.inBetween')}
            </strong>
          </>
        )}
      </div>
      <label className="before-after-slider">
        <span className="unseen">{say('beforeAfter.howMuchOfTheHead')}</span>
        <input
          type="range"
          min={0}
          max={100}
          value={line}
          aria-valuetext={say('beforeAfter.asItIsNow', { line })}
          onChange={(event) => setLine(Number(event.target.value))}
        />
      </label>
      {!last && promise?.meanwhile && <p className="before-after-words">{promise.meanwhile}</p>}
      <div className="before-after-choices">
        <Segmented<View>
          aria-label={say('beforeAfter.seenFrom')}
          value={view}
          options={VIEWS.map((one) => ({ value: one, label: VIEW_WORDS[one]() }))}
          onChange={setView}
        />
        {last && laters && (
          <Segmented<number>
            aria-label={say('beforeAfter.howItFades')}
            value={later?.weeks ?? 0}
            options={[0, ...laters.map((one) => one.weeks)].map((value) => ({
              value,
              label: value === 0 ? say('beforeAfter.fresh') : say('beforeAfter.wk', { weeks: value }),
            }))}
            onChange={setWeeks}
          />
        )}
        {columns.length > 2 && (
          <Segmented<number>
            aria-label={say('beforeAfter.afterWhichStep')}
            value={at}
            options={columns.slice(1).map(({ kind }, i) => ({
              value: i + 1,
              label: `${i + 1}. ${kind === 'TARGET' ? say('beforeAfter.colour') : (actions.find(({ value }) => value === kind)?.words ?? '')}`,
            }))}
            onChange={setStep}
          />
        )}
      </div>
    </>
  );
}

/** As it comes out of so many washes. */
function washed(then: Column, later: LaterView): Column {
  return {
    ...then,
    outcomes: then.outcomes.map((zone, z) =>
      zone.map((outcome, b) => ({ ...outcome, look: later.zones[z]?.bands[b] ?? outcome.look })),
    ),
  };
}

/** Pushed down by what has grown above it. */
function grown(hair: HeadHair[], later: LaterView | undefined): HeadHair[] {
  return later === undefined
    ? hair
    : hair.map(({ place, bands }, z) => {
        const [root] = later.zones[z]?.grown ?? [];
        const down = root ? later.grownCm : 0;
        return {
          place,
          bands: [
            ...(root ? [{ fromCm: 0, toCm: down, pieces: [{ share: 1, look: root }] }] : []),
            ...bands.map((band) => ({ ...band, fromCm: band.fromCm + down, toCm: band.toCm + down })),
          ],
        };
      });
}
