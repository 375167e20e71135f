import { Button, Dropdown } from 'antd';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import type { BandView, CaseFile, LookView, Place, ZoneView } from '../api/client';
import { useStrandHistory, useVocabulary } from '../api/queries';
import { BandPanel, type Side } from '../parts/BandPanel';
import { CopyButton } from '../parts/CopyButton';
import { Head } from '../hair/Head';
import { HeadMap } from '../parts/HeadMap';
import { LayPanel, type Brush } from '../parts/LayPanel';
import { StrandLine } from '../parts/StrandLine';
import { useReader } from '../state/useReader';
import { HeadFacts } from '../parts/HeadFacts';
import { Ruler } from '../parts/Ruler';
import { StrandRow } from '../parts/StrandRow';
import { Verdict } from '../parts/Verdict';
import { useCase } from '../state/caseContext';
import type { CaseDocument } from '../state/caseDocument';
import {
  addHairline,
  addZone,
  cmWords,
  confirmed,
  copyBands,
  edgeBounds,
  joinBand,
  layBand,
  longest,
  mergeZone,
  readByEye,
  readingWords,
  removeZone,
  splitBand,
  splitZone,
  withBand,
  withEdge,
  withStrand,
  type BandAt,
} from '../state/strands';
import { useWidth } from '../state/useWidth';
import { say } from '../words/say';

const LABEL_WIDTH = 104;
const SPARE = 26;

