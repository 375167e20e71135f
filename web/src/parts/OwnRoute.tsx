import { Button, Select } from 'antd';
import { useState, type ReactNode } from 'react';
import type { LayingView, PlanView, RoundView, WorkedZone } from '../api/client';
import { useRoutePlan, useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { cmWords } from '../state/strands';
import { AimFields } from './AimFields';
import { DraftField, typedNumber } from './DraftField';
import { FigureField } from './FigureField';
import { LightenerFields } from './LightenerFields';
import { say } from '../words/say';

/** The colourist's own route, step by step; everything is computed anew with every change. */
export function OwnRoute({ zones }: { zones: WorkedZone[] }): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const plan = useRoutePlan(state.id, state.version, 'own').data;
  const { content } = state;
  const rounds = content.ownRoute;
  const set = (next: RoundView[], merge?: string): void =>
    document.edit({ ...content, ownRoute: next, route: next.length > 0 ? content.route : '' }, merge);
  const change = (r: number, round: RoundView, merge?: string): void =>
    set(
      rounds.map((one, i) => (i === r ? round : one)),
      merge,
    );
  const moved = (r: number, by: number): RoundView[] => {
    const next = [...rounds];
    const [one] = next.splice(r, 1);
    if (one) {
      next.splice(r + by, 0, one);
    }
    return next;
  };
  return (
    <section className="own" aria-label={say('decide.yourOwnRoute')}>
      {rounds.map((round, r) => (
        <div className="own-round" key={r} data-round={r}>
          <header>
            <strong>
              {r + 1}. {vocabulary?.actions.find(({ value }) => value === round.action)?.words}
            </strong>
            <Button
              aria-label={say('decide.stepEarlier', { r: r + 1 })}
              disabled={r === 0}
              onClick={() => set(moved(r, -1))}
            >
              ↑
            </Button>
            <Button
              aria-label={say('decide.stepLater', { r: r + 1 })}
              disabled={r === rounds.length - 1}
              onClick={() => set(moved(r, 1))}
            >
              ↓
            </Button>
            <Button
              aria-label={say('decide.takeStepAway', { r: r + 1 })}
              onClick={() => set(rounds.filter((_, i) => i !== r))}
            >
              ×
            </Button>
          </header>
          {round.layings.map((laying, l) => (
            <Laying
              key={l}
              laying={laying}
              zones={zones}
              found={plan?.bowls.find((bowl) => bowl.step === r + 1 && bowl.laying === l)}
              name={`step ${r + 1}${round.layings.length > 1 ? `.${l + 1}` : ''}`}
              onLaying={(next, merge) =>
                change(
                  r,
                  { ...round, layings: round.layings.map((one, i) => (i === l ? next : one)) },
                  merge && `${merge} ${r} ${l}`,
                )
              }
            />
          ))}
        </div>
      ))}
      <div className="own-add">
        <Select
          aria-label={say('decide.addAStep')}
          placeholder={say('decide.addAStep')}
          virtual={false}
          listHeight={420}
          value={null}
          style={{ width: 220 }}
          onChange={(_, option) => {
            const action = vocabulary?.actions.find(
              ({ value }) => value === (option as { value: string }).value,
            );
            if (action) {
              const all = zones.flatMap(({ bands }) => bands.map(({ stretch }) => stretch));
              set([
                ...rounds,
                {
                  action: action.value,
                  layings: [
                    {
                      ...action.usual,
                      bands: action.value === 'WAIT' ? [] : all,
                      aim: {
                        level: content.wish.level,
                        tone: content.wish.tone,
                        second: content.wish.second,
                        picked: [],
                      },
                    },
                  ],
                },
              ]);
            }
          }}
          options={(vocabulary?.actions ?? []).map(({ value, words }) => ({ value, label: words }))}
        />
        <Button onClick={() => set([])}>{say('decide.discardMyRoute')}</Button>
      </div>
    </section>
  );
}

interface LayingProps {
  laying: LayingView;
  zones: WorkedZone[];
  found: PlanView['bowls'][number] | undefined;
  name: string;
  onLaying: (laying: LayingView, merge?: string) => void;
}

