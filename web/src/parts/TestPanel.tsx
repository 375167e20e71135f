import { Button } from 'antd';
import { useEffect, useState, type ReactNode } from 'react';
import type { PanelView, Place, StrandTestView } from '../api/client';
import { useModelChoices, useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { asUsual, type Laid } from '../state/modelRun';
import { cmWords } from '../state/strands';
import { CautionLine, keyOf } from './Cautions';
import { DraftField, typedNumber } from './DraftField';
import { LightenerFields } from './LightenerFields';
import { SelectField } from './SelectField';
import { Compared, SeenEditor } from './TestSeen';
import { serverNow } from '../state/clock';
import { refusedAt } from '../state/refused';
import { say } from '../words/say';

/** One panel: what is tried on which hair, its clock, what was seen, and what was predicted. */
export function TestPanel(props: {
  number: number;
  test: StrandTestView;
  view: PanelView | undefined;
  nameOf: (place: Place) => string;
  onChange: (change: Partial<StrandTestView>, merge?: string) => void;
  onRemove: () => void;
}): ReactNode {
  const { test, view, onChange } = props;
  const { state } = useCase();
  const choices = useModelChoices().data;
  const vocabulary = useVocabulary().data;
  const word = choices?.products.find(({ value }) => value === test.product.kind);
  const refused = (field: string): string | undefined =>
    refusedAt(
      state.saving,
      `strandTests[${props.number - 1}].${field}`,
      `strandTests[${props.number - 1}].product.${field}`,
    );
  const product = (change: Partial<StrandTestView['product']>, merge?: string): void =>
    onChange({ product: { ...test.product, ...change } }, merge);
  const figure = (label: string, field: 'volume' | 'ratio' | 'amount', suffix: string): ReactNode => (
    <DraftField
      label={label}
      width={92}
      suffix={suffix}
      inputMode="decimal"
      value={String(test.product[field])}
      refused={refused(field === 'ratio' ? 'developerPerPowder' : field === 'amount' ? 'minutes' : field)}
      onText={(text) => {
        const value = typedNumber(text);
        if (!Number.isNaN(value)) {
          product({ [field]: value }, field);
        }
      }}
    />
  );
  const bands = state.content.zones.flatMap((zone) =>
    zone.bands.map((band) => ({
      key: `${zone.place} ${band.fromCm}`,
      words: say('tests.cm', {
        place: props.nameOf(zone.place),
        fromCm: cmWords(band.fromCm),
        toCm: cmWords(band.toCm),
      }),
      zone,
      band,
    })),
  );
  const here = `${test.place} ${test.band.fromCm}`;
  const blocked = view?.cautions.some(({ blocks }) => blocks) ?? false;
  const colours = word?.colours === true && test.product.kind !== 'DIRECT';
  return (
    <article
      className={`test-panel ${test.accepted ? 'accepted' : ''}`}
      aria-label={say('tests.panel', { number: props.number })}
    >
      <header>
        <h2>{say('tests.panel', { number: props.number })}</h2>
        <Button
          type="text"
          aria-label={say('tests.takePanelAway', { number: props.number })}
          onClick={props.onRemove}
        >
          ×
        </Button>
      </header>
      <div className="facts">
        <SelectField
          label={say('tests.hair')}
          value={here}
          options={[
            ...bands.map(({ key, words }) => ({ value: key, words })),
            ...(bands.some(({ key }) => key === here)
              ? []
              : [{ value: here, words: say('tests.asReadThen') }]),
          ]}
          onChange={(key) => {
            const to = bands.find((one) => one.key === key);
            if (to) {
              onChange({ place: to.zone.place, band: to.band });
            }
          }}
        />
        <SelectField
          label={say('tests.where')}
          value={test.onHead ? 'head' : 'cut'}
          options={[
            { value: 'head', words: say('tests.hiddenOnTheHead') },
            { value: 'cut', words: say('tests.cutStrand') },
          ]}
          onChange={(where) => onChange({ onHead: where === 'head' })}
        />
        <SelectField<Laid>
          label={say('tests.product')}
          value={test.product.kind}
          options={(choices?.products ?? []).filter(({ value }) => value !== 'WASHES')}
          onChange={(kind) => {
            const to = choices?.products.find(({ value }) => value === kind);
            if (to) {
              onChange({ product: asUsual(test.product, to) });
            }
          }}
        />
        <SelectField
          label={say('tests.under')}
          value={test.product.cover}
          options={choices?.covers ?? []}
          onChange={(cover) => product({ cover })}
        />
        <SelectField
          label={say('tests.appliedAt')}
          value={test.product.place}
          options={choices?.places ?? []}
          onChange={(place) => product({ place })}
        />
        <SelectField
          label={say('tests.warmth')}
          value={test.product.heat ? 'added' : 'none'}
          options={[
            { value: 'none', words: say('tests.noneAdded') },
            { value: 'added', words: say('tests.added') },
          ]}
          onChange={(warmth) => product({ heat: warmth === 'added' })}
        />
      </div>
      {test.product.kind === 'LIGHTENER' && (
        <div className="facts lightener-tried">
          <span>{say('tests.lightener')}</span>
          <LightenerFields
            name={`panel ${props.number}`}
            lightener={test.product.lightener}
            onLightener={(lightener) =>
              product({ lightener, ratio: lightener[0]?.ratio ?? test.product.ratio })
            }
          />
        </div>
      )}
      {colours && (
        <div className="facts">
          <SelectField
            label={say('tests.shadeLevel')}
            value={String(test.product.shadeLevel)}
            options={[1, 2, 3, 4, 5, 6, 7, 8, 9, 10].map((level) => ({
              value: String(level),
              words: String(level),
            }))}
            onChange={(level) => product({ shadeLevel: Number(level) })}
          />
          <SelectField
            label={say('tests.shadeTone')}
            value={test.product.shadeTone}
            options={(vocabulary?.tones ?? []).filter(({ wishable }) => wishable)}
            onChange={(shadeTone) => product({ shadeTone })}
          />
        </div>
      )}
      <div className="facts">
        {(word?.usualVolume ?? 0) > 0 && figure(say('tests.developer'), 'volume', 'vol')}
        {(word?.usualRatio ?? 0) > 0 && figure(say('tests.n1To'), 'ratio', '')}
        {figure(say('tests.minutes'), 'amount', 'min')}
        <Clock test={test} blocked={blocked} onChange={onChange} />
      </div>
      {view && <Compared view={view} done={test.seen.done} />}
      <SeenEditor test={test} onChange={onChange} />
      {view && view.cautions.length > 0 && (
        <details className="panel-cautions" open={blocked}>
          <summary>
            {blocked ? say('tests.stopDoNotBegin') : say('tests.note')} ({view.cautions.length})
          </summary>
          <ul>
            {view.cautions.map((caution) => (
              <CautionLine key={keyOf(caution)} caution={caution} />
            ))}
          </ul>
        </details>
      )}
    </article>
  );
}

/** A clock that runs from its start, however often the page is left and opened. */
function Clock({
  test,
  blocked,
  onChange,
}: {
  test: StrandTestView;
  blocked: boolean;
  onChange: (change: Partial<StrandTestView>) => void;
}): ReactNode {
  const running = test.startedAt !== '' && test.minutesOn === 0;
  const [now, setNow] = useState(serverNow);
  useEffect(() => {
    if (!running) {
      return undefined;
    }
    const timer = setInterval(() => setNow(serverNow()), 1000);
    return () => clearInterval(timer);
  }, [running]);
  const seconds = Math.max(0, Math.floor((now - new Date(test.startedAt).getTime()) / 1000));
  return (
    <div className="test-clock">
      {running ? (
        <>
          <strong role="timer">
            {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
          </strong>
          <Button onClick={() => onChange({ minutesOn: Math.max(0.1, Math.round(seconds / 6) / 10) })}>
            {say('tests.rinseNow')}
          </Button>
        </>
      ) : (
        <>
          {test.minutesOn > 0 && <strong>{say('tests.minOn', { minutesOn: test.minutesOn })}</strong>}
          <Button
            disabled={blocked}
            title={blocked ? say('tests.blockedSeeBelowWhatSettles') : undefined}
            onClick={() => onChange({ startedAt: new Date(serverNow()).toISOString(), minutesOn: 0 })}
          >
            {test.minutesOn > 0 ? say('tests.startAgain') : say('tests.startTheClock')}
          </Button>
        </>
      )}
    </div>
  );
}
