import { useQueryClient } from '@tanstack/react-query';
import { Checkbox } from 'antd';
import type { ReactNode } from 'react';
import { answered, api } from '../api/client';
import { useClient } from '../api/queries';
import { dateWords } from '../state/today';
import { useTell } from '../state/useTell';
import { say } from '../words/say';

/** Whether the client agrees that photographs are kept, and since when. */
export function PhotoConsent({ id }: { id: number }): ReactNode {
  const queries = useQueryClient();
  const tell = useTell();
  const consent = useClient(id).data?.photoConsent;
  if (consent === undefined) {
    return null;
  }
  return (
    <Checkbox
      className="photo-consent"
      checked={consent !== ''}
      onChange={(event) =>
        tell(
          answered(
            api.PUT('/api/clients/{id}/photo-consent', {
              params: { path: { id } },
              body: { given: event.target.checked },
            }),
          ).then((client) => queries.setQueryData(['client', id], client)),
        )
      }
    >
      {consent === ''
        ? say('shared.noConsentToPhotographs')
        : say('shared.consentToPhotographs', { day: dateWords(consent) })}
    </Checkbox>
  );
}
