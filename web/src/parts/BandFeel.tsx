import type { ReactNode } from 'react';
import type { DetailView } from '../api/client';
import { useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { withDetail, type BandAt } from '../state/strands';
import { useBand } from '../state/useBand';
import { Choice } from './Choice';
import { DraftField, typedNumber } from './DraftField';

/** Simple tests, each with how it is done. */
const HOW = {
  porosity:
    'A clean dry hair on water: floats long, low; sinks at once, very high. Or slide thumb and finger towards the scalp: rough is porous.',
  stretch: 'Wet a strand, stretch it slowly by a third, let go.',
  density: 'Part the dry hair: scalp hardly seen is dense, plainly seen is thin.',
  thickness: 'Roll one hair between the fingers: hardly felt is fine, felt like thread is coarse.',
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
      <h3>Porosity</h3>
      <p className="how">{HOW.porosity}</p>
      <Choice
        label="Porosity"
        value={band.porosity}
        onChoose={(porosity) => set({ porosity })}
        options={(vocabulary?.porosities ?? []).map(({ value, words }) => ({ value, label: words }))}
      />
      <h3>Wet stretch</h3>
      <p className="how">{HOW.stretch}</p>
      <Choice
        label="Wet stretch"
        value={band.detail.stretch}
        onChoose={(stretch) => detail({ stretch })}
        options={[
          { value: 'NOT_TRIED', label: 'not tried' },
          ...(vocabulary?.stretches ?? []).map(({ value, words }) => ({ value, label: words })),
        ]}
      />
      <h3>Density</h3>
      <p className="how">{HOW.density}</p>
      <Choice
        label="Density of this band"
        value={band.detail.density}
        onChoose={(density) => detail({ density })}
        options={[
          { value: 'AS_HEAD', label: 'as the head' },
          ...(vocabulary?.densities ?? []).map(({ value, words }) => ({ value, label: words })),
        ]}
      />
      <h3>Hair texture</h3>
      <p className="how">{HOW.thickness}</p>
      <Choice
        label="Thickness of this band"
        value={band.detail.thickness}
        onChoose={(thickness) => detail({ thickness })}
        options={[
          { value: 'AS_HEAD', label: 'as the head' },
          ...(vocabulary?.thicknesses ?? []).map(({ value, words }) => ({ value, label: words })),
        ]}
      />
      <h3>What lies there</h3>
      <div className="facts">
        {figure('Layers of colour', 'layers')}
        {figure('Under the dye from', 'underFrom')}
        {figure('to level', 'underTo')}
      </div>
    </>
  );
}
