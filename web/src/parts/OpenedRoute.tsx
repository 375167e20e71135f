import { Button, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { problemOf, type PlanView, type RouteView } from '../api/client';
import { usePlan } from '../api/queries';
import { useCase } from '../state/caseContext';
import { cmWords, type BandAt } from '../state/strands';
import { say } from '../words/say';
import { Bowls } from './Bowls';
import { ProblemNote } from './ProblemNote';
import { Reasons } from './Reasons';
import { Score } from './Score';
import { Steps } from './Steps';

/** A route opened up: every band through its steps, what to prepare for, its bowls, its order, and why. */
export function OpenedRoute({ route }: { route: RouteView }): ReactNode {
  const { state } = useCase();
  const plan = usePlan(state.id, state.version, route.key);
  return (
    <div className="opened" aria-busy={plan.isFetching}>
      {plan.isPending && <Spin className="wait" />}
      {plan.isError && (
        <ProblemNote
          problem={problemOf(plan.error)}
          action={<Button onClick={() => void plan.refetch()}>{say('plan.tryAgain')}</Button>}
        />
      )}
      {plan.data && <Whole plan={plan.data} route={route} />}
    </div>
  );
}

function Whole({ plan, route }: { plan: PlanView; route: RouteView }): ReactNode {
  const { content } = useCase().state;
  const [chosen, setChosen] = useState<BandAt | null>(null);
  const zone = chosen ? plan.zones[chosen.zone] : undefined;
  const band = chosen ? zone?.bands[chosen.band] : undefined;
  const answer = chosen ? plan.answers[chosen.zone]?.[chosen.band] : undefined;
  return (
    <>
      <Score plan={plan} content={content} chosen={chosen} onChoose={setChosen} />
      {band && answer && zone && (
        <section className="why-band" aria-label={say('plan.why')}>
          <h4>
            {say('plan.cm', {
              words: zone.words,
              fromCm: cmWords(band.stretch.fromCm),
              toCm: cmWords(band.stretch.toCm),
              weave: band.stretch.weave === 'PIECES' && say('plan.wovenPieces'),
              words2: answer.words,
            })}
          </h4>
          <Reasons reasons={answer.reasons} />
          <Button size="small" onClick={() => setChosen(null)}>
            {say('plan.close')}
          </Button>
        </section>
      )}
      <section className="findings" aria-label={say('plan.whatThePlanSays')}>
        {plan.findings.map((finding) => (
          <p key={finding.sentence} className={finding.weight === 'WARNING' ? 'finding warning' : 'finding'}>
            {finding.weight === 'WARNING' && <strong>{say('plan.warning')} </strong>}
            {finding.sentence}
          </p>
        ))}
        {route.warnings
          .filter((warning) => !plan.findings.some(({ sentence }) => sentence === warning))
          .map((warning) => (
            <p className="finding warning" key={warning}>
              <strong>{say('plan.warning')} </strong>
              {warning}
            </p>
          ))}
        {route.fallbacks.map((fallback) => (
          <p className="finding" key={fallback.letter}>
            <strong>{say('plan.planB', { letter: fallback.letter })}</strong>{' '}
            {say('plan.ifThen', { when: fallback.when, then: fallback.then })} <em>{fallback.comesTo}</em>
          </p>
        ))}
      </section>
      {plan.bowls.length === 0 && plan.treatments.length === 0 ? (
        <p className="hint">
          {say('plan.changeTheWishAboveOr')} <Link to="../read">{say('plan.readTheHair')}</Link>.
        </p>
      ) : (
        <div className="work">
          <Bowls plan={plan} />
          <Steps plan={plan} />
        </div>
      )}
    </>
  );
}
