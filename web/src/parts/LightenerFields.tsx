import { Select } from 'antd';
import type { ReactNode } from 'react';
import type { LightenerView } from '../api/client';
import { useLighteners } from '../api/queries';

interface Props {
  /** What it is the lightener of, such as "step 2". */
  name: string;
  lightener: LightenerView[];
  onLightener: (lightener: LightenerView[]) => void;
}

const PLAIN = '';

/** Which lightener, and what is stirred into it. */
export function LightenerFields({ name, lightener, onLightener }: Props): ReactNode {
  const there = useLighteners().data;
  const chosen = lightener[0];
  const all = there?.lighteners ?? [];
  const gone = chosen !== undefined && !all.some(({ code }) => code === chosen.code);
  const stirred = chosen?.additive[0];
  return (
    <>
      <Select<string>
        aria-label={`Lightener of ${name}`}
        virtual={false}
        value={chosen?.code ?? PLAIN}
        style={{ width: 190 }}
        onChange={(code) => {
          const to = all.find((one) => one.code === code);
          onLightener(to ? [{ ...to, additive: chosen?.additive ?? [] }] : []);
        }}
        options={[
          { value: PLAIN, label: 'plain powder' },
          ...all.map((one) => ({ value: one.code, label: one.name })),
          ...(gone ? [{ value: chosen.code, label: `${chosen.name} (not on the shelf)` }] : []),
        ]}
      />
      {chosen && (there?.additives.length ?? 0) > 0 && (
        <Select<string>
          aria-label={`Stirred into the lightener of ${name}`}
          virtual={false}
          value={stirred?.code ?? PLAIN}
          style={{ width: 200 }}
          onChange={(code) =>
            onLightener([
              { ...chosen, additive: (there?.additives ?? []).filter((one) => one.code === code) },
            ])
          }
          options={[
            { value: PLAIN, label: 'nothing stirred in' },
            ...(there?.additives ?? []).map((one) => ({ value: one.code, label: `with ${one.name}` })),
          ]}
        />
      )}
    </>
  );
}

/** "up to 30 vol and 6 levels, also on the scalp": what sets it apart, in a line. */
export function lightenerWords(one: LightenerView): string {
  return [
    `speed ${one.speed}, harshness ${one.harshness} of plain powder`,
    `up to ${one.mostVolume} vol and ${one.mostLevels} levels`,
    one.scalp ? 'also on the scalp' : 'off the scalp only',
  ].join('; ');
}
