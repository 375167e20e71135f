import { Button, Spin } from 'antd';
import { useState, type ReactNode } from 'react';
import {
  problemOf,
  type EventView,
  type HistoryView,
  type Place,
  type StrandHistoryView,
  type StretchView,
} from '../api/client';
import { useLadder, useStrandHistory, useVocabulary } from '../api/queries';
import { seedOf, SOFT_CM, Tress } from '../hair/Tress';
import { Choice } from '../parts/Choice';
import { DraftField, typedNumber } from '../parts/DraftField';
import { DayField } from '../parts/WhenField';
import { ProblemNote } from '../parts/ProblemNote';
import { Ruler } from '../parts/Ruler';
import { SecondToneFields } from '../parts/SecondToneFields';
import { SelectField } from '../parts/SelectField';
import { TimeLine } from '../parts/TimeLine';
import { useCase } from '../state/caseContext';
import { halves, longest, withStrand } from '../state/strands';
import { daysAfter } from '../state/when';
import { useWidth } from '../state/useWidth';
import { refusedAt } from '../state/refused';
import { capital } from '../state/words';
import { say } from '../words/say';

const LABEL_WIDTH = 104;

/** What was done and when, on a time line; and where each of it lies on the strands today. */
export function HistoryPage(): ReactNode {
  const { document, state } = useCase();
  const laid = useStrandHistory(state.id, state.version);
  const vocabulary = useVocabulary().data;
  const [chosen, setChosen] = useState(0);
  const { content } = state;
  const { history } = content;
  const set = (change: Partial<HistoryView>, merge?: string): void =>
    document.edit({ ...content, history: { ...history, ...change } }, merge);
  const at = Math.min(chosen, history.events.length - 1);
  const event = history.events[at];
  const add = (service: EventView['service']): void => {
    const where = { HAIRCUT: 'ENDS', LIGHTENER: 'WOVEN', SUN: 'ALL', SWIMMING: 'ALL', HEAT: 'ALL' }[
      service as string
    ];
    const made: EventView = {
      date: daysAfter(content.date, -60),
      service,
      home: service === 'PLANT' || service === 'METALLIC',
      where: (where ?? 'ALL') as EventView['where'],
      level: service === 'LIGHTENER' ? 9 : 5,
      tone: 'NATURAL',
      second: [],
      volume: service === 'LIGHTENER' || service === 'PERMANENT' ? 20 : service === 'DEMI' ? 10 : 0,
      share: 0.5,
      overlapCm: 0,
      cutCm: service === 'HAIRCUT' ? 3 : 0,
    };
    set({ events: [...history.events, made] });
    setChosen(history.events.length);
  };
  const change = (part: Partial<EventView>, merge?: string): void =>
    set({ events: history.events.map((e, i) => (i === at ? { ...e, ...part } : e)) }, merge);
  return (
    <main className="read history">
      <section className="read-head" aria-label={say('history.timeLine')}>
        <TimeLine
          events={history.events}
          today={content.date}
          chosen={at}
          onChoose={setChosen}
          onMove={(i, date) =>
            set({ events: history.events.map((e, j) => (j === i ? { ...e, date } : e)) }, `move ${i}`)
          }
          words={(service) => vocabulary?.services.find(({ value }) => value === service)?.words ?? ''}
        />
        <div className="add-events" role="group" aria-label={say('history.addWhatWasDone')}>
          {(vocabulary?.services ?? []).map(({ value, words }) => (
            <Button key={value} onClick={() => add(value)}>
              + {words}
            </Button>
          ))}
        </div>
        {laid.isPending && <Spin className="wait" />}
        {laid.isError && <ProblemNote problem={problemOf(laid.error)} />}
        {laid.data && <ByTheDates laid={laid.data} />}
      </section>
      <aside className="panel" aria-label={say('history.event')}>
        <Growth laid={laid.data} history={history} onChange={set} />
        {event ? (
          <EventEditor
            key={at}
            number={at}
            event={event}
            onChange={change}
            onCopy={() => {
              set({ events: [...history.events, { ...event, date: daysAfter(event.date, -35) }] });
              setChosen(history.events.length);
            }}
            onRemove={() => set({ events: history.events.filter((_, i) => i !== at) })}
          />
        ) : (
          <p className="hint">{say('history.askForTheLastTwo')}</p>
        )}
      </aside>
    </main>
  );
}

