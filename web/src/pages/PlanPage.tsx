import { Button, Segmented, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { problemOf, type CaseFile, type MethodView, type PlanView } from '../api/client';
import { usePlan, useVocabulary } from '../api/queries';
import { Bowls } from '../parts/Bowls';
import { ProblemNote } from '../parts/ProblemNote';
import { Reasons } from '../parts/Reasons';
import { Score } from '../parts/Score';
import { Steps } from '../parts/Steps';
import { useCase } from '../state/caseContext';
import { cmWords, type BandAt } from '../state/strands';
import { say } from '../words/say';

/** The plan as a score, its bowls, its order, and why. */
export function PlanPage(): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const plan = usePlan(state.id, state.version);
  const { content } = state;
  return (
    <main className="plan" aria-busy={plan.isFetching}>
      <div className="plan-head">
        <Link className="plan-route" to="../decide">
          {plan.data ? say('plan.route', { words: plan.data.words }) : say('plan.route2')}
        </Link>
        <span className="filler-by">{say('plan.fillBy')}</span>
        <Segmented<MethodView['filler']>
          aria-label={say('plan.schoolOfFilling')}
          value={content.method.filler}
          onChange={(filler) => document.edit({ ...content, method: { ...content.method, filler } })}
          options={(vocabulary?.schools ?? []).map(({ value, words }) => ({ value, label: words }))}
        />
        <span className="school-why">
          {vocabulary?.schools.find(({ value }) => value === content.method.filler)?.why}
        </span>
      </div>
      {plan.isPending && <Spin className="wait" />}
      {plan.isError && (
        <ProblemNote
          problem={problemOf(plan.error)}
          action={<Button onClick={() => void plan.refetch()}>{say('plan.tryAgain')}</Button>}
        />
      )}
      {plan.data && <Whole plan={plan.data} content={content} />}
    </main>
  );
}

function Whole({ plan, content }: { plan: PlanView; content: CaseFile }): ReactNode {
  const [chosen, setChosen] = useState<BandAt | null>(null);
  const zone = chosen ? plan.zones[chosen.zone] : undefined;
  const band = chosen ? zone?.bands[chosen.band] : undefined;
  const answer = chosen ? plan.answers[chosen.zone]?.[chosen.band] : undefined;
  return (
    <>
      <Score plan={plan} content={content} chosen={chosen} onChoose={setChosen} />
      {band && answer && zone && (
        <section className="why-band" aria-label={say('plan.why')}>
          <h3>
            {say('plan.cm', {
              words: zone.words,
              fromCm: cmWords(band.stretch.fromCm),
              toCm: cmWords(band.stretch.toCm),
              weave: band.stretch.weave === 'PIECES' && say('plan.wovenPieces'),
              words2: answer.words,
            })}
          </h3>
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
