import { Checkbox } from 'antd';
import type { ReactNode } from 'react';
import type { ModelRun, Vocabulary } from '../api/client';
import { useModelChoices, useVocabulary } from '../api/queries';
import { amountWords, withPast, withProduct, type LaidWord } from '../state/modelRun';
import { halves } from '../state/strands';
import { LightenerFields } from './LightenerFields';
import { SelectField } from './SelectField';
import { SliderField } from './SliderField';
import { say } from '../words/say';

interface Props {
  run: ModelRun;
  onRun: (run: ModelRun) => void;
}

const porosities = (): string[] => [
  say('model.low'),
  say('model.lowToNormal'),
  say('model.normal'),
  say('model.normalToHigh'),
  say('model.high'),
  say('model.highToVeryHigh'),
  say('model.veryHigh'),
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
    <aside className="model-controls" aria-label={say('model.whatToTry')}>
      <StartControls run={run} onRun={onRun} vocabulary={vocabulary} />
      <h2>{say('model.whatIsApplied')}</h2>
      <SelectField
        label={say('model.product')}
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
      <h2>{say('model.theHair')}</h2>
      <SelectField
        label={say('model.history')}
        value={start.past}
        options={choices?.pasts ?? []}
        onChange={(value) => onRun(withPast(run, value))}
      />
      <div className="pair">
        <SliderField
          label={say('model.levelRead')}
          words={halves(start.level)}
          min={1}
          max={12}
          step={0.5}
          value={start.level}
          onChange={(level) => set({ level })}
        />
        <SelectField
          label={say('model.toneRead')}
          value={start.tone}
          options={tones}
          onChange={(tone) => set({ tone })}
        />
      </div>
      {past?.dyed && (
        <>
          <div className="pair">
            <SliderField
              label={say('model.underItAtLeast')}
              words={halves(start.underFrom)}
              min={1}
              max={12}
              step={0.5}
              value={start.underFrom}
              onChange={(underFrom) => set({ underFrom, underTo: Math.max(underFrom, start.underTo) })}
            />
            <SliderField
              label={say('model.atMost')}
              words={halves(start.underTo)}
              min={1}
              max={12}
              step={0.5}
              value={start.underTo}
              onChange={(underTo) => set({ underTo, underFrom: Math.min(underTo, start.underFrom) })}
            />
          </div>
          <SliderField
            label={say('model.layersOfColour')}
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
          label={say('model.porosity')}
          words={porosities()[Math.round(start.porosity * 2)] ?? ''}
          min={0}
          max={3}
          step={0.5}
          value={start.porosity}
          onChange={(porosity) => set({ porosity })}
        />
        <SelectField
          label={say('model.hairTexture')}
          value={start.thickness}
          options={vocabulary.thicknesses}
          onChange={(thickness) => set({ thickness })}
        />
      </div>
      <SliderField
        label={say('model.whiteFibres')}
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
        label={laid.kind === 'WASHES' ? say('model.howMany') : say('model.for')}
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
            label={say('model.developer')}
            words={say('model.vol', { volume: laid.volume })}
            min={0}
            max={40}
            step={1}
            value={laid.volume}
            onChange={(volume) => set({ volume })}
          />
          <SliderField
            label={say('model.ratio')}
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
        {say('model.aStrandTestOfJust')}
      </Checkbox>
      {run.strandTest.done && (
        <SliderField
          label={say('model.resultLevel')}
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
          label={say('model.hue')}
          value={laid.hue}
          options={choices?.hues ?? []}
          onChange={(hue) => set({ hue })}
        />
      ) : (
        <div className="pair">
          <SliderField
            label={say('model.shade')}
            words={halves(laid.shadeLevel)}
            min={1}
            max={10}
            step={0.5}
            value={laid.shadeLevel}
            onChange={(shadeLevel) => set({ shadeLevel })}
          />
          <SelectField
            label={say('model.shadeSTone')}
            value={laid.shadeTone}
            options={vocabulary.tones.filter(({ wishable }) => wishable)}
            onChange={(shadeTone) => set({ shadeTone })}
          />
        </div>
      )}
      <div className="pair">
        <SliderField
          label={say('model.clearInIt')}
          words={`${Math.round(100 * laid.clear)} %`}
          min={0}
          max={0.9}
          step={0.1}
          value={laid.clear}
          onChange={(clear) => set({ clear })}
        />
        <SelectField
          label={say('model.onHairThatIs')}
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
            name={say('visit.ofTheModel')}
            lightener={laid.lightener}
            onLightener={(lightener) => set({ lightener, ratio: lightener[0]?.ratio ?? laid.ratio })}
          />
        </div>
      )}
      <div className="pair">
        <SelectField
          label={say('model.where')}
          value={laid.place}
          options={choices?.places ?? []}
          onChange={(place) => set({ place })}
        />
        <SelectField
          label={say('model.cover')}
          value={laid.cover}
          options={choices?.covers ?? []}
          onChange={(cover) => set({ cover })}
        />
      </div>
      <div className="pair">
        <SliderField
          label={say('model.section')}
          words={say('model.mm', { sectionMm: laid.sectionMm })}
          min={1}
          max={20}
          step={1}
          value={laid.sectionMm}
          onChange={(sectionMm) => set({ sectionMm })}
        />
        <SliderField
          label={say('model.bowlStood')}
          words={say('model.min', { ageMinutes: laid.ageMinutes })}
          min={0}
          max={120}
          step={5}
          value={laid.ageMinutes}
          onChange={(ageMinutes) => set({ ageMinutes })}
        />
      </div>
      <Checkbox checked={laid.heat} onChange={(event) => set({ heat: event.target.checked })}>
        {say('model.withWarmth')}
      </Checkbox>
    </>
  );
}
