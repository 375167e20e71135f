import { Select } from 'antd';
import type { ReactNode } from 'react';
import type { Tone } from '../api/client';
import { useLadder, useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';

/** Level and tone of the wish. */
export function WishEditor(): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const ladder = useLadder().data;
  const { wish } = state.content;
  const set = (change: Partial<typeof wish>): void =>
    document.edit({ ...state.content, wish: { ...wish, ...change } });
  return (
    <div className="wish">
      <span className="wish-title">Wish</span>
      <Select<number>
        aria-label="Wished level"
        virtual={false}
        value={wish.level}
        style={{ width: 84 }}
        listHeight={380}
        onChange={(level) => set({ level })}
        options={(ladder?.natural ?? [])
          .filter(({ level }) => level <= (vocabulary?.limits.lightestWish ?? 10))
          .map(({ level, words }) => ({ value: level, label: words }))}
      />
      <Select<Tone>
        aria-label="Wished tone"
        virtual={false}
        value={wish.tone}
        style={{ width: 136 }}
        listHeight={420}
        onChange={(tone) => set({ tone })}
        options={(vocabulary?.tones ?? [])
          .filter(({ wishable }) => wishable)
          .map(({ value, words }) => ({ value, label: words }))}
      />
    </div>
  );
}
