import { Button } from 'antd';
import type { ReactNode } from 'react';
import { useAfter } from '../api/queries';

/** When to come again, what to do at home, and all of it to take along. */
export function BackAfter({ id }: { id: number }): ReactNode {
  const after = useAfter(id);
  const file = (name: string): string => `/api/cases/${id}/after/${name}`;
  return (
    <div className="back-box">
      <h2>Afterwards</h2>
      <ul className="back-lines">
        {after.data?.upkeep.map((due) => (
          <li key={due.kind}>
            <strong>
              {due.words}: {due.from} to {due.to}.
            </strong>{' '}
            {due.why} {due.warning && <span className="back-outside">{due.warning}</span>}
          </li>
        ))}
      </ul>
      <h3>At home</h3>
      <ul className="back-lines">
        {after.data?.homeCare.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <p className="back-files">
        <Button href={file('card.pdf')}>Client&rsquo;s card</Button>
        <Button href={file('upkeep.ics')}>Calendar</Button>
        <Button href={file('record.pdf')}>Full record</Button>
        <Button href={file('formulas.csv')}>Formulas</Button>
        <Button href={file('timings.csv')}>Timings</Button>
      </p>
    </div>
  );
}
