import { Button, Drawer, Select, Switch } from 'antd';
import type { ReactNode } from 'react';
import {
  answered,
  api,
  type AimView,
  type MeasuredView,
  type PartWishView,
  type Place,
  type WishView,
} from '../api/client';
import { useVocabulary } from '../api/queries';
import { useCase } from '../state/caseContext';
import { AimFields } from './AimFields';
import { Choice } from './Choice';
import { DraftField, typedNumber } from './DraftField';
import { Photos } from './Photos';
import { useTell } from '../state/useTell';
import { say } from '../words/say';

type Kind = WishView['design']['kind'];

const HAS_ROOT: Kind[] = ['MELT', 'SHADOW_ROOT', 'ROOT_TAP'];
const HAS_ENDS: Kind[] = ['MELT', 'TIPS'];
const WOVEN: Kind[] = ['LOWLIGHTS', 'HIGHLIGHTS'];

/** The whole wish: colours and where they lie, what stays, what the work must keep to. */
export function WishPanel({ open, onClose }: { open: boolean; onClose: () => void }): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const { wish, consultation, zones } = state.content;
  const set = (change: Partial<WishView>, merge?: string): void =>
    document.edit({ ...state.content, wish: { ...wish, ...change } }, merge);
  const design = (change: Partial<WishView['design']>, merge?: string): void =>
    set({ design: { ...wish.design, ...change } }, merge);
  const told = (change: Partial<typeof consultation>, merge: string): void =>
    document.edit({ ...state.content, consultation: { ...consultation, ...change } }, merge);
  const places = zones.map(({ place }) => ({
    value: place,
    label: vocabulary?.places.find(({ value }) => value === place)?.words ?? place,
  }));
  const { kind } = wish.design;
  const tell = useTell();
  const photographed = async ({ l, a, b }: MeasuredView): Promise<void> => {
    const { level, tone, second, picked } = await answered(
      api.POST('/api/measured-colour', { body: { l, a, b } }),
    );
    // What was edited while the answer was on its way stays.
    const now = document.snapshot().content;
    document.edit({ ...now, wish: { ...now.wish, level, tone, second, picked } });
  };
  const colour = (name: string, of: 'root' | 'ends' | 'pieces'): ReactNode => (
    <AimFields name={name} aim={wish.design[of]} onAim={(aim: AimView) => design({ [of]: aim })} />
  );
  return (
    <Drawer title={say('visit.theWish')} open={open} onClose={onClose} size={560}>
      <div className="wish-panel">
        <section>
          <h3>{say('visit.colour')}</h3>
          <AimFields
            name={say('visit.ofMain')}
            pick
            aim={wish}
            onAim={({ level, tone, second, picked }) => set({ level, tone, second, picked })}
          />
          <Choice
            label={say('visit.design')}
            value={kind}
            onChoose={(value: Kind) => design({ kind: value })}
            options={(vocabulary?.designs ?? []).map(({ value, words }) => ({ value, label: words }))}
          />
          {HAS_ROOT.includes(kind) && (
            <div className="wish-line">
              <span>{say('visit.root')}</span> {colour(say('visit.root'), 'root')}
              <Cm
                label={say('visit.to')}
                value={wish.design.rootCm}
                onCm={(rootCm) => design({ rootCm }, 'rootCm')}
              />
            </div>
          )}
          {HAS_ENDS.includes(kind) && (
            <div className="wish-line">
              <span>{say('visit.ends')}</span> {colour(say('visit.ends'), 'ends')}
              <Cm
                label={say('visit.last')}
                value={wish.design.endsCm}
                onCm={(endsCm) => design({ endsCm }, 'endsCm')}
              />
            </div>
          )}
          {kind === 'MELT' && (
            <Cm
              label={say('visit.heightsStaggeredBy')}
              value={wish.design.staggerCm}
              onCm={(staggerCm) => design({ staggerCm }, 'staggerCm')}
            />
          )}
          {WOVEN.includes(kind) && (
            <div className="wish-line">
              <span>{say('visit.pieces')}</span> {colour(say('visit.pieces'), 'pieces')}
              <DraftField
                label={say('visit.share')}
                suffix="%"
                width={84}
                inputMode="decimal"
                value={String(Math.round(100 * wish.design.share))}
                onText={(text) => design({ share: (typedNumber(text) || 0) / 100 }, 'share')}
              />
              <DraftField
                label={say('visit.width')}
                suffix="mm"
                width={90}
                inputMode="decimal"
                value={String(wish.design.widthMm)}
                onText={(text) => design({ widthMm: typedNumber(text) || 0 }, 'widthMm')}
              />
              <label className="wish-switch">
                <Switch checked={wish.design.restStays} onChange={(restStays) => design({ restStays })} />{' '}
                {say('visit.theRestStays')}
              </label>
            </div>
          )}
        </section>
        <section>
          <h3>{say('visit.whatStays')}</h3>
          <Choice
            label={say('visit.grey')}
            value={wish.grey}
            onChoose={(grey: WishView['grey']) => set({ grey })}
            options={(vocabulary?.greys ?? []).map(({ value, words }) => ({ value, label: `grey ${words}` }))}
          />
          <label className="wish-switch">
            <Switch checked={wish.keepNatural} onChange={(keepNatural) => set({ keepNatural })} />{' '}
            {say('visit.keepNaturalHairNatural')}
          </label>
          <Select<Place[]>
            mode="multiple"
            aria-label={say('visit.zonesLeftAsTheyAre')}
            placeholder={say('visit.zonesLeftAsTheyAre2')}
            virtual={false}
            value={wish.leaveOut}
            onChange={(leaveOut) => set({ leaveOut })}
            options={places}
          />
          {wish.parts.map((part, i) => (
            <Part
              key={i}
              part={part}
              places={places}
              onPart={(changed) =>
                set({ parts: wish.parts.map((one, at) => (at === i ? changed : one)) }, `part ${i}`)
              }
              onGone={() => set({ parts: wish.parts.filter((_, at) => at !== i) })}
            />
          ))}
          <Button
            onClick={() =>
              set({
                parts: [
                  ...wish.parts,
                  {
                    places: [],
                    fromCm: 0,
                    toCm: 5,
                    stays: false,
                    aim: { level: wish.level, tone: wish.tone, second: wish.second, picked: [] },
                  },
                ],
              })
            }
          >
            {say('visit.aWishForAPart')}
          </Button>
        </section>
        <section>
          <h3>{say('visit.limits')}</h3>
          <div className="wish-line">
            <DraftField
              label={say('visit.hours')}
              width={80}
              inputMode="decimal"
              value={String(consultation.hours)}
              onText={(text) => told({ hours: typedNumber(text) || 0 }, 'hours')}
            />
            <DraftField
              label={say('visit.money')}
              width={90}
              inputMode="decimal"
              value={String(consultation.budget)}
              onText={(text) => told({ budget: typedNumber(text) || 0 }, 'budget')}
            />
            <DraftField
              label={say('visit.trimAllowed')}
              suffix="cm"
              width={90}
              inputMode="decimal"
              value={String(consultation.trimCm)}
              onText={(text) => told({ trimCm: typedNumber(text) || 0 }, 'trim')}
            />
            <DraftField
              label={say('visit.visitsAtMost')}
              width={70}
              inputMode="decimal"
              value={String(wish.visits)}
              onText={(text) => set({ visits: Math.round(typedNumber(text) || 1) }, 'visits')}
            />
            <DraftField
              label={say('visit.people')}
              width={70}
              inputMode="decimal"
              value={String(wish.hands)}
              onText={(text) => set({ hands: Math.round(typedNumber(text) || 1) }, 'hands')}
            />
          </div>
          <label className="wish-switch">
            <Switch checked={wish.lightener} onChange={(lightener) => set({ lightener })} />{' '}
            {say('visit.lightenerMayBeUsed')}
          </label>
          <Select<Place[]>
            mode="multiple"
            aria-label={say('visit.zonesWithoutLightener')}
            placeholder={say('visit.noLightenerOnTheseZones')}
            virtual={false}
            value={wish.noLightener}
            onChange={(noLightener) => set({ noLightener })}
            options={places}
          />
        </section>
        <section>
          <h3>{say('visit.fromAPhotograph')}</h3>
          <Photos onColour={(colour) => tell(photographed(colour))} />
        </section>
      </div>
    </Drawer>
  );
}

