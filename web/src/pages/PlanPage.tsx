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
          {plan.data ? `Route: ${plan.data.words}` : 'Route'}
        </Link>
        <span className="filler-by">Fill by</span>
        <Segmented<MethodView['filler']>
          aria-label="School of filling"
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
          action={<Button onClick={() => void plan.refetch()}>Try again</Button>}
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
        <section className="why-band" aria-label="Why">
          <h3>
            {zone.words} {cmWords(band.stretch.fromCm)}–{cmWords(band.stretch.toCm)} cm
            {band.stretch.weave === 'PIECES' && ', woven pieces'}: {answer.words}
          </h3>
          <Reasons reasons={answer.reasons} />
          <Button size="small" onClick={() => setChosen(null)}>
            Close
          </Button>
        </section>
      )}
      <section className="findings" aria-label="What the plan says">
        {plan.findings.map((finding) => (
          <p key={finding.sentence} className={finding.weight === 'WARNING' ? 'finding warning' : 'finding'}>
            {finding.weight === 'WARNING' && <strong>Warning: </strong>}
            {finding.sentence}
          </p>
        ))}
      </section>
      {plan.bowls.length === 0 && plan.treatments.length === 0 ? (
        <p className="hint">
          Change the wish above, or <Link to="../read">read the hair</Link>.
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
