import { Button, Checkbox, Input, Select } from 'antd';
import type { ReactNode } from 'react';
import type { AimView, LayerView, Place, Vocabulary } from '../api/client';
import { useLighteners } from '../api/queries';
import { useCase } from '../state/caseContext';
import { AimFields } from './AimFields';
import { Choice } from './Choice';
import { DraftField, typedNumber } from './DraftField';
import { FigureField } from './FigureField';
import { SelectField } from './SelectField';
import { say } from '../words/say';

type What = LayerView['colours'][number];
type Edge = LayerView['region']['from'];

type Pattern = LayerView['pattern'];

interface PatternFigure {
  field: Exclude<keyof Pattern, 'kind'>;
  label: () => string;
  suffix: string;
  /** What is shown of what is kept. */
  times: number;
  whole?: boolean;
}

const SHARE: PatternFigure = { field: 'share', label: () => say('design.share'), suffix: '%', times: 100 };

const FIGURES: Record<Pattern['kind'], PatternFigure[]> = {
  ALL: [],
  WEAVE: [SHARE, { field: 'widthMm', label: () => say('design.width'), suffix: 'mm', times: 1 }],
  SLICES: [
    { field: 'everyNth', label: () => say('design.every'), suffix: 'th', times: 1, whole: true },
    { field: 'thicknessMm', label: () => say('design.thickness'), suffix: 'mm', times: 1 },
  ],
  PANELS: [{ field: 'partingCm', label: () => say('design.partingEvery'), suffix: 'cm', times: 1 }, SHARE],
  FRAME: [{ field: 'foils', label: () => say('design.foilsASide'), suffix: '', times: 1, whole: true }],
};

interface Props {
  layer: LayerView;
  vocabulary: Vocabulary;
  onLayer: (change: Partial<LayerView>, merge?: string) => void;
}

/** Everything one layer says: where, which hairs, what colours, and how. */
export function LayerEditor({ layer, vocabulary, onLayer }: Props): ReactNode {
  const { state } = useCase();
  const { region, pattern, how } = layer;
  const lighteners = useLighteners().data?.lighteners;
  const places = state.content.zones.map(({ place }) => ({
    value: place,
    label: vocabulary.places.find(({ value }) => value === place)?.words ?? place,
  }));
  const setRegion = (change: Partial<LayerView['region']>, merge?: string): void =>
    onLayer({ region: { ...region, ...change } }, merge);
  const setPattern = (change: Partial<LayerView['pattern']>, merge?: string): void => {
    const next = { ...pattern, ...change };
    const first = layer.colours.slice(0, 1);
    onLayer({ pattern: next, colours: next.kind === 'PANELS' ? layer.colours : first }, merge);
  };
  const setHow = (change: Partial<LayerView['how']>, merge?: string): void =>
    onLayer({ how: { ...how, ...change } }, merge);
  const setColour = (at: number, change: Partial<What>, merge?: string): void =>
    onLayer(
      { colours: layer.colours.map((one, i) => (i === at ? { ...one, ...change } : one)) },
      merge && `${merge} ${at}`,
    );
  return (
    <div className="layer-editor">
      <div className="layer-row">
        <label className="layer-name">
          <span>{say('design.name')}</span>
          <Input
            value={layer.name}
            maxLength={40}
            onChange={(event) => onLayer({ name: event.target.value }, 'name')}
          />
        </label>
        <SelectField
          label={say('design.for')}
          value={layer.purpose}
          options={vocabulary.purposes}
          onChange={(purpose) => onLayer({ purpose })}
        />
      </div>
      <fieldset>
        <legend>{say('design.where')}</legend>
        <Select<Place[]>
          mode="multiple"
          aria-label={say('design.zonesOfTheLayer')}
          placeholder={say('design.allZones')}
          virtual={false}
          value={region.places}
          onChange={(chosen) => setRegion({ places: chosen })}
          options={places}
        />
        <div className="layer-row">
          <EdgeFields
            label={say('design.from')}
            edge={region.from}
            vocabulary={vocabulary}
            onEdge={(from, merge) => setRegion({ from }, merge)}
          />
          <EdgeFields
            label={say('design.to')}
            edge={region.to}
            vocabulary={vocabulary}
            onEdge={(to, merge) => setRegion({ to }, merge)}
          />
          <SelectField
            label={say('design.of')}
            value={region.which}
            options={vocabulary.whiches}
            onChange={(which) => setRegion({ which })}
          />
          <FigureField
            label={say('design.edgesFeatheredOver')}
            suffix="cm"
            value={region.featherCm}
            onValue={(featherCm) => setRegion({ featherCm }, say('design.edgeFeather'))}
          />
        </div>
      </fieldset>
      <fieldset>
        <legend>{say('design.pattern')}</legend>
        <Choice
          label={say('design.pattern')}
          value={pattern.kind}
          onChoose={(kind: LayerView['pattern']['kind']) => setPattern({ kind })}
          options={vocabulary.patterns.map(({ value, words }) => ({ value, label: words }))}
        />
        <div className="layer-row">
          {FIGURES[pattern.kind].map(({ field, label, suffix, times, whole }) => (
            <FigureField
              key={field}
              label={label()}
              suffix={suffix}
              value={Math.round(10 * times * pattern[field]) / 10}
              onValue={(value) => setPattern({ [field]: whole ? Math.round(value) : value / times }, field)}
            />
          ))}
          {pattern.kind !== 'ALL' && (
            <SelectField
              label={say('design.sections')}
              value={layer.direction}
              options={vocabulary.directions}
              onChange={(direction) => onLayer({ direction })}
            />
          )}
        </div>
      </fieldset>
      <fieldset>
        <legend>
          {layer.colours.length > 1 ? say('design.coloursOneAfterAnother') : say('design.colour')}
        </legend>
        {layer.colours.map((what, i) => (
          <Colours
            key={i}
            name={
              layer.colours.length > 1
                ? say('design.panelNumber', { number: i + 1 })
                : say('design.wholeLayer')
            }
            what={what}
            vocabulary={vocabulary}
            onWhat={(change, merge) => setColour(i, change, merge)}
            onGone={
              layer.colours.length > 1
                ? () => onLayer({ colours: layer.colours.filter((_, at) => at !== i) })
                : undefined
            }
          />
        ))}
        {pattern.kind === 'PANELS' && layer.colours.length < 6 && (
          <Button onClick={() => onLayer({ colours: [...layer.colours, ...layer.colours.slice(-1)] })}>
            {say('design.addAPanel')}
          </Button>
        )}
      </fieldset>
      <fieldset>
        <legend>{say('design.howWhereYouWantIt')}</legend>
        <div className="layer-row">
          <SelectField
            label={say('design.lightener')}
            value={how.lightener[0] ?? ''}
            options={[
              { value: '', words: say('design.asPlanned') },
              ...(lighteners ?? []).map(({ code, name }) => ({ value: code, words: name })),
            ]}
            onChange={(code) => setHow({ lightener: code === '' ? [] : [code] })}
          />
          <Optional
            label={say('design.developer')}
            suffix="vol"
            value={how.volume}
            onValue={(volume) => setHow({ volume }, 'volume')}
          />
          <Optional
            label={say('design.process')}
            suffix="min"
            value={how.minutes}
            onValue={(minutes) => setHow({ minutes }, 'minutes')}
          />
          <Checkbox
            className="layer-check"
            checked={how.basin}
            onChange={(event) => setHow({ basin: event.target.checked })}
          >
            {say('design.atTheBasin')}
          </Checkbox>
          <Checkbox
            className="layer-check"
            checked={how.barrier}
            onChange={(event) => setHow({ barrier: event.target.checked })}
          >
            {say('design.barrierBeside')}
          </Checkbox>
        </div>
      </fieldset>
    </div>
  );
}

