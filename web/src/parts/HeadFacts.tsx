import { Select } from 'antd';
import type { ReactNode } from 'react';
import { useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { WishEditor } from './WishEditor';
import { say } from '../words/say';

/** What is said once for the whole head: the wish, and how much hair. */
export function HeadFacts(): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { content } = state;
  return (
    <div className="facts">
      <WishEditor />
      <label className="fact">
        <span>{say('read.density')}</span>
        <Select
          aria-label={say('read.density')}
          virtual={false}
          value={content.density}
          style={{ width: 100 }}
          onChange={(density) => document.edit({ ...content, density })}
          options={(vocabulary?.densities ?? []).map(({ value, words }) => ({ value, label: words }))}
        />
      </label>
      <label className="fact">
        <span>{say('read.hair')}</span>
        <Select
          aria-label={say('read.thicknessOfTheSingleHair')}
          virtual={false}
          value={content.thickness}
          style={{ width: 100 }}
          onChange={(thickness) => document.edit({ ...content, thickness })}
          options={(vocabulary?.thicknesses ?? []).map(({ value, words }) => ({ value, label: words }))}
        />
      </label>
    </div>
  );
}
