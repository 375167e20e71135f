import { Button, Spin } from 'antd';
import { useEffect, useState, type ReactNode } from 'react';
import {
  problemOf,
  type PanelView,
  type Place,
  type StrandTestView,
  type StrandTestsView,
} from '../api/client';
import { useModelChoices, useStrandTests, useTones, useVocabulary } from '../api/queries';
import { CautionLine } from '../parts/Cautions';
import { Choice } from '../parts/Choice';
import { DraftField, typedNumber } from '../parts/DraftField';
import { ProblemNote } from '../parts/ProblemNote';
import { SelectField } from '../parts/SelectField';
import { useCase } from '../state/caseContext';
import { useLight } from '../state/light';
import { FIRST_RUN, type Laid, type LaidWord } from '../state/modelRun';
import { cmWords, halves } from '../state/strands';

/** Panels side by side: tried, timed, seen, and beside each what had been predicted. */
export function TestsPage(): ReactNode {
  const { document, state } = useCase();
  const tests = useStrandTests(state.id, state.version);
  const choices = useModelChoices().data;
  const places = useVocabulary().data?.places ?? [];
  const { content } = state;
  const nameOf = (place: Place): string => places.find(({ value }) => value === place)?.words ?? '';
  const set = (strandTests: StrandTestView[], merge?: string): void =>
    document.edit({ ...content, strandTests }, merge);
  const add = (): void => {
    const zone = content.zones[content.zones.length - 1];
    const band = zone?.bands.at(-1);
    const product = choices?.products.find(({ value }) => value === 'LIGHTENER');
    if (zone && band && product) {
      const like = content.strandTests.at(-1);
      set([
        ...content.strandTests,
        {
          place: like?.place ?? zone.place,
          band: like?.band ?? band,
          onHead: true,
          product: like?.product ?? laid(FIRST_RUN.product, product),
          startedAt: '',
          minutesOn: 0,
          seen: {
            done: false,
            level: like?.band.level ?? band.level,
            tone: 'AS_LIFTED',
            breakage: 'NONE',
            stretch: 'SPRINGS_BACK',
          },
          accepted: false,
        },
      ]);
    }
  };
  return (
    <main className="tests">
      <div className="tests-head">
        <h1>Strand tests</h1>
        <p className="quiet">
          On a hidden panel or a cut strand. Two or three side by side pick the way; what is accepted counts
          for this client from now on.
        </p>
        <Button type="primary" disabled={!choices} onClick={add}>
          Add a panel
        </Button>
      </div>
      {tests.isPending && <Spin className="wait" />}
      {tests.isError && <ProblemNote problem={problemOf(tests.error)} />}
      {content.strandTests.length === 0 && (
        <p className="hint">No panel yet. The ranges of the plan are wide until one is read.</p>
      )}
      <div className="panels">
        {content.strandTests.map((test, i) => (
          <Panel
            key={i}
            number={i + 1}
            test={test}
            view={tests.data?.panels[i]}
            nameOf={nameOf}
            onChange={(change, merge) =>
              set(
                content.strandTests.map((t, j) => (j === i ? { ...t, ...change } : t)),
                merge && `${merge} ${i}`,
              )
            }
            onRemove={() => set(content.strandTests.filter((_, j) => j !== i))}
          />
        ))}
      </div>
      {tests.data && tests.data.counted > 0 && <Known tests={tests.data} />}
    </main>
  );
}

function laid(product: StrandTestView['product'], word: LaidWord): StrandTestView['product'] {
  return {
    ...product,
    kind: word.value,
    amount: word.usualAmount,
    volume: word.usualVolume,
    ratio: word.usualRatio,
    cover: word.value === 'LIGHTENER' ? 'FOIL' : word.value === 'REMOVER' ? 'FILM' : 'OPEN',
  };
}

