import type { ReactNode } from 'react';
import type { PlanView } from '../api/client';

/** What must be settled before anything is laid on, and what settles it. */
export function Cautions({ cautions }: { cautions: PlanView['cautions'] }): ReactNode {
  return (
    <details className="cautions" open>
      <summary>Before you begin</summary>
      <ul>
        {cautions.map((caution) => (
          <li key={caution.title} className={caution.strength === 'WARN' ? 'warning' : ''}>
            <strong>{caution.title}.</strong> {caution.sentence} <em>Settled by: {caution.lifts}</em>
          </li>
        ))}
        <li>Local law, the maker’s instructions and licensed practice come first.</li>
      </ul>
    </details>
  );
}
