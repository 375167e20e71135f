import { Button, Dropdown } from 'antd';
import type { ReactNode } from 'react';
import type { BandView, DetailView, Kind, LookView, MeasuredView, Place, Tone } from '../api/client';
import { useLadder, usePlan, useTones, useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { useLight } from '../state/light';
import { useReader } from '../state/useReader';
import {
  cmWords,
  copyBands,
  readByEye,
  readingWords,
  showsGrey,
  withBand,
  withDetail,
  withEdge,
  type BandAt,
} from '../state/strands';
import { Choice } from './Choice';
import { DraftField, typedNumber } from './DraftField';
import { Photos } from './Photos';
import { ProblemNote } from './ProblemNote';

interface Props {
  at: BandAt;
  nameOf: (place: Place) => string;
  side: Side;
  onSide: (side: Side) => void;
}

const GREY_STEPS = [0, 25, 50, 75, 100];

export type Side = 'colour' | 'feel' | 'measure';

const SIDES: { value: Side; label: string }[] = [
  { value: 'colour', label: 'Colour' },
  { value: 'feel', label: 'Feel and past' },
  { value: 'measure', label: 'Measure' },
];

/** One band in hand: from where to where, how deep, what tone, how it feels, what lies beneath. */
export function BandPanel({ at, nameOf, side, onSide }: Props): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { content } = state;
  const zone = content.zones[at.zone];
  const band = zone?.bands[at.band];
  if (!zone || !band) {
    return null;
  }
  const look = document.look(band);
  const measured = band.detail.measured.length;
  return (
    <aside className="panel" aria-label="Band">
      <h2>
        {nameOf(zone.place)} · {cmWords(band.fromCm)}–{cmWords(band.toCm)} cm
      </h2>
      <p className={measured > 0 ? 'panel-reading measured' : 'panel-reading'}>
        {band.kind === 'NATURAL' ? 'As it grew.' : `${capital(kindWords(band.kind, vocabulary?.kinds))}.`}{' '}
        {measured > 0 ? `Measured (${measured})` : 'Reads'}{' '}
        <strong>{look ? readingWords(band, look) : '…'}</strong>
        {look && showsGrey(band) && (
          <>
            , as a whole like {look.levelWords} {look.tone}
          </>
        )}
      </p>
      <Choice label="What of the band" value={side} onChoose={onSide} options={SIDES} />
      {side === 'colour' && <ColourSide at={at} />}
      {side === 'feel' && <FeelSide at={at} />}
      {side === 'measure' && <MeasureSide at={at} />}
    </aside>
  );
}

function kindWords(kind: Kind, kinds: { value: Kind; words: string }[] | undefined): string {
  return kinds?.find(({ value }) => value === kind)?.words ?? '';
}

