import { Button } from 'antd';
import type { ReactNode } from 'react';
import { useAfter } from '../api/queries';
import { say } from '../words/say';

/** When to come again, what to do at home, and all of it to take along. */
export function BackAfter({ id }: { id: number }): ReactNode {
  const after = useAfter(id);
  const file = (name: string): string => `/api/cases/${id}/after/${name}`;
  return (
    <div className="back-box">
      <h2>{say('lookBack.afterwards')}</h2>
      <ul className="back-lines">
        {after.data?.upkeep.map((due) => (
          <li key={due.kind}>
            <strong>{say('lookBack.to', { words: due.words, from: due.from, to: due.to })}</strong> {due.why}{' '}
            {due.warning && <span className="back-outside">{due.warning}</span>}
          </li>
        ))}
      </ul>
      <h3>{say('lookBack.atHome')}</h3>
      <ul className="back-lines">
        {after.data?.homeCare.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <p className="back-files">
        <Button href={file('card.pdf')}>{say('lookBack.clientSCard')}</Button>
        <Button href={file('upkeep.ics')}>{say('lookBack.calendar')}</Button>
        <Button href={file('record.pdf')}>{say('lookBack.fullRecord')}</Button>
        <Button href={file('formulas.csv')}>{say('lookBack.formulas')}</Button>
        <Button href={file('timings.csv')}>{say('lookBack.timings')}</Button>
      </p>
    </div>
  );
}
