import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Checkbox, Input, Popconfirm } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, problemOf, type PeopleView, type PersonView, type Problem } from '../api/client';
import { HERE } from '../state/here';
import { say } from '../words/say';
import { ProblemNote } from './ProblemNote';
import { SelectField } from './SelectField';

type Role = PersonView['role'];
type Spoken = PersonView['language'];

const ROLES: { value: Role; words: () => string }[] = [
  { value: 'OWNER', words: () => say('salon.owner') },
  { value: 'COLOURIST', words: () => say('salon.colourist') },
  { value: 'ASSISTANT', words: () => say('salon.assistant') },
];

/** Names of languages are written as their speakers write them. */
const SPOKEN: { value: Spoken; words: () => string }[] = [
  { value: 'AS_THE_SALON', words: () => say('salon.asTheSalon') },
  { value: 'EN', words: () => 'English' },
  { value: 'DE', words: () => 'Deutsch' },
];

const options = <T,>(all: { value: T; words: () => string }[]): { value: T; words: string }[] =>
  all.map(({ value, words }) => ({ value, words: words() }));

/** Who works here, what they may, and whether they are asked for it. */
export function SalonPeople(): ReactNode {
  const queries = useQueryClient();
  const people = useQuery({
    queryKey: ['people'],
    queryFn: () => answered(api.GET('/api/people')),
  }).data;
  const [problem, setProblem] = useState<Problem | null>(null);
  const ask = async (answer: Promise<PeopleView>): Promise<boolean> => {
    try {
      queries.setQueryData(['people'], await answer);
      setProblem(null);
      await queries.invalidateQueries({ queryKey: HERE });
      return true;
    } catch (error) {
      setProblem(problemOf(error));
      return false;
    }
  };
  return (
    <section className="salon-wide" aria-labelledby="salon-people">
      <h2 id="salon-people">{say('salon.people')}</h2>
      <p className="quiet">{say('salon.whatPeopleMay')}</p>
      {problem && <ProblemNote problem={problem} />}
      {people && (
        <>
          <Checkbox
            className="salon-check"
            checked={people.asked}
            disabled={people.people.length === 0}
            onChange={(event) =>
              void ask(answered(api.PUT('/api/people/asked-for', { body: { on: event.target.checked } })))
            }
          >
            {say('salon.everybodySaysWho')}
          </Checkbox>
          <ul className="salon-list">
            {people.people.map((one) => (
              <OfPerson
                key={one.id}
                person={one}
                onChange={(change) =>
                  ask(
                    answered(
                      api.PUT('/api/people/{id}', {
                        params: { path: { id: one.id } },
                        body: { name: one.name, role: one.role, language: one.language, pin: '', ...change },
                      }),
                    ),
                  )
                }
                onLeft={() =>
                  void ask(answered(api.DELETE('/api/people/{id}', { params: { path: { id: one.id } } })))
                }
              />
            ))}
          </ul>
          <NewPerson
            first={people.people.length === 0}
            onAdd={(wanted) => ask(answered(api.POST('/api/people', { body: wanted })))}
          />
        </>
      )}
    </section>
  );
}

type Change = Partial<{ name: string; role: Role; pin: string; language: Spoken }>;

function OfPerson({
  person,
  onChange,
  onLeft,
}: {
  person: PersonView;
  onChange: (change: Change) => Promise<boolean>;
  onLeft: () => void;
}): ReactNode {
  const [pin, setPin] = useState('');
  return (
    <li data-person={person.name}>
      <label>
        <span>{say('salon.name')}</span>
        <Input
          key={person.name}
          defaultValue={person.name}
          onBlur={({ target }) => target.value !== person.name && void onChange({ name: target.value })}
        />
      </label>
      <SelectField
        label={say('salon.mayAs')}
        value={person.role}
        options={options(ROLES)}
        onChange={(role) => void onChange({ role })}
      />
      <SelectField
        label={say('salon.language')}
        value={person.language}
        options={options(SPOKEN)}
        onChange={(language) => void onChange({ language })}
      />
      <label>
        <span>{say('salon.newPin')}</span>
        <Input
          type="password"
          autoComplete="new-password"
          inputMode="numeric"
          value={pin}
          onChange={(event) => setPin(event.target.value)}
        />
      </label>
      <Button
        disabled={pin === ''}
        onClick={() => void onChange({ pin }).then((done) => done && setPin(''))}
        aria-label={say('salon.setPinOf', { name: person.name })}
      >
        {say('salon.setPin')}
      </Button>
      <Popconfirm
        title={say('salon.worksHereNoLonger', { name: person.name })}
        description={say('salon.whatTheyDidStays')}
        okText={say('salon.takeOff')}
        cancelText={say('salon.no')}
        onConfirm={onLeft}
      >
        <Button aria-label={say('salon.takeOffPerson', { name: person.name })}>{say('salon.takeOff')}</Button>
      </Popconfirm>
    </li>
  );
}

const NOBODY = { name: '', role: 'ASSISTANT' as Role, pin: '', language: 'AS_THE_SALON' as Spoken };

function NewPerson({
  first,
  onAdd,
}: {
  first: boolean;
  onAdd: (wanted: typeof NOBODY) => Promise<boolean>;
}): ReactNode {
  const [wanted, setWanted] = useState(NOBODY);
  const role = first ? 'OWNER' : wanted.role;
  return (
    <form
      className="salon-new"
      aria-label={say('salon.newPerson')}
      onSubmit={(event) => {
        event.preventDefault();
        void onAdd({ ...wanted, role }).then((done) => done && setWanted(NOBODY));
      }}
    >
      <label>
        <span>{say('salon.name')}</span>
        <Input value={wanted.name} onChange={(event) => setWanted({ ...wanted, name: event.target.value })} />
      </label>
      <SelectField
        label={say('salon.mayAs')}
        value={role}
        options={options(ROLES).filter(({ value }) => !first || value === 'OWNER')}
        onChange={(next) => setWanted({ ...wanted, role: next })}
      />
      <SelectField
        label={say('salon.language')}
        value={wanted.language}
        options={options(SPOKEN)}
        onChange={(language) => setWanted({ ...wanted, language })}
      />
      <label>
        <span>{say('salon.pinFourToEight')}</span>
        <Input
          type="password"
          autoComplete="new-password"
          inputMode="numeric"
          value={wanted.pin}
          onChange={(event) => setWanted({ ...wanted, pin: event.target.value })}
        />
      </label>
      <Button type="primary" htmlType="submit" disabled={wanted.name.trim() === '' || wanted.pin === ''}>
        {say('salon.addPerson')}
      </Button>
    </form>
  );
}
