import { Button, Spin } from 'antd';
import { Fragment, useState, type ReactNode } from 'react';
import { Link, useSearchParams } from 'react-router';
import { problemOf, type DecisionView } from '../api/client';
import { useFirstRoute, useRoutes } from '../api/queries';
import { HeadSteps } from '../parts/HeadSteps';
import { MethodPanel } from '../parts/MethodPanel';
import { OpenedRoute } from '../parts/OpenedRoute';
import { OwnRoute } from '../parts/OwnRoute';
import { ProblemNote } from '../parts/ProblemNote';
import { RouteStrip } from '../parts/RouteStrip';
import { WishEditor } from '../parts/WishEditor';
import { WishPanel } from '../parts/WishPanel';
import { useCase } from '../state/caseContext';
import { say } from '../words/say';

/** In the address: the key of the route that is opened up, or {@link CHOSEN}. */
const OPEN = 'open';
const CHOSEN = 'chosen';

/** The wish, and the routes to it one above the other: as strands through the steps, with their price. */
export function DecidePage(): ReactNode {
  const { state } = useCase();
  const [panel, setPanel] = useState<'wish' | 'method' | null>(null);
  const routes = useRoutes(state.id, state.version);
  const first = useFirstRoute(state.id, state.version, routes.isPending);
  return (
    <main className="decide" aria-busy={routes.isFetching}>
      <div className="decide-head">
        <WishEditor />
        <Button onClick={() => setPanel('wish')}>{say('decide.designLimitsParts')}</Button>
        <Button onClick={() => setPanel('method')}>{say('decide.schools')}</Button>
        <Link className="decide-promise" to="../design">
          {say('decide.designOnTheHead')}
        </Link>
        <span className="decide-wish">{routes.data?.wish}</span>
        <Link className="decide-promise" to="../promise">
          {say('decide.forTheClient')}
        </Link>
      </div>
      {routes.isPending && (
        <p className="hint" role="status">
          <Spin size="small" />{' '}
          {first.data
            ? say('decide.byYourSchoolsEndsOff', {
                distance: first.data.measures.distance,
                clientWords: first.data.measures.clientWords,
              })
            : say('decide.weighingTheWays')}
        </p>
      )}
      {routes.isError && (
        <ProblemNote
          problem={problemOf(routes.error)}
          action={<Button onClick={() => void routes.refetch()}>{say('decide.tryAgain')}</Button>}
        />
      )}
      {routes.data && <Decided decision={routes.data} />}
      <WishPanel open={panel === 'wish'} onClose={() => setPanel(null)} />
      <MethodPanel open={panel === 'method'} onClose={() => setPanel(null)} />
    </main>
  );
}

function Decided({ decision }: { decision: DecisionView }): ReactNode {
  const { document, state } = useCase();
  const [shown, setShown] = useState(3);
  const [asked, ask] = useSearchParams();
  const { content } = state;
  const chosen = decision.routes.find(({ key }) => key === decision.chosen) ?? decision.routes[0];
  // What is open stands in the address, so that it can be led to and is there again after a look elsewhere.
  const opened = asked.get(OPEN) === CHOSEN ? chosen?.key : asked.get(OPEN);
  const own = decision.routes.find(({ key }) => key === 'own');
  const planned = decision.routes.filter(({ key }) => key !== 'own');
  // The one that was chosen, or is open, is always there, however far down it was weighed.
  const visible = planned.filter(({ key }, i) => i < shown || key === chosen?.key || key === opened);
  return (
    <>
      <p className={decision.reaches ? 'verdict-line' : 'verdict-line warning'} role="status">
        {decision.verdict}
      </p>
      {decision.contradictions.map((one) => (
        <p className="finding warning" key={one} role="alert">
          <strong>{say('decide.cannotBothBe')} </strong>
          {one}
        </p>
      ))}
      {chosen && <HeadSteps route={chosen} zones={decision.zones} />}
      <section className="routes" aria-label={say('decide.routes')}>
        {[...(own ? [own] : []), ...visible].map((route, i, all) => (
          <Fragment key={route.key}>
            {route.group !== 'YOUR_SCHOOLS' && route.group !== all[i - 1]?.group && (
              <h2 className="route-group" data-group={route.group}>
                {route.groupWords}
              </h2>
            )}
            <RouteStrip
              route={route}
              zones={decision.zones}
              chosen={route.key === chosen?.key}
              pressed={route.key === content.route}
              against={chosen && route.key !== chosen.key ? chosen : undefined}
              onChoose={() => document.edit({ ...content, route: route.key })}
              onOwn={() => document.edit({ ...content, route: 'own', ownRoute: route.rounds })}
              open={route.key === opened}
              onOpen={(open) => ask(open ? { [OPEN]: route.key } : {}, { replace: true })}
            >
              {route.key === 'own' && <OwnRoute zones={decision.zones} />}
              {route.key === opened && <OpenedRoute route={route} />}
            </RouteStrip>
          </Fragment>
        ))}
        {planned.length > visible.length && (
          <Button onClick={() => setShown(planned.length)}>
            {say('decide.moreWays', { plannedCount: planned.length - visible.length })}
          </Button>
        )}
      </section>
      {decision.refused.length > 0 && (
        <section className="refused" aria-label={say('decide.refused')}>
          <h2>{say('decide.ruledOut')}</h2>
          <ul>
            {decision.refused.map((one) => (
              <li key={one.words}>
                <strong>{one.words}</strong> <b className="refused-why">{one.whyWords}</b> {one.sentence}
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
}
