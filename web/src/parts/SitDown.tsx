import { useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, problemOf, type HereView, type Problem } from '../api/client';
import { HERE } from '../state/here';
import { say, spoken } from '../words/say';
import { ProblemNote } from './ProblemNote';

const FIGURES = ['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'];
const LONGEST = 8;
const SHORTEST = 4;

/** Somebody presses their name and types their PIN, with gloves on or at the keyboard. */
export function SitDown({ people, onDone }: { people: HereView['people']; onDone: () => void }): ReactNode {
  const queries = useQueryClient();
  const [person, setPerson] = useState(people.length === 1 ? people[0] : undefined);
  const [pin, setPin] = useState('');
  const [problem, setProblem] = useState<Problem | null>(null);
  const sit = async (): Promise<void> => {
    try {
      const here = await answered(api.POST('/api/people/here', { body: { person: person?.id ?? 0, pin } }));
      if (here.language.toLowerCase() !== spoken()) {
        window.location.reload();
        return;
      }
      queries.setQueryData(HERE, here);
      // What was refused to whoever sat here before is asked for again.
      void queries.invalidateQueries({ predicate: ({ queryKey }) => queryKey[0] !== HERE[0] });
      onDone();
    } catch (error) {
      setPin('');
      setProblem(problemOf(error));
    }
  };
  return (
    <div className="sit-down">
      <div className="sit-names" role="group" aria-label={say('shared.whoWorksHere')}>
        {people.map((one) => (
          <Button
            key={one.id}
            size="large"
            type={one.id === person?.id ? 'primary' : 'default'}
            aria-pressed={one.id === person?.id}
            onClick={() => {
              setPerson(one);
              setPin('');
              setProblem(null);
            }}
          >
            {one.name}
          </Button>
        ))}
      </div>
      {person && (
        <form
          key={person.id}
          className="sit-pin"
          onSubmit={(event) => {
            event.preventDefault();
            void sit();
          }}
        >
          <Input
            autoFocus
            type="password"
            autoComplete="off"
            inputMode="none"
            aria-label={say('shared.pinOf', { name: person.name })}
            placeholder={say('shared.pin')}
            value={pin}
            maxLength={LONGEST}
            onChange={(event) => setPin(event.target.value.replace(/\D/g, ''))}
          />
          <div className="sit-figures">
            {FIGURES.map((figure) => (
              <Button key={figure} onClick={() => setPin((pin + figure).slice(0, LONGEST))}>
                {figure}
              </Button>
            ))}
            <Button aria-label={say('shared.takeBackAFigure')} onClick={() => setPin(pin.slice(0, -1))}>
              ⌫
            </Button>
            <Button type="primary" htmlType="submit" disabled={pin.length < SHORTEST}>
              {say('shared.sitDown')}
            </Button>
          </div>
          {problem && <ProblemNote problem={problem} />}
        </form>
      )}
    </div>
  );
}
