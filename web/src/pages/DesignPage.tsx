import { Button, Dropdown, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import { problemOf, type FoilView, type LayerView, type Place, type PlacementView } from '../api/client';
import { usePlacement, useVocabulary } from '../api/queries';
import { LayerEditor } from '../parts/LayerEditor';
import { ProblemNote } from '../parts/ProblemNote';
import { SectionMap } from '../parts/SectionMap';
import { WishEditor } from '../parts/WishEditor';
import { WishPanel } from '../parts/WishPanel';
import { useCase } from '../state/caseContext';
import { useLight } from '../state/light';

/** What is wished, and where it goes: layers over the wished colour, seen foil by foil on the head. */
export function DesignPage(): ReactNode {
  const { state } = useCase();
  const placement = usePlacement(state.id, state.version);
  const [layer, setLayer] = useState<number>();
  const [panel, setPanel] = useState(false);
  const layers = state.content.wish.layers;
  const shown = placement.data?.layers.findIndex(({ own }) => own === layer && own >= 0);
  return (
    <main className="design" aria-busy={placement.isFetching}>
      <div className="design-head">
        <h2>Design</h2>
        <WishEditor />
        <Button onClick={() => setPanel(true)}>What stays, limits, parts</Button>
        {placement.data && (
          <span className="design-counts" role="status">
            {layers.length} {layers.length === 1 ? 'layer' : 'layers'} · {placement.data.foils.length} foils ·{' '}
            {placement.data.minutes} min alone
          </span>
        )}
        <span className="push" />
        <a className="design-on" href={`/api/cases/${state.id}/plan/work-sheet.pdf`}>
          Work sheet
        </a>
        <Link className="design-on" to="../decide">
          See the routes
        </Link>
      </div>
      <div className="design-body">
        <Layers placement={placement.data} chosen={layer} onChoose={setLayer} />
        <section className="design-stage" aria-label="Section plan">
          {placement.isPending && <Spin className="wait" />}
          {placement.isError && (
            <ProblemNote
              problem={problemOf(placement.error)}
              action={<Button onClick={() => void placement.refetch()}>Try again</Button>}
            />
          )}
          {placement.data && (
            <Stage placement={placement.data} layer={shown !== undefined && shown >= 0 ? shown : undefined} />
          )}
        </section>
      </div>
      <WishPanel open={panel} onClose={() => setPanel(false)} />
    </main>
  );
}

function Layers(props: {
  placement: PlacementView | undefined;
  chosen: number | undefined;
  onChoose: (layer: number | undefined) => void;
}): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { placement, chosen, onChoose } = props;
  const { wish } = state.content;
  const { layers } = wish;
  const set = (next: LayerView[], merge?: string): void =>
    document.edit({ ...state.content, wish: { ...wish, layers: next } }, merge);
  const change = (at: number, to: Partial<LayerView>, merge?: string): void =>
    set(
      layers.map((one, i) => (i === at ? { ...one, ...to } : one)),
      merge && `layer ${at} ${merge}`,
    );
  const move = (at: number, by: number): void => {
    const to = at + by;
    const one = layers[at];
    if (!one || to < 0 || to >= layers.length) {
      return;
    }
    const next = layers.filter((_, i) => i !== at);
    next.splice(to, 0, one);
    set(next);
    onChoose(to);
  };
  const copy = (at: number): void => {
    set([...layers.slice(0, at + 1), ...layers.slice(at, at + 1), ...layers.slice(at + 1)]);
    onChoose(at + 1);
  };
  const remove = (at: number): void => {
    set(layers.filter((_, i) => i !== at));
    onChoose(undefined);
  };
  const begin = (name: string): void => {
    const found = vocabulary?.beginnings.find((one) => one.name === name);
    if (found) {
      set([...layers, ...found.layers].slice(0, 12));
      onChoose(layers.length);
    }
  };
  const mirrored = (place: Place): Place => {
    for (const { halves } of vocabulary?.places ?? []) {
      const at = halves.indexOf(place);
      if (at >= 0) {
        return halves[1 - at] ?? place;
      }
    }
    return place;
  };
  const given = placement?.layers.filter(({ own }) => own < 0) ?? [];
  return (
    <section className="layers" aria-label="Layers">
      <ol className="layers-given" aria-label="From the wish">
        {given.map(({ sentence }, i) => (
          <li key={i}>{sentence}</li>
        ))}
      </ol>
      {layers.length === 0 && (
        <p className="hint">
          The whole head gets the wish above. Begin with foils, a root, panels or a frame, then change them.
        </p>
      )}
      <ol
        className="layers-own"
        onKeyDown={(event) => {
          if (chosen === undefined || !(event.target instanceof HTMLButtonElement)) {
            return;
          }
          const moves: Record<string, () => void> = {
            Delete: () => remove(chosen),
            PageUp: () => move(chosen, -1),
            PageDown: () => move(chosen, 1),
            c: () => copy(chosen),
            o: () => change(chosen, { on: !layers[chosen]?.on }),
          };
          const act = event.ctrlKey || event.metaKey || event.altKey ? undefined : moves[event.key];
          if (act) {
            event.preventDefault();
            event.stopPropagation();
            act();
          }
        }}
      >
        {layers.map((layer, i) => {
          const said = placement?.layers.find(({ own }) => own === i);
          const name = layer.name === '' ? (said?.words ?? 'Layer') : layer.name;
          return (
            <li key={i} className={i === chosen ? 'layer chosen' : 'layer'}>
              <div className="layer-head">
                <button
                  type="button"
                  className="layer-pick"
                  aria-expanded={i === chosen}
                  onClick={() => onChoose(i === chosen ? undefined : i)}
                >
                  <b>{i + 1}</b>
                  <span>
                    {said?.sentence ?? name}
                    {said && said.foils > 0 ? ` · ${said.foils} foils` : ''}
                  </span>
                </button>
                <Button
                  type="text"
                  aria-pressed={layer.on}
                  aria-label={`${name} counts`}
                  onClick={() => change(i, { on: !layer.on })}
                >
                  {layer.on ? 'On' : 'Off'}
                </Button>
              </div>
              {i === chosen && vocabulary && (
                <>
                  <div className="layer-buttons">
                    <Button disabled={i === 0} onClick={() => move(i, -1)}>
                      Under
                    </Button>
                    <Button disabled={i === layers.length - 1} onClick={() => move(i, 1)}>
                      Over
                    </Button>
                    <Button onClick={() => copy(i)}>Copy</Button>
                    <Button
                      disabled={layer.region.places.length === 0}
                      onClick={() =>
                        change(i, {
                          region: { ...layer.region, places: layer.region.places.map(mirrored) },
                        })
                      }
                    >
                      Mirror
                    </Button>
                    <Button danger onClick={() => remove(i)}>
                      Remove
                    </Button>
                  </div>
                  <LayerEditor
                    layer={layer}
                    vocabulary={vocabulary}
                    onLayer={(to, merge) => change(i, to, merge)}
                  />
                </>
              )}
            </li>
          );
        })}
      </ol>
      <Dropdown
        trigger={['click']}
        autoFocus
        disabled={layers.length >= 12}
        menu={{
          items: (vocabulary?.beginnings ?? []).map(({ name, why }) => ({
            key: name,
            label: (
              <span className="beginning">
                <b>{name}</b>
                <small>{why}</small>
              </span>
            ),
          })),
          onClick: ({ key }) => begin(key),
        }}
      >
        <Button type="primary">Add layers</Button>
      </Dropdown>
    </section>
  );
}

