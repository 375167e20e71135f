import { Select } from 'antd';
import type { ReactNode } from 'react';
import type { SecondTone, Tone } from '../api/client';
import { useVocabulary } from '../api/queries';
import { say } from '../words/say';

interface Props {
  /** What it lies beside in, such as "Wished" or "Band". */
  name: string;
  main: Tone;
  /** Tones that can lie beside it. */
  tones: Tone[];
  second: SecondTone[];
  onSecond: (second: SecondTone[]) => void;
}

const SHARES = [
  { value: 0.15, label: () => say('visit.aTouch') },
  { value: 0.3, label: () => say('visit.some') },
  { value: 0.5, label: () => say('visit.half') },
];
const USUAL = 0.3;

/** A tone beside the first, and how much of it; or none. */
export function SecondToneFields({ name, main, tones, second, onSecond }: Props): ReactNode {
  const vocabulary = useVocabulary().data;
  const beside = second[0];
  const known = SHARES.some(({ value }) => value === beside?.share);
  return (
    <span className="second-tone">
      <Select<Tone | ''>
        aria-label={say('visit.secondTone', { name })}
        virtual={false}
        value={beside?.tone ?? ''}
        style={{ width: 176, maxWidth: '100%' }}
        listHeight={420}
        onChange={(tone) => onSecond(tone === '' ? [] : [{ tone, share: beside?.share ?? USUAL }])}
        options={[
          { value: '' as const, label: say('visit.andNoOtherTone') },
          ...(vocabulary?.tones ?? [])
            .filter(({ value }) => value !== main && tones.includes(value))
            .map(({ value, words }) => ({ value, label: say('visit.and', { words }) })),
        ]}
      />
      {beside && (
        <Select<number>
          aria-label={say('visit.shareOfTheSecondTone', { name })}
          virtual={false}
          value={beside.share}
          style={{ width: 100 }}
          onChange={(share) => onSecond([{ ...beside, share }])}
          options={[
            ...SHARES.map(({ value, label }) => ({ value, label: label() })),
            ...(known ? [] : [{ value: beside.share, label: `${Math.round(beside.share * 100)} %` }]),
          ]}
        />
      )}
    </span>
  );
}