function capital(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

function useBand({ at }: { at: BandAt }): {
  band: BandView | undefined;
  last: boolean;
  set: (change: Partial<BandView>, merge?: string) => void;
  refused: (field: string) => string | undefined;
  path: string;
} {
  const { document, state } = useCase();
  const { content, saving } = state;
  const zone = content.zones[at.zone];
  const path = `zones[${at.zone}].bands[${at.band}]`;
  return {
    band: zone?.bands[at.band],
    last: at.band === (zone?.bands.length ?? 0) - 1,
    set: (change, merge) => document.edit(withBand(content, at, change), merge),
    refused: (field) =>
      saving.status === 'refused' &&
      saving.problem.field.includes(path) &&
      saving.problem.field.endsWith(field)
        ? saving.problem.remedy
        : undefined,
    path,
  };
}

function ColourSide({ at }: { at: BandAt }): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { band, last, set, refused, path } = useBand({ at });
  const tones = useTones(band?.kind ?? 'NATURAL', band?.level ?? 6).data ?? [];
  const { light } = useLight();
  if (!band) {
    return null;
  }
  const usual = (kind: Kind): Tone =>
    vocabulary?.kinds.find(({ value }) => value === kind)?.usualTone ?? 'NATURAL';
  const read = (kind: Kind, level: number): void => {
    const keeps = kind === band.kind || band.tone === usual(kind);
    set(readByEye(band, { kind, level, ...(keeps ? {} : { tone: usual(kind) }) }));
  };
  const lift = (by: number): void => set(readByEye(band, { level: band.level + by }), `level ${path}`);
  return (
    <>
      <LadderPicker band={band} onRead={read} />
      <div className="level-line">
        <Button aria-label="Half a level darker" onClick={() => lift(-0.5)}>
          −½
        </Button>
        <DraftField
          label="Level"
          hideLabel
          width={64}
          inputMode="decimal"
          value={String(band.level)}
          refused={refused('level')}
          onText={(text) => {
            const level = typedNumber(text);
            if (!Number.isNaN(level)) {
              set(readByEye(band, { level }), `level ${path}`);
            }
          }}
        />
        <Button aria-label="Half a level lighter" onClick={() => lift(0.5)}>
          +½
        </Button>
        <span className="over-it">
          {(['COLOURED', 'DIRECT'] as const).map((kind) => (
            <Button
              key={kind}
              type={band.kind === kind ? 'primary' : 'default'}
              aria-pressed={band.kind === kind}
              onClick={() => read(kind, band.level)}
            >
              {kindWords(kind, vocabulary?.kinds)}
            </Button>
          ))}
        </span>
      </div>
      <h3>Tone</h3>
      <Choice
        label="Tone"
        value={band.tone}
        onChoose={(tone) => set(readByEye(band, { tone }))}
        options={tones.map(({ tone, look: swatch }) => ({
          value: tone,
          label: vocabulary?.tones.find(({ value }) => value === tone)?.words ?? tone,
          colour: swatch.colours[light],
        }))}
      />
      <h3>Grey</h3>
      <div className="grey-line">
        <Choice
          label="Grey share"
          value={Math.round(band.greyShare * 100)}
          onChoose={(percent) => set({ greyShare: percent / 100 })}
          options={GREY_STEPS.map((percent) => ({ value: percent, label: `${percent}` }))}
        />
        <DraftField
          label="Grey share in percent"
          hideLabel
          width={84}
          suffix="%"
          inputMode="decimal"
          value={String(Math.round(band.greyShare * 1000) / 10)}
          refused={refused('greyShare') === undefined ? undefined : 'Give 0 to 100 %.'}
          onText={(text) => {
            const percent = typedNumber(text);
            if (!Number.isNaN(percent)) {
              set({ greyShare: percent / 100 }, `grey ${path}`);
            }
          }}
        />
      </div>
      <div className="cm-line">
        <DraftField
          label={last ? 'Ends of the hair at' : 'Down to'}
          width={96}
          suffix="cm"
          inputMode="decimal"
          value={String(band.toCm)}
          refused={refused('toCm')}
          onText={(text) => {
            const cm = typedNumber(text);
            if (!Number.isNaN(cm)) {
              document.edit(withEdge(state.content, at, cm), `cm ${path}`);
            }
          }}
        />
      </div>
    </>
  );
}

/** Simple tests, each with how it is done. */
const HOW = {
  porosity:
    'A clean dry hair on water: floats long, low; sinks at once, very high. Or slide thumb and finger towards the scalp: rough is porous.',
  stretch: 'Wet a strand, stretch it slowly by a third, let go.',
  density: 'Part the dry hair: scalp hardly seen is dense, plainly seen is thin.',
  thickness: 'Roll one hair between the fingers: hardly felt is fine, felt like thread is coarse.',
};