function Growth(props: {
  laid: StrandHistoryView | undefined;
  history: HistoryView;
  onChange: (change: Partial<HistoryView>, merge?: string) => void;
}): ReactNode {
  const { history, laid } = props;
  const { state } = useCase();
  const refused = (field: string): string | undefined => refusedAt(state.saving, `history.${field}`);
  const figure = (
    label: string,
    field: 'naturalLevel' | 'growthFrom' | 'growthTo' | 'measuredRegrowthCm' | 'washesPerWeek',
    suffix: string,
    also: string[] = [],
  ): ReactNode => (
    <DraftField
      label={label}
      width={104}
      suffix={suffix}
      inputMode="decimal"
      value={field === 'measuredRegrowthCm' && history[field] === 0 ? '' : String(history[field])}
      refused={[field, ...also].map(refused).find((why) => why !== undefined)}
      onText={(text) => {
        const value = text.trim() === '' && field === 'measuredRegrowthCm' ? 0 : typedNumber(text);
        if (!Number.isNaN(value)) {
          props.onChange({ [field]: value }, field);
        }
      }}
    />
  );
  return (
    <>
      <h2>{say('history.howItGrows')}</h2>
      <div className="growth">
        {figure(say('history.naturalLevel'), 'naturalLevel', '')}
        {figure(say('history.washesAWeek'), 'washesPerWeek', '')}
        {figure(say('history.growthFrom'), 'growthFrom', 'cm/m')}
        {figure(say('history.to'), 'growthTo', 'cm/m')}
        {figure(say('history.measuredRegrowth'), 'measuredRegrowthCm', 'cm', ['months'])}
      </div>
      {laid && (
        <p className="quiet small">
          {laid.lastAtScalp === ''
            ? say('history.onceColourAtTheScalp')
            : say('history.sinceCmAMonth', {
                lastAtScalp: laid.lastAtScalp,
                growthUsual: laid.growthUsual,
                figure:
                  history.measuredRegrowthCm > 0
                    ? say('history.measured')
                    : `, ${laid.growthFrom}–${laid.growthTo}`,
              })}
        </p>
      )}
    </>
  );
}

function EventEditor(props: {
  /** Its place in the history, from 0. */
  number: number;
  event: EventView;
  onChange: (change: Partial<EventView>, merge?: string) => void;
  onCopy: () => void;
  onRemove: () => void;
}): ReactNode {
  const { event, onChange } = props;
  const { state } = useCase();
  const vocabulary = useVocabulary().data;
  const ladder = useLadder().data;
  const tones = (vocabulary?.tones ?? []).filter(({ value }) => value !== 'AS_LIFTED');
  const kind = vocabulary?.services.find(({ value }) => value === event.service);
  const refused = (field: string): string | undefined =>
    refusedAt(state.saving, `history.events[${props.number}].${field}`);
  const number = (
    label: string,
    field: 'volume' | 'overlapCm' | 'cutCm' | 'share',
    suffix: string,
    by = 1,
  ): ReactNode => (
    <DraftField
      label={label}
      width={104}
      suffix={suffix}
      inputMode="decimal"
      value={String(Math.round(event[field] * by * 100) / 100)}
      refused={refused(field)}
      onText={(text) => {
        const value = typedNumber(text);
        if (!Number.isNaN(value)) {
          onChange({ [field]: value / by }, field);
        }
      }}
    />
  );
  return (
    <>
      <h2>{kind?.words ?? ''}</h2>
      <div className="facts">
        <DayField
          label={say('history.when')}
          value={event.date}
          refused={refused('date')}
          required
          onText={(date) => onChange({ date }, 'date')}
        />
        <Choice
          label={say('history.serviceOrHome')}
          value={event.home ? 'home' : 'salon'}
          onChoose={(where) => onChange({ home: where === 'home' })}
          options={[
            { value: 'salon', label: say('history.salon') },
            { value: 'home', label: say('history.home') },
          ]}
        />
      </div>
      {kind?.cuts ? (
        number(say('history.takenOff'), 'cutCm', 'cm')
      ) : (
        <>
          <h3>{say('history.where')}</h3>
          <Choice
            label={say('history.whereOnTheStrand')}
            value={event.where}
            onChoose={(where) => onChange({ where })}
            options={(vocabulary?.wheres ?? []).map(({ value, words }) => ({ value, label: words }))}
          />
        </>
      )}
      {event.where === 'WOVEN' && number(say('history.shareWovenOut'), 'share', '%', 100)}
      {event.where === 'ROOTS' && number(say('history.overlapOverTheLast'), 'overlapCm', 'cm')}
      {(kind?.colours ?? event.service === 'LIGHTENER') && (
        <div className="facts">
          <SelectField
            label={event.service === 'LIGHTENER' ? say('history.liftedToLevel') : say('history.level')}
            value={String(event.level)}
            options={(ladder?.lifted ?? []).map(({ level }) => ({
              value: String(level),
              words: halves(level),
            }))}
            onChange={(level) => onChange({ level: Number(level) })}
          />
          {kind?.colours && (
            <>
              <SelectField
                label={say('history.tone')}
                value={event.tone}
                options={tones}
                onChange={(tone) =>
                  onChange({ tone, second: event.second.filter(({ tone: other }) => other !== tone) })
                }
              />
              <SecondToneFields
                name={say('visit.ofShade')}
                main={event.tone}
                tones={tones.map(({ value }) => value)}
                second={event.second}
                onSecond={(second) => onChange({ second })}
              />
            </>
          )}
        </div>
      )}
      {(event.service === 'LIGHTENER' || event.service === 'PERMANENT' || event.service === 'DEMI') &&
        number(say('history.developer'), 'volume', 'vol')}
      <div className="facts">
        <Button onClick={props.onCopy}>{say('history.repeatFiveWeeksEarlier')}</Button>
        <Button onClick={props.onRemove}>{say('history.remove')}</Button>
      </div>
    </>
  );
}