function Cm({ label, value, onCm }: { label: string; value: number; onCm: (cm: number) => void }): ReactNode {
  return (
    <DraftField
      label={label}
      suffix="cm"
      width={90}
      inputMode="decimal"
      value={String(value)}
      onText={(text) => onCm(typedNumber(text) || 0)}
    />
  );
}

function Part(props: {
  part: PartWishView;
  places: { value: Place; label: string }[];
  onPart: (part: PartWishView) => void;
  onGone: () => void;
}): ReactNode {
  const { part, onPart } = props;
  return (
    <div className="wish-part">
      <Select<Place[]>
        mode="multiple"
        aria-label={say('visit.zonesOfThisPart')}
        placeholder={say('visit.allZones')}
        virtual={false}
        value={part.places}
        onChange={(places) => onPart({ ...part, places })}
        options={props.places}
      />
      <div className="wish-line">
        <Cm label={say('visit.from')} value={part.fromCm} onCm={(fromCm) => onPart({ ...part, fromCm })} />
        <Cm label={say('visit.to')} value={part.toCm} onCm={(toCm) => onPart({ ...part, toCm })} />
        <label className="wish-switch">
          <Switch checked={part.stays} onChange={(stays) => onPart({ ...part, stays })} />{' '}
          {say('visit.stays')}
        </label>
        {!part.stays && (
          <AimFields name={say('visit.ofPart')} aim={part.aim} onAim={(aim) => onPart({ ...part, aim })} />
        )}
        <Button type="text" aria-label={say('visit.takeThisPartAway')} onClick={props.onGone}>
          ×
        </Button>
      </div>
    </div>
  );
}
