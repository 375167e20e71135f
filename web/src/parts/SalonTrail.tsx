import { useQuery } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState, type ReactNode } from 'react';
import { answered, api, type TrailLine } from '../api/client';
import { instantWords } from '../state/today';
import { say } from '../words/say';
import { SelectField } from './SelectField';

type Kind = TrailLine['kind'];

const KINDS: { value: Kind | ''; words: () => string }[] = [
  { value: '', words: () => say('salon.everything') },
  { value: 'SAW', words: () => say('salon.seen') },
  { value: 'CHANGED', words: () => say('salon.changed') },
  { value: 'EXPORTED', words: () => say('salon.takenAlong') },
  { value: 'ERASED', words: () => say('salon.erased') },
];

/** What an operation is about, by how its address begins; the longer beginnings first. */
const THINGS: [string, () => string][] = [
  ['cases/{id}/job', () => say('salon.ofTheChair')],
  ['cases/{id}/mix', () => say('salon.ofMixing')],
  ['cases/{id}/photos', () => say('salon.ofPhotographs')],
  ['photos', () => say('salon.ofPhotographs')],
  ['cases/{id}/look-back', () => say('salon.ofTheLookBack')],
  ['cases', () => say('salon.ofTheVisit')],
  ['clients/{id}/archive', () => say('salon.ofEverythingKept')],
  ['clients', () => say('salon.ofTheClient')],
  ['past', () => say('salon.ofPastWork')],
  ['shelf', () => say('salon.ofTheShelf')],
  ['house', () => say('salon.ofTheSettings')],
  ['people/here', () => say('salon.ofWhoWorks')],
  ['people', () => say('salon.people')],
  ['devices', () => say('salon.devices')],
  ['copies', () => say('salon.safetyCopies')],
  ['trail', () => say('salon.whoDidWhat')],
];

/** @param operation as "PUT /api/cases/{id}" */
function thingOf(operation: string): string {
  const address = operation.replace(/^\w+ \/api\//, '');
  return THINGS.find(([begins]) => address.startsWith(begins))?.[1]() ?? address;
}

/** Who saw, changed, took along or erased what, and when. */
export function SalonTrail(): ReactNode {
  const [words, setWords] = useState('');
  const [kind, setKind] = useState<Kind | ''>('');
  const [before, setBefore] = useState(0);
  const query = { words, before, ...(kind !== '' && { kind }) };
  const trail = useQuery({
    queryKey: ['trail', words, kind, before],
    queryFn: ({ signal }) => answered(api.GET('/api/trail', { params: { query }, signal })),
  }).data;
  const search = new URLSearchParams({ words, ...(kind !== '' && { kind }) });
  return (
    <section className="salon-wide" aria-labelledby="salon-trail">
      <h2 id="salon-trail">{say('salon.whoDidWhat')}</h2>
      <div className="salon-new">
        <label>
          <span>{say('salon.personDeviceClient')}</span>
          <Input
            value={words}
            onChange={(event) => {
              setWords(event.target.value);
              setBefore(0);
            }}
          />
        </label>
        <SelectField
          label={say('salon.what')}
          value={kind}
          options={KINDS.map((one) => ({ value: one.value, words: one.words() }))}
          onChange={(next) => {
            setKind(next);
            setBefore(0);
          }}
        />
        <Button href={`/api/trail.csv?${search.toString()}`}>{say('salon.asATable')}</Button>
      </div>
      {trail && (
        <table className="salon-trail">
          <thead>
            <tr>
              <th scope="col">{say('salon.when')}</th>
              <th scope="col">{say('salon.who')}</th>
              <th scope="col">{say('salon.where')}</th>
              <th scope="col">{say('salon.what')}</th>
              <th scope="col">{say('salon.ofWhom')}</th>
            </tr>
          </thead>
          <tbody>
            {trail.lines.map((line) => (
              <tr key={line.id}>
                <td>{instantWords(line.at)}</td>
                <td>{line.person || say('salon.notSaid')}</td>
                <td>{line.device || say('salon.mainMachine')}</td>
                <td>
                  {thingOf(line.operation)}: {KINDS.find(({ value }) => value === line.kind)?.words()}
                </td>
                <td>
                  {line.clientId > 0 && (line.client || say('salon.erasedClient', { id: line.clientId }))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {trail?.lines.length === 0 && <p className="hint">{say('salon.nothingOfThatKind')}</p>}
      {trail?.more && (
        <Button onClick={() => setBefore(trail.lines.at(-1)?.id ?? 0)}>{say('salon.older')}</Button>
      )}
    </section>
  );
}
