import { Button, ColorPicker, Select } from 'antd';
import type { ReactNode } from 'react';
import { answered, api, type AimView, type Tone } from '../api/client';
import { useLadder, useVocabulary } from '../api/queries';
import { finePointer } from '../state/pointer';
import { SecondToneFields } from './SecondToneFields';
import { say } from '../words/say';

interface Props {
  /** What it is the colour of, such as "Wished" or "Root". */
  name: string;
  aim: AimView;
  onAim: (aim: AimView) => void;
  /** Whether a colour may be picked on the screen. */
  pick?: boolean;
}

/** Level and tone of a colour that is wanted, or a colour picked on the screen. */
export function AimFields({ name, aim, onAim, pick }: Props): ReactNode {
  const vocabulary = useVocabulary().data;
  const ladder = useLadder().data;
  const picked = async (hex: string): Promise<void> => {
    onAim(await answered(api.GET('/api/picked-colour', { params: { query: { hex } } })));
  };
  return (
    <span className="aim">
      <Select<number>
        aria-label={say('visit.level2', { name })}
        virtual={false}
        value={aim.level}
        style={{ width: 84 }}
        listHeight={380}
        onChange={(level) => onAim({ ...aim, level, picked: [] })}
        options={(ladder?.natural ?? [])
          .filter(({ level }) => level <= (vocabulary?.limits.lightestWish ?? 11))
          .map(({ level, words }) => ({ value: level, label: words }))}
      />
      <Select<Tone>
        aria-label={say('visit.tone2', { name })}
        virtual={false}
        showSearch={finePointer() && { optionFilterProp: 'label' }}
        value={aim.tone}
        style={{ width: 130 }}
        listHeight={420}
        onChange={(tone) =>
          onAim({ ...aim, tone, second: aim.second.filter((other) => other.tone !== tone), picked: [] })
        }
        options={(vocabulary?.tones ?? [])
          .filter(({ wishable, value }) => wishable || value === aim.tone)
          .map(({ value, words }) => ({ value, label: words }))}
      />
      <SecondToneFields
        name={name}
        main={aim.tone}
        tones={(vocabulary?.tones ?? []).filter(({ wishable }) => wishable).map(({ value }) => value)}
        second={aim.second}
        onSecond={(second) => onAim({ ...aim, second, picked: [] })}
      />
      {pick && (
        <ColorPicker
          disabledAlpha
          format="hex"
          onChangeComplete={(colour) => void picked(colour.toHexString())}
        >
          <Button aria-label={say('visit.pickTheColourOnThe', { name: name.toLowerCase() })}>
            {aim.picked.length > 0 ? say('visit.picked') : say('visit.pick')}
          </Button>
        </ColorPicker>
      )}
    </span>
  );
}
