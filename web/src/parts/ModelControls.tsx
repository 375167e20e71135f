import { Checkbox } from 'antd';
import type { ReactNode } from 'react';
import type { ModelRun, Vocabulary } from '../api/client';
import { useModelChoices, useVocabulary } from '../api/queries';
import { amountWords, withPast, withProduct, type LaidWord } from '../state/modelRun';
import { halves } from '../state/strands';
import { LightenerFields } from './LightenerFields';
import { SelectField } from './SelectField';
import { SliderField } from './SliderField';

interface Props {
  run: ModelRun;
  onRun: (run: ModelRun) => void;
}

const POROSITIES = [
  'low',
  'low to normal',
  'normal',
  'normal to high',
  'high',
  'high to very high',
  'very high',
];

/** What hair, and what is laid on it. */
export function ModelControls({ run, onRun }: Props): ReactNode {
  const choices = useModelChoices().data;
  const vocabulary = useVocabulary().data;
  const product = choices?.products.find(({ value }) => value === run.product.kind);
  if (!choices || !vocabulary || !product) {
    return <aside className="model-controls" aria-busy="true" />;
  }
  return (
    <aside className="model-controls" aria-label="What to try">
      <StartControls run={run} onRun={onRun} vocabulary={vocabulary} />
      <h2>What is applied</h2>
      <SelectField
        label="Product"
        value={run.product.kind}
        options={choices.products}
        onChange={(kind) => {
          const chosen = choices.products.find(({ value }) => value === kind);
          if (chosen) {
            onRun(withProduct(run, chosen));
          }
        }}
      />
      <ProductControls run={run} onRun={onRun} product={product} vocabulary={vocabulary} />
    </aside>
  );
}

function StartControls({ run, onRun, vocabulary }: Props & { vocabulary: Vocabulary }): ReactNode {
  const { start } = run;
  const choices = useModelChoices().data;
  const past = choices?.pasts.find(({ value }) => value === start.past);
  const set = (change: Partial<ModelRun['start']>): void => onRun({ ...run, start: { ...start, ...change } });
  const tones = vocabulary.tones.filter(
    ({ value, ofNaturalHair }) =>
      (start.past !== 'AS_GROWN' || ofNaturalHair) && (start.past === 'LIFTED' || value !== 'AS_LIFTED'),
  );
  return (
    <>
      <h2>The hair</h2>
      <SelectField
        label="History"
        value={start.past}
        options={choices?.pasts ?? []}
        onChange={(value) => onRun(withPast(run, value))}
      />
      <div className="pair">
        <SliderField
          label="Level read"
          words={halves(start.level)}
          min={1}
          max={12}
          step={0.5}
          value={start.level}
          onChange={(level) => set({ level })}
        />
        <SelectField
          label="Tone read"
          value={start.tone}
          options={tones}
          onChange={(tone) => set({ tone })}
        />
      </div>
      {past?.dyed && (
        <>
          <div className="pair">
            <SliderField
              label="Under it at least"
              words={halves(start.underFrom)}
              min={1}
              max={12}
              step={0.5}
              value={start.underFrom}
              onChange={(underFrom) => set({ underFrom, underTo: Math.max(underFrom, start.underTo) })}
            />
            <SliderField
              label="at most"
              words={halves(start.underTo)}
              min={1}
              max={12}
              step={0.5}
              value={start.underTo}
              onChange={(underTo) => set({ underTo, underFrom: Math.min(underTo, start.underFrom) })}
            />
          </div>
          <SliderField
            label="Layers of colour"
            words={String(start.layers)}
            min={0}
            max={10}
            step={1}
            value={start.layers}
            onChange={(layers) => set({ layers })}
          />
        </>
      )}
      <div className="pair">
        <SliderField
          label="Porosity"
          words={POROSITIES[Math.round(start.porosity * 2)] ?? ''}
          min={0}
          max={3}
          step={0.5}
          value={start.porosity}
          onChange={(porosity) => set({ porosity })}
        />
        <SelectField
          label="Hair texture"
          value={start.thickness}
          options={vocabulary.thicknesses}
          onChange={(thickness) => set({ thickness })}
        />
      </div>
      <SliderField
        label="White fibres"
        words={`${Math.round(100 * start.greyShare)} %`}
        min={0}
        max={1}
        step={0.05}
        value={start.greyShare}
        onChange={(greyShare) => set({ greyShare })}
      />
    </>
  );
}

