import { useQueryClient } from '@tanstack/react-query';
import { Button, Drawer, Input, Switch } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, problemOf, type HouseSettings, type Problem } from '../api/client';
import { useHouse, useLearnedOfHouse, useVocabulary } from '../api/queries';
import { Factors } from './Factors';
import { ProblemNote } from './ProblemNote';
import { typedNumber } from './DraftField';
import { useTell } from '../state/useTell';

const RATES: { of: 'anHour' | 'colourGram' | 'lightenerGram' | 'treatmentGram'; words: string }[] = [
  { of: 'anHour', words: 'An hour of hands' },
  { of: 'colourGram', words: 'A gram of colour' },
  { of: 'lightenerGram', words: 'A gram of lightener' },
  { of: 'treatmentGram', words: 'A gram of treatment' },
];

/** Chairs, local rules, what the house charges, and how long things take. */
export function HouseDrawer({ open, onClose }: { open: boolean; onClose: () => void }): ReactNode {
  const queries = useQueryClient();
  const house = useHouse().data;
  const figures = useVocabulary().data?.durations ?? [];
  const [problem, setProblem] = useState<Problem | null>(null);
  const done = async (work: Promise<unknown>): Promise<void> => {
    try {
      await work;
      setProblem(null);
      await queries.invalidateQueries();
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  const set = (settings: HouseSettings): Promise<void> =>
    done(answered(api.PUT('/api/house', { body: settings })));
  return (
    <Drawer title="Salon" open={open} onClose={onClose} size={460}>
      {problem && <ProblemNote problem={problem} />}
      {house && (
        <div className="house">
          <label>
            <span>Chairs, one on each line</span>
            <Input.TextArea
              key={house.chairs.join('\n')}
              rows={4}
              defaultValue={house.chairs.join('\n')}
              onBlur={(event) =>
                void set({
                  ...house,
                  chairs: event.target.value.split('\n').filter((line) => line.trim() !== ''),
                })
              }
            />
          </label>
          <div className="house-switch">
            <Switch
              aria-label="Local rules let a licensed hand take a caution on"
              checked={house.overridesAllowed}
              onChange={(overridesAllowed) => void set({ ...house, overridesAllowed })}
            />
            <span>Local rules let a licensed hand take a caution on, with name and reason</span>
          </div>
          <div className="house-switch">
            <Switch
              aria-label="Inches and ounces"
              checked={house.inches}
              onChange={(inches) => void set({ ...house, inches })}
            />
            <span>Inches on the client&rsquo;s pages, ounces at the scale</span>
          </div>
          <div className="wish-line" role="group" aria-label="Rates">
            {RATES.map(({ of, words }) => (
              <label key={of} className="rate">
                <span>{words}</span>
                <Input
                  key={house.rates[of]}
                  aria-label={words}
                  inputMode="decimal"
                  defaultValue={String(house.rates[of])}
                  onBlur={(event) =>
                    void set({
                      ...house,
                      rates: { ...house.rates, [of]: typedNumber(event.target.value) || 0 },
                    })
                  }
                />
              </label>
            ))}
            <label className="rate">
              <span>Currency</span>
              <Input
                key={house.rates.currency}
                aria-label="Currency"
                defaultValue={house.rates.currency}
                onBlur={(event) =>
                  void set({ ...house, rates: { ...house.rates, currency: event.target.value } })
                }
              />
            </label>
          </div>
        </div>
      )}
      {house && (
        <details className="durations">
          <summary>How long things take</summary>
          <ul>
            {figures.map(({ name, unit, value }) => (
              <Duration
                key={`${name} ${own(house, name) ?? ''}`}
                name={name}
                unit={unit}
                shipped={value}
                set={own(house, name)}
                onSet={(figure) =>
                  void set({
                    ...house,
                    durations: [
                      ...house.durations.filter((one) => one.name !== name),
                      ...(figure === null ? [] : [{ name, value: figure }]),
                    ],
                  })
                }
              />
            ))}
          </ul>
        </details>
      )}
      {house && <Learned open={open} />}
    </Drawer>
  );
}

/** What the heads of this house have in common, to be forgotten where the house has changed its products. */
function Learned({ open }: { open: boolean }): ReactNode {
  const queries = useQueryClient();
  const tell = useTell();
  const learned = useLearnedOfHouse(open).data;
  return (
    <details className="durations">
      <summary>What clients have taught</summary>
      {learned && (
        <>
          <p className="quiet">
            From {learned.from} {learned.from === 1 ? 'client' : 'clients'}; bowls take {learned.grams} times
            what is reckoned, from {learned.bowls}.
          </p>
          <Factors changes={learned.hair} />
          {learned.from > 0 && (
            <Button
              onClick={() =>
                tell(answered(api.DELETE('/api/house/learned')).then(() => queries.invalidateQueries()))
              }
            >
              Forget it
            </Button>
          )}
        </>
      )}
    </details>
  );
}

function own(house: HouseSettings, name: string): number | undefined {
  return house.durations.find((one) => one.name === name)?.value;
}

/** A figure of the house; left empty it is as it ships. */
function Duration(props: {
  name: string;
  unit: string;
  shipped: number;
  set: number | undefined;
  onSet: (figure: number | null) => void;
}): ReactNode {
  const { name, unit, shipped, set } = props;
  return (
    <li>
      <label className="rate">
        <span>{name}</span>
        <Input
          aria-label={`${name}, ${unit}`}
          inputMode="decimal"
          suffix={unit}
          placeholder={String(shipped)}
          defaultValue={set === undefined ? '' : String(set)}
          onBlur={(event) => {
            const typed = event.target.value.trim();
            const figure = typed === '' ? null : typedNumber(typed) || 0;
            if (figure !== (set ?? null)) {
              props.onSet(figure);
            }
          }}
        />
      </label>
    </li>
  );
}
