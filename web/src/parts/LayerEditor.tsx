import { Button, Checkbox, Input, Select } from 'antd';
import type { ReactNode } from 'react';
import type { AimView, LayerView, Place, Vocabulary } from '../api/client';
import { useCase } from '../state/caseContext';
import { AimFields } from './AimFields';
import { Choice } from './Choice';
import { DraftField, typedNumber } from './DraftField';
import { SelectField } from './SelectField';

type What = LayerView['colours'][number];
type Edge = LayerView['region']['from'];

const FIGURES: Record<LayerView['pattern']['kind'], string[]> = {
  ALL: [],
  WEAVE: ['share', 'widthMm'],
  SLICES: ['everyNth', 'thicknessMm'],
  PANELS: ['partingCm', 'share'],
  FRAME: ['foils'],
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
  const has = (figure: string): boolean => FIGURES[pattern.kind].includes(figure);
  return (
    <div className="layer-editor">
      <div className="layer-row">
        <label className="layer-name">
          <span>Name</span>
          <Input
            value={layer.name}
            maxLength={40}
            onChange={(event) => onLayer({ name: event.target.value }, 'name')}
          />
        </label>
        <SelectField
          label="For"
          value={layer.purpose}
          options={vocabulary.purposes}
          onChange={(purpose) => onLayer({ purpose })}
        />
      </div>
      <fieldset>
        <legend>Where</legend>
        <Select<Place[]>
          mode="multiple"
          aria-label="Zones of the layer"
          placeholder="All zones"
          virtual={false}
          value={region.places}
          onChange={(chosen) => setRegion({ places: chosen })}
          options={places}
        />
        <div className="layer-row">
          <EdgeFields
            label="From"
            edge={region.from}
            vocabulary={vocabulary}
            onEdge={(from, merge) => setRegion({ from }, merge)}
          />
          <EdgeFields
            label="To"
            edge={region.to}
            vocabulary={vocabulary}
            onEdge={(to, merge) => setRegion({ to }, merge)}
          />
          <SelectField
            label="Of"
            value={region.which}
            options={vocabulary.whiches}
            onChange={(which) => setRegion({ which })}
          />
        </div>
      </fieldset>
      <fieldset>
        <legend>Pattern</legend>
        <Choice
          label="Pattern"
          value={pattern.kind}
          onChoose={(kind: LayerView['pattern']['kind']) => setPattern({ kind })}
          options={vocabulary.patterns.map(({ value, words }) => ({ value, label: words }))}
        />
        <div className="layer-row">
          {has('share') && (
            <Figure
              label="Share"
              suffix="%"
              value={Math.round(100 * pattern.share)}
              onFigure={(share) => setPattern({ share: share / 100 }, 'share')}
            />
          )}
          {has('widthMm') && (
            <Figure
              label="Width"
              suffix="mm"
              value={pattern.widthMm}
              onFigure={(widthMm) => setPattern({ widthMm }, 'widthMm')}
            />
          )}
          {has('everyNth') && (
            <Figure
              label="Every"
              suffix="th"
              value={pattern.everyNth}
              onFigure={(everyNth) => setPattern({ everyNth: Math.round(everyNth) }, 'everyNth')}
            />
          )}
          {has('thicknessMm') && (
            <Figure
              label="Thickness"
              suffix="mm"
              value={pattern.thicknessMm}
              onFigure={(thicknessMm) => setPattern({ thicknessMm }, 'thicknessMm')}
            />
          )}
          {has('partingCm') && (
            <Figure
              label="Parting every"
              suffix="cm"
              value={pattern.partingCm}
              onFigure={(partingCm) => setPattern({ partingCm }, 'partingCm')}
            />
          )}
          {has('foils') && (
            <Figure
              label="Foils a side"
              suffix=""
              value={pattern.foils}
              onFigure={(foils) => setPattern({ foils: Math.round(foils) }, 'foils')}
            />
          )}
          {pattern.kind !== 'ALL' && (
            <SelectField
              label="Sections"
              value={layer.direction}
              options={vocabulary.directions}
              onChange={(direction) => onLayer({ direction })}
            />
          )}
        </div>
      </fieldset>
      <fieldset>
        <legend>{layer.colours.length > 1 ? 'Colours, one after another' : 'Colour'}</legend>
        {layer.colours.map((what, i) => (
          <Colours
            key={i}
            name={layer.colours.length > 1 ? `Panel ${i + 1}` : 'Layer'}
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
            Add a panel
          </Button>
        )}
      </fieldset>
      <fieldset>
        <legend>How, where you want it so</legend>
        <div className="layer-row">
          <Optional
            label="Developer"
            suffix="vol"
            value={how.volume}
            onValue={(volume) => setHow({ volume }, 'volume')}
          />
          <Optional
            label="Process"
            suffix="min"
            value={how.minutes}
            onValue={(minutes) => setHow({ minutes }, 'minutes')}
          />
          <Checkbox
            className="layer-check"
            checked={how.basin}
            onChange={(event) => setHow({ basin: event.target.checked })}
          >
            at the basin
          </Checkbox>
          <Checkbox
            className="layer-check"
            checked={how.barrier}
            onChange={(event) => setHow({ barrier: event.target.checked })}
          >
            barrier beside
          </Checkbox>
        </div>
      </fieldset>
    </div>
  );
}

function Figure(props: {
  label: string;
  suffix: string;
  value: number;
  onFigure: (value: number) => void;
}): ReactNode {
  return (
    <DraftField
      label={props.label}
      suffix={props.suffix}
      width={96}
      inputMode="decimal"
      value={String(props.value)}
      onText={(text) => {
        const value = typedNumber(text);
        if (!Number.isNaN(value)) {
          props.onFigure(value);
        }
      }}
    />
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
      <Figure
        label={edge.at === 'BAND_BEGINS' ? 'Band' : 'cm'}
        suffix=""
        value={edge.value}
        onFigure={(value) => props.onEdge({ ...edge, value }, label)}
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
        <Figure
          label={which === 'root' ? 'down to' : 'last'}
          suffix="cm"
          value={which === 'root' ? what.rootCm : what.endsCm}
          onFigure={(cm) => onWhat(which === 'root' ? { rootCm: cm } : { endsCm: cm }, which)}
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
          <Button type="text" aria-label={`Remove ${name.toLowerCase()}`} onClick={props.onGone}>
            ×
          </Button>
        )}
      </div>
      {along && (
        <>
          {part('root', 'root')}
          {part('ends', 'ends')}
          <div className="layer-row">
            <Figure
              label="Heights staggered"
              suffix="cm"
              value={what.staggerCm}
              onFigure={(staggerCm) => onWhat({ staggerCm }, 'stagger')}
            />
            <Figure
              label="Feathered over"
              suffix="cm"
              value={what.featherCm}
              onFigure={(featherCm) => onWhat({ featherCm }, 'feather')}
            />
          </div>
        </>
      )}
    </div>
  );
}