function ProductControls({
  run,
  onRun,
  product,
  vocabulary,
}: Props & { product: LaidWord; vocabulary: Vocabulary }): ReactNode {
  const laid = run.product;
  const set = (change: Partial<ModelRun['product']>): void =>
    onRun({ ...run, product: { ...laid, ...change } });
  return (
    <>
      <SliderField
        label={laid.kind === 'WASHES' ? 'How many' : 'For'}
        words={amountWords(laid.kind, laid.amount)}
        min={0}
        max={product.mostAmount}
        step={1}
        value={laid.amount}
        onChange={(amount) => set({ amount })}
      />
      {product.colours && <ShadeControls run={run} set={set} vocabulary={vocabulary} />}
      {(product.lifts || product.colours) && laid.kind !== 'DIRECT' && (
        <div className="pair">
          <SliderField
            label="Developer"
            words={`${laid.volume} vol`}
            min={0}
            max={40}
            step={1}
            value={laid.volume}
            onChange={(volume) => set({ volume })}
          />
          <SliderField
            label="Ratio"
            words={`1 : ${laid.ratio}`}
            min={0.5}
            max={4}
            step={0.5}
            value={laid.ratio}
            onChange={(ratio) => set({ ratio })}
          />
        </div>
      )}
      {(product.lifts || laid.kind === 'PERMANENT' || laid.kind === 'COVERAGE') && (
        <LiftControls run={run} set={set} />
      )}
      <Checkbox
        checked={run.strandTest.done}
        onChange={(event) => onRun({ ...run, strandTest: { ...run.strandTest, done: event.target.checked } })}
      >
        A strand test of just this was done
      </Checkbox>
      {run.strandTest.done && (
        <SliderField
          label="Result: level"
          words={String(run.strandTest.level)}
          min={1}
          max={12}
          step={0.5}
          value={run.strandTest.level}
          onChange={(level) => onRun({ ...run, strandTest: { done: true, level } })}
        />
      )}
    </>
  );
}

type Set = (change: Partial<ModelRun['product']>) => void;

function ShadeControls({
  run,
  set,
  vocabulary,
}: {
  run: ModelRun;
  set: Set;
  vocabulary: Vocabulary;
}): ReactNode {
  const laid = run.product;
  const choices = useModelChoices().data;
  return (
    <>
      {laid.kind === 'DIRECT' ? (
        <SelectField
          label="Hue"
          value={laid.hue}
          options={choices?.hues ?? []}
          onChange={(hue) => set({ hue })}
        />
      ) : (
        <div className="pair">
          <SliderField
            label="Shade"
            words={halves(laid.shadeLevel)}
            min={1}
            max={10}
            step={0.5}
            value={laid.shadeLevel}
            onChange={(shadeLevel) => set({ shadeLevel })}
          />
          <SelectField
            label="Shade’s tone"
            value={laid.shadeTone}
            options={vocabulary.tones.filter(({ wishable }) => wishable)}
            onChange={(shadeTone) => set({ shadeTone })}
          />
        </div>
      )}
      <div className="pair">
        <SliderField
          label="Clear in it"
          words={`${Math.round(100 * laid.clear)} %`}
          min={0}
          max={0.9}
          step={0.1}
          value={laid.clear}
          onChange={(clear) => set({ clear })}
        />
        <SelectField
          label="On hair that is"
          value={laid.wetness}
          options={choices?.wetnesses ?? []}
          onChange={(wetness) => set({ wetness })}
        />
      </div>
    </>
  );
}

function LiftControls({ run, set }: { run: ModelRun; set: Set }): ReactNode {
  const laid = run.product;
  const choices = useModelChoices().data;
  return (
    <>
      {laid.kind === 'LIGHTENER' && (
        <div className="pair">
          <LightenerFields
            name="the model"
            lightener={laid.lightener}
            onLightener={(lightener) => set({ lightener, ratio: lightener[0]?.ratio ?? laid.ratio })}
          />
        </div>
      )}
      <div className="pair">
        <SelectField
          label="Where"
          value={laid.place}
          options={choices?.places ?? []}
          onChange={(place) => set({ place })}
        />
        <SelectField
          label="Cover"
          value={laid.cover}
          options={choices?.covers ?? []}
          onChange={(cover) => set({ cover })}
        />
      </div>
      <div className="pair">
        <SliderField
          label="Section"
          words={`${laid.sectionMm} mm`}
          min={1}
          max={20}
          step={1}
          value={laid.sectionMm}
          onChange={(sectionMm) => set({ sectionMm })}
        />
        <SliderField
          label="Bowl stood"
          words={`${laid.ageMinutes} min`}
          min={0}
          max={120}
          step={5}
          value={laid.ageMinutes}
          onChange={(ageMinutes) => set({ ageMinutes })}
        />
      </div>
      <Checkbox checked={laid.heat} onChange={(event) => set({ heat: event.target.checked })}>
        With warmth
      </Checkbox>
    </>
  );
}
