import type { ReactNode } from 'react';
import type { TaughtView } from '../api/client';
import { say } from '../words/say';

/** What is thought of a head's hair, before and after: times the average, with how sure that is. */
export function Factors({ changes }: { changes: TaughtView['hair'] }): ReactNode {
  return (
    <table className="back-table">
      <thead>
        <tr>
          <th scope="col">{say('shared.timesTheAverage')}</th>
          <th scope="col">{say('shared.before')}</th>
          <th scope="col">{say('shared.now')}</th>
        </tr>
      </thead>
      <tbody>
        {changes.map((one) => (
          <tr key={one.factor}>
            <th scope="row">{one.words}</th>
            <td>
              {one.before} <small>±{Math.round(100 * one.beforeSpread)} %</small>
            </td>
            <td>
              {one.after} <small>±{Math.round(100 * one.afterSpread)} %</small>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
