import type { ReactNode } from 'react';
import { useCase } from '../state/caseContext';
import { refusedAt } from '../state/refused';
import { DraftField } from './DraftField';

/** The day of the work and when it begins. */
export function WhenFields(): ReactNode {
  const { document, state } = useCase();
  const { content, saving } = state;
  return (
    <>
      <DraftField
        label="Day"
        type="date"
        width={158}
        value={content.date}
        refused={refusedAt(saving, 'date')}
        onText={(date) => date !== '' && document.edit({ ...content, date }, 'date')}
      />
      <DraftField
        label="Begins"
        type="time"
        width={132}
        value={content.startTime.slice(0, 5)}
        refused={refusedAt(saving, 'startTime')}
        onText={(startTime) => startTime !== '' && document.edit({ ...content, startTime }, 'startTime')}
      />
    </>
  );
}
