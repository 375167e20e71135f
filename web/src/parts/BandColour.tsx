import { Button } from 'antd';
import type { ReactNode } from 'react';
import type { Kind, Tone } from '../api/client';
import { useTones, useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { useLight } from '../state/light';
import { readByEye, withEdge, type BandAt } from '../state/strands';
import { useBand } from '../state/useBand';
import { Choice } from './Choice';
import { DraftField, typedNumber } from './DraftField';
import { SecondToneFields } from './SecondToneFields';
import { LadderPicker } from './Ladder';
import { say } from '../words/say';

const GREY_STEPS = [0, 25, 50, 75, 100];

/** How deep, what was done, what tone, how grey, and down to where: by eye. */
export function BandColour({ at }: { at: BandAt }): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { band, last, set, refused, path } = useBand(at);
  const tones = useTones(band?.kind ?? 'NATURAL', band?.level ?? 6).data ?? [];
  const { light } = useLight();
  if (!band) {
    return null;
  }
  const usual = (kind: Kind): Tone =>
    vocabulary?.kinds.find(({ value }) => value === kind)?.usualTone ?? 'NATURAL';
  const read = (kind: Kind, level: number): void => {
    const keeps = kind === band.kind || band.tone === usual(kind);
    // Another kind of hair may not wear what was seen beside the first tone.
    const detail = kind === band.kind ? band.detail : { ...band.detail, second: [] };
    set(readByEye(band, { kind, level, detail, ...(keeps ? {} : { tone: usual(kind) }) }));
  };
  const lift = (by: number): void => set(readByEye(band, { level: band.level + by }), `level ${path}`);
  return (
    <>
      <LadderPicker band={band} onRead={read} />
      <div className="level-line">
        <Button aria-label={say('read.halfALevelDarker')} onClick={() => lift(-0.5)}>
          −½
        </Button>
        <DraftField
          label={say('read.level')}
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
        <Button aria-label={say('read.halfALevelLighter')} onClick={() => lift(0.5)}>
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
              {vocabulary?.kinds.find(({ value }) => value === kind)?.words}
            </Button>
          ))}
        </span>
      </div>
      <h3>{say('read.tone')}</h3>
      <Choice
        label={say('read.tone')}
        value={band.tone}
        onChoose={(tone) =>
          set(
            readByEye(band, {
              tone,
              detail: { ...band.detail, second: band.detail.second.filter((other) => other.tone !== tone) },
            }),
          )
        }
        options={tones.map(({ tone, look: swatch }) => ({
          value: tone,
          label: vocabulary?.tones.find(({ value }) => value === tone)?.words ?? tone,
          colour: swatch.colours[light],
        }))}
      />
      <SecondToneFields
        name={say('visit.ofBand')}
        main={band.tone}
        tones={tones.map(({ tone }) => tone)}
        second={band.detail.second}
        onSecond={(second) => set(readByEye(band, { detail: { ...band.detail, second } }))}
      />
      <h3>{say('read.grey')}</h3>
      <div className="grey-line">
        <Choice
          label={say('read.greyShare')}
          value={Math.round(band.greyShare * 100)}
          onChoose={(percent) => set({ greyShare: percent / 100 })}
          options={GREY_STEPS.map((percent) => ({ value: percent, label: `${percent}` }))}
        />
        <DraftField
          label={say('read.greyShareInPercent')}
          hideLabel
          width={84}
          suffix="%"
          inputMode="decimal"
          value={String(Math.round(band.greyShare * 1000) / 10)}
          refused={refused('greyShare') === undefined ? undefined : say('read.give0To100')}
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
          label={last ? say('read.endsOfTheHairAt') : say('read.downTo')}
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
