import type { ReactNode } from 'react';
import { usePlan } from '../api/queries';
import { useCase } from '../state/caseContext';
import type { BandAt } from '../state/strands';
import { say } from '../words/say';

/** What the plan makes of this band, so that a reading's weight is felt while it is made. */
export function Verdict({ at }: { at: BandAt }): ReactNode {
  const { state } = useCase();
  const plan = usePlan(state.id, state.version);
  // The wish may cut a band as read into several; the first of them speaks for it.
  const worked = plan.data?.zones[at.zone]?.bands.findIndex(({ read }) => read === at.band) ?? -1;
  const answer = plan.data?.answers[at.zone]?.[worked];
  if (!answer || state.content.zones[at.zone]?.read === false) {
    return null;
  }
  return (
    <section className="verdict" aria-label={say('read.whatThePlanMakesOf')} aria-live="polite">
      <strong>{say('read.for', { wish: plan.data?.wish, words: answer.words })}</strong>
      <ul>
        {answer.reasons.map((reason) => (
          <li key={reason.sentence}>{reason.sentence}</li>
        ))}
      </ul>
    </section>
  );
}
