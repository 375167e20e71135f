import { Select } from 'antd';
import type { ReactNode } from 'react';
import type { LightenerView } from '../api/client';
import { useLighteners } from '../api/queries';
import { say } from '../words/say';

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
        aria-label={say('shared.lightenerOf', { name })}
        virtual={false}
        value={chosen?.code ?? PLAIN}
        style={{ width: 190 }}
        onChange={(code) => {
          const to = all.find((one) => one.code === code);
          onLightener(to ? [{ ...to, additive: chosen?.additive ?? [] }] : []);
        }}
        options={[
          { value: PLAIN, label: say('shared.plainPowder') },
          ...all.map((one) => ({ value: one.code, label: one.name })),
          ...(gone
            ? [{ value: chosen.code, label: say('shared.notOnTheShelf', { name: chosen.name }) }]
            : []),
        ]}
      />
      {chosen && (there?.additives.length ?? 0) > 0 && (
        <Select<string>
          aria-label={say('shared.stirredIntoTheLightenerOf', { name })}
          virtual={false}
          value={stirred?.code ?? PLAIN}
          style={{ width: 200 }}
          onChange={(code) =>
            onLightener([
              { ...chosen, additive: (there?.additives ?? []).filter((one) => one.code === code) },
            ])
          }
          options={[
            { value: PLAIN, label: say('shared.nothingStirredIn') },
            ...(there?.additives ?? []).map((one) => ({
              value: one.code,
              label: say('shared.with', { name: one.name }),
            })),
          ]}
        />
      )}
    </>
  );
}

/** "up to 30 vol and 6 levels, also on the scalp": what sets it apart, in a line. */
export function lightenerWords(one: LightenerView): string {
  return [
    say('shared.speedHarshnessOfPlainPowder', { speed: one.speed, harshness: one.harshness }),
    say('shared.upToVolAndLevels', { mostVolume: one.mostVolume, mostLevels: one.mostLevels }),
    one.scalp ? say('shared.alsoOnTheScalp') : say('shared.offTheScalpOnly'),
  ].join('; ');
}
