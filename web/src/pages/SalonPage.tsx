import { useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Input, Select } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, problemOf, type HouseSettings, type Problem } from '../api/client';
import { useHouse, useLearnedOfHouse } from '../api/queries';
import { typedNumber } from '../parts/DraftField';
import { Factors } from '../parts/Factors';
import { ProblemNote } from '../parts/ProblemNote';
import { SafetyCopies } from '../parts/SafetyCopies';
import { SalonDevices } from '../parts/SalonDevices';
import { SalonDurations } from '../parts/SalonDurations';
import { SalonKept } from '../parts/SalonKept';
import { SalonPeople } from '../parts/SalonPeople';
import { SalonTrail } from '../parts/SalonTrail';
import { TopBar } from '../parts/TopBar';
import { useHere } from '../state/here';
import { useTell } from '../state/useTell';
import { chooseLanguage, ownLanguage } from '../words/language';
import { figure, say, type Language } from '../words/say';

const RATES: { of: 'anHour' | 'colourGram' | 'lightenerGram' | 'treatmentGram'; words: () => string }[] = [
  { of: 'anHour', words: () => say('salon.anHourOfHands') },
  { of: 'colourGram', words: () => say('salon.aGramOfColour') },
  { of: 'lightenerGram', words: () => say('salon.aGramOfLightener') },
  { of: 'treatmentGram', words: () => say('salon.aGramOfTreatment') },
];

interface Part {
  house: HouseSettings;
  onHouse: (change: Partial<HouseSettings>) => void;
}

/** What holds for the whole salon, section by section. */
export function SalonPage(): ReactNode {
  const queries = useQueryClient();
  const house = useHouse().data;
  const [problem, setProblem] = useState<Problem | null>(null);
  const [saved, setSaved] = useState(false);
  const set = async (settings: HouseSettings): Promise<void> => {
    try {
      await answered(api.PUT('/api/house', { body: settings }));
      setProblem(null);
      setSaved(true);
      await queries.invalidateQueries();
    } catch (error) {
      setSaved(false);
      setProblem(problemOf(error));
    }
  };
  return (
    <>
      <TopBar title={say('salon.salon')} />
      <main className="salon">
        <header>
          <h1>{say('salon.salon')}</h1>
          <span role="status" className="quiet">
            {saved && say('salon.saved')}
          </span>
        </header>
        {problem && <ProblemNote problem={problem} />}
        {house && <Sections house={house} onHouse={(change) => void set({ ...house, ...change })} />}
      </main>
    </>
  );
}

function Sections({ house, onHouse }: Part): ReactNode {
  const here = useHere().data;
  return (
    <div className="salon-sections">
      <Spoken house={house} onHouse={onHouse} />
      <section aria-labelledby="salon-rules">
        <h2 id="salon-rules">{say('salon.rulesAndUnits')}</h2>
        <Checkbox
          className="salon-check"
          checked={house.overridesAllowed}
          onChange={(event) => onHouse({ overridesAllowed: event.target.checked })}
        >
          {say('salon.localRulesLetALicensed2')}
        </Checkbox>
        <Checkbox
          className="salon-check"
          checked={house.inches}
          onChange={(event) => onHouse({ inches: event.target.checked })}
        >
          {say('salon.inchesOnTheClientS')}
        </Checkbox>
      </section>
      <section aria-labelledby="salon-chairs">
        <h2 id="salon-chairs">{say('salon.chairs')}</h2>
        <label>
          <span>{say('salon.chairsOneOnEachLine')}</span>
          <Input.TextArea
            key={house.chairs.join('\n')}
            rows={4}
            defaultValue={house.chairs.join('\n')}
            onBlur={(event) => {
              const chairs = event.target.value.split('\n').filter((line) => line.trim() !== '');
              if (chairs.join('\n') !== house.chairs.join('\n')) {
                onHouse({ chairs });
              }
            }}
          />
        </label>
      </section>
      <Prices house={house} onHouse={onHouse} />
      <SalonDurations house={house} onHouse={onHouse} />
      <Learned />
      <SalonKept house={house} onHouse={onHouse} />
      <SalonPeople />
      {here?.main ? <SalonDevices /> : <p className="hint salon-wide">{say('salon.devicesOnTheMain')}</p>}
      <SafetyCopies />
      <SalonTrail />
    </div>
  );
}

