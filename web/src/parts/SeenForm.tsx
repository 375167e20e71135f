import { Button, Segmented, Select } from 'antd';
import { useState, type ReactNode } from 'react';
import type { CaseFile, MeasuredLook, MeasuredView, Place, Problem, SecondTone, Tone } from '../api/client';
import { problemOf } from '../api/client';
import { useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { askReader } from '../state/useReader';
import { LadderPick } from './LadderPick';
import { ProblemNote } from './ProblemNote';
import { SecondToneFields } from './SecondToneFields';
import { Swatch } from './Swatch';
import { say } from '../words/say';

export type Stretch = CaseFile['zones'][number]['bands'][number]['detail']['stretch'];

/** What a strand shows: its level, if they were said its tones, by the reader instead of the eye, and its stretch. */
export interface SeenHair {
  level: number;
  tone: Tone | null;
  second: SecondTone[];
  measured: MeasuredView[];
  stretch: Stretch;
}

interface Props {
  label: string;
  hair: 'lifted' | 'natural';
  /** Where the reader is held. */
  place: Place;
  cm: number;
  done: string;
  needsTone: boolean;
  onSeen: (seen: SeenHair) => void;
}

const SHORTEST = 1;

/** Asked beside the ladder, so that it is compared and not remembered. */
export function SeenForm({ label, hair, place, cm, done, needsTone, onSeen }: Props): ReactNode {
  const { state } = useCase();
  const vocabulary = useVocabulary().data;
  const [level, setLevel] = useState(0);
  const [tone, setTone] = useState<Tone | null>(null);
  const [second, setSecond] = useState<SecondTone[]>([]);
  const [stretch, setStretch] = useState<Stretch>('NOT_TRIED');
  const [reading, setReading] = useState<MeasuredLook | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  const read = async (): Promise<void> => {
    try {
      const answer = await askReader(state.id, place, Math.max(SHORTEST, cm));
      setReading(answer);
      setLevel(Math.max(1, Math.min(12, Math.round(answer.look.level * 2) / 2)));
      setProblem(null);
    } catch (error) {
      setProblem(problemOf(error));
    }
  };
  /** What the eye says afterwards stands instead of what was read. */
  const byEye =
    <T,>(said: (value: T) => void) =>
    (value: T): void => {
      setReading(null);
      said(value);
    };
  return (
    <>
      {problem && <ProblemNote problem={problem} />}
      <LadderPick level={level} onLevel={byEye(setLevel)} label={label} hair={hair} />
      <div className="chair-change">
        <div className="seen-colour">
          <span>{say('visit.tone3')}</span>
          <Select<Tone | null>
            aria-label={say('visit.toneOfTheResult')}
            placeholder={say('visit.notSaid')}
            allowClear
            value={tone}
            onChange={byEye((said) => {
              setTone(said ?? null);
              setSecond(second.filter(({ tone: other }) => said && other !== said));
            })}
            options={vocabulary?.tones.map(({ value, words }) => ({ value, label: words })) ?? []}
            style={{ width: 180 }}
          />
          {tone && (
            <SecondToneFields
              name={say('visit.ofResult')}
              main={tone}
              tones={vocabulary?.tones.map(({ value }) => value) ?? []}
              second={second}
              onSecond={byEye(setSecond)}
            />
          )}
          <Button onClick={() => void read()}>{say('visit.readWithTheColourReader')}</Button>
          {reading && (
            <Swatch look={reading.look}>
              {reading.look.levelWords} {reading.look.tone}
            </Swatch>
          )}
        </div>
        <label>
          <span>{say('visit.stretchedWet')}</span>
          <Segmented<Stretch>
            aria-label={say('visit.stretchedWet')}
            value={stretch}
            onChange={setStretch}
            options={[
              { value: 'NOT_TRIED' as Stretch, label: say('visit.notTried') },
              ...(vocabulary?.stretches ?? []).map(({ value, words }) => ({ value, label: words })),
            ]}
          />
        </label>
      </div>
      <Button
        type="primary"
        disabled={level === 0 || (needsTone && !tone && !reading)}
        onClick={() => onSeen({ level, tone, second, measured: reading ? [reading.measured] : [], stretch })}
      >
        {done}
      </Button>
    </>
  );
}