function Panel(props: {
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
    state.saving.status === 'refused' &&
    state.saving.problem.field.includes(`strandTests[${props.number - 1}]`) &&
    state.saving.problem.field.endsWith(field)
      ? state.saving.problem.remedy
      : undefined;
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
      words: `${props.nameOf(zone.place)} ${cmWords(band.fromCm)}–${cmWords(band.toCm)} cm`,
      zone,
      band,
    })),
  );
  const here = `${test.place} ${test.band.fromCm}`;
  const colours = word?.colours === true && test.product.kind !== 'DIRECT';
  return (
    <article className={`test-panel ${test.accepted ? 'accepted' : ''}`} aria-label={`Panel ${props.number}`}>
      <header>
        <h2>Panel {props.number}</h2>
        <Button type="text" aria-label={`Take panel ${props.number} away`} onClick={props.onRemove}>
          ×
        </Button>
      </header>
      <div className="facts">
        <SelectField
          label="Hair"
          value={here}
          options={[
            ...bands.map(({ key, words }) => ({ value: key, words })),
            ...(bands.some(({ key }) => key === here) ? [] : [{ value: here, words: 'as read then' }]),
          ]}
          onChange={(key) => {
            const to = bands.find((one) => one.key === key);
            if (to) {
              onChange({ place: to.zone.place, band: to.band });
            }
          }}
        />
        <SelectField
          label="Where"
          value={test.onHead ? 'head' : 'cut'}
          options={[
            { value: 'head', words: 'hidden on the head' },
            { value: 'cut', words: 'cut strand' },
          ]}
          onChange={(where) => onChange({ onHead: where === 'head' })}
        />
        <SelectField<Laid>
          label="Product"
          value={test.product.kind}
          options={(choices?.products ?? []).filter(({ value }) => value !== 'WASHES')}
          onChange={(kind) => {
            const to = choices?.products.find(({ value }) => value === kind);
            if (to) {
              onChange({ product: laid(test.product, to) });
            }
          }}
        />
        <SelectField
          label="Under"
          value={test.product.cover}
          options={choices?.covers ?? []}
          onChange={(cover) => product({ cover })}
        />
      </div>
      {colours && (
        <div className="facts">
          <SelectField
            label="Shade level"
            value={String(test.product.shadeLevel)}
            options={[1, 2, 3, 4, 5, 6, 7, 8, 9, 10].map((level) => ({
              value: String(level),
              words: String(level),
            }))}
            onChange={(level) => product({ shadeLevel: Number(level) })}
          />
          <SelectField
            label="Shade tone"
            value={test.product.shadeTone}
            options={(vocabulary?.tones ?? []).filter(({ wishable }) => wishable)}
            onChange={(shadeTone) => product({ shadeTone })}
          />
        </div>
      )}
      <div className="facts">
        {(word?.usualVolume ?? 0) > 0 && figure('Developer', 'volume', 'vol')}
        {(word?.usualRatio ?? 0) > 0 && figure('1 to', 'ratio', '')}
        {figure('Minutes', 'amount', 'min')}
        <Clock test={test} onChange={onChange} />
      </div>
      {view && <Compared view={view} done={test.seen.done} />}
      <SeenEditor test={test} onChange={onChange} refused={refused} />
      {view && view.cautions.length > 0 && (
        <details className="panel-cautions" open={view.cautions.some(({ blocks }) => blocks)}>
          <summary>
            {view.cautions.some(({ blocks }) => blocks) ? 'Blocked: do not begin' : 'Mind'} (
            {view.cautions.length})
          </summary>
          <ul>
            {view.cautions.map((caution) => (
              <CautionLine key={caution.rule + caution.sentence} caution={caution} />
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
  onChange,
}: {
  test: StrandTestView;
  onChange: (change: Partial<StrandTestView>) => void;
}): ReactNode {
  const running = test.startedAt !== '' && test.minutesOn === 0;
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!running) {
      return undefined;
    }
    const timer = setInterval(() => setNow(Date.now()), 1000);
    return () => clearInterval(timer);
  }, [running]);
  const seconds = Math.max(0, Math.floor((now - new Date(test.startedAt).getTime()) / 1000));
  const { cautions } = useBlocks(test);
  return (
    <div className="test-clock">
      {running ? (
        <>
          <strong role="timer">
            {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, '0')}
          </strong>
          <Button onClick={() => onChange({ minutesOn: Math.max(0.1, Math.round(seconds / 6) / 10) })}>
            Rinse now
          </Button>
        </>
      ) : (
        <>
          {test.minutesOn > 0 && <strong>{test.minutesOn} min on</strong>}
          <Button
            disabled={cautions > 0}
            title={cautions > 0 ? 'Blocked: see below what settles it' : undefined}
            onClick={() => onChange({ startedAt: new Date().toISOString(), minutesOn: 0 })}
          >
            {test.minutesOn > 0 ? 'Start again' : 'Start the clock'}
          </Button>
        </>
      )}
    </div>
  );
}

/** How many blocks stand at this panel. */
function useBlocks(test: StrandTestView): { cautions: number } {
  const { state } = useCase();
  const at = state.content.strandTests.indexOf(test);
  const view = useStrandTests(state.id, state.version).data?.panels[at];
  return { cautions: view?.cautions.filter(({ blocks }) => blocks).length ?? 0 };
}

