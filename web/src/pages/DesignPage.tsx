import { Button, Dropdown, Spin } from 'antd';
import { memo, useDeferredValue, useState, type ReactNode } from 'react';
import { Link } from 'react-router';
import {
  problemOf,
  type FoilView,
  type LayerView,
  type LookView,
  type Place,
  type PlacementView,
} from '../api/client';
import { usePlacement, useVocabulary, useWishedFoils } from '../api/queries';
import { FullTress, type TressBand } from '../hair/Tress';
import { LayerEditor } from '../parts/LayerEditor';
import { ProblemNote } from '../parts/ProblemNote';
import { SectionMap } from '../parts/SectionMap';
import { WishEditor } from '../parts/WishEditor';
import { WishPanel } from '../parts/WishPanel';
import { useCase } from '../state/caseContext';
import { useLight } from '../state/light';
import { say } from '../words/say';

/** What is wished, and where it goes: layers over the wished colour, seen foil by foil on the head. */
export function DesignPage(): ReactNode {
  const { state } = useCase();
  const placement = usePlacement(state.id, state.version);
  // What is being changed is seen at once; bowls and predictions follow when it is planned for.
  const planned = state.saving.status === 'saved' && placement.isSuccess && !placement.isPlaceholderData;
  const wished = useWishedFoils(state.id, state.content.wish, !planned);
  const seen = planned ? placement.data : (wished.data ?? placement.data);
  // Counts first; drawing the head takes longer.
  const drawn = useDeferredValue(seen);
  const [layer, setLayer] = useState<number>();
  const [panel, setPanel] = useState(false);
  const shown = drawn?.layers.findIndex(({ own }) => own === layer && own >= 0);
  return (
    <main className="design" aria-busy={placement.isFetching}>
      <div className="design-head">
        <h2>{say('design.design')}</h2>
        <WishEditor />
        <Button onClick={() => setPanel(true)}>{say('design.whatStaysLimitsParts')}</Button>
        <span className="push" />
        <a className="design-on" href={`/api/cases/${state.id}/plan/work-sheet.pdf`}>
          {say('design.workSheet')}
        </a>
        <Link className="design-on" to="../decide">
          {say('design.seeTheRoutes')}
        </Link>
      </div>
      <div className="design-body">
        <div className="design-side">
          <Layers placement={drawn} chosen={layer} onChoose={setLayer} />
        </div>
        <section className="design-stage" aria-label={say('design.sectionPlan')}>
          <Counts seen={seen} />
          {placement.isPending && !drawn && <Spin className="wait" />}
          {placement.isError && (
            <ProblemNote
              problem={problemOf(placement.error)}
              action={<Button onClick={() => void placement.refetch()}>{say('design.tryAgain')}</Button>}
            />
          )}
          {drawn && (
            <Stage
              placement={drawn}
              predicted={placement.data}
              layer={shown !== undefined && shown >= 0 ? shown : undefined}
            />
          )}
        </section>
      </div>
      <WishPanel open={panel} onClose={() => setPanel(false)} />
    </main>
  );
}

function Counts({ seen }: { seen: PlacementView | undefined }): ReactNode {
  if (!seen) {
    return <p className="design-counts">{say('design.beingCounted')}</p>;
  }
  const layers = seen.layers.filter(({ own }) => own >= 0).length;
  return (
    <p className="design-counts" role="status">
      {say('design.layersFoilsMinAloneG', {
        layers,
        foilsCount: seen.foils.length,
        minutes: seen.minutes,
        figure: Math.round(seen.foils.reduce((sum, { grams }) => sum + grams, 0)),
      })}
    </p>
  );
}