/** The head as strands to scale, and one band of it in hand. */
export function ReadPage(): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const [area, width] = useWidth<HTMLDivElement>();
  const [chosen, setChosen] = useState<BandAt>({ zone: 0, band: 0 });
  const [side, setSide] = useState<Side>('colour');
  const [brush, setBrush] = useState<Brush | null>(null);
  const [typing, setTyping] = useState<number | null>(null);
  const { content } = state;
  const longestCm = longest(content.zones);
  const pixelsPerCm = Math.max(1, (width - LABEL_WIDTH - SPARE) / longestCm);
  // An undo or a join may have taken the chosen band away.
  const zone = Math.min(chosen.zone, content.zones.length - 1);
  const band = Math.min(chosen.band, (content.zones[zone]?.bands.length ?? 1) - 1);
  const at: BandAt = { zone, band };
  const place = content.zones[zone]?.place ?? 'BACK';
  const reader = useReader(at);
  const past = useStrandHistory(state.id, state.version).data;

  const nameOf = (place: Place): string => {
    const words = vocabulary?.places.find(({ value }) => value === place)?.words ?? '';
    return words.charAt(0).toUpperCase() + words.slice(1);
  };
  const limits = vocabulary?.limits;
  const bounds = (of: ZoneView, b: number): [number, number] =>
    edgeBounds(of, b, limits?.shortestBandCm ?? 0.5, limits?.longestCm ?? 150);

  const onBandKey = (key: KeyboardEvent, on: BandAt): void => {
    const reading = content.zones[on.zone]?.bands[on.band];
    if (!reading || key.ctrlKey || key.metaKey || key.altKey) {
      return;
    }
    const others = content.zones.filter((_, i) => i !== on.zone).map(({ place }) => place);
    const eye = (change: Partial<BandView>, merge?: string): void =>
      document.edit(withBand(content, on, readByEye(reading, change)), merge);
    const kind = (value: BandView['kind']): void =>
      eye({ kind: value, tone: vocabulary?.kinds.find((k) => k.value === value)?.usualTone ?? reading.tone });
    const porosities = vocabulary?.porosities.map(({ value }) => value) ?? [];
    const done: Record<string, () => void> = {
      ArrowUp: () => eye({ level: reading.level + 0.5 }, `level ${on.zone} ${on.band}`),
      ArrowDown: () => eye({ level: reading.level - 0.5 }, `level ${on.zone} ${on.band}`),
      n: () => kind('NATURAL'),
      b: () => kind('LIGHTENED'),
      o: () => kind('COLOURED'),
      d: () => kind('DIRECT'),
      p: () =>
        document.edit(
          withBand(content, on, {
            porosity:
              porosities[(porosities.indexOf(reading.porosity) + 1) % porosities.length] ?? reading.porosity,
          }),
        ),
      t: () => setTyping(on.zone),
      m: () => {
        setSide('measure');
        void reader.read(1);
      },
      s: () => document.edit(splitBand(content, on)),
      Delete: () => document.edit(joinBand(content, on)),
      Backspace: () => document.edit(joinBand(content, on)),
      c: () => document.edit(copyBands(content, on.zone, others)),
    };
    const action = done[key.key];
    if (action) {
      key.preventDefault();
      action();
    }
  };

  const missing = (vocabulary?.places ?? []).filter(
    ({ value }) => !content.zones.some(({ place }) => place === value),
  );

  return (
    <main className="read">
      <section className="read-head" aria-label={say('read.head')}>
        <HeadFacts />
        <div ref={area} className="strands">
          <div className="strand-line ruler-line">
            <span className="strand-label" />
            <Ruler longestCm={longestCm} pixelsPerCm={pixelsPerCm} />
          </div>
          {content.zones.map((one, z) => (
            <div className="strand-line" key={one.place} data-zone={one.place}>
              <span className="strand-label">
                <strong>{nameOf(one.place)}</strong>
                <small>{say('read.cm2', { toCm: cmWords(one.bands.at(-1)?.toCm ?? 0) })}</small>
              </span>
              {typing === z && (
                <StrandLine
                  zone={one}
                  name={nameOf(one.place)}
                  onLaid={(bands) => {
                    document.edit(withStrand(document.snapshot().content, z, bands));
                    setTyping(z + 1 < content.zones.length ? z + 1 : null);
                  }}
                  onClose={() => setTyping(null)}
                />
              )}
              <StrandRow
                zone={one}
                name={nameOf(one.place)}
                looks={one.bands.map((b) => lookIn(document, one, b))}
                pixelsPerCm={pixelsPerCm}
                selected={z === zone ? band : null}
                bounds={(b) => bounds(one, b)}
                onSelect={(b) => setChosen({ zone: z, band: b })}
                onEdge={(b, cm) =>
                  document.edit(withEdge(content, { zone: z, band: b }, cm), `edge ${one.place} ${b}`)
                }
                onBandKey={(b, event) => onBandKey(event, { zone: z, band: b })}
                onLay={
                  brush
                    ? (cm) => {
                        document.edit(layBand(content, z, cm, brush));
                        setChosen({ zone: z, band: 0 });
                      }
                    : undefined
                }
              />
            </div>
          ))}
        </div>
        <div className="under-strands">
          <Button
            type={brush ? 'primary' : 'default'}
            aria-pressed={brush !== null}
            onClick={() => setBrush(brush ? null : { kind: 'NATURAL', level: 6, tone: 'NATURAL' })}
          >
            {say('read.markBands')}
          </Button>
          <Button onClick={() => setTyping(typing === null ? zone : null)}>{say('read.typeAStrand')}</Button>
          <Button onClick={() => document.edit(splitBand(content, at))}>{say('read.split')}</Button>
          <Button
            disabled={(content.zones[zone]?.bands.length ?? 1) < 2}
            onClick={() => document.edit(joinBand(content, at))}
          >
            {say('read.join')}
          </Button>
          <CopyButton at={at} nameOf={nameOf} />
          <Dropdown
            trigger={['click']}
            menu={{
              items: missing.map(({ value }) => ({ key: value, label: nameOf(value) })),
              onClick: ({ key }) => document.edit(addZone(content, key as Place)),
            }}
          >
            <Button disabled={missing.length === 0}>{say('read.addAZone')}</Button>
          </Dropdown>
          <ZoneDeeds
            nameOf={nameOf}
            zone={zone}
            onZone={(z) => setChosen({ zone: z, band: 0 })}
            halves={vocabulary?.places.find(({ value }) => value === place)?.halves ?? []}
            whole={vocabulary?.places.find(({ halves }) => halves.includes(place))}
          />
        </div>
        <div className="below">
          <HeadMap
            zones={content.zones}
            chosen={zone}
            looks={content.zones.map((one) => {
              const longestBand = one.bands.reduce((a, b) => (b.toCm - b.fromCm > a.toCm - a.fromCm ? b : a));
              return lookIn(document, one, longestBand);
            })}
            nameOf={nameOf}
            onChoose={(z) => setChosen({ zone: z, band: 0 })}
          />
          <Heads
            zones={content.zones}
            said={state.sentences.join(' ')}
            onZone={(z) => setChosen({ zone: z, band: 0 })}
          />
          <div className="below-words">
            {content.zones[zone]?.read === false ? (
              <Unread
                name={nameOf(place)}
                bands={content.zones[zone].bands}
                onConfirm={() => document.edit(confirmed(content, zone))}
              />
            ) : (
              <p className="sentence" aria-live="polite">
                {state.sentences[zone]}
              </p>
            )}
            {past?.strands[zone]?.contradictions.map(({ sentence }) => (
              <p key={sentence} className="contradiction" role="note">
                <strong>{say('read.datesAndEyesDiffer')}</strong> {sentence}
              </p>
            ))}
            <Verdict at={at} />
          </div>
        </div>
      </section>
      {brush ? (
        <LayPanel brush={brush} onBrush={setBrush} onDone={() => setBrush(null)} />
      ) : (
        <BandPanel key={`${zone} ${band}`} at={at} nameOf={nameOf} side={side} onSide={setSide} />
      )}
    </main>
  );
}

