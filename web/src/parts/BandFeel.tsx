import type { ReactNode } from 'react';
import type { DetailView } from '../api/client';
import { useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { withDetail, type BandAt } from '../state/strands';
import { useBand } from '../state/useBand';
import { Choice } from './Choice';
import { DraftField, typedNumber } from './DraftField';
import { say } from '../words/say';

/** Simple tests, each with how it is done. */
const HOW = {
  porosity: () => say('read.aCleanDryHairOn'),
  stretch: () => say('read.wetAStrandStretchIt'),
  density: () => say('read.partTheDryHairScalp'),
  thickness: () => say('read.rollOneHairBetweenThe'),
};

/** How it drinks, stretches and feels, and what lies on it. */
export function BandFeel({ at }: { at: BandAt }): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { band, set, refused, path } = useBand(at);
  if (!band) {
    return null;
  }
  const detail = (change: Partial<DetailView>, merge?: string): void =>
    document.edit(withDetail(state.content, at, change), merge);
  const figure = (label: string, field: 'layers' | 'underFrom' | 'underTo'): ReactNode => (
    <DraftField
      label={label}
      width={70}
      inputMode="decimal"
      value={String(band.detail[field])}
      refused={refused(field)}
      onText={(text) => {
        const value = typedNumber(text);
        if (!Number.isNaN(value)) {
          detail({ [field]: value }, `${field} ${path}`);
        }
      }}
    />
  );
  return (
    <>
      <h3>{say('read.porosity')}</h3>
      <p className="how">{HOW.porosity()}</p>
      <Choice
        label={say('read.porosity')}
        value={band.porosity}
        onChoose={(porosity) => set({ porosity })}
        options={(vocabulary?.porosities ?? []).map(({ value, words }) => ({ value, label: words }))}
      />
      <h3>{say('read.wetStretch')}</h3>
      <p className="how">{HOW.stretch()}</p>
      <Choice
        label={say('read.wetStretch')}
        value={band.detail.stretch}
        onChoose={(stretch) => detail({ stretch })}
        options={[
          { value: 'NOT_TRIED', label: say('read.notTried') },
          ...(vocabulary?.stretches ?? []).map(({ value, words }) => ({ value, label: words })),
        ]}
      />
      <h3>{say('read.density')}</h3>
      <p className="how">{HOW.density()}</p>
      <Choice
        label={say('read.densityOfThisBand')}
        value={band.detail.density}
        onChoose={(density) => detail({ density })}
        options={[
          { value: 'AS_HEAD', label: say('read.asTheHead') },
          ...(vocabulary?.densities ?? []).map(({ value, words }) => ({ value, label: words })),
        ]}
      />
      <h3>{say('read.hairTexture')}</h3>
      <p className="how">{HOW.thickness()}</p>
      <Choice
        label={say('read.thicknessOfThisBand')}
        value={band.detail.thickness}
        onChoose={(thickness) => detail({ thickness })}
        options={[
          { value: 'AS_HEAD', label: say('read.asTheHead') },
          ...(vocabulary?.thicknesses ?? []).map(({ value, words }) => ({ value, label: words })),
        ]}
      />
      <h3>{say('read.whatLiesThere')}</h3>
      <div className="facts">
        {figure(say('read.layersOfColour'), 'layers')}
        {figure(say('read.underTheDyeFrom'), 'underFrom')}
        {figure(say('read.toLevel'), 'underTo')}
      </div>
    </>
  );
}
