import type { ReactNode } from 'react';
import { useCase } from '../state/caseContext';
import { refusedAt } from '../state/refused';
import { DayField, TimeField } from './WhenField';
import { say } from '../words/say';

/** The day of the work and when it begins. */
export function WhenFields(): ReactNode {
  const { document, state } = useCase();
  const { content, saving } = state;
  return (
    <>
      <DayField
        label={say('consult.day')}
        value={content.date}
        refused={refusedAt(saving, 'date')}
        required
        onText={(date) => document.edit({ ...content, date }, 'date')}
      />
      <TimeField
        label={say('consult.begins')}
        value={content.startTime.slice(0, 5)}
        refused={refusedAt(saving, 'startTime')}
        required
        onText={(startTime) => document.edit({ ...content, startTime }, 'startTime')}
      />
    </>
  );
}
