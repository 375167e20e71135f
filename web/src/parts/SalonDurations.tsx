import { Input } from 'antd';
import type { ReactNode } from 'react';
import type { HouseSettings } from '../api/client';
import { useVocabulary } from '../api/queries';
import { figure, say } from '../words/say';
import { typedNumber } from './DraftField';

/** How long work takes here, where it differs from what ships. */
export function SalonDurations(props: {
  house: HouseSettings;
  onHouse: (change: Partial<HouseSettings>) => void;
}): ReactNode {
  const { house } = props;
  const figures = useVocabulary().data?.durations ?? [];
  const set = (name: string, value: number | null): void =>
    props.onHouse({
      durations: [
        ...house.durations.filter((one) => one.name !== name),
        ...(value === null ? [] : [{ name, value }]),
      ],
    });
  return (
    <section aria-labelledby="salon-durations" className="salon-wide">
      <h2 id="salon-durations">{say('salon.howLongThingsTake')}</h2>
      <p className="quiet">{say('salon.leftEmptyTheUsual')}</p>
      <ul className="salon-durations">
        {figures.map(({ name, words, unit, value }) => {
          const own = house.durations.find((one) => one.name === name)?.value;
          return (
            <li key={`${name} ${own ?? ''}`}>
              <label>
                <span>{words}</span>
                <Input
                  aria-label={`${words}, ${unit}`}
                  inputMode="decimal"
                  suffix={unit}
                  placeholder={figure(value)}
                  defaultValue={own === undefined ? '' : figure(own)}
                  onBlur={(event) => {
                    const typed = event.target.value.trim();
                    const next = typed === '' ? null : typedNumber(typed) || 0;
                    if (next !== (own ?? null)) {
                      set(name, next);
                    }
                  }}
                />
              </label>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
