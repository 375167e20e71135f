import { Button, Dropdown } from 'antd';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import type { Place, ZoneView } from '../api/client';
import { useVocabulary } from '../api/queries';
import { BandPanel, CopyButton, Verdict } from '../parts/BandPanel';
import { HeadFacts } from '../parts/HeadFacts';
import { Ruler } from '../parts/Ruler';
import { StrandRow } from '../parts/StrandRow';
import { useCase } from '../state/caseContext';
import {
  addZone,
  cmWords,
  copyBands,
  edgeBounds,
  joinBand,
  longest,
  removeZone,
  splitBand,
  withBand,
  withEdge,
  type BandAt,
} from '../state/strands';
import { useWidth } from '../state/useWidth';

const LABEL_WIDTH = 104;
const SPARE = 26;

/** The head as strands to scale, and one band of it in hand. */
export function ReadPage(): ReactNode {
  const { document, state } = useCase();
  const vocabulary = useVocabulary().data;
  const [area, width] = useWidth<HTMLDivElement>();
  const [chosen, setChosen] = useState<BandAt>({ zone: 0, band: 0 });
  const { content } = state;
  const longestCm = longest(content.zones);
  const pixelsPerCm = Math.max(1, (width - LABEL_WIDTH - SPARE) / longestCm);
  // An undo or a join may have taken the chosen band away.
  const zone = Math.min(chosen.zone, content.zones.length - 1);
  const band = Math.min(chosen.band, (content.zones[zone]?.bands.length ?? 1) - 1);
  const at: BandAt = { zone, band };
  const inHand = content.zones[zone]?.bands[band];

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
    const done: Record<string, () => void> = {
      ArrowUp: () =>
        document.edit(withBand(content, on, { level: reading.level + 0.5 }), `level ${on.zone} ${on.band}`),
      ArrowDown: () =>
        document.edit(withBand(content, on, { level: reading.level - 0.5 }), `level ${on.zone} ${on.band}`),
      n: () => document.edit(withBand(content, on, { kind: 'NATURAL', tone: 'NATURAL' })),
      b: () => document.edit(withBand(content, on, { kind: 'LIGHTENED', tone: 'AS_LIFTED' })),
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
      <section className="read-head" aria-label="Head">
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
                <small>{cmWords(one.bands.at(-1)?.toCm ?? 0)} cm</small>
              </span>
              <StrandRow
                zone={one}
                name={nameOf(one.place)}
                looks={one.bands.map((b) => document.look(b))}
                pixelsPerCm={pixelsPerCm}
                selected={z === zone ? band : null}
                bounds={(b) => bounds(one, b)}
                onSelect={(b) => setChosen({ zone: z, band: b })}
                onEdge={(b, cm) =>
                  document.edit(withEdge(content, { zone: z, band: b }, cm), `edge ${one.place} ${b}`)
                }
                onBandKey={(b, event) => onBandKey(event, { zone: z, band: b })}
              />
            </div>
          ))}
        </div>
        <div className="under-strands">
          <strong className="in-hand">
            {nameOf(content.zones[zone]?.place ?? 'BACK')} {cmWords(inHand?.fromCm ?? 0)}–
            {cmWords(inHand?.toCm ?? 0)} cm
          </strong>
          <Button onClick={() => document.edit(splitBand(content, at))}>Split</Button>
          <Button
            disabled={(content.zones[zone]?.bands.length ?? 1) < 2}
            onClick={() => document.edit(joinBand(content, at))}
          >
            Join
          </Button>
          <CopyButton at={at} nameOf={nameOf} />
          <span className="push" />
          <Dropdown
            trigger={['click']}
            menu={{
              items: missing.map(({ value }) => ({ key: value, label: nameOf(value) })),
              onClick: ({ key }) => document.edit(addZone(content, key as Place)),
            }}
          >
            <Button disabled={missing.length === 0}>Add a zone</Button>
          </Dropdown>
          <Button
            disabled={content.zones.length < 2}
            onClick={() => document.edit(removeZone(content, zone))}
          >
            Take {nameOf(content.zones[zone]?.place ?? 'BACK').toLowerCase()} away
          </Button>
        </div>
        <Verdict at={at} />
        <p className="hint">
          Drag a line to where it sits on the hair. Press a band to say what it is. For the keys press{' '}
          <kbd>?</kbd>
        </p>
      </section>
      <BandPanel key={`${zone} ${band}`} at={at} nameOf={nameOf} />
    </main>
  );
}
