import type { ReactNode } from 'react';
import { Link, useLocation } from 'react-router';
import type { WayView } from '../api/client';
import type { Saving } from '../state/caseDocument';
import { lineOf, RAIL } from '../state/way';
import { say } from '../words/say';

const SAVE_WORDS: Record<Saving['status'], () => string> = {
  saved: () => say('visit.saved'),
  saving: () => say('visit.saving'),
  refused: () => say('visit.notTaken'),
  waiting: () => say('visit.notSavedYet'),
  conflict: () => say('visit.changedElsewhere'),
};

/** Where the visit stands, the one thing to do next and what leads there; and whether all is saved. */
export function NextLine({ way, saving }: { way: WayView | undefined; saving: Saving }): ReactNode {
  const { pathname } = useLocation();
  const line = way && lineOf(way);
  const to = RAIL.find(({ step }) => step === way?.at)?.to ?? 'read';
  return (
    <div className="next-line" role="region" aria-label={say('visit.whatIsNext')}>
      <span className="next-says" role="status" data-next={way?.next}>
        {line?.says}
      </span>
      {line?.button && !pathname.endsWith(`/${to}`) && (
        <Link className="next-button" to={to}>
          {line.button}
        </Link>
      )}
      <span className="push" />
      <span className={`save-state ${saving.status}`} role="status" data-saving={saving.status}>
        {SAVE_WORDS[saving.status]()}
      </span>
    </div>
  );
}