function FeelSide({ at }: { at: BandAt }): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { band, set, refused, path } = useBand({ at });
  if (!band) {
    return null;
  }
  const detail = (change: Partial<DetailView>, merge?: string): void =>
    document.edit(withDetail(state.content, at, change), merge);
  const figure = (label: string, field: 'layers' | 'underFrom' | 'underTo'): ReactNode => (
    <DraftField
      label={label}
      width={70}
      inputMode="decimal"
      value={String(band.detail[field])}
      refused={refused(field)}
      onText={(text) => {
        const value = typedNumber(text);
        if (!Number.isNaN(value)) {
          detail({ [field]: value }, `${field} ${path}`);
        }
      }}
    />
  );
  return (
    <>
      <h3>Porosity</h3>
      <p className="how">{HOW.porosity}</p>
      <Choice
        label="Porosity"
        value={band.porosity}
        onChoose={(porosity) => set({ porosity })}
        options={(vocabulary?.porosities ?? []).map(({ value, words }) => ({ value, label: words }))}
      />
      <h3>Wet stretch</h3>
      <p className="how">{HOW.stretch}</p>
      <Choice
        label="Wet stretch"
        value={band.detail.stretch}
        onChoose={(stretch) => detail({ stretch })}
        options={[
          { value: 'NOT_TRIED', label: 'not tried' },
          ...(vocabulary?.stretches ?? []).map(({ value, words }) => ({ value, label: words })),
        ]}
      />
      <h3>Density</h3>
      <p className="how">{HOW.density}</p>
      <Choice
        label="Density of this band"
        value={band.detail.density}
        onChoose={(density) => detail({ density })}
        options={[
          { value: 'AS_HEAD', label: 'as the head' },
          ...(vocabulary?.densities ?? []).map(({ value, words }) => ({ value, label: words })),
        ]}
      />
      <h3>Single hair</h3>
      <p className="how">{HOW.thickness}</p>
      <Choice
        label="Thickness of this band"
        value={band.detail.thickness}
        onChoose={(thickness) => detail({ thickness })}
        options={[
          { value: 'AS_HEAD', label: 'as the head' },
          ...(vocabulary?.thicknesses ?? []).map(({ value, words }) => ({ value, label: words })),
        ]}
      />
      <h3>What lies there</h3>
      <div className="facts">
        {figure('Layers of colour', 'layers')}
        {figure('Under the dye from', 'underFrom')}
        {figure('to level', 'underTo')}
      </div>
    </>
  );
}

function MeasureSide({ at }: { at: BandAt }): ReactNode {
  const { document, state } = useCase();
  const { band } = useBand({ at });
  const reader = useReader(at);
  if (!band) {
    return null;
  }
  const { measured } = band.detail;
  const look = document.look(band);
  return (
    <>
      <h3>Colour reader</h3>
      <p className="how">
        Hold it flat on the band, no light at its rim. Three readings beside one another say how even it is.
      </p>
      <div className="level-line">
        <Button type="primary" loading={reader.busy} onClick={() => void reader.read(1)}>
          Read once
        </Button>
        <Button loading={reader.busy} onClick={() => void reader.read(3)}>
          Read three
        </Button>
      </div>
      {reader.problem && <ProblemNote problem={reader.problem} />}
      {measured.length > 0 && (
        <div className="measured-list" role="status">
          <strong>
            {look ? `${look.levelWords} ${look.tone}` : '…'} from {measured.length}{' '}
            {measured.length === 1 ? 'reading' : 'readings'}
            {measured.length > 1 && `, apart by ${scatter(measured)}`}
          </strong>
          <ul>
            {measured.map((one, i) => (
              <li key={i}>
                {one.by === 'READER' ? 'reader' : 'photograph'} L* {one.l.toFixed(1)} a* {one.a.toFixed(1)} b*{' '}
                {one.b.toFixed(1)} ± {one.spread.toFixed(1)}
                <Button
                  type="text"
                  size="small"
                  aria-label={`Leave out reading ${i + 1}`}
                  onClick={() =>
                    document.edit(
                      withDetail(state.content, at, { measured: measured.filter((_, j) => j !== i) }),
                    )
                  }
                >
                  ×
                </Button>
              </li>
            ))}
          </ul>
          <p className="how">
            A measured colour stands in for level and tone. Reading by eye again replaces it.
          </p>
        </div>
      )}
      <Photos measureFor={at} />
      <p className="how">
        Open one with a grey card in it, mark card and hair, measure, and take it for this band.
      </p>
    </>
  );
}

