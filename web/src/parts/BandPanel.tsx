import { Button, Dropdown } from 'antd';
import type { ReactNode } from 'react';
import type { BandView, Kind, LookView, Place } from '../api/client';
import { useLadder, usePlan, useTones, useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { useLight } from '../state/light';
import {
  cmWords,
  copyBands,
  readingWords,
  showsGrey,
  withBand,
  withEdge,
  type BandAt,
} from '../state/strands';
import { Choice } from './Choice';
import { DraftField, typedNumber } from './DraftField';

interface Props {
  at: BandAt;
  nameOf: (place: Place) => string;
}

const GREY_STEPS = [0, 25, 50, 75, 100];

/** One band in hand: from where to where, how deep, what tone, how it drinks, how grey. */
export function BandPanel({ at, nameOf }: Props): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { content, saving } = state;
  const zone = content.zones[at.zone];
  const band = zone?.bands[at.band];
  const tones = useTones(band?.kind ?? 'NATURAL', band?.level ?? 6).data ?? [];
  const { light } = useLight();
  if (!zone || !band) {
    return null;
  }
  const path = `zones[${at.zone}].bands[${at.band}]`;
  const refused = (field: string): string | undefined =>
    saving.status === 'refused' && saving.problem.field.includes(path) && saving.problem.field.endsWith(field)
      ? saving.problem.remedy
      : undefined;
  const set = (change: Partial<BandView>, merge?: string): void =>
    document.edit(withBand(content, at, change), merge);
  const read = (kind: Kind, level: number): void => {
    const fits = kind === band.kind || band.tone === (kind === 'NATURAL' ? 'NATURAL' : 'AS_LIFTED');
    set({ kind, level, ...(fits ? {} : { tone: kind === 'NATURAL' ? 'NATURAL' : 'AS_LIFTED' }) });
  };
  const last = at.band === zone.bands.length - 1;
  const look = document.look(band);
  return (
    <aside className="panel" aria-label="Band">
      <h2>
        {nameOf(zone.place)} · {cmWords(band.fromCm)}–{cmWords(band.toCm)} cm
      </h2>
      <p className="panel-reading">
        {band.kind === 'NATURAL' ? 'As it grew.' : 'Lightened.'} Reads{' '}
        <strong>{look ? readingWords(band, look) : '…'}</strong>
        {look && showsGrey(band) && (
          <>
            , as a whole like {look.levelWords} {look.tone}
          </>
        )}
      </p>
      <LadderPicker band={band} onRead={read} />
      <div className="level-line">
        <Button
          aria-label="Half a level darker"
          onClick={() => set({ level: band.level - 0.5 }, `level ${path}`)}
        >
          −½
        </Button>
        <DraftField
          label="Level"
          hideLabel
          width={76}
          inputMode="decimal"
          value={String(band.level)}
          refused={refused('level')}
          onText={(text) => {
            const level = typedNumber(text);
            if (!Number.isNaN(level)) {
              set({ level }, `level ${path}`);
            }
          }}
        />
        <Button
          aria-label="Half a level lighter"
          onClick={() => set({ level: band.level + 0.5 }, `level ${path}`)}
        >
          +½
        </Button>
      </div>
      <h3>Tone</h3>
      <Choice
        label="Tone"
        value={band.tone}
        onChoose={(tone) => set({ tone })}
        options={tones.map(({ tone, look: swatch }) => ({
          value: tone,
          label: vocabulary?.tones.find(({ value }) => value === tone)?.words ?? tone,
          colour: swatch.colours[light],
        }))}
      />
      <h3>Porosity</h3>
      <Choice
        label="Porosity"
        value={band.porosity}
        onChoose={(porosity) => set({ porosity })}
        options={(vocabulary?.porosities ?? []).map(({ value, words }) => ({ value, label: words }))}
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
              document.edit(withEdge(content, at, cm), `cm ${path}`);
            }
          }}
        />
      </div>
    </aside>
  );
}

function LadderPicker({
  band,
  onRead,
}: {
  band: BandView;
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