function Compared({ view, done }: { view: PanelView; done: boolean }): ReactNode {
  const { light } = useLight();
  const patches: [string, PanelView['before'], string][] = [
    ['before', view.before, ''],
    ['predicted', view.predicted, `(${view.range})`],
    ...(done ? [['seen', view.seen, ''] as [string, PanelView['before'], string]] : []),
  ];
  return (
    <>
      <div className="compared" aria-label="Predicted and seen">
        {patches.map(([words, look, range]) => (
          <figure key={words} style={{ backgroundColor: look.colours[light] }} className={words}>
            <figcaption>
              <small>{words}</small> {look.levelWords} {look.tone} {range}
            </figcaption>
          </figure>
        ))}
      </div>
      {view.verdict === '' ? (
        <p className="quiet">Afterwards, wet: {view.stretchAfter}.</p>
      ) : (
        <p className={view.flagged ? 'verdict-line flagged' : 'verdict-line'} role="status">
          {view.verdict}
        </p>
      )}
      {view.changes.length > 0 && (
        <table className="changes">
          <caption className="unseen">What accepting changes</caption>
          <tbody>
            {view.changes
              .filter(
                ({ before, after, beforeSpread, afterSpread }) =>
                  before !== after || beforeSpread !== afterSpread,
              )
              .map((one) => (
                <tr key={one.factor}>
                  <th scope="row">{one.words}</th>
                  <td>
                    {one.before} → <strong>{one.after}</strong>
                  </td>
                  <td>
                    ± {Math.round(100 * one.beforeSpread)} → {Math.round(100 * one.afterSpread)} %
                  </td>
                </tr>
              ))}
            <tr>
              <th scope="row">level again</th>
              <td colSpan={2}>
                {view.range} → <strong>{view.rangeAfter}</strong>
              </td>
            </tr>
          </tbody>
        </table>
      )}
    </>
  );
}

function SeenEditor(props: {
  test: StrandTestView;
  onChange: (change: Partial<StrandTestView>, merge?: string) => void;
  refused: (field: string) => string | undefined;
}): ReactNode {
  const { test, onChange } = props;
  const vocabulary = useVocabulary().data;
  const tones = useTones('LIGHTENED', test.seen.level).data ?? [];
  const seen = (change: Partial<StrandTestView['seen']>, merge?: string): void =>
    onChange({ seen: { ...test.seen, ...change, done: true } }, merge);
  return (
    <div className="seen">
      <h3>Seen, rinsed and dried</h3>
      <div className="level-line">
        <Button aria-label="Seen half a level darker" onClick={() => seen({ level: test.seen.level - 0.5 })}>
          −½
        </Button>
        <strong className="seen-level">{test.seen.done ? halves(test.seen.level) : '?'}</strong>
        <Button aria-label="Seen half a level lighter" onClick={() => seen({ level: test.seen.level + 0.5 })}>
          +½
        </Button>
        <SelectField
          label="Tone seen"
          value={test.seen.tone}
          options={tones.map(({ tone }) => ({
            value: tone,
            words: vocabulary?.tones.find(({ value }) => value === tone)?.words ?? tone,
          }))}
          onChange={(tone) => seen({ tone })}
        />
      </div>
      <Choice
        label="Wet stretch seen"
        value={test.seen.stretch}
        onChoose={(stretch) => seen({ stretch })}
        options={(vocabulary?.stretches ?? []).map(({ value, words }) => ({ value, label: words }))}
      />
      <Choice
        label="Breakage"
        value={test.seen.breakage}
        onChoose={(breakage) => seen({ breakage })}
        options={(vocabulary?.breakages ?? []).map(({ value, words }) => ({
          value,
          label: value === 'NONE' ? 'no breakage' : words,
        }))}
      />
      <Button
        type={test.accepted ? 'default' : 'primary'}
        disabled={!test.seen.done}
        onClick={() => onChange({ accepted: !test.accepted })}
      >
        {test.accepted ? 'Counts. Take it back' : 'Accept: it counts for this client'}
      </Button>
    </div>
  );
}

function Known({ tests }: { tests: StrandTestsView }): ReactNode {
  return (
    <section className="known" aria-label="Known of this client">
      <h3>
        Known of this client from {tests.counted} {tests.counted === 1 ? 'test' : 'tests'}
      </h3>
      {tests.known.map((one) => (
        <span key={one.factor}>
          {one.words} <strong>{one.after} ×</strong> the average, ± {Math.round(100 * one.afterSpread)} %
          (untested ± {Math.round(100 * one.beforeSpread)} %)
        </span>
      ))}
    </section>
  );
}
