import { Select, type RefSelectProps } from 'antd';
import { useRef, type ReactNode } from 'react';
import { useVocabulary } from '../api/queries';
import { isLight, useLight } from '../state/light';
import { capital } from '../state/words';
import { say } from '../words/say';

/** In which light all hair is drawn. */
export function LightSelect(): ReactNode {
  const { light, setLight } = useLight();
  const select = useRef<RefSelectProps>(null);
  const lights = useVocabulary().data?.lights ?? [];
  return (
    <Select
      ref={select}
      className="light-select"
      aria-label={say('shared.light')}
      value={light}
      popupMatchSelectWidth={false}
      options={lights.map(({ value, words }) => ({ value, label: capital(words) }))}
      onChange={(chosen: string) => {
        if (isLight(chosen)) {
          setLight(chosen);
        }
        // The next key is meant for the page again.
        select.current?.blur();
      }}
    />
  );
}