function Stage({ placement, layer }: { placement: PlacementView; layer: number | undefined }): ReactNode {
  const [chosen, setChosen] = useState<number>();
  const foil = placement.foils.find(({ number }) => number === chosen);
  return (
    <div className="stage-parts">
      <SectionMap foils={placement.foils} chosen={chosen} onChoose={setChosen} layer={layer} />
      <div className="design-below">
        <div className="design-foil" aria-live="polite">
          <h3>{foil ? `Foil ${foil.number}, ${foil.called}` : 'One foil, close'}</h3>
          {foil ? <Close foil={foil} /> : <p>Press a foil to see what goes on it, root to ends.</p>}
        </div>
        <div className="design-whole">
          <h3>Reads as a whole, predicted {placement.route}</h3>
          <ul>
            {placement.wholes.map((whole) => (
              <Whole key={whole.side} whole={whole} />
            ))}
          </ul>
        </div>
      </div>
    </div>
  );
}

function Close({ foil }: { foil: FoilView }): ReactNode {
  const { light } = useLight();
  const whole = Math.max(
    0.1,
    foil.stretches.reduce((sum, one) => sum + one.toCm - one.fromCm, 0),
  );
  return (
    <>
      <div className="close-strand" aria-hidden="true">
        {foil.stretches.map((one) => (
          <i
            key={one.fromCm}
            style={{
              width: `${(100 * (one.toCm - one.fromCm)) / whole}%`,
              background: one.look.colours[light],
            }}
          />
        ))}
      </div>
      <ul>
        {foil.stretches.map((one) => (
          <li key={one.fromCm}>
            {one.fromCm}–{one.toCm} cm: {one.words}
            {one.words === 'stays' ? '' : `, predicted ${one.reached.levelWords} ${one.reached.tone}`}
            {one.bowls.length > 0 ? `, bowl ${one.bowls.join(', then ')}` : ''}
          </li>
        ))}
      </ul>
      <p>
        {foil.thicknessMm} mm thick, {foil.grams} g
      </p>
    </>
  );
}

function Whole({ whole }: { whole: PlacementView['wholes'][number] }): ReactNode {
  const { light } = useLight();
  return (
    <li>
      <i style={{ background: whole.look.colours[light] }} aria-hidden="true" />
      {whole.sentence}
    </li>
  );
}