/** The widest distance of a reading from their mean in L*, a*, b*. */
function scatter(measured: MeasuredView[]): string {
  const mean = (axis: 'l' | 'a' | 'b'): number =>
    measured.reduce((sum, one) => sum + one[axis], 0) / measured.length;
  const centre = { l: mean('l'), a: mean('a'), b: mean('b') };
  const off = measured.map((one) => Math.hypot(one.l - centre.l, one.a - centre.a, one.b - centre.b));
  return Math.max(...off).toFixed(1);
}

/** Natural and lifted hair side by side, in the light chosen. */
export function LadderPicker({
  band,
  onRead,
}: {
  band: { kind: Kind; level: number };
  onRead: (kind: Kind, level: number) => void;
}): ReactNode {
  const ladder = useLadder().data;
  const rows: [Kind, string, { level: number; words: string; look: LookView }[]][] = [
    ['NATURAL', 'natural', ladder?.natural ?? []],
    ['LIGHTENED', 'lifted', ladder?.lifted ?? []],
  ];
  return (
    <div className="ladder">
      {rows.map(([kind, words, rungs]) => (
        <div key={kind} role="group" aria-label={`Level of ${words} hair`}>
          <span className="ladder-words">{words}</span>
          <div className="ladder-row">
            {rungs
              .filter(({ level }) => Number.isInteger(level) && (kind === 'LIGHTENED' || level <= 10))
              .map((rung) => (
                <Rung
                  key={rung.level}
                  rung={rung}
                  pressed={band.kind === kind && Math.floor(band.level) === rung.level}
                  half={band.level !== rung.level}
                  onPress={() => onRead(kind, rung.level)}
                />
              ))}
          </div>
        </div>
      ))}
    </div>
  );
}

function Rung(props: {
  rung: { level: number; words: string; look: LookView };
  pressed: boolean;
  half: boolean;
  onPress: () => void;
}): ReactNode {
  const { light } = useLight();
  const { rung, pressed } = props;
  return (
    <button
      type="button"
      className="rung"
      aria-pressed={pressed}
      aria-label={`${rung.words} ${rung.look.tone}`}
      style={{ backgroundColor: rung.look.colours[light] }}
      onClick={props.onPress}
    >
      <span>
        {rung.words}
        {pressed && props.half ? '½' : ''}
      </span>
    </button>
  );
}

export function CopyButton({ at, nameOf }: { at: BandAt; nameOf: (place: Place) => string }): ReactNode {
  const { document, state } = useCase();
  const { content } = state;
  const others = content.zones.filter((_, i) => i !== at.zone).map(({ place }) => place);
  return (
    <Dropdown
      trigger={['click']}
      disabled={others.length === 0}
      menu={{
        items: [
          { key: 'ALL', label: 'all other zones' },
          ...others.map((place) => ({ key: place, label: nameOf(place).toLowerCase() })),
        ],
        onClick: ({ key }) =>
          document.edit(copyBands(content, at.zone, key === 'ALL' ? others : [key as Place])),
      }}
    >
      <Button aria-label="Copy this zone's bands to">Copy to…</Button>
    </Dropdown>
  );
}

/** What the plan makes of this band, so that a reading's weight is felt while it is made. */
export function Verdict({ at }: { at: BandAt }): ReactNode {
  const { state } = useCase();
  const plan = usePlan(state.id, state.version);
  const answer = plan.data?.answers[at.zone]?.[at.band];
  if (!answer) {
    return null;
  }
  return (
    <section className="verdict" aria-label="What the plan makes of it" aria-live="polite">
      <strong>
        For {plan.data?.wish}: {answer.words}.
      </strong>
      <ul>
        {answer.reasons.map((reason) => (
          <li key={reason.sentence}>{reason.sentence}</li>
        ))}
      </ul>
    </section>
  );
}