function Laying({ laying, zones, found, name, onLaying }: LayingProps): ReactNode {
  const vocabulary = useVocabulary().data;
  const [wider, setWider] = useState(false);
  const action = vocabulary?.actions.find(({ value }) => value === laying.action);
  const set = (change: Partial<LayingView>, merge?: string): void =>
    onLaying({ ...laying, ...change }, merge);
  const pieces = zones.flatMap((zone) =>
    zone.bands.map(({ stretch }) => ({
      stretch,
      key: `${stretch.place} ${stretch.fromCm} ${stretch.weave}`,
      label: `${zone.words} ${cmWords(stretch.fromCm)}–${cmWords(stretch.toCm)}${
        stretch.weave === 'ALL' ? '' : stretch.weave === 'PIECES' ? say('decide.pieces') : say('decide.rest')
      }`,
    })),
  );
  const on = pieces.filter(({ stretch }) =>
    laying.bands.some(
      (b) =>
        b.place === stretch.place &&
        b.fromCm <= stretch.fromCm &&
        stretch.toCm <= b.toCm &&
        (b.weave === stretch.weave || b.weave === 'ALL'),
    ),
  );
  if (laying.action === 'WAIT') {
    return (
      <FigureField
        hideLabel
        label={say('decide.weeksOf', { name })}
        value={laying.weeks}
        suffix={say('decide.weeks')}
        onValue={(weeks) => set({ weeks }, 'weeks')}
      />
    );
  }
  return (
    <div className="own-laying">
      <FigureField
        hideLabel
        label={say('decide.minutesOf', { name })}
        value={laying.minutes}
        suffix="min"
        onValue={(minutes) => set({ minutes }, 'minutes')}
      />
      {(action?.lifts === true || laying.action === 'REMOVE') && (
        <FigureField
          hideLabel
          label={say('decide.timesOf', { name })}
          value={laying.times}
          suffix={say('decide.times')}
          onValue={(times) => set({ times: Math.round(times) }, 'times')}
        />
      )}
      {(action?.lifts === true || (action?.deposits === true && laying.shadeClass !== 'DIRECT')) && (
        <Select<number>
          aria-label={say('decide.developerOf', { name })}
          virtual={false}
          value={laying.volume}
          style={{ width: 100 }}
          onChange={(volume) => set({ volume })}
          options={(vocabulary?.developers ?? []).map((volume) => ({
            value: volume,
            label: say('decide.vol', { volume }),
          }))}
        />
      )}
      {laying.action === 'LIGHTEN' && (
        <LightenerFields
          name={name}
          lightener={laying.lightener}
          onLightener={(lightener) => set({ lightener, ratio: lightener[0]?.ratio ?? laying.ratio })}
        />
      )}
      {action?.lifts && (
        <Select<LayingView['way']>
          aria-label={say('decide.wayOf', { name })}
          virtual={false}
          value={laying.way}
          style={{ width: 170 }}
          onChange={(way) => set({ way })}
          options={(vocabulary?.liftWays ?? []).map(({ value, words }) => ({ value, label: words }))}
        />
      )}
      {action?.deposits && (
        <>
          <AimFields
            name={say('decide.aimOf', { name })}
            aim={laying.aim}
            onAim={(aim) => set({ aim, mix: [] })}
          />
          <Select<LayingView['shadeClass']>
            aria-label={say('decide.classOf', { name })}
            virtual={false}
            value={laying.shadeClass}
            style={{ width: 120 }}
            onChange={(shadeClass) => {
              const of = vocabulary?.shadeClasses.find(({ value }) => value === shadeClass);
              set({
                shadeClass,
                mix: [],
                ratio: of?.ratio ?? laying.ratio,
                minutes: of?.minutes ?? laying.minutes,
                // Direct colour is laid as it is; what was direct before is mixed with the usual deposit developer again.
                volume: shadeClass === 'DIRECT' ? 0 : laying.volume || 10,
              });
            }}
            options={(vocabulary?.shadeClasses ?? []).map(({ value, words }) => ({ value, label: words }))}
          />
          <Mix laying={laying} found={found} name={name} onMix={(mix, merge) => set({ mix }, merge)} />
        </>
      )}
      <Button aria-expanded={wider} onClick={() => setWider(!wider)}>
        {on.length === pieces.length
          ? say('decide.allHair')
          : say('decide.ofPieces', { onCount: on.length, piecesCount: pieces.length })}
      </Button>
      {wider && (
        <Select<string[]>
          mode="multiple"
          className="own-bands"
          aria-label={say('decide.hairOf', { name })}
          virtual={false}
          value={on.map(({ key }) => key)}
          onChange={(keys) =>
            set({ bands: pieces.filter(({ key }) => keys.includes(key)).map(({ stretch }) => stretch) })
          }
          options={pieces.map(({ key, label }) => ({ value: key, label }))}
        />
      )}
    </div>
  );
}

/** The formula: looked for, or fixed by hand. */
function Mix(props: {
  laying: LayingView;
  found: PlanView['bowls'][number] | undefined;
  name: string;
  onMix: (mix: LayingView['mix'], merge?: string) => void;
}): ReactNode {
  const { laying, found, name, onMix } = props;
  const shades = (useVocabulary().data?.shades ?? []).filter(
    ({ shadeClass }) => shadeClass === laying.shadeClass,
  );
  if (laying.mix.length === 0) {
    return (
      <span className="own-mix">
        {found?.mixWords}{' '}
        {found && (
          <Button
            aria-label={say('decide.fixTheMixOf', { name })}
            onClick={() => onMix(found.parts.map(({ code, parts }) => ({ shade: code, parts })))}
          >
            {say('decide.fix')}
          </Button>
        )}
      </span>
    );
  }
  return (
    <span className="own-mix">
      {laying.mix.map((part, i) => (
        <span key={i}>
          <DraftField
            label={say('decide.partsOf', { i: i + 1, name })}
            hideLabel
            width={48}
            inputMode="decimal"
            value={String(part.parts)}
            onText={(text) =>
              onMix(
                laying.mix.map((one, at) =>
                  at === i ? { ...one, parts: Math.round(typedNumber(text) || 0) } : one,
                ),
                `parts ${i}`,
              )
            }
          />
          <Select<string>
            aria-label={say('decide.shadeOf', { i: i + 1, name })}
            virtual={false}
            value={part.shade}
            style={{ width: 130 }}
            onChange={(shade) => onMix(laying.mix.map((one, at) => (at === i ? { ...one, shade } : one)))}
            options={shades.map(({ code, words }) => ({ value: code, label: words }))}
          />
        </span>
      ))}
      <Button onClick={() => onMix([])}>{say('decide.lookForIt')}</Button>
    </span>
  );
}