/** Names of languages are written as their speakers write them. */
const LANGUAGES: { value: Language; house: HouseSettings['language']; label: string }[] = [
  { value: 'en', house: 'EN', label: 'English' },
  { value: 'de', house: 'DE', label: 'Deutsch' },
];

function Spoken({ house, onHouse }: Part): ReactNode {
  return (
    <section aria-labelledby="salon-language">
      <h2 id="salon-language">{say('salon.language')}</h2>
      <div className="salon-pair">
        <label>
          <span>{say('salon.languageOfTheSalon')}</span>
          <Select<HouseSettings['language']>
            aria-label={say('salon.languageOfTheSalon')}
            virtual={false}
            value={house.language}
            onChange={(language) => onHouse({ language })}
            options={LANGUAGES.map(({ house: value, label }) => ({ value, label }))}
          />
        </label>
        <label>
          <span>{say('salon.languageOfThisDevice')}</span>
          <Select<Language | ''>
            aria-label={say('salon.languageOfThisDevice')}
            virtual={false}
            value={ownLanguage() ?? ''}
            onChange={(language) => chooseLanguage(language === '' ? null : language)}
            options={[
              { value: '', label: say('salon.asTheSalon') },
              ...LANGUAGES.map(({ value, label }) => ({ value, label })),
            ]}
          />
        </label>
      </div>
      <p className="quiet">{say('salon.whatIsSpokenYet')}</p>
    </section>
  );
}

function Prices({ house, onHouse }: Part): ReactNode {
  return (
    <section aria-labelledby="salon-prices">
      <h2 id="salon-prices">{say('salon.prices')}</h2>
      <div className="salon-fields" role="group" aria-label={say('salon.rates')}>
        {RATES.map(({ of, words }) => (
          <label key={of}>
            <span>{words()}</span>
            <Input
              key={house.rates[of]}
              aria-label={words()}
              inputMode="decimal"
              suffix={house.rates.currency}
              defaultValue={figure(house.rates[of])}
              onBlur={(event) => {
                const rate = typedNumber(event.target.value) || 0;
                if (rate !== house.rates[of]) {
                  onHouse({ rates: { ...house.rates, [of]: rate } });
                }
              }}
            />
          </label>
        ))}
        <label>
          <span>{say('salon.currency')}</span>
          <Input
            key={house.rates.currency}
            aria-label={say('salon.currency')}
            defaultValue={house.rates.currency}
            onBlur={(event) => {
              if (event.target.value !== house.rates.currency) {
                onHouse({ rates: { ...house.rates, currency: event.target.value } });
              }
            }}
          />
        </label>
      </div>
    </section>
  );
}

/** What the heads of this salon have in common, to be forgotten where the salon has changed its products. */
function Learned(): ReactNode {
  const queries = useQueryClient();
  const tell = useTell();
  const learned = useLearnedOfHouse(true).data;
  return (
    <section aria-labelledby="salon-learned">
      <h2 id="salon-learned">{say('salon.whatClientsHaveTaught')}</h2>
      {learned && learned.from + learned.bowls === 0 && (
        <p className="quiet">{say('client.noVisitWasLookedBack')}</p>
      )}
      {learned && learned.from + learned.bowls > 0 && (
        <>
          <p className="quiet">
            {say('salon.fromClientsBowlsTakeTimes', {
              from: learned.from,
              grams: learned.grams,
              bowls: learned.bowls,
            })}
          </p>
          <Factors changes={learned.hair} />
          {learned.from > 0 && (
            <Button
              onClick={() =>
                tell(answered(api.DELETE('/api/house/learned')).then(() => queries.invalidateQueries()))
              }
            >
              {say('salon.forgetIt')}
            </Button>
          )}
        </>
      )}
    </section>
  );
}