/** Each zone's strand by the dates, and what is taken over from it. */
function ByTheDates({ laid }: { laid: StrandHistoryView }): ReactNode {
  const { document, state } = useCase();
  const [area, width] = useWidth<HTMLDivElement>();
  const places = useVocabulary().data?.places ?? [];
  const { content } = state;
  const longestCm = longest(content.zones);
  const pixelsPerCm = Math.max(1, (width - LABEL_WIDTH - 120) / longestCm);
  const bandsOf = (stretches: StretchView[]): StretchView['proposed'][] =>
    stretches.map(({ proposed }) => proposed);
  return (
    <div ref={area} className="by-dates" aria-label={say('history.byTheDates')}>
      <div className="strand-line ruler-line">
        <span className="strand-label" />
        <div className="ruler-box" style={{ width: longestCm * pixelsPerCm }}>
          <Ruler longestCm={longestCm} pixelsPerCm={pixelsPerCm} />
        </div>
        <span className="push" />
        <Button
          onClick={() =>
            document.edit(
              laid.strands.reduce((all, { stretches }, z) => {
                const bands = bandsOf(stretches);
                return bands.length > 0 ? withStrand(all, z, bands) : all;
              }, content),
            )
          }
        >
          {say('history.useAll')}
        </Button>
      </div>
      {laid.strands.map((strand, z) => (
        <div key={strand.place} data-zone={strand.place}>
          <div className="strand-line">
            <span className="strand-label">
              <strong>{capital(places.find(({ value }) => value === strand.place)?.words ?? '')}</strong>
            </span>
            <PastStrand place={strand.place} stretches={strand.stretches} pixelsPerCm={pixelsPerCm} />
            <span className="push" />
            <Button
              aria-label={say('history.useTheseBands', {
                words: places.find(({ value }) => value === strand.place)?.words ?? '',
              })}
              onClick={() => document.edit(withStrand(content, z, bandsOf(strand.stretches)))}
            >
              {say('history.useThese')}
            </Button>
          </div>
          {strand.contradictions.map(({ sentence }) => (
            <p key={sentence} className="contradiction" role="note">
              <strong>{say('history.datesAndEyesDiffer')}</strong> {sentence}
            </p>
          ))}
        </div>
      ))}
    </div>
  );
}

function PastStrand({
  place,
  stretches,
  pixelsPerCm,
}: {
  place: Place;
  stretches: StretchView[];
  pixelsPerCm: number;
}): ReactNode {
  const length = stretches.at(-1)?.to.cm ?? 0;
  return (
    <div className="past-strand" style={{ width: length * pixelsPerCm }}>
      <Tress
        bands={stretches.map(({ from, to, look }) => ({
          fromCm: from.cm,
          toCm: to.cm,
          pieces: [{ share: 1, look }],
          // A line may lie anywhere in its doubt; so it is drawn.
          softCm: Math.max(SOFT_CM, to.toCm - to.fromCm),
        }))}
        width={length * pixelsPerCm}
        height={46}
        seed={seedOf(place)}
      />
      {stretches.map((one) => {
        const width = (one.to.cm - one.from.cm) * pixelsPerCm;
        const kind = one.proposed.kind.toLowerCase();
        const counted = one.layersTo > 0 ? `${kind} · ${layers(one)}` : kind;
        const level = `${halves(Math.round(one.levelFrom * 2) / 2)}–${halves(Math.round(one.levelTo * 2) / 2)}`;
        const label =
          [say('history.looks', { counted, level }), counted, one.layersTo > 0 ? layers(one) : kind].find(
            (words) => words.length * 7.3 + 18 < width,
          ) ?? '';
        return (
          <div
            key={one.from.cm}
            className="past-stretch"
            title={[one.words, ...one.events].join('\n')}
            style={{ left: one.from.cm * pixelsPerCm, width }}
          >
            {label !== '' && <span>{label}</span>}
            <span className="unseen">
              {say('history.to2', { words: one.from.words, words2: one.to.words, words3: one.words })}
            </span>
          </div>
        );
      })}
      {stretches.slice(1).map((one) => (
        <i
          key={one.from.cm}
          className="doubt"
          style={{
            left: one.from.fromCm * pixelsPerCm,
            width: Math.max(2, (one.from.toCm - one.from.fromCm) * pixelsPerCm),
          }}
          aria-hidden="true"
        />
      ))}
    </div>
  );
}

function layers(one: StretchView): string {
  const figure = (n: number): string => String(Math.round(n * 10) / 10);
  const range =
    one.layersFrom === one.layersTo
      ? figure(one.layersTo)
      : `${figure(one.layersFrom)}–${figure(one.layersTo)}`;
  return `${range} ${range === '1' ? 'layer' : 'layers'}`;
}
