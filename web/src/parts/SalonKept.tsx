import { useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { answered, api, type HouseSettings } from '../api/client';
import { typedNumber } from './DraftField';
import { dateWords } from '../state/today';
import { say } from '../words/say';

/** How long clients are kept, and who has not been here for as long. */
export function SalonKept({
  house,
  onHouse,
}: {
  house: HouseSettings;
  onHouse: (change: Partial<HouseSettings>) => void;
}): ReactNode {
  const unseen = useQuery({
    queryKey: ['clients', 'unseen', house.keepYears],
    queryFn: () => answered(api.GET('/api/clients/unseen')),
    enabled: house.keepYears > 0,
  }).data;
  return (
    <section aria-labelledby="salon-kept">
      <h2 id="salon-kept">{say('salon.howLongClientsAreKept')}</h2>
      <label>
        <span>{say('salon.yearsWithoutAVisit')}</span>
        <Input
          key={house.keepYears}
          inputMode="numeric"
          suffix={say('salon.years')}
          defaultValue={house.keepYears === 0 ? '' : String(house.keepYears)}
          onBlur={(event) => {
            const keepYears = typedNumber(event.target.value) || 0;
            if (keepYears !== house.keepYears) {
              onHouse({ keepYears });
            }
          }}
        />
      </label>
      <p className="quiet">{say('salon.whatKeepingMeans')}</p>
      {unseen?.clients.length === 0 && <p className="hint">{say('salon.nobodyToErase')}</p>}
      {unseen && unseen.clients.length > 0 && (
        <ul className="salon-unseen">
          {unseen.clients.map((one) => (
            <li key={one.id}>
              <Link to={`/clients/${one.id}`}>{one.name}</Link>{' '}
              <small>
                {one.lastDay === ''
                  ? say('salon.neverHere')
                  : say('salon.lastHere', { day: dateWords(one.lastDay) })}
              </small>
            </li>
          ))}
        </ul>
      )}
      <p className="quiet">{say('salon.whatExportingMeans')}</p>
      <Button href="/api/everything.zip">{say('salon.exportEverything')}</Button>
    </section>
  );
}
