import { Select } from 'antd';
import type { ReactNode } from 'react';
import { useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { DraftField } from './DraftField';
import { WishEditor } from './WishEditor';

/** What is said once for the whole head: the wish and how much hair; or only when. */
export function HeadFacts({ onlyWhen = false }: { onlyWhen?: boolean }): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { content, saving } = state;
  const refused = (field: string): string | undefined =>
    saving.status === 'refused' && saving.problem.field.endsWith(field) ? saving.problem.remedy : undefined;
  const when = (
    <>
      <DraftField
        label="Day"
        type="date"
        width={158}
        value={content.date}
        refused={refused('date')}
        onText={(date) => date !== '' && document.edit({ ...content, date }, 'date')}
      />
      <DraftField
        label="Begins"
        type="time"
        width={132}
        value={content.startTime.slice(0, 5)}
        refused={refused('startTime')}
        onText={(startTime) => startTime !== '' && document.edit({ ...content, startTime }, 'startTime')}
      />
    </>
  );
  if (onlyWhen) {
    return when;
  }
  return (
    <div className="facts">
      <WishEditor />
      <label className="fact">
        <span>Density</span>
        <Select
          aria-label="Density"
          virtual={false}
          value={content.density}
          style={{ width: 100 }}
          onChange={(density) => document.edit({ ...content, density })}
          options={(vocabulary?.densities ?? []).map(({ value, words }) => ({ value, label: words }))}
        />
      </label>
      <label className="fact">
        <span>Hair</span>
        <Select
          aria-label="Thickness of the single hair"
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
