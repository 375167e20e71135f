import { useQueryClient } from '@tanstack/react-query';
import { Button, Drawer, Input, Switch } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, problemOf, type HouseSettings, type Problem, type StockView } from '../api/client';
import { useHouse, useStock } from '../api/queries';
import { ProblemNote } from './ProblemNote';
import { typedNumber } from './DraftField';

const RATES: { of: 'anHour' | 'colourGram' | 'lightenerGram' | 'treatmentGram'; words: string }[] = [
  { of: 'anHour', words: 'An hour of hands' },
  { of: 'colourGram', words: 'A gram of colour' },
  { of: 'lightenerGram', words: 'A gram of lightener' },
  { of: 'treatmentGram', words: 'A gram of treatment' },
];

/** Chairs, local rules, what the house charges, and what is on the shelf. */
export function HouseDrawer({ open, onClose }: { open: boolean; onClose: () => void }): ReactNode {
  const queries = useQueryClient();
  const house = useHouse().data;
  const stock = useStock().data ?? [];
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
  const keep = (one: StockView): Promise<void> => done(answered(api.PUT('/api/house/stock', { body: one })));
  return (
    <Drawer title="House and stock" open={open} onClose={onClose} size={460}>
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
              aria-label="Inches on the client's pages"
              checked={house.inches}
              onChange={(inches) => void set({ ...house, inches })}
            />
            <span>Inches on the client&rsquo;s pages</span>
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
      <h3>Stock</h3>
      <ul className="stock">
        {[...stock, { id: 0, name: '', grams: 0, lowGrams: 0, low: false }].map((one) => (
          <StockLine
            key={`${one.id} ${one.name} ${one.grams} ${one.lowGrams}`}
            one={one}
            onKeep={keep}
            onRemove={(id) =>
              done(answered(api.DELETE('/api/house/stock/{id}', { params: { path: { id } } })))
            }
          />
        ))}
      </ul>
    </Drawer>
  );
}

function StockLine(props: {
  one: StockView;
  onKeep: (one: StockView) => Promise<void>;
  onRemove: (id: number) => Promise<void>;
}): ReactNode {
  const { one } = props;
  const [name, setName] = useState(one.name);
  const [grams, setGrams] = useState(one.id === 0 ? '' : String(one.grams));
  const [low, setLow] = useState(one.id === 0 ? '' : String(one.lowGrams));
  const which = one.id === 0 ? 'new product' : one.name;
  return (
    <li className={one.low ? 'low' : ''}>
      <Input
        aria-label={`Name of ${which}`}
        placeholder="New product"
        value={name}
        onChange={(e) => setName(e.target.value)}
      />
      <Input
        aria-label={`Grams of ${which}`}
        suffix="g"
        value={grams}
        inputMode="decimal"
        onChange={(e) => setGrams(e.target.value)}
      />
      <Input
        aria-label={`Low mark of ${which}`}
        suffix="g low"
        value={low}
        inputMode="decimal"
        onChange={(e) => setLow(e.target.value)}
      />
      <Button
        aria-label={`Keep ${which}`}
        onClick={() =>
          void props.onKeep({ ...one, name, grams: typedNumber(grams) || 0, lowGrams: typedNumber(low) || 0 })
        }
      >
        Keep
      </Button>
      {one.id !== 0 && (
        <Button type="text" aria-label={`Remove ${one.name}`} onClick={() => void props.onRemove(one.id)}>
          ×
        </Button>
      )}
    </li>
  );
}