/** How a band looks; of hair nobody has read nothing is known. */
function lookIn(document: CaseDocument, zone: ZoneView, band: BandView): LookView | undefined {
  return zone.read ? document.look(band) : undefined;
}

/** What to do with hair nobody has read: say how it is, or that it is as it stands. */
function Unread(props: { name: string; bands: BandView[]; onConfirm: () => void }): ReactNode {
  const { document } = useCase();
  const [band] = props.bands;
  const look = band && document.look(band);
  return (
    <p className="sentence unread-zone" role="note">
      {say('read.askToRead', { name: props.name })}
      {look && (
        <Button onClick={props.onConfirm}>
          {say('read.confirm', { words: readingWords(band, look), length: cmWords(band.toCm) })}
        </Button>
      )}
    </p>
  );
}

const HEAD = { width: 112, height: 216 };

/** The whole head as it was read, from before and behind; pressing hair takes its zone in hand. */
function Heads(props: { zones: CaseFile['zones']; said: string; onZone: (zone: number) => void }): ReactNode {
  const { document } = useCase();
  const hair = props.zones.map((zone) => ({
    place: zone.place,
    bands: zone.bands.map((band) => {
      const look = lookIn(document, zone, band);
      return { fromCm: band.fromCm, toCm: band.toCm, pieces: look ? [{ share: 1, look }] : [] };
    }),
  }));
  return (
    <div className="read-heads">
      {(['front', 'back'] as const).map((view) => (
        <Head
          key={view}
          {...HEAD}
          hair={hair}
          view={view}
          words={say('read.theHeadFrom', {
            figure: view === 'front' ? 'before' : 'behind',
            said: props.said,
          })}
          onZone={props.onZone}
        />
      ))}
    </div>
  );
}

/** What can be done with the zone in hand: halved, put together again, given a fragile hairline, taken away. */
function ZoneDeeds(props: {
  zone: number;
  onZone: (zone: number) => void;
  halves: Place[];
  whole: { value: Place; halves: Place[] } | undefined;
  nameOf: (place: Place) => string;
}): ReactNode {
  const { document, state } = useCase();
  const { content } = state;
  const place = content.zones[props.zone]?.place ?? 'BACK';
  const name = props.nameOf(place).toLowerCase();
  const other = props.whole?.halves.find((half) => half !== place);
  const items = [
    ...(props.halves.length > 0
      ? [{ key: 'split', label: say('read.splitIntoLeftAndRight', { name }) }]
      : []),
    ...(props.whole && other && content.zones.some((zone) => zone.place === other)
      ? [{ key: 'merge', label: say('read.mergeWith', { other: props.nameOf(other).toLowerCase() }) }]
      : []),
    ...(content.zones.some((zone) => zone.place === 'HAIRLINE')
      ? []
      : [{ key: 'hairline', label: say('read.aSectionOfItsOwn') }]),
    ...(content.zones.length > 1 ? [{ key: 'remove', label: say('read.takeAway', { name }) }] : []),
  ];
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items,
        onClick: ({ key }) => {
          const whole = props.whole?.value;
          const next =
            key === 'split'
              ? splitZone(content, props.zone, props.halves)
              : key === 'merge' && whole && other
                ? mergeZone(content, props.zone, whole, other)
                : key === 'hairline'
                  ? addHairline(content, props.zone)
                  : removeZone(content, props.zone);
          document.edit(next);
          // What was made is what one goes on with.
          const made = next.zones.findIndex(
            (one) => one.place === (key === 'merge' ? whole : key === 'hairline' ? 'HAIRLINE' : place),
          );
          props.onZone(made < 0 ? props.zone : made);
        },
      }}
    >
      <Button aria-label={say('read.thisZone', { name })}>{say('read.thisZone2')}</Button>
    </Dropdown>
  );
}