const Layers = memo(function Layers(props: {
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
  const mirrored = (place: Place): Place =>
    vocabulary?.places.find(({ value }) => value === place)?.mirrored ?? place;
  const mirror = (at: number): void => {
    const region = layers[at]?.region;
    if (region) {
      change(at, { region: { ...region, places: region.places.map(mirrored) } });
    }
  };
  const given = placement?.layers.filter(({ own }) => own < 0) ?? [];
  return (
    <section className="layers" aria-label={say('design.layers')}>
      {/* Above what grows, so that neither the button nor its menu moves under the hand. */}
      <div className="layers-add">
        <Dropdown
          trigger={['click']}
          autoFocus
          disabled={layers.length >= 12}
          menu={{
            className: 'beginnings',
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
          <Button type="primary">{say('design.addLayers')}</Button>
        </Dropdown>
        {layers.some(({ region }) => region.places.length > 0) && (
          <Button
            onClick={() =>
              set(
                layers.map((one) => ({
                  ...one,
                  region: { ...one.region, places: one.region.places.map(mirrored) },
                })),
              )
            }
          >
            {say('design.mirrorAll')}
          </Button>
        )}
      </div>
      <ol className="layers-given" aria-label={say('design.fromTheWish')}>
        {given.map(({ sentence }, i) => (
          <li key={i}>{sentence}</li>
        ))}
      </ol>
      {layers.length === 0 && <p className="hint">{say('design.theWholeHeadGetsThe')}</p>}
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
            m: () => mirror(chosen),
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
          const name = layer.name === '' ? (said?.words ?? say('design.layer')) : layer.name;
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
                    {said && said.foils > 0 ? say('design.foils', { foils: said.foils }) : ''}
                  </span>
                </button>
                <Button
                  type="text"
                  aria-pressed={layer.on}
                  aria-label={say('design.counts', { name })}
                  onClick={() => change(i, { on: !layer.on })}
                >
                  {layer.on ? say('design.on') : say('design.off')}
                </Button>
              </div>
              {i === chosen && vocabulary && (
                <>
                  <div className="layer-buttons">
                    <Button disabled={i === 0} onClick={() => move(i, -1)}>
                      {say('design.under')}
                    </Button>
                    <Button disabled={i === layers.length - 1} onClick={() => move(i, 1)}>
                      {say('design.over')}
                    </Button>
                    <Button onClick={() => copy(i)}>{say('design.copy')}</Button>
                    <Button disabled={layer.region.places.length === 0} onClick={() => mirror(i)}>
                      {say('design.mirror')}
                    </Button>
                    <Button danger onClick={() => remove(i)}>
                      {say('design.remove2')}
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
    </section>
  );
});

/** @param predicted what the last plan makes of it */
const Stage = memo(function Stage({
  placement,
  predicted,
  layer,
}: {
  placement: PlacementView;
  predicted: PlacementView | undefined;
  layer: number | undefined;
}): ReactNode {
  const [chosen, setChosen] = useState<{ foil?: number; place?: Place }>({});
  const foil = placement.foils.find(({ number }) => number === chosen.foil);
  const ground = placement.grounds.find(({ place }) => place === chosen.place);
  return (
    <div className="stage-parts">
      <SectionMap
        foils={placement.foils}
        grounds={{
          all: placement.grounds,
          chosen: chosen.place,
          onChoose: (place) => setChosen({ place }),
        }}
        chosen={chosen.foil}
        onChoose={(number) => setChosen({ foil: number })}
        dimmed={(one) => layer !== undefined && one.layer !== layer}
      />
      <div className="design-below">
        <div className="design-foil" aria-live="polite">
          <h3>
            {foil
              ? say('design.foil', { number: foil.number, called: foil.called })
              : ground
                ? say('design.hairOfThe', { words: ground.words })
                : say('design.oneSectionClose')}
          </h3>
          {foil || ground ? (
            <Close stretches={(foil ?? ground)?.stretches ?? []} seed={foil?.number ?? 0} />
          ) : (
            <p>{say('design.pressAFoilOrThe')}</p>
          )}
          {foil && <p>{say('design.mmThickG', { thicknessMm: foil.thicknessMm, grams: foil.grams })}</p>}
        </div>
        <div className="design-whole">
          <h3>
            {say('design.readsAsAWhole', {
              predicted: predicted && say('design.predicted', { route: predicted.route }),
            })}
          </h3>
          <ul aria-busy={placement !== predicted}>
            {predicted?.wholes.map((whole) => <Whole key={whole.side} whole={whole} />) ?? (
              <li>{say('design.beingPlanned')}</li>
            )}
          </ul>
        </div>
      </div>
    </div>
  );
});

function Close({ stretches, seed }: { stretches: FoilView['stretches']; seed: number }): ReactNode {
  const bands = (looksOf: (one: FoilView['stretches'][number]) => LookView[]): TressBand[] =>
    stretches.map((one) => ({
      fromCm: one.fromCm,
      toCm: one.toCm,
      pieces: looksOf(one).map((look) => ({ share: 1, look })),
      softCm: one.featherCm,
    }));
  return (
    <>
      <div className="close-strands" aria-hidden="true">
        <span>{say('design.wished')}</span>
        <i>
          <FullTress bands={bands(({ look }) => [look])} seed={seed} />
        </i>
        {stretches.some(({ reached }) => reached.length > 0) && (
          <>
            <span>{say('design.predicted2')}</span>
            <i>
              <FullTress bands={bands(({ reached }) => reached)} seed={seed} />
            </i>
          </>
        )}
      </div>
      <ul>
        {stretches.map((one) => (
          <li key={one.fromCm}>
            {say('design.cm', {
              fromCm: one.fromCm,
              toCm: one.toCm,
              words: one.words,
              words2:
                !one.stays &&
                one.reached
                  .map(({ levelWords, tone }) => say('design.predicted3', { levelWords, tone }))
                  .join(''),
              bowls:
                one.bowls.length > 0 ? say('design.bowl', { bowls: one.bowls.join(say('design.then')) }) : '',
              featherCm: one.featherCm > 0 && say('design.featheredOverCm', { featherCm: one.featherCm }),
            })}
          </li>
        ))}
      </ul>
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