/** Empty: decided by the program. */
function Optional(props: {
  label: string;
  suffix: string;
  value: number[];
  onValue: (value: number[]) => void;
}): ReactNode {
  return (
    <DraftField
      label={props.label}
      suffix={props.suffix}
      width={96}
      inputMode="decimal"
      value={props.value[0] === undefined ? '' : String(props.value[0])}
      onText={(text) => {
        const value = typedNumber(text);
        props.onValue(Number.isNaN(value) ? [] : [value]);
      }}
    />
  );
}

function EdgeFields(props: {
  label: string;
  edge: Edge;
  vocabulary: Vocabulary;
  onEdge: (edge: Edge, merge?: string) => void;
}): ReactNode {
  const { edge, label } = props;
  return (
    <span className="layer-edge">
      <SelectField
        label={label}
        value={edge.at}
        options={props.vocabulary.edges}
        onChange={(at) => props.onEdge({ at, value: at === 'BAND_BEGINS' ? 2 : 0 })}
      />
      <FigureField
        label={edge.at === 'BAND_BEGINS' ? say('design.band') : 'cm'}
        suffix=""
        value={edge.value}
        onValue={(value) => props.onEdge({ ...edge, value }, label)}
      />
    </span>
  );
}

function Colours(props: {
  name: string;
  what: What;
  vocabulary: Vocabulary;
  onWhat: (change: Partial<What>, merge?: string) => void;
  onGone: (() => void) | undefined;
}): ReactNode {
  const { what, name, onWhat } = props;
  const along = what.kind === 'ALONG';
  const part = (which: 'root' | 'ends', words: string): ReactNode => (
    <div className="layer-row">
      <Checkbox
        className="layer-check"
        checked={what[which].length > 0}
        onChange={(event) => onWhat({ [which]: event.target.checked ? [what.aim] : [] })}
      >
        {words}
      </Checkbox>
      {what[which].map((aim: AimView) => (
        <AimFields
          key={which}
          name={`${name} ${words}`}
          aim={aim}
          onAim={(changed) => onWhat({ [which]: [changed] })}
        />
      ))}
      {what[which].length > 0 && (
        <FigureField
          label={which === 'root' ? say('design.downTo') : say('design.last')}
          suffix="cm"
          value={which === 'root' ? what.rootCm : what.endsCm}
          onValue={(cm) => onWhat(which === 'root' ? { rootCm: cm } : { endsCm: cm }, which)}
        />
      )}
    </div>
  );
  return (
    <div className="layer-colour" role="group" aria-label={name}>
      <div className="layer-row">
        <SelectField
          label={name}
          value={what.kind}
          options={props.vocabulary.whatKinds}
          onChange={(kind) => onWhat({ kind })}
        />
        {what.kind !== 'STAYS' && (
          <AimFields name={along ? `${name} mids` : name} aim={what.aim} onAim={(aim) => onWhat({ aim })} />
        )}
        {props.onGone && (
          <Button
            type="text"
            aria-label={say('design.remove', { name: name.toLowerCase() })}
            onClick={props.onGone}
          >
            ×
          </Button>
        )}
      </div>
      {along && (
        <>
          {part('root', 'root')}
          {part('ends', 'ends')}
          <div className="layer-row">
            <FigureField
              label={say('design.heightsStaggered')}
              suffix="cm"
              value={what.staggerCm}
              onValue={(staggerCm) => onWhat({ staggerCm }, 'stagger')}
            />
            <FigureField
              label={say('design.featheredOver')}
              suffix="cm"
              value={what.featherCm}
              onValue={(featherCm) => onWhat({ featherCm }, 'feather')}
            />
          </div>
        </>
      )}
    </div>
  );
}
