import { Button, Segmented, Spin } from 'antd';
import { useMemo, useState, type ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { problemOf, type DecisionView } from '../api/client';
import { usePromise, useRoutes, useVocabulary } from '../api/queries';
import { Head } from '../hair/Head';
import { VIEW_WORDS, VIEWS, type View } from '../hair/head';
import { ProblemNote } from '../parts/ProblemNote';
import { hairOfHead, saidOfHead } from '../parts/HeadSteps';
import { coloursHair } from '../parts/RouteStrip';
import { useCase } from '../state/caseContext';
import { useSize } from '../state/useSize';
import { say } from '../words/say';

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
  const [stage, { width, height }] = useSize<HTMLDivElement>();
  const route = decision.routes.find(({ key }) => key === decision.chosen) ?? decision.routes[0];
  const columns = useMemo(() => route?.columns.filter(({ kind }, i) => coloursHair(kind, i)) ?? [], [route]);
  const at = step ?? columns.length - 1;
  const [now] = columns;
  const then = columns[at];
  if (!route || !now || !then) {
    return <p>{say('beforeAfter.thereIsNoWayTo')}</p>;
  }
  const last = at === columns.length - 1;
  return (
    <>
      <h1>{state.content.clientName}</h1>
      <div className="before-after-stage" ref={stage}>
        {width > 0 && height > 0 && (
          <>
            <Head
              hair={hairOfHead(decision.zones, then)}
              view={view}
              width={width}
              height={height}
              words={say('beforeAfter.afterwards', {
                view: VIEW_WORDS[view]().toLowerCase(),
                zones: saidOfHead(decision.zones, then, false),
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
              {last ? say('beforeAfter.afterwardsPredicted') : say('beforeAfter.inBetween')}
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
